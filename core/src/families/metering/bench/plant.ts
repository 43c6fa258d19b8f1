import { BOUNCE_ms, strokesPerPulse, strokeVolume_mL } from '../../../dosing';
import { InputError } from '../../../input';
import { inOrder } from '../../../signal';
import { headAtSuction } from '../checks/head';
import { strengthToday_gpl, type MeteringContext } from '../settings/context';
import { batchStrokes } from '../effect/day';
import { lineInForce } from '../effect/dose';
import type { MeteringSettings } from '../settings/understand';
import { atSuctionValve_bar, dischargeSpan_bar, suctionSide } from '../effect/suction-side';

/**
 * Dead volumes of gas that a gassing liquid gives off in an hour of standing. It hangs on liquid, light and warmth; this
 * fills a head over a night, which is what is seen.
 */
const GAS_PER_HOUR = 1;
/** Dead volume taken where the duty does not know it, as a share of the full stroke. */
const DEAD_SHARE = 0.4;
/** Seconds of usual flow that the dose is mixed into before it is read. */
const MIXING_s = 60;
/** Gas that each stroke pulls out of the liquid where the suction head is short, as a share of the stroke. */
const GAS_PER_SHORT_STROKE = 0.2;
/** Where the duty does not know the tank it never ends, and no level is shown. */
const ENDLESS_L = 1e9;

/**
 * One pump with its settings and its plant, as bare figures for the stepping loop: everything that needs more than
 * + − × ÷ is worked out here, once.
 */
export interface MeteringPlant {
  readonly mode: 'manual' | 'analog' | 'pulses' | 'batch' | 'timer' | 'none';
  // signal
  readonly span_m3h: number;
  readonly low_mA: number;
  /** the controller asks for more by a smaller current */
  readonly falling: boolean;
  readonly x1_mA: number;
  readonly y1_spm: number;
  readonly x2_mA: number;
  readonly y2_spm: number;
  readonly stopsBelow: boolean;
  readonly watchLow_mA: number;
  readonly watchHigh_mA: number;
  readonly watchStops: boolean;
  // drive
  readonly manual_spm: number;
  readonly least_spm: number;
  readonly greatest_spm: number;
  readonly step_spm: number;
  readonly smooth: boolean;
  // pulses, batches, timer
  readonly litresPerPulse: number;
  readonly strokesPerPulse: number;
  readonly ceiling_spm: number;
  /** strokes it stores; without a memory what one pulse asks */
  readonly memory_strokes: number;
  readonly storesWhileStopped: boolean;
  readonly recognition_ms: number;
  readonly shortestShare: number;
  readonly bounces: boolean;
  readonly batch_strokes: number;
  readonly batchEvery_s: number;
  readonly batchQueues: boolean;
  readonly timerEvery_s: number;
  readonly timerRun_s: number;
  // guards
  readonly stop: 'none' | 'stops' | 'permits';
  readonly resumes: boolean;
  readonly dryStops: boolean;
  // head and liquid
  readonly stroke_mL: number;
  readonly dead_mL: number;
  readonly lossPer_bar: number;
  /** air at the site's height, bar absolute */
  readonly air_bar: number;
  readonly base_bar: number;
  readonly injection_bar: number;
  readonly suction_bar: number;
  readonly compensates: boolean;
  readonly gasPerSecond_mL: number;
  readonly gasPerStroke_mL: number;
  readonly deaerates: boolean;
  readonly strength_gpl: number;
  readonly tankKnown: boolean;
  readonly tank_L: number;
  readonly stopLevel_L: number;
  // what is wanted
  readonly wanted_mgl: number;
  readonly low_mgl: number;
  readonly high_mgl: number;
  readonly mixing_m3: number;
}

/** What must be known before anything can be told of a run, in words; empty when all of it is. */
function missing(settings: MeteringSettings, full_mL: number): string[] {
  const { mode, map, pulses, ceiling_spm, timer } = settings;
  const unread = (is: boolean, words: string) => (is ? [words] : []);
  const rated = mode === 'manual' || mode === 'timer';
  return [
    ...unread(mode === null, 'the mode'),
    ...unread(!settings.length_pct, 'the stroke length'),
    ...unread(mode === 'analog' && !map, 'the range or the two points'),
    ...unread(rated && settings.manual_spm === null, 'the rate'),
    ...unread((mode === 'multiply' || mode === 'divide') && !pulses, 'the factor of the pulses'),
    ...unread(mode === 'contact' && ceiling_spm === null, 'the rate that is the ceiling'),
    ...unread(mode === 'timer' && !timer, 'length and spacing of the runs'),
    ...unread(mode === 'batch' && batchStrokes(settings, full_mL) === null, 'the strokes of a batch'),
  ];
}

/** What the bench takes for granted, since nobody read it: in words, for whoever looks at the run. */
export function unknownToBench(
  { duty, profile, plate }: MeteringContext,
  settings: MeteringSettings,
): string[] {
  const unread = (is: boolean, words: string) => (is ? [words] : []);
  const gears = Object.keys(profile.behaviours.greatestRate_spm);
  return [
    ...unread(
      gears.length > 1 && settings.gear === null && plate.gear === null,
      'The gear is not known: the slowest is taken.',
    ),
    ...unread(!duty.tank, 'Nothing is known of the tank: it never runs empty.'),
    ...unread(dischargeSpan_bar(duty) === null, 'The back pressure is not known: 1 bar is taken.'),
    ...unread(
      duty.product.gassing && !duty.head,
      'The dead volume of the head is not known: 40 % of a stroke is taken.',
    ),
    ...unread(
      settings.afterPowerCut === null,
      'What it does after a power cut is not known: it is taken to go on.',
    ),
    ...unread(
      Boolean(duty.place.stopContact) && settings.stopKind === null,
      'The kind of its stop input is not known: it is run without one.',
    ),
  ];
}

