import { none, type BothWays } from '../../suites/both-ways.fixtures';
import type { CirculatorRole } from '../settings/roles';
import { BUILDING, DUTY, HOT, PLATE, RETURN, SAMPLES, TWIN, TWIN_DUTY } from '../fixtures';
import type { CirculatorDuty } from '../wire/duty';

const told = (control: CirculatorDuty['control']): CirculatorDuty => ({ ...DUTY, control });
/** Plants and controllers on which every setting of a circulator counts somewhere. */
export const PLANTS = [
  ...SAMPLES,
  {
    profile: BUILDING,
    duty: told({ kind: 'volts', off_V: 0.5, on_V: 1.5, full_V: 8 }),
    plate: PLATE,
    found: {},
  },
  { profile: BUILDING, duty: told({ kind: 'sensor', range_bar: 0.6 }), plate: PLATE, found: {} },
  { profile: BUILDING, duty: told({ kind: 'link', others: [2], silent: 'stop' }), plate: PLATE, found: {} },
  {
    profile: BUILDING,
    duty: { ...DUTY, contact: 'wired', alarm: { volts_V: 24, amps_A: 0.1, onFault: 'opens' } },
    plate: PLATE,
    found: {},
  },
  { profile: TWIN, duty: { ...TWIN_DUTY, heat_kW: 60 }, plate: PLATE, found: {} },
  {
    profile: BUILDING,
    duty: { ...DUTY, system: 'cooling', difference_K: 5, heat_kW: 16, choices: { mode: 'temperature' } },
    plate: PLATE,
    found: {},
  },
  { profile: RETURN, duty: { ...HOT, choices: { mode: 'temperature' } }, plate: PLATE, found: {} },
  { profile: RETURN, duty: { ...HOT, choices: { mode: 'clock' } }, plate: PLATE, found: {} },
  { profile: BUILDING, duty: { ...HOT, choices: { mode: 'temperature' } }, plate: PLATE, found: {} },
  {
    profile: BUILDING,
    duty: { ...DUTY, control: { kind: 'link', others: [1, 3], silent: 'stop' } },
    plate: PLATE,
    found: { protocol: 'A' },
  },
  {
    profile: BUILDING,
    duty: {
      ...DUTY,
      control: { kind: 'link', others: Array.from({ length: 130 }, (_, i) => i + 1), silent: 'stop' },
    },
    plate: PLATE,
    found: { protocol: 'A' },
  },
  {
    profile: BUILDING,
    duty: { ...DUTY, heat_kW: 20, index: { head_m: 0.6, from: 'stated' }, choices: { mode: 'fixed' } },
    plate: PLATE,
    found: {},
  },
  { profile: BUILDING, duty: HOT, plate: PLATE, found: {} },
  { profile: TWIN, duty: { ...HOT, choices: { mode: 'temperature' } }, plate: PLATE, found: {} },
  { profile: TWIN, duty: told({ kind: 'sensor', range_bar: 0.6 }), plate: PLATE, found: { sensor: 'dp' } },
  {
    profile: TWIN,
    duty: { ...DUTY, system: 'cooling', difference_K: 5, heat_kW: 16, choices: { mode: 'temperature' } },
    plate: PLATE,
    found: {},
  },
] as const;

/** What is said of each setting that is too low, too high or another than it must be. */
export const BOTH_WAYS: BothWays<CirculatorRole> = {
  'control.source': { wrong: 'CIR-13' },
  contact: { wrong: 'CIR-04.none' },
  mode: { wrong: 'CIR-12.set' },
  head: { low: 'CIR-12.set', high: 'CIR-18.valves' },
  speed: { low: 'CIR-19.cool', high: 'CIR-18.valves' },
  night: { wrong: 'CIR-19.night' },
  'volts.off': { low: 'CIR-16.volts', high: 'CIR-16.order' },
  'volts.on': { low: 'CIR-16.order', high: 'CIR-16.volts' },
  'volts.full': { low: 'CIR-16.early', high: 'CIR-16.full' },
  'sensor.range': { low: 'CIR-06', high: 'CIR-06' },
  'fault.sense': { wrong: 'CIR-10.sense' },
  port: { wrong: 'CIR-08' },
  'link.protocol': { wrong: 'CIR-07.range' },
  'link.address': { low: 'CIR-07.range', high: 'CIR-07.range' },
  'link.silence': { wrong: 'CIR-21.link' },
  lock: { wrong: none('whether others reach its keys is not asked of a circulator') },
  'power.after-cut': { wrong: 'ANY-12.cold' },
  'twin.part': { wrong: 'CIR-09' },
  'twin.way': { wrong: 'CIR-09.always' },
  'twin.hours': {
    low: none('how evenly the two are worn, and nothing else, hangs on it'),
    high: none('how evenly the two are worn, and nothing else, hangs on it'),
  },
  temperature: {
    low: 'CIR-19.set',
    high: 'CIR-19.never',
  },
  'temperature.sense': { wrong: 'CIR-11.sense' },
  'temperature.place': { wrong: 'CIR-19.place' },
  'sensor.kind': { wrong: 'CIR-06.kind' },
  'link.baud': { wrong: none("what the building's system speaks is proved by the link, not known before") },
  'link.parity': { wrong: none("what the building's system speaks is proved by the link, not known before") },
  'run.from': { low: 'CIR-19.pause', high: 'CIR-19.pause' },
  'run.to': { low: 'CIR-19.pause', high: 'CIR-19.pause' },
};
