import { InputError } from '../../../input';
import { freeAddress } from '../../../link';
import { headAt_m, headOf_m, noHeadFlow_m3h, pressureOf_bar } from '../../../hydraulics';
import { fig } from '../../../units';
import { fillTime_s } from '../effect/dry';
import { headFor_m, isRelieved, plateFrequency_hz, pumpOf, type DrivenPump } from '../effect/pump';
import { enoughAtNil_bar, holdsPressure, measuredByTwo, neededSet_bar } from '../effect/set';
import type { DriveContext } from '../settings/context';
import { unitPlaces } from '../settings/understand';
import type { DriveReason } from '../texts/reasons';
import { DriveDraft, type DrivePlan } from './draft';
import { planCascade } from './cascade';
import { planStop } from './stop';
import { settled } from '../../parts/repair';
import { checkSettings } from '../checks/checks';
import { heldRoles } from './held';
import { understand } from '../settings/understand';
import { DRIVE_TEXTS } from '../texts/texts';

const reason = (text: DriveReason['text'], values: DriveReason['values'] = {}): DriveReason => ({
  text,
  values,
});

/**
 * Duty, pump and plate to target settings, each with its reason. Throws an InputError on points that cannot be fitted, and on a set
 * pressure that the curve never meets.
 */
export const planDrive = settled({
  propose,
  check: checkSettings,
  understand,
  texts: DRIVE_TEXTS,
  held: heldRoles,
});

function propose(context: DriveContext): DrivePlan {
  const { duty } = context;
  const draft = new DriveDraft(context);
  draft.step([], () => meetsItsLine(context, pumpOf(duty)));
  planMotor(draft);
  draft.step(['set', 'set.frequency', 'lift'], () => planSet(draft));
  draft.step(BY_STOP, () => {
    if (duty.holds.kind === 'pressure') planStop(draft);
  });
  planDry(draft);
  draft.step(BY_COUNT, () => {
    if (duty.pump.count > 1) planCascade(draft, pumpOf(duty));
  });
  planGuards(draft);
  return draft.finish();
}

/** What hangs on when it stops for no demand, and when it starts again. */
const BY_STOP = ['cut-in', 'cut-in.below', 'stop.frequency', 'stop.delay', 'stop.boost'] as const;
/** What hangs on there being several. */
const BY_COUNT = ['sharing', 'next.below', 'next.delay', 'next.hours', 'next.off'] as const;

/** A set pressure above what the curve gives at no flow, a draw beyond all curves: slips of the duty, and no plan stands on them. */
function meetsItsLine(context: DriveContext, { curve }: DrivenPump): void {
  const { draw, pump } = context.duty;
  const most = noHeadFlow_m3h(curve) * pump.count;
  if (draw.greatest_m3h > most)
    throw new InputError(
      'greatest_m3h',
      `The maximum demand lies beyond all that ${pump.count === 1 ? 'the pump moves' : `${pump.count} pumps move`} against nothing, ${most.toFixed(1)} m³/h: check draw, points and count.`,
    );
  const needed = neededSet_bar(context.duty);
  if (needed === null) return;
  const head = headFor_m(context, needed, context.inlet.least_bar);
  if (headAt_m(curve, 0) <= head)
    throw new InputError(
      'curve',
      `The curve never meets the set pressure: ${head.toFixed(1)} m are needed above the inlet, and it gives ${headAt_m(curve, 0).toFixed(1)} m at no flow. Check pressures, height and points.`,
    );
}

const W_PER_kW = 1000;

