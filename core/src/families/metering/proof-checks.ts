import { BOUNCE_ms, strokesPerPulse } from '../../dosing';
import {
  judgeCompare,
  judgeCount,
  judgeFigure,
  judgeState,
  stateCheck,
  type CheckBody,
  type CheckVerdict,
  type Pattern,
  type ProofCheck,
} from '../../proof';
import { canSiphon } from './check-guards';
import type { MeteringContext } from './context';
import { choicesOf } from './duty';
import { amountChecks, gasChecks } from './proof-amounts';
import { flowTolerance, FLOW_TOLERANCE_MEASURED } from './proofs';
import type { MeteringSettings } from './settings';

export const CHECK_KEYS = [
  'pulses',
  'stop-open',
  'stop-closed',
  'stop-wire',
  'level-warn',
  'level-stop',
  'prime',
  'throttle',
  'holds',
  'power-cut',
  'pulses-ceiling',
  'manual-rate',
  'manual-flow',
  'batch',
  'timer',
  'gas-bubble',
  'gas-stir',
  'slow-flow',
] as const;
export type CheckKey = (typeof CHECK_KEYS)[number];

type MeteringCheck = ProofCheck<CheckKey>;

const RUNS = { runs: 'It runs', stands: 'It stands still' };

/** The checks that this pump with these settings needs, in the order of work. */
export function proofChecks(context: MeteringContext, settings: MeteringSettings): MeteringCheck[] {
  return [
    ...pulses(settings),
    ...amountChecks(context, settings),
    ...stopContact(context, settings),
    ...levels(context, settings),
    prime(context),
    ...gasChecks(context, settings),
    ...throttle(context, settings),
    ...holds(context),
    ...powerCut(settings, context.duty.place.switchedByMains === true),
  ];
}

function pulses(settings: MeteringSettings): MeteringCheck[] {
  if (!settings.pulses || settings.ceiling_spm === null) return [];
  const perPulse = strokesPerPulse(settings.pulses.way, settings.pulses.factor);
  return [
    {
      key: 'pulses',
      title: 'Pulses in, strokes out',
      method:
        'Close the contact a known number of times, by a pulse generator or by hand, and count the strokes.',
      expected:
        settings.pulses.way === 'multiply'
          ? `${settings.pulses.factor} ${settings.pulses.factor === 1 ? 'stroke' : 'strokes'} for each pulse`
          : `one stroke for ${settings.pulses.factor} pulses`,
      tolerance: 'one stroke: the pump may stand within a count',
      caution: null,
      pumps: true,
      ask: { kind: 'pulses', perPulse, ceiling_spm: settings.ceiling_spm },
    },
  ];
}

function stopContact({ duty, profile }: MeteringContext, settings: MeteringSettings): MeteringCheck[] {
  if (!duty.place.stopContact || profile.behaviours.stopInput === undefined || !settings.stopKind) return [];
  const permits = settings.stopKind === 'permits';
  const check = (
    key: CheckKey,
    title: string,
    method: string,
    runs: boolean,
    caution: string | null = null,
  ): MeteringCheck =>
    stateCheck(
      { key, title, method, expected: runs ? 'it runs' : 'it stands still', caution, pumps: true },
      RUNS,
      runs ? 'runs' : 'stands',
    );
  return [
    check('stop-closed', 'Stop contact closed', 'Close the contact with the pump asked to run.', permits),
    check('stop-open', 'Stop contact open', 'Open the contact with the pump asked to run.', !permits),
    check(
      'stop-wire',
      'Wire of the stop contact pulled',
      'Pull the wire off the input with the pump asked to run.',
      !permits,
      'Extra-low voltage side only; mains terminals belong to a licensed electrician.',
    ),
  ];
}

const DRY_STATES = { stops: 'Stops', warns: 'Warns, goes on', nothing: 'Nothing' };

const DRY_BY = {
  flow: 'flow monitor misses its strokes',
  pressure: 'pressure over the stroke goes flat',
  power: 'power falls to that of an empty head',
} as const;

