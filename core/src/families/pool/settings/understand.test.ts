import { EVERY_DAY } from '../../../time';
import { contextOf, FOUR_SPEEDS, LINK, PANEL, TEN_SLOTS } from '../fixtures';
import {
  fullSpeed_rpm,
  hasHours,
  knownPrograms,
  placed,
  roleAt,
  rulesOf,
  understand,
  weekKnown,
  type PoolSettings,
} from './understand';
import type { SettingValues } from '../../../profile';
import type { PoolProfile } from '../wire/job';

const read = (profile: PoolProfile, values: SettingValues): PoolSettings =>
  understand(profile, contextOf(profile).plate, values);
const slot = (settings: PoolSettings, n: number) => settings.programs.find((one) => one.slot === n)!;

describe('a sheet is read by what its parameters mean', () => {
  test('an empty one knows nothing but what the controller is built to', () => {
    const bare = read(TEN_SLOTS, {});
    expect(bare).toMatchObject({
      mode: null,
      command: 'own',
      least_rpm: 620,
      greatest_rpm: 3260,
      limit_rpm: null,
      boost_rpm: null,
      password: null,
      sensors: { water: 0, air: 0, roof: 0 },
    });
    expect(bare.programs).toHaveLength(10);
    expect(bare.prime.way).toBeNull();
    expect(weekKnown(bare)).toBe(false);
  });
  test('the same words on other keys: per cent of full speed, none and --:--, a prime without a mode', () => {
    const four = read(FOUR_SPEEDS, {
      top: 80,
      ...{ from: 420, until: 1020, share: 50 },
      ...{ 'from/2': 'none', 'until/2': 'none' },
      primeTime: 3,
    });
    expect(four.limit_rpm).toBeCloseTo(2160, 9);
    expect(slot(four, 1)).toMatchObject({
      days: EVERY_DAY,
      start: 420,
      stop: 1020,
      enabled: true,
      empty: false,
    });
    expect(slot(four, 1).speed_rpm).toBeCloseTo(1350, 9);
    expect(slot(four, 2)).toMatchObject({ start: null, empty: true });
    expect(slot(four, 5).timed).toBe(true);
    expect(four.prime).toMatchObject({ way: 'fixed', speed_rpm: 2700, time_min: 3 });
  });
  test('on a panel a program has the speed of its circuit', () => {
    const panel = read(PANEL, {
      ...{ circuit: 'c1', days: EVERY_DAY, start: 480, stop: 960 },
      ...{ 'circuit/2': 'c3', 'days/2': '135', 'start/2': 600, 'stop/2': 720 },
      circuitSpeed: 1200,
      'circuitSpeed/3': 1900,
      'circuitFrost/6': 'yes',
      'circuitSpeed/6': 2100,
      waterOffset: -1.5,
    });
    expect([slot(panel, 1).speed_rpm, slot(panel, 2).speed_rpm]).toEqual([1200, 1900]);
    expect(slot(panel, 2)).toMatchObject({ circuit: 3, days: '135' });
    expect(panel.circuits.find(({ place }) => place === 6)).toMatchObject({ frost: true });
    // frost guard runs each guarded circuit at its own speed
    expect(panel.frost.speed_rpm).toBe(2100);
    expect(panel.sensors.water).toBe(-1.5);
  });
  test('full speed is the plate’s where one was read', () => {
    const plate = { ...contextOf(FOUR_SPEEDS).plate, greatest_rpm: 2850 };
    expect(fullSpeed_rpm(FOUR_SPEEDS, plate)).toBe(2850);
    expect(fullSpeed_rpm(FOUR_SPEEDS, { ...plate, greatest_rpm: null })).toBe(2700);
    expect(understand(FOUR_SPEEDS, plate, { top: 100 }).limit_rpm).toBe(2850);
  });
  test('what an option means, and where a role repeats', () => {
    expect(roleAt(TEN_SLOTS, { state: 'hold' }, 'mode')).toBe('mode.hold');
    expect(roleAt(TEN_SLOTS, { 'key/3': 'timed' }, 'key.function', 3)).toBe('key.timed');
    expect(roleAt(TEN_SLOTS, {}, 'mode')).toBeNull();
    expect(roleAt(FOUR_SPEEDS, {}, 'mode')).toBeNull();
    expect(placed(TEN_SLOTS, 'program.start')).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10]);
    expect(placed(LINK, 'circuit.speed')).toEqual([1, 2, 3, 4]);
    expect(placed(FOUR_SPEEDS, 'key.function')).toEqual([]);
  });
});

describe('programs as they will run', () => {
  const stored = {
    days: EVERY_DAY,
    start: 420,
    stop: 1020,
    speed: 3300,
    enable: 'on',
    limit: 2630,
    least: 900,
  };
  test('none runs above the limit or below the minimum speed', () => {
    expect(knownPrograms(read(TEN_SLOTS, stored))).toMatchObject([{ slot: 1, speed: 2630, enabled: true }]);
    expect(knownPrograms(read(TEN_SLOTS, { ...stored, speed: 620 }))[0].speed).toBe(900);
  });
  test('what is not known whole, empty, or a key for timed runs is left out', () => {
    expect(knownPrograms(read(TEN_SLOTS, { ...stored, stop: undefined }))).toEqual([]);
    expect(knownPrograms(read(TEN_SLOTS, { ...stored, days: undefined }))).toEqual([]);
    expect(knownPrograms(read(FOUR_SPEEDS, { 'from/5': 420, 'until/5': 1020, 'share/5': 60 }))).toEqual([]);
    expect(knownPrograms(read(PANEL, { circuit: 'none', start: 0, stop: 60, days: EVERY_DAY }))).toEqual([]);
  });
  test('one that is switched off is known and does not run', () => {
    expect(knownPrograms(read(TEN_SLOTS, { ...stored, enable: 'off' }))).toMatchObject([{ enabled: false }]);
  });
  test('a week is known once every slot that may run is', () => {
    const off = Object.fromEntries(Array.from({ length: 9 }, (_, i) => [`enable/${i + 2}`, 'off']));
    expect(weekKnown(read(TEN_SLOTS, { ...stored, ...off }))).toBe(true);
    expect(weekKnown(read(TEN_SLOTS, { ...stored, ...off, 'enable/4': 'on' }))).toBe(false);
    expect(weekKnown(read(TEN_SLOTS, { ...stored, ...off, speed: undefined }))).toBe(false);
  });
  test('hours: from a start to another stop, or all day where start = stop means that', () => {
    expect(hasHours(TEN_SLOTS, { start: 420, stop: 1020 })).toBe(true);
    expect(hasHours(TEN_SLOTS, { start: 420, stop: 420 })).toBe(false);
    expect(hasHours(FOUR_SPEEDS, { start: 420, stop: 420 })).toBe(true);
    expect(hasHours(FOUR_SPEEDS, { start: null, stop: 420 })).toBe(false);
  });
  test('each controller has a rule of its own', () => {
    expect([TEN_SLOTS, FOUR_SPEEDS, LINK, PANEL].map((profile) => rulesOf(profile))).toEqual([
      { overlap: 'latest-start', resumes: true, startEqualsStop: 'off' },
      { overlap: 'highest-speed', resumes: true, startEqualsStop: 'all-day' },
      { overlap: 'first-slot', resumes: false, startEqualsStop: 'refused' },
      { overlap: 'highest-speed', resumes: true, startEqualsStop: 'all-day' },
    ]);
  });
});