function planMotor(draft: DriveDraft): void {
  const { duty } = draft.context;
  draft.step(['holds'], () => {
    draft.pick('holds', `holds.${duty.holds.kind}`, reason(`holds.${duty.holds.kind}`));
    if (!draft.context.profile.behaviours.holds.includes(duty.holds.kind))
      draft.problems.push({ kind: 'cannot-hold', what: duty.holds.kind });
  });
  draft.step(['units', 'address'], () => {
    draft.set('units', duty.pump.count, reason('units.fitted'));
    planAddresses(draft);
  });
  draft.step(BY_PLATE, () => planPlate(draft));
  draft.step(['frequency.least'], () => planLeast(draft));
  draft.step(['frequency.greatest'], () => {
    // what it has no setting for it does not hold: then the whole curve counts
    const held = draft.has('set') ? neededSet_bar(duty) : null;
    const [most, why] = mostFor(draft.context, pumpOf(duty), held);
    draft.set('frequency.greatest', most, why, 'down');
  });
  draft.step(['ramp.up', 'ramp.down'], () => {
    const { ramp_s } = duty.pump;
    const ramp = reason('ramp.pump', { ramp: fig('seconds', ramp_s) });
    draft.set('ramp.up', ramp_s, ramp, 'up');
    draft.set('ramp.down', ramp_s, ramp, 'up');
  });
  draft.step(['signal.kind', 'signal.lost'], () => {
    const { holds } = duty;
    if (holds.kind !== 'signal') return;
    if (holds.source) draft.pick('signal.kind', `signal.${holds.source}`, reason('signal.source'));
    if (holds.lost) draft.pick('signal.lost', `lost.${holds.lost}`, reason('signal.lost'));
  });
  draft.step(['sensor.kind', 'sensor.range', 'sensor.range.second'], () => planSensor(draft));
}

/** What its plate says. */
const BY_PLATE = ['motor.current', 'motor.speed', 'motor.volts', 'motor.power', 'motor.thermal'] as const;

/** What stands on its plate. */
function planPlate(draft: DriveDraft): void {
  const { plate } = draft.context;
  // what its plate does not say is left as it is
  if (plate.current_A !== null) draft.set('motor.current', plate.current_A, reason('plate'), 'down');
  if (plate.speed_rpm !== null) draft.set('motor.speed', plate.speed_rpm, reason('plate'));
  if (plate.volts_V !== null) draft.set('motor.volts', plate.volts_V, reason('plate'));
  if (plate.rated_W !== null) draft.set('motor.power', plate.rated_W / W_PER_kW, reason('plate'));
  draft.pick('motor.thermal', 'thermal.on', reason('thermal.on'));
}

/** The least frequency that bearings, cooling and an outside signal ask for. */
function planLeast(draft: DriveDraft): void {
  const { duty } = draft.context;
  const { holds } = duty;
  const byBearings = reason('least.bearings', { least: fig('frequency', duty.pump.least_hz) });
  const bySignal = holds.kind === 'signal' && holds.least_hz > duty.pump.least_hz;
  draft.set(
    'frequency.least',
    bySignal ? holds.least_hz : duty.pump.least_hz,
    bySignal ? reason('least.signal') : byBearings,
    'up',
  );
  if (holds.kind === 'signal' && holds.least_hz < duty.pump.least_hz)
    draft.problems.push({ kind: 'signal-slow', asked_hz: holds.least_hz, least_hz: duty.pump.least_hz });
}

/** The sensor, by its label. */
function planSensor(draft: DriveDraft): void {
  const { duty } = draft.context;
  if (duty.sensor) {
    const two = measuredByTwo(duty);
    const differs = duty.holds.kind === 'difference';
    draft.pick(
      'sensor.kind',
      two ? 'sensor.two' : differs ? 'sensor.differential' : 'sensor.plain',
      reason(two ? 'sensor.two' : differs ? 'sensor.differential' : 'sensor.plain'),
    );
    const { second_bar } = duty.sensor;
    if (two && second_bar !== undefined)
      draft.set(
        'sensor.range.second',
        second_bar,
        reason('range.label', { range: fig('pressure', second_bar) }),
      );
    draft.set(
      'sensor.range',
      duty.sensor.range_bar,
      reason('range.label', { range: fig('pressure', duty.sensor.range_bar) }),
    );
  }
}

/** Cables of drives have no more. */
const MOST_ADDRESS = 247;

