import { hasLiveZero, shareTaken } from '../../../signal';
import type { DriveContext } from '../settings/context';
import type { DriveSettings } from '../settings/understand';
import { signalSpan_hz } from './pump';

/** Frequencies at the lowest and the highest that the source gives, Hz; null where no signal is followed, or it is not read at all. */
export function signalEnds_hz(
  context: Pick<DriveContext, 'duty'>,
  settings: DriveSettings,
): readonly [number, number] | null {
  const span = signalSpan_hz(context, settings);
  const taken = sharesTaken(context, settings);
  if (!span || !taken) return null;
  const [least, most] = span;
  return [least + taken[0] * (most - least), least + taken[1] * (most - least)];
}

/**
 * What the input makes of the ends of the signal, as shares of its own span; null where a current meets a voltage. What nobody knows of
 * either is taken to fit.
 */
export function sharesTaken(
  { duty: { holds } }: Pick<DriveContext, 'duty'>,
  { signal: { span } }: DriveSettings,
): readonly [number, number] | null {
  const source = holds.kind === 'signal' ? holds.source : undefined;
  if (!source || span === null) return [0, 1];
  const [low, high] = [shareTaken(span, source, 0), shareTaken(span, source, 1)];
  return low === null || high === null ? null : [low, high];
}

/** What it does once the wire is off: without a live zero a broken wire is its lowest signal. Null where that is not known. */
export function withoutSignal({
  signal: { span, lost },
}: DriveSettings): 'stop' | 'least' | 'last' | 'greatest' | null {
  if (span !== null && !hasLiveZero(span)) return 'least';
  return lost;
}
