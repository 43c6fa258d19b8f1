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
import type { TableRow } from './wire/table';
import { DUTY, SHARED, LITTLE } from './example-duties';

export { DUTY, SHARED, LITTLE };

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
  readInside: null,
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

/** A row of a number table with two pumps of two speeds and a blower; the heater waits for high speed. */
export const tableRow = (change: Partial<TableRow> = {}): TableRow => ({
  number: 1,
  pumps: [2, 2],
  blower: true,
  circulation: false,
  ozone: false,
  heater: 'none-high',
  needs: [],
  ...change,
});