/** Addresses that stand stay; one that stands twice gives way to the first that is free. */
function planAddresses(draft: DriveDraft): void {
  const places = Math.min(unitPlaces(draft.context.profile), draft.context.duty.pump.count);
  const { addresses } = draft.settings();
  const taken = new Set(draft.context.duty.others);
  for (let index = 1; index <= places; index++) {
    const stands = addresses[index - 1] ?? index;
    const address = taken.has(stands) ? (freeAddress(taken, 1, MOST_ADDRESS) ?? stands) : stands;
    taken.add(address);
    draft.set('address', address, reason('address.own'), 'near', index);
  }
}

/** The greatest frequency that neither a rating downstream nor the motor's plate forbids. */
function mostFor(context: DriveContext, pump: DrivenPump, held_bar: number | null): [number, DriveReason] {
  const { curve, rated_hz } = pump;
  const { rating, holds } = context.duty;
  const limits: [number, DriveReason][] = [[rated_hz, reason('most.rated')]];
  if (holds.kind === 'signal' && holds.most_hz < rated_hz)
    limits.push([holds.most_hz, reason('most.signal')]);
  const left_m = headOf_m(rating.lowest_bar - context.inlet.greatest_bar);
  // a relief valve under the rating holds it by itself
  if (left_m > 0 && !isRelieved(context))
    limits.push([
      rated_hz * Math.sqrt(left_m / curve.closed_m),
      reason('most.pressure', {
        rating: fig('pressure', rating.lowest_bar),
        inlet: fig('pressure', context.inlet.greatest_bar),
      }),
    ]);
  const { rated_W } = context.plate;
  if (rated_W !== null) {
    const hz = plateFrequency_hz(context, pump, rated_hz, held_bar, rated_W);
    if (hz < rated_hz) limits.push([hz, reason('most.plate', { plate: fig('power', rated_W) })]);
  }
  return limits.reduce((least, one) => (one[0] < least[0] - 1e-9 ? one : least));
}

function planSet(draft: DriveDraft): void {
  const { duty } = draft.context;
  const { holds, draw, choices } = duty;
  if (holds.kind === 'speed') return planSpeed(draft, holds.set_hz);
  const [needed, nil] = [neededSet_bar(duty), enoughAtNil_bar(duty)];
  if (needed === null || nil === null) return;
  const lifted = choices.lift === true && draft.has('lift') && holds.kind === 'pressure';
  const why =
    holds.kind !== 'pressure'
      ? reason('set.stated')
      : lifted
        ? reason('set.lifted')
        : reason('set.tap', {
            tap: fig('pressure', holds.tap_bar),
            lift: fig('pressure', pressureOf_bar(holds.above_m)),
            pipe: fig('pressure', holds.pipe_bar),
            draw: fig('waterFlow', draw.greatest_m3h),
          });
  const base = lifted ? nil : needed;
  const over = holds.kind === 'pressure' ? overCutIn_bar(draft, nil) : 0;
  const raised = reason('set.over-cut-in', { nil: fig('pressure', nil) });
  if (over > base + 1e-9) draft.set('set', over, raised, 'up');
  else draft.set('set', base, why, 'up');
  const { set_bar } = draft.settings();
  const lift = lifted && set_bar !== null ? Math.max(0, needed - set_bar) : 0;
  draft.set('lift', lift, reason(lifted ? 'lift.pipe' : 'lift.none'), 'up');
}

/** A speed that is stated, within what bearings, ratings and plate allow. */
function planSpeed(draft: DriveDraft, set_hz: number): void {
  const { least_hz, most_hz } = draft.settings();
  const within = Math.min(most_hz ?? Infinity, Math.max(least_hz ?? 0, set_hz));
  if (Math.abs(within - set_hz) > 1e-9)
    draft.problems.push({ kind: 'speed-outside', asked_hz: set_hz, taken_hz: within });
  draft.set('set.frequency', within, reason(within === set_hz ? 'speed.stated' : 'speed.within'));
}

