import { parameterWithRole } from '../../../profile';
import { fig } from '../../../units';
import { poolChoices, type PoolDuty } from '../wire/duty';
import { leastSpeed_rpm, pumpOf, wallSpeed, WALL_WORDS } from '../effect/hydraulics';
import type { PoolDraft } from './draft';
import { speedRange } from './programs';
import { SENSOR_NAMES, sensorsInUse, type Sensor } from '../effect/sensors';
import { placed } from '../settings/understand';
import { chlorinatorHours } from '../effect/treatment';

/** Frost guard starts this far above freezing: what a sensor on a wall and a pipe in the wind may differ. */
export const FROST_GUARD_C = 3;
/** A prime is pulled at this share of full speed: enough to lift water, and quieter than all of it. */
const PRIME_SHARE = 0.85;
/** Time for a prime, min: a pump that is filled takes one, one that lost its water several. */
const PRIME_TIME_min = { sense: 6, fixed: 3, off: 0 } as const;

/** Who commands it, the greatest speed and the prime. */
export function planHead(draft: PoolDraft): void {
  const { duty, profile, plate } = draft.context;
  draft.choose('mode', 'mode.automatic', { text: 'mode.automatic', values: {} });
  draft.step(['command.source'], () =>
    draft.choose('command.source', `command.${duty.command}`, {
      text: `command.${duty.command}`,
      values: {},
    }),
  );
  draft.step(['link.address'], () => planAddress(draft));
  const kind = parameterWithRole(profile, 'pump.kind')?.options?.find(
    ({ value, label }) => value === plate.kind || label === plate.kind,
  );
  if (kind) draft.put('pump.kind', kind.value, { text: 'kind.plate', values: {} });
  draft.step(['speed.greatest'], () => planLimit(draft));
  draft.step(['prime.mode', 'prime.speed', 'prime.time', 'prime.hold', 'prime.sensitivity'], () =>
    planPrime(draft),
  );
}

/** What the plant stands, in words. */
function wallWords(duty: PoolDuty): string {
  const wall = wallSpeed(duty, pumpOf(duty));
  return wall ? WALL_WORDS[wall.wall.what] : 'its full speed';
}

function planLimit(draft: PoolDraft): void {
  const { duty } = draft.context;
  const wall = wallSpeed(duty, pumpOf(duty));
  const range = speedRange(draft.context);
  draft.speed(
    'speed.greatest',
    range.greatest_rpm,
    wall
      ? {
          text: 'limit.wall',
          values: {
            wall: wallWords(duty),
            flow: fig('waterFlow', wall.wall.flow_m3h),
            speed: fig('speed', wall.speed_rpm),
          },
        }
      : { text: 'limit.open', values: {} },
    1,
    'down',
  );
}

function planPrime(draft: PoolDraft): void {
  const { duty, profile } = draft.context;
  const range = speedRange(draft.context);
  const wish = poolChoices(duty).priming;
  const way = wish === 'sense' && profile.behaviours.priming.kind === 'fixed' ? 'fixed' : wish;
  draft.choose('prime.mode', `prime.${way}`, { text: `prime.${way}`, values: {} });
  // as the limit stands on its own steps
  const most = Math.min(range.greatest_rpm, draft.settings().greatest_rpm);
  const fast = Math.min(most, PRIME_SHARE * profile.behaviours.speed.greatest_rpm);
  draft.speed('prime.speed', fast, { text: 'prime.speed', values: { wall: wallWords(duty) } }, 1, 'down');
  draft.set('prime.time', PRIME_TIME_min[way], {
    text: way === 'off' ? 'prime.off' : 'prime.time',
    values: {},
  });
  draft.set('prime.hold', 0, { text: 'prime.hold', values: {} });
  if (way === 'sense') draft.choose('prime.sensitivity', 'sense.usual', { text: 'sense.usual', values: {} });
}

function planAddress(draft: PoolDraft): void {
  const { duty, profile, inForce } = draft.context;
  const range = profile.behaviours.addresses;
  if (!range || !draft.has('link.address')) return;
  const taken = new Set(duty.otherAddresses);
  const now = draft.settings().address ?? range.least;
  if (!taken.has(now)) {
    if (Object.keys(inForce).length > 0) draft.set('link.address', now, { text: 'address.keep', values: {} });
    return;
  }
  for (let free = range.least; free <= range.greatest; free++) {
    if (!taken.has(free)) return draft.set('link.address', free, { text: 'address.free', values: {} });
  }
}

/** Frost, heat, chlorinator, delays, clock, access and power cut. */
export function planGuards(draft: PoolDraft): void {
  const { duty, profile } = draft.context;
  draft.step(['frost.guard', 'frost.temperature', 'frost.speed'], () => planFrost(draft));
  draft.step(['heat.source', 'heat.pool', 'heat.tub', 'heat.after-run', 'solar.start', 'solar.stop'], () =>
    planHeat(draft),
  );
  draft.step(['chlorinator.cold', 'chlorinator.output'], () => planChlorinator(draft));
  draft.step(['sensor.water', 'sensor.air', 'sensor.roof'], () => {
    for (const sensor of sensorsInUse(duty, draft.settings())) planOffset(draft, sensor);
  });
  draft.step(['delay.cleaner'], () => {
    if (duty.circuits.some(({ kind }) => kind === 'cleaner'))
      draft.set('delay.cleaner', draft.defaultOf('delay.cleaner') ?? CLEANER_WAITS_min, {
        text: 'delay.cleaner',
        values: {},
      });
  });
  if (profile.behaviours.clock.summer === 'set')
    draft.choose('clock.summer', 'summer.follows', { text: 'summer.follows', values: {} });
  draft.step(['access.password'], () => {
    if (duty.place.othersReach)
      draft.choose('access.password', 'password.own', { text: 'password.own', values: {} });
  });
  draft.step(['key.function'], () => {
    if (!duty.place.childrenReach) return;
    for (const place of placed(profile, 'key.function'))
      draft.choose('key.function', 'key.nothing', { text: 'key.nothing', values: {} }, place);
  });
  draft.step(['power.after-cut'], () => {
    const { afterCut } = poolChoices(duty);
    draft.choose('power.after-cut', `after-cut.${afterCut}`, { text: `after-cut.${afterCut}`, values: {} });
  });
}