function levels({ profile, duty }: MeteringContext, settings: MeteringSettings): MeteringCheck[] {
  const { dry } = profile.behaviours;
  if (dry === undefined || dry === 'none' || settings.dry === null) return [];
  const stops = settings.dry === 'stop';
  const by = choicesOf(duty).dryBy;
  if (by !== 'level') {
    return [
      stateCheck(
        {
          key: 'level-stop',
          title: 'Running dry',
          method: `Let it draw air for some strokes, and watch that the ${DRY_BY[by]}.`,
          expected: stops ? 'it stops' : 'it warns and goes on',
          caution: 'Lift the suction out of water, not out of the chemical.',
        },
        DRY_STATES,
        stops ? 'stops' : 'warns',
      ),
    ];
  }
  return [
    stateCheck(
      {
        key: 'level-warn',
        title: 'Level switch, first stage',
        method: 'Lift the level switch out of the liquid to its first stage.',
        expected: 'it warns and goes on',
      },
      { warns: 'Warns, goes on', stops: 'Stops', nothing: 'Nothing' },
      'warns',
    ),
    stateCheck(
      {
        key: 'level-stop',
        title: 'Level switch, last stage',
        method: 'Lift the level switch out of the liquid altogether.',
        expected: stops ? 'it stops' : 'it warns and goes on',
      },
      DRY_STATES,
      stops ? 'stops' : 'warns',
    ),
  ];
}

function prime({ profile }: MeteringContext): MeteringCheck {
  return stateCheck(
    {
      key: 'prime',
      title: 'Prime',
      method: profile.behaviours.priming,
      expected: 'full rate while held, and back to its mode when let go',
      pumps: true,
    },
    { returns: 'Full rate, then back', other: 'Something else' },
    'returns',
  );
}

function throttle(context: MeteringContext, settings: MeteringSettings): MeteringCheck[] {
  const { profile, duty } = context;
  if (!profile.behaviours.compensates && !duty.pressure) return [];
  const on = settings.compensation === 'on';
  const lossPer_bar = duty.pressure?.lossPer_bar ?? null;
  return [
    {
      key: 'throttle',
      title: 'Throttle the discharge in steps',
      method: 'At one set flow: read pressure, rate and flow, throttle a little, and read again.',
      expected: on
        ? 'the flow stays, the rate rises'
        : lossPer_bar === null
          ? 'the flow falls as the pressure rises, and the rate stays'
          : `the flow falls by ${(lossPer_bar * 100).toFixed(1)} % a bar, and the rate stays`,
      tolerance: `${flowTolerance(context) * 100} % of the first flow`,
      caution: 'Never shut a displacement pump in without a relief valve.',
      pumps: true,
      ask: { kind: 'throttle', compensates: on, lossPer_bar },
    },
  ];
}

function holds(context: MeteringContext): MeteringCheck[] {
  const { place } = context.duty;
  if (place.suctionHead_m === null && !canSiphon(context)) return [];
  return [
    stateCheck(
      {
        key: 'holds',
        title: 'The stopped pump holds its liquid',
        method: 'Stop the pump and watch the level in the cylinder for a minute.',
        expected: 'the level stays',
      },
      { stays: 'It stays', moves: 'It moves' },
      'stays',
    ),
  ];
}

function powerCut(settings: MeteringSettings, switchedByMains: boolean): MeteringCheck[] {
  const { afterPowerCut } = settings;
  if (afterPowerCut === null) return [];
  // a pump that its supply switches works only if it resumes
  const resumes = switchedByMains || afterPowerCut === 'resume';
  return [
    stateCheck(
      {
        key: 'power-cut',
        title: 'Supply off and on',
        method: 'Switch the pump’s supply off and on at its own switch.',
        expected: resumes ? 'it resumes dosing by itself' : 'it waits for a person',
        caution: 'At the switch that is meant for it; nothing live is opened.',
        pumps: true,
      },
      { resumes: 'It resumes', waits: 'It waits' },
      resumes ? 'resumes' : 'waits',
    ),
  ];
}

