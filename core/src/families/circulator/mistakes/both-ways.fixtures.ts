import { none, type BothWays } from '../../both-ways.fixtures';
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
    found: {},
  },
] as const;

/** What is said of each setting that is too low, too high or another than it must be. */
export const BOTH_WAYS: BothWays<CirculatorRole> = {
  'control.source': { wrong: 'CIR-13' },
  contact: { wrong: 'CIR-04.none' },
  mode: { wrong: 'CIR-12.set' },
  head: { low: 'CIR-12.set', high: 'CIR-18.valves' },
  speed: {
    low: 'CIR-19.cool',
    high: none('more than is needed costs money, which the plan shows; valves that whistle are CIR-18'),
  },
  night: { wrong: none("its own night saving is the owner's to choose") },
  'volts.off': { low: 'CIR-16.volts', high: 'CIR-16.order' },
  'volts.on': { low: 'CIR-16.order', high: 'CIR-16.volts' },
  'volts.full': {
    low: none("full speed comes earlier, and the duty's own volts are planned"),
    high: 'CIR-16.full',
  },
  'sensor.range': { low: 'CIR-06', high: 'CIR-06' },
  'fault.sense': { wrong: 'CIR-10.sense' },
  port: { wrong: 'CIR-08' },
  'link.protocol': {
    wrong: none(
      'its address against its protocol is judged; which one the building speaks is proved by the link',
    ),
  },
  'link.address': {
    low: none('judged against the others on the link and the range of its protocol'),
    high: none('judged against the others on the link and the range of its protocol'),
  },
  'link.silence': { wrong: 'CIR-21.link' },
  lock: { wrong: none('whether others reach its keys is not asked of a circulator') },
  'power.after-cut': {
    wrong: none("waiting after a cut is a person's choice; that nobody knows it is ANY-12"),
  },
  'twin.part': { wrong: 'CIR-09' },
  'twin.way': { wrong: 'CIR-09.always' },
  'twin.hours': {
    low: none('how evenly the two are worn, and nothing else, hangs on it'),
    high: none('how evenly the two are worn, and nothing else, hangs on it'),
  },
  temperature: {
    low: 'CIR-19.set',
    high: none('warmer than the coolest that is allowed costs heat, and nobody is hurt'),
  },
  'temperature.sense': { wrong: none('seen at the pump: turned the wrong way it slows when it is too cool') },
  'temperature.place': { wrong: none('judged on a hot-water return, where it is a limit') },
  'sensor.kind': { wrong: none('judged where a sensor tells it') },
  'link.baud': { wrong: none("what the building's system speaks is proved by the link, not known before") },
  'link.parity': { wrong: none("what the building's system speaks is proved by the link, not known before") },
  'run.from': { low: 'CIR-19.pause', high: 'CIR-19.pause' },
  'run.to': { low: 'CIR-19.pause', high: 'CIR-19.pause' },
};