/** A cleaner's booster runs dry unless the main pump has had this to prime and settle, min. */
export const CLEANER_WAITS_min = 10;

function planFrost(draft: PoolDraft): void {
  const { duty, profile } = draft.context;
  if (!profile.behaviours.frost) return;
  const wish = poolChoices(duty).frost;
  // nobody said what the winters are like: what is there is left alone
  if (duty.winter === null) return;
  if (duty.winter === 'none' || wish === 'drain') {
    draft.choose('frost.guard', 'frost.off', { text: 'frost.off', values: {} });
    return;
  }
  draft.choose('frost.guard', 'frost.on', { text: 'frost.on', values: {} });
  draft.set('frost.temperature', FROST_GUARD_C, { text: 'frost.temperature', values: {} });
  if (wish === 'full-speed') {
    draft.speed(
      'frost.speed',
      speedRange(draft.context).greatest_rpm,
      { text: 'frost.full', values: {} },
      1,
      'down',
    );
    return;
  }
  const pump = pumpOf(duty);
  const { step_rpm, least_rpm, greatest_rpm } = speedRange(draft.context);
  const exposed = duty.circuits.filter((circuit) => circuit.exposed);
  // low is enough where nothing is lifted; over a roof it takes the speed that gives the roof its least flow
  const lifted = exposed.filter(({ static_m }) => static_m > 0);
  const speed = Math.min(
    greatest_rpm,
    Math.max(least_rpm, ...lifted.map((circuit) => leastSpeed_rpm(pump, circuit, step_rpm))),
  );
  const flows = (exposed.length > 0 ? exposed : [{ static_m: 0 }]).map(({ static_m }) =>
    pump.flow_m3h(speed, static_m),
  );
  draft.speed('frost.speed', speed, {
    text: lifted.length > 0 ? 'frost.lifted' : 'frost.speed',
    values: {
      flow: fig('waterFlow', Math.min(...flows)),
      circuits: lifted.map(({ name }) => name).join(', '),
    },
  });
}

function planHeat(draft: PoolDraft): void {
  const { heat } = draft.context.duty;
  if (!heat) return;
  draft.choose('heat.source', `heat.${heat.source}`, { text: 'heat.source', values: {} });
  const warmest = fig('temperature', heat.warmest_C);
  // agreed is agreed, but never above what is allowed for the sake of a step
  draft.set('heat.pool', heat.pool_C, { text: 'heat.pool', values: { warmest } }, 1, 'down');
  if (heat.tub_C !== null) draft.set('heat.tub', heat.tub_C, { text: 'heat.tub', values: {} }, 1, 'down');
  else if ((draft.settings().heat.tub_C ?? 0) > heat.warmest_C) {
    // nobody selects it today; a slip of the selector would heat to it
    draft.set('heat.tub', heat.warmest_C, { text: 'heat.tub-idle', values: { warmest } }, 1, 'down');
  }
  draft.set('heat.after-run', heat.afterRun_min, { text: 'heat.after-run', values: {} }, 1, 'up');
  if (heat.source === 'solar' || heat.source === 'solar-first') {
    draft.set('solar.start', heat.startDifference_K, { text: 'solar.start', values: {} }, 1, 'up');
    draft.set('solar.stop', heat.stopDifference_K, { text: 'solar.stop', values: {} }, 1, 'down');
  }
}

function planChlorinator(draft: PoolDraft): void {
  const { chlorinator } = draft.context.duty;
  if (!chlorinator) return;
  draft.set('chlorinator.cold', chlorinator.cold_C, { text: 'chlorinator.cold', values: {} });
  const hours = chlorinatorHours(draft.context, draft.settings());
  if (hours === null || hours === 0 || !draft.has('chlorinator.output')) return;
  const output = (chlorinator.needed_gpd / (chlorinator.rated_gph * hours)) * 100;
  const values = {
    needed: fig('mass', chlorinator.needed_gpd),
    hours: fig('hours', hours),
    rated: `${chlorinator.rated_gph} g/h`,
  };
  if (output > 100) {
    draft.problems.push({
      kind: 'chlorinator-short',
      needed_g: chlorinator.needed_gpd,
      most_g: chlorinator.rated_gph * hours,
    });
  }
  const reason = { text: output > 100 ? 'chlorinator.short' : 'chlorinator.output', values } as const;
  draft.set('chlorinator.output', Math.min(100, output), reason, 1, 'up');
}

/** The offset against what a sensor was seen to show too much; nobody guesses at one that was not compared. */
function planOffset(draft: PoolDraft, sensor: Sensor): void {
  const error_K = draft.context.sensorErrors[sensor];
  const role = `sensor.${sensor}` as const;
  if (error_K === null || !draft.has(role)) return;
  draft.set(role, -error_K, {
    text: 'sensor.offset',
    values: {
      sensor: SENSOR_NAMES[sensor],
      off: fig('difference', Math.abs(error_K)),
      way: error_K < 0 ? 'too little' : 'too much',
    },
  });
}
