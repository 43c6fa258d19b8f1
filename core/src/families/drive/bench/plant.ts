import { AIR_bar, metresPerBar } from '../../../hydraulics';
import { pumpOf, signalSpan_hz } from '../effect/pump';
import { sharesTaken, withoutSignal } from '../effect/outside-signal';
import { enoughAtNil_bar, measuredByTwo, neededSet_bar } from '../effect/set';
import type { DriveContext } from '../settings/context';
import type { DriveSettings } from '../settings/understand';
import type { Lost } from '../wire/duty';

/** Everything that the loop needs, worked out once: it uses + − × ÷ and roots only. */
export interface DrivePlant {
  readonly control: 'pressure' | 'difference' | 'fixed' | 'signal';
  readonly count: number;
  readonly rated_hz: number;
  readonly closed_m: number;
  readonly rise: number;
  readonly fall: number;
  readonly power0_W: number;
  readonly powerPerFlow: number;
  readonly metresPerBar: number;
  /** while water stands at it; a difference is held across, so nil then */
  readonly inlet_bar: number;
  /** while it is at its greatest */
  readonly inletMost_bar: number;
  /** what the display shows of each true bar: a range that is wrong changes it */
  readonly shows: number;
  /** added to it, bar: where two sensors measure a difference and one range is not the label's, the inlet counts too */
  readonly showsMore_bar: number;
  /** what its input makes of the lowest and the highest of an outside signal, as shares of its own span */
  readonly signalTaken: readonly [number, number];
  /** without the signal; null where that is not known: then it holds what it had */
  readonly signalLost: Lost | null;
  readonly set_bar: number;
  readonly lift_bar: number;
  readonly fixed_hz: number;
  readonly least_hz: number;
  readonly most_hz: number;
  /** Hz a second */
  readonly up: number;
  readonly down: number;
  /** Hz for each bar; seconds in which the same is added again */
  readonly gain: number;
  readonly reset_s: number;
  readonly cutIn_bar: number;
  /** NaN where it never stops */
  readonly stop_hz: number;
  readonly stopDelay_s: number;
  readonly boost_bar: number;
  readonly dryBelow_bar: number;
  readonly dryDelay_s: number;
  readonly dryStops: boolean;
  readonly dryWarns: boolean;
  readonly retries: number;
  readonly retryAfter_s: number;
  readonly nextBelow_bar: number;
  readonly nextDelay_s: number;
  readonly nextOff_hz: number;
  readonly leads_s: number;
  readonly alike: boolean;
  readonly sensorStops: boolean;
  readonly othersGoOn: boolean;
  readonly resumes: boolean;
  /** draw at which openings are named, and the pressure that they are named at */
  readonly named_bar: number;
  readonly greatest_m3h: number;
  readonly wanted_bar: number;
  /** enough at no flow */
  readonly nil_bar: number;
  /** relief valve; NaN where there is none */
  readonly relief_bar: number;
  readonly rating_bar: number;
  readonly vessel_L: number;
  /** absolute */
  readonly gas_bar: number;
  readonly lostGas_bar: number;
  readonly sealDry_s: number;
  readonly leak_m3h: number;
  /** what stands between two shut valves is so little that it seeps back in a moment: as in the drive’s own test with its discharge shut */
  readonly seepsBack: boolean;
  readonly price_kWh: number;
  /** nothing to run on is known: it stands */
  readonly known: boolean;
}

/** What the bench takes where a controller's own figure is not known: it runs, and says so. */
const USUAL = {
  gain: 20,
  reset_s: 2,
  ramp_s: 3,
  stopDelay_s: 10,
  nextBelow_bar: 0.3,
  nextDelay_s: 5,
} as const;

/** What the bench takes for granted, in words. */
export function unknownToBench(
  { duty, profile, precharge_bar }: DriveContext,
  settings: DriveSettings,
): string[] {
  const sets = duty.holds.kind === 'pressure' || duty.holds.kind === 'difference';
  return [
    ...(sets && settings.set_bar === null ? ['The set pressure is not known: it stands.'] : []),
    ...(settings.gain === null || settings.reset_s === null
      ? [`Gain or reset are not known: ${USUAL.gain} % a bar and ${USUAL.reset_s} s are taken.`]
      : []),
    ...(duty.vessel && precharge_bar === null
      ? ['The vessel’s gas is not known: it is taken to be empty.']
      : []),
    ...(profile.behaviours.sensorFails === 'unknown'
      ? ['Without its sensor it is taken to go to full speed.']
      : []),
    ...(duty.holds.kind === 'signal' && withoutSignal(settings) === null
      ? ['What it does without its signal is not known: it is taken to hold the frequency that it had.']
      : []),
    ...(settings.dry.reaction === null ? ['Its reaction to running dry is not known: it runs on.'] : []),
  ];
}

