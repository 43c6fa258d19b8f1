import type { BenchEvent, Scenario } from '../../../bench';
import { shipped } from '../../suites/shipped.fixtures';
import { INNER_DUTY } from '../example-duties';
import { contextOf, DUTY, INNER, sound } from '../fixtures';
import type { PoolProfile } from '../wire/job';
import { benchSheet, plainWeek } from './bench';
import { eventsFor } from './events';

const HOUR_s = 3600;
const day = (...events: BenchEvent[]): Scenario => ({ ...plainWeek(), days: 1, events });
const event = (kind: string, from_h: number, to_h: number | null, amount: number | null = null) =>
  ({ kind, at_s: from_h * HOUR_s, until_s: to_h === null ? null : to_h * HOUR_s, amount }) as BenchEvent;

describe('stopped until resumed', () => {
  const timers = contextOf(shipped('pool-drive-timer-menus') as PoolProfile, DUTY);
  const values = sound(timers);
  test('nothing runs until it is resumed, by program or by hand, and then the program of the hour does', () => {
    const free = benchSheet(timers, values, day()).sums.run_h;
    const stopped = benchSheet(timers, values, day(event('stopped', 0, 24), event('hand-run', 10, 12, 2000)));
    expect(free).toBeGreaterThan(1);
    expect(stopped.sums.run_h).toBeLessThan(0.01);
    const half = benchSheet(timers, values, day(event('stopped', 0, 12))).sums.run_h;
    expect(half).toBeGreaterThan(0);
    expect(half).toBeLessThan(free);
  });
  test('it is thrown at a controller that has it, and at no other', () => {
    expect(eventsFor(timers)).toContain('stopped');
    expect(eventsFor(contextOf())).not.toContain('stopped');
  });
});

describe('the roof by night', () => {
  const valves = { valve: 'suction', 'valve/2': 'return', 'valve/3': 'roof', 'valve/4': 'none' };
  // water that is too warm, a panel that runs all night over a roof that has its flow
  const warm = contextOf(INNER, { ...INNER_DUTY, water_C: 33 }, { inForce: valves });
  const night = {
    ...sound(warm),
    circuit: 'c5',
    days: '1234567',
    start: 0,
    stop: 1439,
    'speed/5': 2600,
    source: 'off',
  };
  const water = (change: object) =>
    benchSheet(warm, { ...night, ...change }, { ...day(), weather: { air_C: [28], sun: [0] } }).sums.water_C;
  test('cools what is too warm, down to what is set and no further', () => {
    const still = water({ cooling: 'off' });
    const cooled = water({ cooling: 'on', coolTo: 31 });
    expect(cooled).toBeLessThan(still - 0.3);
    expect(cooled).toBeGreaterThan(30.4);
    // above what it is set to cool at nothing happens
    expect(water({ cooling: 'on', coolTo: 40 })).toBeCloseTo(still, 6);
  });
});

describe('how finely a prime is sensed', () => {
  const eight = contextOf(shipped('pool-drive-eight-slots') as PoolProfile, DUTY);
  const primes = (fine: string) =>
    benchSheet(eight, { ...sound(eight), prime: 'sense', fine }, day()).sums.prime_min;
  test('coarse goes on sooner than usual, fine later', () => {
    expect(primes('1')).toBeLessThan(primes('3'));
    expect(primes('5')).toBeGreaterThan(primes('3'));
  });
});
