import { pumpFlow_lph, strokeVolume_mL } from '../../../dosing';
import { parameterWithRole } from '../../../profile';
import { stateCheck, type ProofCheck, wrong } from '../../../proof';
import { fig, figureWithUnit, presentReader } from '../../../units';
import type { MeteringContext } from '../settings/context';
import { batchStrokes } from '../effect/day';
import { capacity_lph, mostAsked } from '../effect/dose';
import { flowTolerance } from './readings';
import { isSetInFlow } from '../settings/rates';
import type { CheckKey } from './check-keys';
import { askCount } from './count';
import type { MeteringSettings } from '../settings/understand';

type MeteringCheck = ProofCheck<CheckKey>;

const words = (q: Parameters<typeof fig>[0], v: number) => figureWithUnit(fig(q, v), presentReader());
/** A controller's own timer and a hand on a stopwatch, s. */
const TIMING_s = 2;
/** Pulses are injected this much faster than the ceiling, to see that it holds. */
const ABOVE_CEILING = 1.5;

/** What amounts are proved by: a set rate, a batch, a timed run, and pulses faster than the ceiling. */
export function amountChecks(context: MeteringContext, settings: MeteringSettings): MeteringCheck[] {
  switch (settings.mode) {
    case 'manual':
      return manual(context, settings);
    case 'batch':
      return batch(context, settings);
    case 'timer':
      return timer(settings);
    case 'multiply':
    case 'divide':
    case 'contact':
      return ceiling(settings);
    default:
      return [];
  }
}

function manual(context: MeteringContext, settings: MeteringSettings): MeteringCheck[] {
  const rate = settings.manual_spm;
  if (rate === null) return [];
  const running = Math.min(rate, settings.limits.greatest_spm);
  const counted: MeteringCheck = {
    key: 'manual-rate',
    title: 'Strokes at the set rate',
    method: 'Let it run at its set rate, and count strokes over a time.',
    expected: words('strokeRate', running),
    tolerance: 'one stroke in the count, and half a stroke of its own rounding',
    caution: null,
    pumps: true,
    ask: askCount({ expected_spm: running, allowed_spm: 0.5 }),
  };
  return [...(isSetInFlow(context.profile) ? [] : [counted]), ...manualFlow(context, settings, running)];
}

function manualFlow(context: MeteringContext, settings: MeteringSettings, rate_spm: number): MeteringCheck[] {
  if (!settings.length_pct) return [];
  const expected = pumpFlow_lph(
    strokeVolume_mL(context.duty.strokeVolume.full_mL, settings.length_pct),
    rate_spm,
  );
  const share = flowTolerance(context);
  return [
    {
      key: 'manual-flow',
      title: 'Flow at the set rate',
      method: 'Time the fall in the cylinder on the suction side at the set rate.',
      expected: words('pumpFlow', expected),
      tolerance: `${words('percent', share * 100)}: as well as the stroke volume is known`,
      caution: null,
      pumps: true,
      ask: {
        kind: 'figure',
        figure: { key: 'flow_lph', label: 'Flow', quantity: 'pumpFlow', least: 'at-least-0' },
        least: expected * (1 - share),
        greatest: expected * (1 + share),
      },
    },
  ];
}

function batch({ duty }: MeteringContext, settings: MeteringSettings): MeteringCheck[] {
  const strokes = batchStrokes(settings, duty.strokeVolume.full_mL);
  if (strokes === null) return [];
  return [
    {
      key: 'batch',
      title: 'One trigger, one batch',
      method: 'Give one trigger, and count the strokes until it stands again.',
      expected: words('strokes', strokes),
      tolerance: 'none: a batch is counted by the pump itself',
      caution: null,
      pumps: true,
      ask: {
        kind: 'figure',
        figure: { key: 'strokes', label: 'Strokes of the batch', quantity: 'strokes', least: 'at-least-0' },
        least: strokes,
        greatest: strokes,
      },
    },
  ];
}

function timer({ timer: run }: MeteringSettings): MeteringCheck[] {
  if (!run) return [];
  return [
    {
      key: 'timer',
      title: 'A timed run by itself',
      method: `Let one run start by itself (they come every ${words('minutes', run.every_min)}), and time it.`,
      expected: words('seconds', run.run_s),
      tolerance: `${words('seconds', TIMING_s)}: its timer and your hand`,
      caution: 'The pump starts by itself: keep hands out.',
      pumps: true,
      wait: { words: 'Wait for the next run', lasts_s: run.every_min * 60 },
      ask: {
        kind: 'figure',
        figure: { key: 'seconds', label: 'It ran for', quantity: 'seconds', least: 'more-than-0' },
        least: run.run_s - TIMING_s,
        greatest: run.run_s + TIMING_s,
      },
    },
  ];
}