export function drivePlant(context: DriveContext, settings: DriveSettings): DrivePlant {
  const { duty, profile } = context;
  const { curve, power, rated_hz } = pumpOf(duty);
  const { holds } = duty;
  const set = settings.set_bar;
  const wanted = neededSet_bar(duty);
  const control = holds.kind === 'speed' ? 'fixed' : holds.kind;
  const label = duty.sensor?.range_bar ?? 1;
  const shows = settings.range_bar === null ? 1 : settings.range_bar / label;
  const stops = holds.kind === 'pressure' && profile.behaviours.stopsByFrequency ? settings.stop_hz : null;
  const up_s = Math.max(0.1, settings.rampUp_s ?? USUAL.ramp_s);
  const down_s = Math.max(0.1, settings.rampDown_s ?? USUAL.ramp_s);
  const span = signalSpan_hz(context, settings);
  const { dry, next } = settings;
  const reacts = dry.reaction === 'stop' || dry.reaction === 'warn';
  return {
    control,
    count: duty.pump.count,
    rated_hz,
    closed_m: curve.closed_m,
    rise: curve.rise,
    fall: curve.fall,
    power0_W: power.atNoFlow_W,
    powerPerFlow: power.perFlow,
    metresPerBar: metresPerBar(),
    inlet_bar: holds.kind === 'difference' ? 0 : (context.inletRead_bar ?? context.inlet.least_bar),
    inletMost_bar: holds.kind === 'difference' ? 0 : context.inlet.greatest_bar,
    shows,
    showsMore_bar: showsMore_bar(context, settings, shows),
    signalTaken: sharesTaken(context, settings) ?? [0, 0],
    signalLost: withoutSignal(settings),
    set_bar: set ?? 0,
    lift_bar: settings.lift_bar ?? 0,
    fixed_hz: span
      ? span[1]
      : Math.min(settings.most_hz ?? Infinity, Math.max(settings.least_hz ?? 0, settings.set_hz ?? 0)),
    least_hz: span ? span[0] : (settings.least_hz ?? 0),
    most_hz: settings.most_hz ?? rated_hz,
    up: rated_hz / up_s,
    down: rated_hz / down_s,
    gain: ((settings.gain ?? USUAL.gain) / 100) * rated_hz,
    reset_s: Math.max(0.1, settings.reset_s ?? USUAL.reset_s),
    cutIn_bar: settings.cutIn_bar ?? (set ?? 0) * 0.9,
    stop_hz: stops ?? NaN,
    stopDelay_s: settings.stopDelay_s ?? USUAL.stopDelay_s,
    boost_bar: settings.boost_bar ?? 0,
    dryBelow_bar: reacts ? (dry.threshold_bar ?? NaN) : NaN,
    dryDelay_s: dry.delay_s ?? 0,
    dryStops: dry.reaction === 'stop',
    dryWarns: dry.reaction === 'warn',
    retries: profile.behaviours.retryAfter_s === null ? 0 : (dry.retries ?? 0),
    retryAfter_s: profile.behaviours.retryAfter_s ?? 0,
    nextBelow_bar: next.below_bar ?? USUAL.nextBelow_bar,
    nextDelay_s: next.delay_s ?? USUAL.nextDelay_s,
    nextOff_hz: next.off_hz ?? NaN,
    leads_s: next.hours_h === null ? Infinity : next.hours_h * 3600,
    alike: settings.sharing !== 'one-varies',
    sensorStops: profile.behaviours.sensorFails === 'stop',
    othersGoOn: profile.behaviours.leadFails !== 'all-stop',
    resumes: settings.afterCut !== 'wait',
    named_bar: wanted ?? 1,
    greatest_m3h: duty.draw.greatest_m3h,
    wanted_bar: wanted ?? 0,
    nil_bar: enoughAtNil_bar(duty) ?? 0,
    relief_bar: duty.rating.relief_bar ?? NaN,
    rating_bar: duty.rating.lowest_bar,
    vessel_L: duty.vessel === null || context.precharge_bar === null ? 0 : duty.vessel.volume_L,
    gas_bar: (context.precharge_bar ?? 0) + AIR_bar,
    lostGas_bar: AIR_bar + 0.05,
    sealDry_s: duty.pump.dry_s ?? Infinity,
    leak_m3h: duty.draw.leak_m3h ?? 0,
    seepsBack: false,
    price_kWh: duty.price_kWh,
    known: control === 'signal' || (control === 'fixed' ? settings.set_hz !== null : set !== null),
  };
}

/** What two sensors with unlike errors of range add to the difference, bar: (s − s2)·p, with p at the inlet. */
function showsMore_bar(
  { duty, inlet, inletRead_bar }: DriveContext,
  { secondRange_bar }: DriveSettings,
  shows: number,
): number {
  const label = measuredByTwo(duty) ? duty.sensor?.second_bar : undefined;
  if (label === undefined) return 0;
  const second = secondRange_bar === null ? 1 : secondRange_bar / label;
  return (shows - second) * (inletRead_bar ?? inlet.least_bar);
}
