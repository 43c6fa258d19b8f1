import type { MeteringContext } from '../settings/context';
import { lineInForce } from '../effect/dose';
import { COUNT_TIME_s, expectedAt, LOOP_ERROR_mA, toleranceAt } from './readings';
import type { MeteringSettings } from '../settings/understand';

/** What a running chain shows at one moment; null for what was not read. */
export interface LiveRead {
  readonly display_m3h: number | null;
  readonly current_mA: number | null;
  readonly rate_spm: number | null;
}

/** What the readings of one moment come to against each other. */
export interface LiveVerdict {
  /** current that the transmitter must send at the flow on its display; null where either is not known */
  readonly sent_mA: number | null;
  readonly sentOk: boolean | null;
  /** current that the rate is judged by: the one that was read, or the one that must be sent */
  readonly by_mA: number;
  readonly expected_spm: number;
  readonly allowed_spm: number;
  readonly rateOk: boolean | null;
}

/** A transmitter may be off by this share of its span, its display by as much. */
const TRANSMITTER_SHARE = 0.01;

/**
 * Judges readings of a running chain: display → current ((Q/span)·(20 − low) + low), current → strokes by the line in force. Null
 * where no current drives the pump, nothing was read to go by, or the settings are not known.
 */
export function judgeLive(
  { duty, ...context }: MeteringContext,
  settings: MeteringSettings,
  read: LiveRead,
): LiveVerdict | null {
  const { signal } = duty;
  const map = lineInForce(settings);
  if (settings.mode !== 'analog' || !map) return null;
  const width_mA = signal.source === 'flow' ? 20 - signal.low_mA : null;
  const sent_mA =
    signal.source === 'flow' && read.display_m3h !== null
      ? signal.low_mA + Math.min(1, read.display_m3h / signal.span_m3h) * width_mA!
      : null;
  const by_mA = read.current_mA ?? sent_mA;
  if (by_mA === null) return null;
  const expected = expectedAt({ duty, ...context }, settings, by_mA);
  if (!expected) return null;
  const loop_mA = LOOP_ERROR_mA + TRANSMITTER_SHARE * (width_mA ?? 16);
  const around = [-loop_mA, loop_mA].map(
    (off) => expectedAt({ duty, ...context }, settings, by_mA + off)?.rate_spm ?? expected.rate_spm,
  );
  const swing = Math.max(...around.map((rate) => Math.abs(rate - expected.rate_spm)));
  const allowed_spm = Math.max(toleranceAt(map, COUNT_TIME_s).spm, swing + 1);
  return {
    sent_mA,
    sentOk:
      sent_mA === null || read.current_mA === null ? null : Math.abs(read.current_mA - sent_mA) <= loop_mA,
    by_mA,
    expected_spm: expected.rate_spm,
    allowed_spm,
    rateOk: read.rate_spm === null ? null : Math.abs(read.rate_spm - expected.rate_spm) <= allowed_spm,
  };
}
