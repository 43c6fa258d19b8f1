import { shipped } from '../../suites/shipped.fixtures';
import { none, type BothWays } from '../../suites/both-ways.fixtures';
import type { PoolRole } from '../settings/roles';
import { EVERY_DAY } from '../../../time';
import { INNER_DUTY } from '../example-duties';
import { DUTY, FOUR_SPEEDS, INNER, LINK, PANEL, PANEL_DUTY, SAMPLES, TEN_SLOTS } from '../fixtures';

const { plate } = SAMPLES[0];
/** Pools and controllers on which every setting counts somewhere. */
export const PLANTS = [
  ...SAMPLES,
  { profile: TEN_SLOTS, duty: { ...DUTY, winter: 'light' }, plate, found: {} },
  {
    profile: shipped('pool-drive-eight-slots') as typeof TEN_SLOTS,
    duty: { ...DUTY, longestPause_min: 240 },
    plate,
    found: { holdLength: 60 },
  },
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
  {
    profile: TEN_SLOTS,
    duty: {
      ...DUTY,
      points: PANEL_DUTY.points,
      winter: 'light',
      place: { childrenReach: true, othersReach: true },
      circuits: [{ ...DUTY.circuits[0], exposed: true, static_m: 3 }],
    },
    plate,
    found: {},
  },
  {
    profile: LINK,
    duty: {
      ...DUTY,
      otherAddresses: [1, 16],
    },
    plate,
    found: {},
  },
  {
    profile: LINK,
    duty: {
      ...DUTY,
      command: 'link',
      otherAddresses: [1, 16],
    },
    plate,
    found: {},
  },
  {
    profile: PANEL,
    duty: {
      ...PANEL_DUTY,
      water_C: 15,
      needs: [{ circuit: 'Cleaner', days: EVERY_DAY, from: 720, to: 840, hours: null }],
      bodies: [{ ...PANEL_DUTY.bodies[0], turnoversPerDay: 0.2 }],
    },
    plate,
    found: {},
  },
  {
    profile: PANEL,
    duty: PANEL_DUTY,
    plate,
    found: {},
    read: { sensorErrors: { water: 0.5, air: -0.5, roof: 0.5 } },
  },
  // a panel of a pool and a tub with everything beside it
  {
    profile: INNER,
    duty: INNER_DUTY,
    plate,
    found: { valve: 'suction', 'valve/2': 'return', 'valve/3': 'roof', 'valve/4': 'none' },
  },
] as const;

/** What is said of each setting that is too low, too high or another than it must be. */
export const BOTH_WAYS: BothWays<PoolRole> = {
  mode: { wrong: 'POO-24.manual' },
  'pump.kind': { wrong: 'POO-20' },
  'pump.speeds': { wrong: 'POO-20.speeds' },
  'pump.second': { wrong: 'POO-20.second' },
  'circuit.timer': { wrong: 'POO-06.stays' },
  'circuit.at-power': { wrong: 'ANY-12.circuit' },
  'prime.sensitivity': { wrong: 'POO-10.coarse' },
  'cooling.night': { wrong: 'POO-15.uncooled' },
  'cooling.above': { low: 'POO-15.fights', high: 'POO-15.cooled' },
  'delay.override': { wrong: 'POO-16.skipped' },
  'valve.role': { wrong: 'POO-21.half' },
  chemistry: { wrong: 'POO-26.told' },
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
  'hold.time': {
    low: 'POO-24.short',
    high: 'POO-27.hold',
  },
  'boost.speed': { low: 'POO-09.slow', high: 'POO-09' },
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
    low: 'POO-11.slow',
    high: none('the maximum speed caps it, and what it costs is shown'),
  },
  'clock.summer': { wrong: 'ANY-04.summer' },
  'access.password': { wrong: 'ANY-11.password' },
  'access.time-out': {
    low: none('a menu that closes soon is the safe side'),
    high: 'ANY-11.stays',
  },
  'power.after-cut': { wrong: 'ANY-12.water' },
  'key.function': { wrong: 'ANY-11.keys' },
  'command.source': { wrong: 'POO-22' },
  'link.address': { low: 'POO-23', high: 'POO-23' },
  'circuit.speed': { low: 'POO-22', high: 'ANY-10.speed' },
  'circuit.frost': { wrong: 'POO-11.circuit' },
  'program.circuit': { wrong: 'POO-22' },
  'heat.source': {
    wrong: 'POO-14.off',
  },
  'heat.body': { wrong: 'POO-14.other' },
  'heat.pool': {
    low: 'POO-14.cool',
    high: 'POO-14.warm',
  },
  'heat.tub': {
    low: 'POO-14.cool',
    high: 'POO-14.warm',
  },
  'heat.after-run': { low: 'POO-13', high: none('a longer after-run costs money alone') },
  'solar.start': { low: 'POO-15', high: 'POO-15.late' },
  'solar.stop': { low: 'POO-15.cools', high: 'POO-15' },
  'chlorinator.output': {
    low: 'PRO-02.off',
    high: 'PRO-02.much',
  },
  'chlorinator.cold': {
    low: 'POO-17',
    high: 'POO-17.idle',
  },
  'delay.cleaner': {
    low: 'POO-16',
    high: 'POO-16.late',
  },
  'delay.valves': {
    low: none('the drives of valves differ, and the duty does not know them'),
    high: none('the drives of valves differ, and the duty does not know them'),
  },
  'sensor.water': {
    low: 'POO-19.off',
    high: 'POO-19.off',
  },
  'sensor.air': {
    low: 'POO-19.off',
    high: 'POO-19.off',
  },
  'sensor.roof': {
    low: 'POO-19.off',
    high: 'POO-19.off',
  },
  'program.days': { wrong: 'POO-22' },
};