/** Judges what was seen against a check; for a throttled reading `first` is the first one of the row. */
export function judgeCheck(check: ProofCheck, body: CheckBody, first: CheckBody | null): CheckVerdict {
  const { ask } = check;
  switch (ask.kind) {
    case 'state': {
      const verdict = judgeState(ask, body);
      return verdict.ok ? verdict : { ...verdict, pattern: statePattern(check.key, body.seen) };
    }
    case 'pulses':
      return judgePulses(ask, body);
    case 'throttle':
      return judgeThrottle(ask, body, first);
    case 'count':
      return judgeCount(ask, body);
    case 'figure':
      return judgeFigure(ask, body);
    case 'compare':
      return judgeCompare(ask, body);
  }
}

function statePattern(key: string, seen: string | null): Pattern | null {
  const named = (code: string, title: string, words: string): Pattern => ({
    code,
    kind: 'wiring',
    title,
    words,
  });
  if (key.startsWith('stop-') && seen === 'runs') {
    return named(
      'MET-10',
      'The stop contact does not stop it',
      'The input is of the other kind, or the wire goes elsewhere. Until it is right a closed valve or still water does not stop the dose.',
    );
  }
  if (key === 'power-cut' && seen === 'resumes') {
    return named(
      'ANY-12',
      'It starts by itself after a power cut',
      'It is set, or made, to resume: whoever works at it must know, and still water gets a dose.',
    );
  }
  if (key === 'gas-bubble') {
    return named(
      'MET-15',
      'Gas stays in the head',
      'Lengthen the stroke, vent the head, or fit a bleed path: at this pressure it does not clear itself.',
    );
  }
  if (key === 'gas-stir') {
    return named(
      'MET-14',
      'It does not stir in pauses',
      'Deaeration was not stored, or waits for a longer pause.',
    );
  }
  if (key === 'power-cut') {
    return named('MET-23', 'It waits after a power cut', 'Its mains supply switches it: set it to resume.');
  }
  if (key === 'holds') {
    return named(
      'MET-26',
      'Liquid moves through the stopped pump',
      'It siphons, or a valve leaks. Fit a loading valve or clean the valves; keep the tank’s outlet shut until then.',
    );
  }
  if (key === 'prime') {
    return named(
      'ANY-03',
      'It does not come back from priming',
      'Look at its display: it may stand in manual or stopped.',
    );
  }
  return null;
}

function judgePulses(
  ask: Extract<ProofCheck['ask'], { kind: 'pulses' }>,
  { figures }: CheckBody,
): CheckVerdict {
  const { pulses, strokes, seconds } = figures;
  if (!Number.isFinite(pulses) || !Number.isFinite(strokes))
    return { ok: false, seen: 'not counted', pattern: null };
  const expected = pulses * ask.perPulse;
  const ok = Math.abs(strokes - expected) <= 1;
  const seen = `${strokes} strokes for ${pulses} pulses, ${expected.toFixed(1)} expected`;
  return { ok, seen, pattern: ok ? null : pulsePattern(ask, pulses, strokes, expected, seconds) };
}

/** A count that is off by a known slip says which. */
function pulsePattern(
  ask: Extract<ProofCheck['ask'], { kind: 'pulses' }>,
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
      'It is stopped, in another mode, or the wire is on another input. Look at its display first.',
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
      `The strokes are those of the ceiling, ${ask.ceiling_spm.toFixed(0)}/min, and not of the pulses.`,
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
  ask: Extract<ProofCheck['ask'], { kind: 'throttle' }>,
  { figures }: CheckBody,
  first: CheckBody | null,
): CheckVerdict {
  const { pressure_bar, rate_spm, flow_lph } = figures;
  if (![pressure_bar, rate_spm, flow_lph].every(Number.isFinite)) {
    return { ok: false, seen: 'not read', pattern: null };
  }
  const seen = `${flow_lph} L/h at ${rate_spm} strokes/min and ${pressure_bar} bar`;
  if (!first) return { ok: true, seen: `${seen}, the first`, pattern: null };
  const change = flow_lph / first.figures.flow_lph - 1;
  const words = `${seen}, ${(change * 100).toFixed(1)} % from the first`;
  const rose = rate_spm > first.figures.rate_spm * 1.02;
  return ask.compensates
    ? judgeCompensated(change, words, rose)
    : judgeUncompensated(ask.lossPer_bar, change, words, rose, pressure_bar - first.figures.pressure_bar);
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
        ? 'The rate rises but the flow falls: it is at its greatest rate, or the loss it reckons with is too small.'
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