const MINUTE_ms = 60_000;
/** A pulse generator is closed for half of its time. */
const GENERATOR_SHARE = 0.5;

function ceiling({ ceiling_spm, pulses, recognition_ms }: MeteringSettings): MeteringCheck[] {
  if (ceiling_spm === null || !pulses || ceiling_spm <= 0) return [];
  const each = pulses.way === 'multiply' ? pulses.factor : 1 / pulses.factor;
  const asked = (ceiling_spm / each) * ABOVE_CEILING;
  // pulses that are closed for less than it recognises never bring it to its ceiling: then nothing can be seen there
  if (recognition_ms !== null && (MINUTE_ms * GENERATOR_SHARE) / asked < recognition_ms) return [];
  return [
    {
      key: 'pulses-ceiling',
      title: 'Pulses faster than the ceiling',
      method: `Inject ${words('pulseRate', asked)} by a pulse generator, and count the strokes over a time.`,
      expected: `it stays at its ceiling, ${words('strokeRate', ceiling_spm)}`,
      tolerance: 'one stroke in the count, and 2 % of the rate',
      caution: null,
      pumps: true,
      ask: askCount({ expected_spm: ceiling_spm, allowed_spm: ceiling_spm * 0.02 }),
    },
  ];
}

/** What a liquid that gasses is proved by: a bubble let in and cleared, a stir in a pause, the flow in the slow step. */
export function gasChecks(context: MeteringContext, settings: MeteringSettings): MeteringCheck[] {
  const { duty, profile } = context;
  const slow = settings.suctionShare < 1 ? slowFlow(context, settings) : [];
  if (!duty.product.gassing) return slow;
  const pause = parameterWithRole(profile, 'deaeration') && settings.deaeration === 'on';
  return [
    stateCheck(
      {
        key: 'gas-bubble',
        title: 'A bubble clears by itself',
        method:
          'Lift the suction for a stroke so that a bubble goes in, lower it, and watch the pressure over the stroke (or the cylinder) until it is as before.',
        expected: 'the pressure rises early in the stroke again, and liquid moves',
        caution: 'Out of water, or with goggles and gloves: nothing is opened for it.',
        pumps: true,
      },
      {
        clears: 'It clears',
        stays: wrong(
          'It stays locked',
          'MET-15',
          'wiring',
          'Gas stays in the head',
          'Lengthen the stroke, vent the head, or fit a bleed path: at this pressure it does not clear itself.',
        ),
      },
      'clears',
    ),
    ...(pause
      ? [
          stateCheck<CheckKey>(
            {
              key: 'gas-stir',
              title: 'It stirs in a pause',
              method: 'Take the demand away, and watch for its small movements while it stands.',
              expected: 'it moves now and then, and doses next to nothing',
              pumps: true,
            },
            {
              stirs: 'It stirs',
              still: wrong(
                'It stands still',
                'MET-14',
                'wiring',
                'Does not stir in pauses',
                'Deaeration was not stored, or waits for a longer pause.',
              ),
            },
            'stirs',
          ),
        ]
      : []),
    ...slow,
  ];
}

function slowFlow(context: MeteringContext, settings: MeteringSettings): MeteringCheck[] {
  const capacity = capacity_lph(context, settings);
  if (capacity === null) return [];
  const needed = mostAsked(context).flow_lph;
  const share = flowTolerance(context);
  return [
    {
      key: 'slow-flow',
      title: 'The flow is held in the slow step',
      method: 'Ask for the most (full signal, or the maximum rate), and time the fall in the cylinder.',
      expected: `${words('pumpFlow', capacity)}, ${words('pumpFlow', needed)} at least`,
      tolerance: words('percent', share * 100),
      caution: null,
      pumps: true,
      ask: {
        kind: 'figure',
        figure: { key: 'flow_lph', label: 'Flow', quantity: 'pumpFlow', least: 'at-least-0' },
        least: Math.max(needed, capacity * (1 - share)),
        greatest: capacity * (1 + share),
      },
    },
  ];
}
