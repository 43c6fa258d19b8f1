import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { profileSchema } from '..';
import { renderFinding, type Subject } from '../../findings';
import type { SettingValues } from '../../profile';
import { METRIC } from '../../units';
import { checkSettings } from './checks/checks';
import type { SpaProfile } from './wire/job';
import { planSpa } from './plan/plan';
import type { SpaContext } from './settings/context';
import { SPA_TEXTS } from './texts/texts';
import type { SpaDuty } from './wire/duty';
import type { SpaPlate } from './wire/plate';

const read = (name: string): SpaProfile => {
  const file = join(__dirname, '../../../../profiles', `${name}.json`);
  return profileSchema.parse(JSON.parse(readFileSync(file, 'utf8'))) as SpaProfile;
};

/** Thirty rows, eight switches read at power-up, four keys. */
export const KEYS = read('spa-pack-four-keys');
/** A circulation pump, links, switches that count while the start-up message stands, a text panel. */
export const SOFT = read('spa-pack-soft-keys');
/** Two keys, one cycle, a bank that is read live. */
export const SMALL = read('spa-pack-two-keys');

export const PLATE: SpaPlate = { family: 'spa', current_A: 40, volts_V: 230, heater_W: 3000 };

/** A hostel's own tub: two pumps of two speeds, a blower, one phase. */
export const DUTY: SpaDuty = {
  family: 'spa',
  pumps: [
    { low: { current_A: 2.2, power_W: 480 }, high: { current_A: 8.4, power_W: 1900 }, phase: 1, low_m3h: 9 },
    {
      low: { current_A: 2.1, power_W: 460 },
      high: { current_A: 7.7, power_W: 1700 },
      phase: 1,
      low_m3h: null,
    },
  ],
  blower: { current_A: 3, power_W: 700, phase: 1 },
  circulation: null,
  ozone: null,
  lights: { current_A: 0.2, power_W: 40, phase: 1 },
  heater: { power_kW: 3, volts_V: 240, phases: 1, phase: 1, leastFlow_m3h: 5 },
  supply: { volts_V: 230, phases: 1, breaker_A: 25 },
  tub: {
    volume_L: 1350,
    air_C: 6,
    coldest_C: -4,
    loss: { kind: 'cool-down', from_C: 37.4, to_C: 35.1, air_C: 6, hours_h: 10 },
    open_WK: 90,
  },
  code: null,
  wanted: { temperature_C: 37, limit_C: 40, from_C: 12, within_h: 20, turnovers: 40 },
  baths: [{ from: 1140, to: 1260 }],
  quiet: [{ from: 1320, to: 420 }],
  prices: [
    { from: 0, to: 420, price: 0.18 },
    { from: 420, to: 1020, price: 0.27 },
    { from: 1020, to: 1200, price: 0.41 },
    { from: 1200, to: 1440, price: 0.27 },
  ],
  currency: 'SKR',
  choices: {},
};

/** A clinic's tub that many use, with a circulation pump, on three phases. */
export const SHARED: SpaDuty = {
  ...DUTY,
  pumps: [DUTY.pumps[0], { ...DUTY.pumps[1], phase: 2 }],
  blower: { current_A: 3, power_W: 700, phase: 2 },
  circulation: { current_A: 0.6, power_W: 130, phase: 3, flow_m3h: 3 },
  ozone: { current_A: 0.1, power_W: 20, phase: 3 },
  heater: { power_kW: 6, volts_V: 230, phases: 3, phase: 1, leastFlow_m3h: 2 },
  supply: { volts_V: 230, phases: 3, breaker_A: 16 },
  tub: { ...DUTY.tub, volume_L: 2400, coldest_C: 8, air_C: 16, loss: { kind: 'stated', covered_WK: 22 } },
  code: { circulation_h: 24, turnovers: 24, residual_mgL: 3 },
  wanted: { ...DUTY.wanted, temperature_C: 35, limit_C: 38, turnovers: 24 },
  baths: [
    { from: 540, to: 690 },
    { from: 840, to: 1020 },
  ],
};

/** A small tub with one pump and one cycle a day. */
export const LITTLE: SpaDuty = {
  ...DUTY,
  pumps: [DUTY.pumps[0]],
  blower: null,
  lights: null,
  supply: { volts_V: 230, phases: 1, breaker_A: 25 },
  tub: { ...DUTY.tub, volume_L: 800, coldest_C: 3 },
  wanted: { ...DUTY.wanted, temperature_C: 36, turnovers: 60 },
};

export const contextOf = (
  profile: SpaProfile = KEYS,
  duty: SpaDuty = DUTY,
  change: Partial<SpaContext> = {},
): SpaContext => ({
  duty,
  profile,
  plate: PLATE,
  today: '2026-11-24',
  inForce: {},
  putBack: {},
  table: profile.behaviours.rows,
  displayOff_K: null,
  offsetThen_K: 0,
  ...change,
});

/** The settings of the plan. */
export function sound(context: SpaContext): SettingValues {
  return planSpa(context).values;
}

/** Texts of the findings on settings that are changed from the sound ones. */
export function texts(context: SpaContext, change: SettingValues = {}, subject: Subject = 'found'): string[] {
  return checkSettings(context, subject, { ...sound(context), ...change }).map(({ text }) => text);
}

/** What a finding says, all of its words. */
export function wordsOf(context: SpaContext, change: SettingValues, text: string): string {
  const found = checkSettings(context, 'found', { ...sound(context), ...change }).find(
    (one) => one.text === text,
  );
  if (!found) return '';
  const { title, so, will, todo } = renderFinding(found, SPA_TEXTS, METRIC);
  return [title, so, will, todo].join(' ').replace(/\u00a0/g, ' ');
}

/** Pumps of this family with what was found on them, for suites that every family goes through. */
export const SAMPLES = [
  {
    profile: KEYS,
    duty: DUTY,
    plate: PLATE,
    found: {
      num: 3,
      sw: 'on',
      'sw/2': 'off',
      'sw/3': 'off',
      'sw/4': 'off',
      'sw/5': 'off',
      'sw/6': 'off',
      'sw/7': 'off',
      'sw/8': 'off',
      set: 41,
      range: 'hi',
      heat: 'cyc',
      start: 1380,
      long: 60,
      'start/2': 120,
      'long/2': 60,
      clean: 30,
      jets: 45,
      lock: 'off',
      lockt: 'off',
      offset: 0,
      unit: 'C',
      lamp: 60,
    },
  },
  {
    profile: SOFT,
    duty: SHARED,
    plate: { ...PLATE, current_A: null },
    found: {
      no: 12,
      dip: 'off',
      'dip/2': 'off',
      'dip/3': 'on',
      'dip/4': 'off',
      br: 'off',
      'br/2': 'off',
      temp: 39,
      range: 'r2',
      mode: 'away',
      at: 420,
      len: 60,
      every: 12,
      pin: 'off',
      tpin: 'off',
    },
  },
  {
    profile: SMALL,
    duty: LITTLE,
    plate: PLATE,
    found: { code: 2, s: 'off', l: 'off', t: 30, heats: 'h2', from: 0, for: 1 },
  },
];
