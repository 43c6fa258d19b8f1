import { BOUNCE_ms } from '../../../dosing';
import type { Ask, AskedFigure, CheckVerdict, FiguresRead, Pattern } from '../../../proof';
import { FLOW_TOLERANCE_MEASURED } from './readings';

type AskFigures = Extract<Ask, { kind: 'figures' }>;

/** Strokes that are driven by pulses, and how fast it may stroke at all. */
interface Driven {
  readonly perPulse: number;
  readonly ceiling_spm: number;
}

const PULSES: readonly AskedFigure[] = [
  { key: 'pulses', label: 'Pulses in', quantity: 'pulses', least: 'more-than-0' },
  { key: 'strokes', label: 'Strokes out', quantity: 'strokes', least: 'at-least-0' },
  { key: 'seconds', label: 'Over', quantity: 'seconds', optional: true, least: 'more-than-0' },
];

/** Pulses in, strokes out. */
export function askPulses(driven: Driven): AskFigures {
  return { kind: 'figures', figures: PULSES, timed: true, judge: (read) => judgePulses(driven, read) };
}

/** What a throttled pump should do: keep its flow, or lose a share of it for each bar; null where the loss is not known. */
interface Throttled {
  readonly compensates: boolean;
  readonly lossPer_bar: number | null;
}

const THROTTLE: readonly AskedFigure[] = [
  { key: 'pressure_bar', label: 'Pressure', quantity: 'pressure' },
  { key: 'rate_spm', label: 'Rate', quantity: 'strokeRate', least: 'at-least-0' },
  { key: 'flow_lph', label: 'Flow', quantity: 'pumpFlow', least: 'at-least-0' },
];

/** Pressure, rate and flow, throttled step by step. */
export function askThrottle(throttled: Throttled): AskFigures {
  return {
    kind: 'figures',
    figures: THROTTLE,
    row: true,
    judge: (read, first) => judgeThrottle(throttled, read, first),
  };
}

function judgePulses(ask: Driven, { pulses, strokes, seconds }: FiguresRead): CheckVerdict {
  if (!Number.isFinite(pulses) || !Number.isFinite(strokes))
    return { ok: false, seen: 'not counted', pattern: null };
  const expected = pulses * ask.perPulse;
  const ok = Math.abs(strokes - expected) <= 1;
  const seen = `${strokes} strokes for ${pulses} pulses, ${expected.toFixed(1)} expected`;
  return { ok, seen, pattern: ok ? null : pulsePattern(ask, pulses, strokes, expected, seconds) };
}

/** A count that is off by a known slip says which. */
function pulsePattern(
  ask: Driven,
  pulses: number,
  strokes: number,
  expected: number,
  seconds: number | undefined,
): Pattern | null {
  const fits = (count: number) => Math.abs(strokes - count) <= Math.max(1, 0.02 * count);
  const named = (code: string, title: string, words: string): Pattern => ({
    code,
    kind: 'pulses',
    title,
    words,
  });
  if (strokes === 0) {
    return named(
      'ANY-03',
      'No stroke at all',
      'The pump is stopped, in another mode, or the wire is on another input. Look at its display first.',
    );
  }
  if (ask.perPulse !== 1 && fits(pulses / ask.perPulse)) {
    return named(
      'MET-05',
      'Multiply and divide mixed up',
      `The count fits the other way round: ${(pulses / ask.perPulse).toFixed(0)} strokes.`,
    );
  }
  if (fits(2 * expected)) {
    return named(
      'MET-09',
      'Each pulse counts twice',
      `The contact bounces, and the recognition time is under the ${BOUNCE_ms} ms that bounce lasts. Lengthen it.`,
    );
  }
  if (seconds && seconds > 0 && expected > strokes && fits((ask.ceiling_spm * seconds) / 60)) {
    return named(
      'MET-03',
      'The ceiling holds it back',
      `The strokes are those of the ceiling, ${ask.ceiling_spm.toFixed(0)} strokes/min, and not of the pulses.`,
    );
  }
  if (strokes < expected) {
    return named(
      'MET-09',
      'Pulses are missed',
      'Contacts closed for less than the recognition time do not count. Shorten it, or inject longer contacts.',
    );
  }
  return null;
}

function judgeThrottle(
  ask: Throttled,
  { pressure_bar, rate_spm, flow_lph }: FiguresRead,
  first: FiguresRead | null,
): CheckVerdict {
  if (![pressure_bar, rate_spm, flow_lph].every(Number.isFinite)) {
    return { ok: false, seen: 'not read', pattern: null };
  }
  const seen = `${flow_lph} L/h at ${rate_spm} strokes/min and ${pressure_bar} bar`;
  if (!first) return { ok: true, seen: `${seen}, the first`, pattern: null };
  const change = flow_lph / first.flow_lph - 1;
  const words = `${seen}, ${(change * 100).toFixed(1)} % from the first`;
  const rose = rate_spm > first.rate_spm * 1.02;
  return ask.compensates
    ? judgeCompensated(change, words, rose)
    : judgeUncompensated(ask.lossPer_bar, change, words, rose, pressure_bar - first.pressure_bar);
}

/** With compensation the flow stays. */
function judgeCompensated(change: number, seen: string, rose: boolean): CheckVerdict {
  if (Math.abs(change) <= FLOW_TOLERANCE_MEASURED) return { ok: true, seen, pattern: null };
  return {
    ok: false,
    seen,
    pattern: {
      code: 'MET-16',
      kind: 'pressure',
      title: rose ? 'Compensation does not keep up' : 'The flow goes with the pressure',
      words: rose
        ? 'The rate rises but the flow falls: it is at its maximum rate, or the loss in its compensation is too small.'
        : 'The rate stays while the flow falls: compensation is off, or does not see the pressure.',
    },
  };
}

/** Without it the rate stays, and the flow falls by the loss with the pressure. */
function judgeUncompensated(
  lossPer_bar: number | null,
  change: number,
  seen: string,
  rose: boolean,
  more_bar: number,
): CheckVerdict {
  const expected = lossPer_bar === null ? Math.min(0, change) : -lossPer_bar * more_bar;
  const ok = !rose && Math.abs(change - expected) <= FLOW_TOLERANCE_MEASURED;
  if (ok) return { ok, seen, pattern: null };
  return {
    ok,
    seen,
    pattern: {
      code: 'MET-16',
      kind: 'pressure',
      title: rose ? 'The rate follows the pressure' : 'The flow falls otherwise than by the loss',
      words: rose
        ? 'Compensation is at work though the sheet says that it is off: read the setting again.'
        : 'The loss that was measured is not this one, or a valve leaks: draw down at both pressures.',
    },
  };
}
