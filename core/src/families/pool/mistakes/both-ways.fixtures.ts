import { none, type BothWays } from '../../both-ways.fixtures';
import type { PoolRole } from '../settings/roles';
import { DUTY, FOUR_SPEEDS, PANEL, PANEL_DUTY, SAMPLES, TEN_SLOTS } from '../fixtures';

const { plate } = SAMPLES[0];
/** Pools and controllers on which every setting counts somewhere. */
export const PLANTS = [
  ...SAMPLES,
  { profile: TEN_SLOTS, duty: { ...DUTY, winter: 'light' }, plate, found: {} },
  {
    profile: FOUR_SPEEDS,
    duty: { ...DUTY, winter: 'light', place: { childrenReach: true, othersReach: true } },
    plate,
    found: {},
  },
  {
    profile: PANEL,
    duty: { ...PANEL_DUTY, heat: { ...PANEL_DUTY.heat!, source: 'heater', tub_C: 36, warmest_C: 38 } },
    plate,
    found: {},
  },
  { profile: PANEL, duty: { ...PANEL_DUTY, water_C: 8, winter: 'light' }, plate, found: {} },
  {
    profile: TEN_SLOTS,
    duty: { ...DUTY, winter: 'light', circuits: [{ ...DUTY.circuits[0], exposed: true }] },
    plate,
    found: {},
  },
] as const;

/** What is said of each setting that is too low, too high or another than it must be. */
export const BOTH_WAYS: BothWays<PoolRole> = {
  mode: { wrong: 'POO-24.manual' },
  'pump.kind': { wrong: 'POO-20' },
  'speed.least': { low: none('slower than a program asks is judged by the program'), high: 'POO-27.quiet' },
  'speed.greatest': { low: 'POO-22', high: 'POO-08' },
  'program.start': { low: 'POO-22', high: 'POO-01' },
  'program.stop': { low: 'POO-22', high: 'POO-01' },
  'program.speed': { low: 'POO-22', high: 'POO-27.quiet' },
  'program.enable': { wrong: 'POO-01' },
  'prime.mode': { wrong: 'POO-10.off' },
  'prime.speed': { low: none('whether it pulls the water up is seen at the pump'), high: 'POO-09' },
  'prime.time': { low: 'POO-10.off', high: 'POO-10.long' },
  'prime.hold': { high: none('judged with prime speed and time') },
  'boost.speed': { low: none('a boost that is slow does less, and hurts nothing'), high: 'POO-09' },
  'boost.time': {
    low: none('a boost that is short does less, and hurts nothing'),
    high: none('what it costs is shown'),
  },
  'frost.guard': { wrong: 'POO-11.off' },
  'frost.temperature': {
    low: 'POO-11.late',
    high: 'POO-11.often',
  },
  'frost.speed': {
    low: none('judged over a roof, where it lifts'),
    high: none('what it costs is shown; past the limit is POO-08'),
  },
  'clock.summer': { wrong: 'ANY-04.summer' },
  'access.password': { wrong: 'ANY-11.password' },
  'access.time-out': {
    low: none('a menu that closes soon is the safe side'),
    high: none('never closing is said at its first setting'),
  },
  'power.after-cut': {
    wrong: none("waiting after a cut is a person's choice; that nobody knows it is ANY-12"),
  },
  'key.function': { wrong: none('judged where children reach the keys') },
  'command.source': { wrong: 'POO-22' },
  'link.address': {
    low: none('any address that nobody else has is as good'),
    high: none('any address that nobody else has is as good'),
  },
  'circuit.speed': { low: 'POO-22', high: 'ANY-10.speed' },
  'circuit.frost': { wrong: 'POO-11.circuit' },
  'program.circuit': { wrong: 'POO-22' },
  'heat.source': {
    wrong: 'POO-14.off',
  },
  'heat.body': { wrong: none('which water is heated is chosen at its valve') },
  'heat.pool': {
    low: 'POO-14.cool',
    high: 'POO-14.warm',
  },
  'heat.tub': {
    low: 'POO-14.cool',
    high: 'POO-14.warm',
  },
  'heat.after-run': { low: 'POO-13', high: none('a longer after-run costs money alone') },
  'solar.start': { low: 'POO-15', high: none('the roof runs later and gains less') },
  'solar.stop': { low: none('judged against the start'), high: 'POO-15' },
  'chlorinator.output': {
    low: 'PRO-02.off',
    high: 'PRO-02.much',
  },
  'chlorinator.cold': {
    low: 'POO-17',
    high: none('it idles earlier, which the owner sees'),
  },
  'delay.cleaner': {
    low: none('judged where a cleaner has a pump of its own'),
    high: none('the cleaner waits longer, and hurts nothing'),
  },
  'delay.valves': {
    low: none('the drives of valves differ, and the duty does not know them'),
    high: none('the drives of valves differ, and the duty does not know them'),
  },
  'sensor.water': {
    low: none('judged once it was compared with a reference'),
    high: none('judged once it was compared with a reference'),
  },
  'sensor.air': {
    low: none('judged once it was compared with a reference'),
    high: none('judged once it was compared with a reference'),
  },
  'sensor.roof': {
    low: none('judged once it was compared with a reference'),
    high: none('judged once it was compared with a reference'),
  },
  'program.days': { wrong: none('no shipped controller has it') },
};