/**
 * The plant and pump of a run. Throws an InputError on `settings` where what paces the pump is not known; what else was not read is
 * taken as the harmless case (no stop input, a clean head, an endless tank) and listed by `unknownToBench`.
 */
export function benchPlant(context: MeteringContext, settings: MeteringSettings): MeteringPlant {
  const { duty, today } = context;
  const { signal, water } = duty;
  const map = lineInForce(settings);
  const line = map && inOrder(map);
  const length = settings.length_pct && settings.length_pct > 0 ? settings.length_pct : 100;
  const full = duty.strokeVolume.full_mL;
  const lacking = missing(settings, full);
  if (lacking.length > 0) {
    throw new InputError(
      'settings',
      `Not known: ${lacking.join(', ')}. Read it at the pump, or plan it, first.`,
    );
  }
  const stroke_mL = strokeVolume_mL(full, length);
  const current = signal.source === 'meter' ? null : signal;
  const head = headAtSuction(context, settings);
  const side = suctionSide(duty);
  const gasses = duty.product.gassing;
  const dead_mL = duty.head?.dead_mL ?? full * DEAD_SHARE;
  const needed = head ? head.wanted_m - 1 : 0;
  const short = head && head.available_m < needed ? Math.min(1, (needed - head.available_m) / needed) : 0;
  const each = settings.pulses ? strokesPerPulse(settings.pulses.way, settings.pulses.factor) : 0;
  const watch = settings.mode === 'analog' ? settings.watch : null;
  return {
    mode: modeOf(settings),
    // a controller's demand is taken to follow the water up to the greatest flow
    falling: signal.source === 'controller' && signal.action === 'falling',
    span_m3h: signal.source === 'flow' ? signal.span_m3h : water.greatest_m3h,
    low_mA: current?.low_mA ?? 4,
    x1_mA: line?.x1_mA ?? 0,
    y1_spm: line?.y1 ?? 0,
    x2_mA: line?.x2_mA ?? 20,
    y2_spm: line?.y2 ?? 0,
    stopsBelow: line?.below === 'stop',
    watchLow_mA: watch?.low_mA ?? -1,
    watchHigh_mA: watch?.high_mA ?? Infinity,
    watchStops: watch?.reaction === 'stop',
    manual_spm: Math.min(settings.manual_spm ?? 0, settings.limits.greatest_spm),
    least_spm: settings.limits.least_spm,
    greatest_spm: settings.limits.greatest_spm,
    step_spm: settings.limits.step_spm ?? 1,
    smooth: context.profile.behaviours.smooth !== undefined,
    litresPerPulse: signal.source === 'meter' ? signal.litresPerPulse : 1,
    strokesPerPulse: each,
    ceiling_spm: Math.min(settings.ceiling_spm ?? 0, settings.limits.greatest_spm),
    memory_strokes:
      settings.memory === 'on'
        ? (context.profile.behaviours.pulses?.memoryMost ?? Infinity)
        : Math.max(1, each),
    storesWhileStopped:
      context.profile.behaviours.pulses?.whileStopped === 'stored' && settings.memory === 'on',
    recognition_ms: settings.recognition_ms ?? 0,
    shortestShare: signal.source === 'meter' ? Math.min(signal.closedShare, 1 - signal.closedShare) : 0.5,
    bounces: settings.recognition_ms !== null && settings.recognition_ms < BOUNCE_ms,
    batch_strokes: batchStrokes(settings, full) ?? 0,
    batchEvery_s: duty.batch?.spacing_s ?? Infinity,
    batchQueues: context.profile.behaviours.batch?.whileRunning === 'queued',
    timerEvery_s: (settings.timer?.every_min ?? Infinity) * 60,
    timerRun_s: settings.timer?.run_s ?? 0,
    stop: duty.place.stopContact && settings.stopKind ? settings.stopKind : 'none',
    resumes: settings.afterPowerCut !== 'wait',
    dryStops: settings.dry === 'stop',
    stroke_mL,
    dead_mL,
    lossPer_bar: duty.pressure?.lossPer_bar ?? 0,
    air_bar: side.air_bar,
    base_bar: duty.place.dischargePressure_bar ?? dischargeSpan_bar(duty)?.greatest ?? 1,
    injection_bar: duty.head?.injection_bar ?? 0,
    suction_bar: atSuctionValve_bar(side.tank_bar, duty.place.suctionHead_m ?? 0, duty.product.density_kgl),
    compensates: settings.compensation === 'on',
    gasPerSecond_mL: gasses ? (dead_mL * GAS_PER_HOUR) / 3600 : 0,
    gasPerStroke_mL: stroke_mL * GAS_PER_SHORT_STROKE * short,
    deaerates: settings.deaeration === 'on',
    strength_gpl: strengthToday_gpl(duty.product, today),
    tankKnown: Boolean(duty.tank),
    tank_L: duty.tank?.now_L ?? ENDLESS_L,
    stopLevel_L: duty.tank?.stop_L ?? 0,
    wanted_mgl: duty.dose.wanted_mgl,
    low_mgl: duty.dose.low_mgl,
    high_mgl: duty.dose.high_mgl,
    // at least what passes in two seconds at the greatest flow, or the mixing would not settle
    mixing_m3: Math.max((water.usual_m3h * MIXING_s) / 3600, (water.greatest_m3h * 4) / 3600),
  };
}

function modeOf({ mode }: MeteringSettings): MeteringPlant['mode'] {
  if (mode === 'multiply' || mode === 'divide' || mode === 'contact') return 'pulses';
  return mode ?? 'none';
}
