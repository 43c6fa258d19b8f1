import { atLeast, atMost, within, type Claim, type Claims } from '../../suites/claims.fixtures';
import { fillTime_s } from '../effect/dry';
import { closed_hz, greatestPower_W, greatestPressure_bar, pumpOf } from '../effect/pump';
import { enoughAtNil_bar, heldAt_bar, neededSet_bar } from '../effect/set';
import type { DriveContext } from '../settings/context';
import type { DriveSettings } from '../settings/understand';
import type { DRIVE_REASONS } from './reasons';

type Of = Claim<DriveContext, DriveSettings>;

const onStep: Of = ({ set, step, context: { duty, plate }, role }) => {
  const stands = {
    'motor.current': plate.current_A,
    'motor.speed': plate.speed_rpm,
    'motor.volts': plate.volts_V,
    'motor.power': plate.rated_W === null ? null : plate.rated_W / 1000,
    'sensor.range': duty.sensor?.range_bar ?? null,
    'sensor.range.second': duty.sensor?.second_bar ?? null,
    'set.frequency': duty.holds.kind === 'speed' ? duty.holds.set_hz : null,
  }[role];
  return stands === null || stands === undefined || within(set, stands, step);
};
const underDry: Of = ({ set, given }) => set < given('dry');

export const CLAIMS: Claims<keyof typeof DRIVE_REASONS, DriveContext, DriveSettings> = {
  'holds.pressure': null,
  'holds.difference': null,
  'holds.speed': null,
  'holds.signal': null,
  'units.fitted': ({ set, step, context }) => within(set, context.duty.pump.count, step / 2),
  'address.own': ({ set, settings, context }) =>
    !context.duty.others.includes(set) &&
    settings.addresses.slice(0, context.duty.pump.count).filter((one) => one === set).length === 1,
  plate: onStep,
  'thermal.on': null,
  'least.bearings': ({ set, given }) => atLeast(set, given('least')),
  'least.signal': ({ set, context: { duty } }) =>
    duty.holds.kind === 'signal' && atLeast(set, duty.holds.least_hz) && atLeast(set, duty.pump.least_hz),
  'most.signal': ({ set, step, context: { duty } }) =>
    duty.holds.kind === 'signal' && atMost(set, duty.holds.most_hz) && within(set, duty.holds.most_hz, step),
  'speed.within': ({ set, settings }) =>
    atLeast(set, settings.least_hz ?? 0) && atMost(set, settings.most_hz ?? Infinity),
  'set.over-cut-in': ({ set, given, settings }) =>
    settings.cutIn_bar === null || (settings.cutIn_bar < set && atLeast(settings.cutIn_bar, given('nil'))),
  'cut-in.step': ({ set, step, settings }) =>
    settings.set_bar !== null && set < settings.set_bar && atMost(settings.set_bar - set, 2 * step),
  'most.rated': ({ set, step, context: { duty } }) =>
    atMost(set, duty.pump.rated_hz) && within(set, duty.pump.rated_hz, step),
  'most.pressure': ({ context, settings, given }) =>
    atMost(greatestPressure_bar(context, pumpOf(context.duty), settings.most_hz!), given('rating')),
  'most.plate': ({ set, context, settings, given }) =>
    atMost(
      greatestPower_W(context, pumpOf(context.duty), set, heldAt_bar(context, settings, 0)).power_W,
      given('plate'),
    ),
  'ramp.pump': ({ set, given }) => atLeast(set, given('ramp')),
  'range.label': onStep,
  'signal.source': null,
  'signal.lost': null,
  'sensor.two': null,
  'sensor.differential': null,
  'sensor.plain': null,
  'set.tap': ({ set, step, given }) => {
    const needed = given('tap') + given('lift') + given('pipe');
    return atLeast(set, needed) && (step === 0 || set < needed + step * 1.001);
  },
  'set.lifted': ({ set, context: { duty } }) => atLeast(set, enoughAtNil_bar(duty)!),
  'set.stated': ({ set, step, context: { duty } }) => within(set, neededSet_bar(duty)!, step),
  'lift.none': ({ set }) => set === 0,
  'lift.pipe': ({ set, settings, context: { duty } }) =>
    atLeast(settings.set_bar! + set, neededSet_bar(duty)!),
  'speed.stated': onStep,
  'cut-in.under': ({ settings, given }) =>
    within(settings.set_bar! - settings.cutIn_bar!, given('under'), 0.005) &&
    atLeast(settings.cutIn_bar!, given('nil')),
  'cut-in.vessel': ({ settings, given }) => settings.cutIn_bar! > given('gas'),
  'stop.between': ({ set, given, context, settings }) => {
    const closed = closed_hz(context, pumpOf(context.duty), settings, context.inlet.least_bar);
    return (
      closed !== null &&
      set > closed &&
      within(given('closed'), closed, 0.05) &&
      atMost(given('surely'), given('stops'))
    );
  },
  'stop.delay': null,
  'stop.boost': ({ set }) => set > 0,
  'stop.boost-none': ({ set }) => set === 0,
  'dry.under': ({ set, step, settings }) => {
    const base = settings.cutIn_bar ?? settings.set_bar!;
    return set > 0 && atMost(set, base / 2) && within(set, base / 2, step);
  },
  'dry.delay': ({ set, given, context, settings }) =>
    set > given('fill') && set < given('dry') && set > fillTime_s(context, pumpOf(context.duty), settings)!,
  'dry.delay-filled': underDry,
  'dry.delay-short': underDry,
  'dry.stop': null,
  'dry.chosen': null,
  'dry.retries': ({ set }) => set === 0,
  'fill.on': null,
  'fill.off': ({ settings, context }) =>
    settings.dry.delay_s === null ||
    fillTime_s(context, pumpOf(context.duty), settings)! < (context.duty.pump.dry_s ?? Infinity),
  'next.below': ({ set }) => set > 0,
  'next.settles': null,
  'next.delay': null,
  'next.off': ({ set, settings }) => set < (settings.most_hz ?? Infinity),
  'next.hours': null,
  'sharing.cheaper': ({ given }) => given('this') < given('other'),
  'sharing.only': null,
  'sharing.chosen': null,
  'after.resume': ({ context: { duty } }) => duty.surprise === '',
  'after.wait': ({ context: { duty } }) => duty.surprise !== '',
  'after.chosen': null,
  'lock.on': null,
  'set-up.complete': null,
};
