import { atLeast, atMost, within, type Claim, type Claims } from '../../suites/claims.fixtures';
import { cleanFlow_m3h, pumpOf } from '../effect/hydraulics';
import type { PoolContext } from '../settings/context';
import type { PoolSettings } from '../settings/understand';
import type { POOL_REASONS } from './reasons';

type Of = Claim<PoolContext, PoolSettings>;

const free: Of = ({ set, context: { duty } }) => !duty.otherAddresses.includes(set);
/** Speeds are in rev/min or in per cent: what is set is read from the settings. */
const belowWall: Of = ({ settings, role }) => {
  const speed = role === 'prime.speed' ? settings.prime.speed_rpm : null;
  const most = settings.greatest_rpm;
  return speed === null || speed === undefined || most === null || atMost(speed, most);
};

/** What a circuit of a panel is given at the speed that is set for it. */
const circuitGets: Of = ({ settings, given, said, context: { duty } }) => {
  const circuit = duty.circuits.find(({ name }) => name === said('name'))!;
  const speed = settings.circuits.find(({ place }) => place === circuit.place)?.speed_rpm ?? null;
  return speed === null || atLeast(pumpOf(duty).flow_m3h(speed, circuit.static_m), given('flow'));
};

export const CLAIMS: Claims<keyof typeof POOL_REASONS, PoolContext, PoolSettings> = {
  'mode.automatic': null,
  'command.own': null,
  'command.relay': null,
  'command.link': null,
  'address.keep': free,
  'address.free': free,
  'kind.plate': null,
  'limit.wall': ({ settings, given, context: { duty } }) =>
    settings.greatest_rpm === null ||
    atMost(cleanFlow_m3h(duty, pumpOf(duty), settings.greatest_rpm), given('flow') * 1.001),
  'limit.open': null,
  'prime.sense': null,
  'prime.fixed': null,
  'prime.off': null,
  'prime.speed': belowWall,
  'prime.time': ({ set }) => set > 0,
  'boost.speed': belowWall,
  'timed.speed': null,
  'timed.length': ({ set, step, given }) => within(set, given('time'), step),
  'timed.start': null,
  'timed.none': null,
  'timed.key': null,
  'prime.hold': null,
  'program.days': null,
  'program.start': null,
  'program.stop': null,
  'program.speed': ({ given }) => given('flow') > 0,
  'program.circuit': null,
  'program.on': null,
  'program.off': null,
  'program.key': null,
  'circuit.speed': circuitGets,
  'circuit.most': (it) => !circuitGets(it) && it.given('given') < it.given('flow'),
  'circuit.run': null,
  'circuit.frost.on': null,
  'circuit.frost.off': null,
  'frost.on': ({ context: { duty } }) => duty.winter !== 'none',
  'frost.full': ({ context: { duty } }) => duty.choices.frost === 'full-speed',
  'frost.off': null,
  'frost.temperature': ({ set }) => set > 0,
  'frost.speed': ({ given }) => given('flow') > 0,
  'frost.lifted': ({ given }) => given('flow') > 0,
  'heat.source': null,
  'heat.pool': ({ set, given }) => atMost(set, given('warmest')),
  'heat.tub': ({ set, context: { duty } }) => atMost(set, duty.heat!.warmest_C),
  'heat.tub-idle': ({ set, given }) => atMost(set, given('warmest')),
  'heat.after-run': ({ set, context: { duty } }) => atLeast(set, duty.heat!.afterRun_min),
  'solar.start': ({ set }) => set > 0,
  'solar.stop': ({ set, settings }) => settings.solar.start_K === null || set < settings.solar.start_K,
  'chlorinator.output': ({ set, given, context: { duty } }) =>
    atLeast((set / 100) * duty.chlorinator!.rated_gph * given('hours'), given('needed')),
  'chlorinator.short': ({ set, given, context: { duty } }) =>
    (set / 100) * duty.chlorinator!.rated_gph * given('hours') < given('needed'),
  'chlorinator.cold': null,
  'sensor.offset': null,
  'delay.cleaner': ({ set }) => set > 0,
  'sense.usual': null,
  'timer.counts': null,
  'timer.clock': null,
  'at-power.off': null,
  'pump.there': null,
  'cooling.on': ({ context: { duty } }) => duty.heat?.cooledTo_C !== undefined,
  'cooling.above': ({ set, context: { duty } }) => atLeast(set, duty.heat!.cooledTo_C!),
  'override.off': null,
  'chemistry.told': null,
  'summer.follows': null,
  'password.own': null,
  'key.nothing': null,
  'after-cut.resume': null,
  'after-cut.wait': null,
};
