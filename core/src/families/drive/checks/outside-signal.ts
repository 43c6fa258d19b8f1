import type { Finding } from '../../../findings';
import { hasLiveZero, OUTSIDE_SPANS } from '../../../signal';
import { fig } from '../../../units';
import { signalEnds_hz } from '../effect/outside-signal';
import { signalSpan_hz } from '../effect/pump';
import { LOST_WORDS } from '../wire/duty';
import { finding } from '../texts/texts';
import { eachOf } from '../../parts/check-input';
import type { CheckInput } from './input';

/** The signal that it follows: its range against the source's (DRV-01), and what is left once it is lost (DRV-09). */
export function checkSignal(input: CheckInput): Finding[] {
  return input.context.duty.holds.kind === 'signal' ? eachOf(input, range, lost) : [];
}

function range({ context, subject, settings, at }: CheckInput): Finding[] {
  const { holds } = context.duty;
  const { span } = settings.signal;
  if (holds.kind !== 'signal' || !holds.source || span === null || span === holds.source) return [];
  const words = { set: OUTSIDE_SPANS[span].words, source: OUTSIDE_SPANS[holds.source].words };
  const places = [at('signal.kind')];
  const [meant, ends] = [signalSpan_hz(context, settings), signalEnds_hz(context, settings)];
  if (!meant || !ends) return [finding('DRV-01.signal-kind', subject, words, places)];
  const values = {
    ...words,
    low: fig('frequency', ends[0]),
    high: fig('frequency', ends[1]),
    least: fig('frequency', meant[0]),
    most: fig('frequency', meant[1]),
  };
  return [finding('DRV-01.signal', subject, values, places)];
}

function lost({ context, subject, settings, at }: CheckInput): Finding[] {
  const { holds } = context.duty;
  if (holds.kind !== 'signal') return [];
  const { span, lost: set } = settings.signal;
  if (span !== null && !hasLiveZero(span)) {
    const never = set === null || set === 'least' ? '' : ' What is set for a lost signal never happens.';
    return [finding('DRV-09.wire', subject, { set: OUTSIDE_SPANS[span].words, never }, [at('signal.kind')])];
  }
  if (set === null) return [];
  const places = [at('signal.lost')];
  if (holds.lost === undefined)
    return [
      finding(
        set === 'greatest' ? 'DRV-09.lost-full' : 'DRV-09.lost-open',
        subject,
        { does: LOST_WORDS[set] },
        places,
      ),
    ];
  return holds.lost === set
    ? []
    : [finding('DRV-09.lost', subject, { does: LOST_WORDS[set], needed: LOST_WORDS[holds.lost] }, places)];
}