/** A set pressure at which a cut-in pressure fits under it, and still above what the taps need at no flow, bar. */
function overCutIn_bar(draft: DriveDraft, nil_bar: number): number {
  const step = draft.stepOf('cut-in') ?? draft.stepOf('cut-in.below') ?? 0;
  if (step === 0) return 0;
  return Math.ceil(nil_bar / step - 1e-9) * step + step;
}

/** Half of the cut-in pressure is no honest dip. */
const DRY_SHARE = 0.5;
/** So much longer than filling, and so much of what the seal stands. */
const LONGER = 1.2;
const WITHIN = 0.5;

function planDry(draft: DriveDraft): void {
  const { duty } = draft.context;
  draft.step(['dry.threshold'], () => {
    const { cutIn_bar, set_bar } = draft.settings();
    const base = cutIn_bar ?? set_bar;
    if (base !== null && holdsPressure(duty))
      draft.set('dry.threshold', base * DRY_SHARE, reason('dry.under'), 'down');
  });
  draft.step(['dry.reaction'], () => {
    const chosen = duty.choices.dry;
    if (chosen)
      draft.pick('dry.reaction', `dry.${chosen.reaction}`, reason('dry.chosen', { why: chosen.why }));
    else draft.pick('dry.reaction', 'dry.stop', reason('dry.stop'));
  });
  draft.step(['dry.retries'], () => {
    if (duty.surprise !== '') draft.set('dry.retries', 0, reason('dry.retries'));
  });
  draft.step(['dry.delay', 'fill'], () => planDryDelay(draft, pumpOf(duty)));
}

function planDryDelay(draft: DriveDraft, pump: DrivenPump): void {
  const { duty } = draft.context;
  const settings = draft.settings();
  const { dry_s } = duty.pump;
  if (dry_s === null) return;
  const fill_s = fillTime_s(draft.context, pump, settings);
  const dry = fig('seconds', dry_s);
  if (fill_s === null) {
    draft.set('dry.delay', dry_s * WITHIN, reason('dry.delay-short', { dry }), 'down');
    return;
  }
  // on its own steps there must be a delay that is longer than filling and shorter than the seal stands
  const step = draft.stepOf('dry.delay') ?? 0;
  const longer = step === 0 ? fill_s * LONGER : Math.ceil((fill_s * LONGER) / step - 1e-9) * step;
  const fits = longer < dry_s;
  if (draft.has('fill'))
    draft.pick('fill', fits ? 'fill.off' : 'fill.on', reason(fits ? 'fill.off' : 'fill.on'));
  if (fits) draft.set('dry.delay', longer, reason('dry.delay', { fill: fig('seconds', fill_s), dry }), 'up');
  else {
    draft.set('dry.delay', dry_s * WITHIN, reason('dry.delay-filled', { dry }), 'down');
    if (!draft.has('fill')) draft.problems.push({ kind: 'fill-or-dry', fill_s, dry_s });
  }
}

/** What starts by itself, who may turn it, and the end of set-up. */
function planGuards(draft: DriveDraft): void {
  const { duty } = draft.context;
  const afters = [
    ['power.after-cut', 'after-cut', 'afterCut'],
    ['fault.after', 'after-fault', 'afterFault'],
  ] as const;
  for (const [role, option, choice] of afters)
    draft.step([role], () => {
      const chosen = duty.choices[choice];
      if (chosen) return draft.pick(role, `${option}.${chosen}`, reason('after.chosen'));
      const { surprise } = duty;
      const way = surprise === '' ? 'resume' : 'wait';
      draft.pick(role, `${option}.${way}`, reason(`after.${way}`, { what: surprise }));
    });
  draft.step(['lock', 'set-up'], () => {
    if (draft.context.profile.behaviours.frontKeys) draft.pick('lock', 'lock.on', reason('lock.on'));
    draft.pick('set-up', 'set-up.complete', reason('set-up.complete'));
  });
}
