import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { profileSchema } from '..';
import { renderFinding, type Subject } from '../../findings';
import type { SettingValues } from '../../profile';
import { METRIC } from '../../units';
import { checkSettings } from './checks/checks';
import type { CirculatorProfile } from './wire/job';
import { planCirculator } from './plan/plan';
import type { CirculatorContext } from './settings/context';
import { CIRCULATOR_TEXTS } from './texts/texts';
import type { CirculatorDuty } from './wire/duty';
import type { CirculatorPlate } from './wire/plate';

const read = (name: string): CirculatorProfile => {
  const file = join(__dirname, '../../../../profiles', `${name}.json`);
  const profile = profileSchema.parse(JSON.parse(readFileSync(file, 'utf8')));
  return profile as CirculatorProfile;
};

/** A text display with two inputs, volts and a bus. */
export const BUILDING = read('building-circulator-display');
/** A hot-water return with clock and probe. */
export const RETURN = read('hot-water-return-clock');
/** One key, one dial, three lamps. */
export const HOME = read('home-circulator-dial');

/** Two heads under one display. */
export const TWIN = read('twin-circulator-display');

export const PLATE: CirculatorPlate = { family: 'circulator', rated_W: 130, inlet_bar: 0.5 };

/** Radiators of a small clinic: 38 kW at 12 K, 3.2 m in the index circuit. */
export const DUTY: CirculatorDuty = {
  family: 'circulator',
  system: 'radiators',
  heat_kW: 38,
  difference_K: 12,
  carrier: { kind: 'water' },
  index: { head_m: 3.2, from: 'stated' },
  valves: { allMayShut: true, leastFlow_m3h: 0.2 },
  pump: {
    curve: [
      { flow_m3h: 0, head_m: 6.5 },
      { flow_m3h: 2, head_m: 5.3 },
      { flow_m3h: 4, head_m: 1.7 },
    ],
    power: [
      { flow_m3h: 0, power_W: 60 },
      { flow_m3h: 4, power_W: 120 },
    ],
    leastShare: 0.28,
    least_W: 6,
  },
  pipe: { bore_mm: 41, material: 'steel' },
  inlet_bar: 1.4,
  control: { kind: 'own' },
  contact: 'none',
  season_h: 5200,
  price_kWh: 0.3,
  currency: 'SKR',
  choices: {},
};
/** The same radiators under a twin whose flap is tight. */
export const TWIN_DUTY: CirculatorDuty = { ...DUTY, twin: { flap: 'tight' } };
export const TWIN_FOUND = {
  source: 'own',
  start: 'off',
  part: 'lead',
  'part/2': 'lead',
  together: 'both',
  turnover: 24,
  mode: 'dpc',
  head: 6,
  speed: 70,
  night: 'off',
  cut: 'go',
  lock: 'off',
};
/** A house of its own: 8 kW at 10 K. */
export const HOUSE: CirculatorDuty = {
  ...DUTY,
  heat_kW: 8,
  difference_K: 10,
  index: { head_m: 1.6, from: 'stated' },
  pump: {
    curve: [
      { flow_m3h: 0, head_m: 4.2 },
      { flow_m3h: 1, head_m: 3.6 },
      { flow_m3h: 2.4, head_m: 0.6 },
    ],
    power: [{ flow_m3h: 1, power_W: 24 }],
    leastShare: 0.4,
    least_W: 4,
  },
  pipe: null,
};

/** The hot-water return of a clinic: 90 m of lagged pipe, back at 55 °C, and it may stand two hours. */
export const HOT: CirculatorDuty = {
  ...DUTY,
  system: 'hot-water',
  heat_kW: 0.72,
  difference_K: 4,
  hotWater: { pipe_m: 90, loss_Wm: 8, supply_C: 60, coolest_C: 55, longestPause_min: 120 },
  index: { head_m: 0.9, from: 'stated' },
  pump: {
    curve: [
      { flow_m3h: 0, head_m: 1.6 },
      { flow_m3h: 0.3, head_m: 1.2 },
      { flow_m3h: 0.6, head_m: 0.1 },
    ],
    power: [{ flow_m3h: 0.2, power_W: 9 }],
    leastShare: 0.4,
    least_W: 2,
  },
  pipe: { bore_mm: 16, material: 'copper' },
  season_h: 8760,
};

export const contextOf = (
  profile: CirculatorProfile = BUILDING,
  duty: CirculatorDuty = DUTY,
  change: Partial<CirculatorContext> = {},
): CirculatorContext => ({
  duty,
  profile,
  plate: PLATE,
  today: '2026-11-24',
  inForce: {},
  inlet_bar: duty.inlet_bar,
  purged: true,
  ...change,
});

/** The settings of the plan. */
export function sound(context: CirculatorContext): SettingValues {
  return planCirculator(context).values;
}

/** Texts of the findings on settings that are changed from the sound ones. */
export function texts(
  context: CirculatorContext,
  change: SettingValues = {},
  subject: Subject = 'found',
): string[] {
  return checkSettings(context, subject, { ...sound(context), ...change }).map(({ text }) => text);
}

/** What a finding says, all of its words. */
export function wordsOf(context: CirculatorContext, change: SettingValues, text: string): string {
  const found = checkSettings(context, 'found', { ...sound(context), ...change }).find(
    (one) => one.text === text,
  );
  if (!found) return '';
  const { title, so, will, todo } = renderFinding(found, CIRCULATOR_TEXTS, METRIC);
  return [title, so, will, todo].join(' ').replace(/\u00a0/g, ' ');
}

/** Pumps of this family with what was found on them, for suites that every family goes through. */
export const SAMPLES = [
  {
    profile: BUILDING,
    duty: DUTY,
    plate: PLATE,
    found: {
      source: 'own',
      start: 'off',
      mode: 'dpc',
      head: 6,
      speed: 70,
      night: 'off',
      cut: 'go',
      lock: 'off',
    },
  },
  { profile: TWIN, duty: TWIN_DUTY, plate: PLATE, found: TWIN_FOUND },
  { profile: HOME, duty: HOUSE, plate: PLATE, found: { mode: 'left', speed: 100, head: 4 } },
  {
    profile: RETURN,
    duty: HOT,
    plate: PLATE,
    found: { mode: 'clock', speed: 60, probe: 45, from: 360, to: 1320, cut: 'go' },
  },
];
