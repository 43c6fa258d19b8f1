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
import { DUTY, TWIN_DUTY, HOUSE, HOT } from './example-duties';

export { DUTY, TWIN_DUTY, HOUSE, HOT };

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
