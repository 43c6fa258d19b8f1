import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { profileSchema } from '..';
import { renderFinding, type Subject } from '../../findings';
import type { SettingValues } from '../../profile';
import { METRIC } from '../../units';
import { checkSettings } from './checks/checks';
import type { DriveProfile } from './wire/job';
import { planDrive } from './plan/plan';
import type { DriveContext } from './settings/context';
import { DRIVE_TEXTS } from './texts/texts';
import type { DriveDuty } from './wire/duty';
import type { DrivePlate } from './wire/plate';
import { DUTY, ONE } from './example-duties';

export { DUTY, ONE };

const read = (name: string): DriveProfile => {
  const file = join(__dirname, '../../../../profiles', `${name}.json`);
  return profileSchema.parse(JSON.parse(readFileSync(file, 'utf8'))) as DriveProfile;
};

/** A wheel and a text display: everything that a drive can be asked. */
export const WHEEL = read('drive-wheel-text');
/** A wall box that asks for the plant first. */
export const BOX = read('drive-wall-box');
/** Two pumps under one panel. */
export const SET = read('booster-two-pumps');
/** Text pages that go by the control kind: every kind of signal and sensor. */
export const PAGES = read('drive-pages-by-kind');
/** Up to eight on a line, with a sheet for each. */
export const SHEETS = read('drives-a-sheet-each');
/** Four switches and a knob. */
export const SMALL = read('drive-four-switches');

export const PLATE: DrivePlate = {
  family: 'drive',
  rated_W: 2200,
  current_A: 4.6,
  speed_rpm: 2880,
  volts_V: 400,
};

export const contextOf = (
  profile: DriveProfile = SET,
  duty: DriveDuty = DUTY,
  change: Partial<DriveContext> = {},
): DriveContext => ({
  duty,
  profile,
  plate: PLATE,
  today: '2026-11-24',
  inForce: {},
  inlet: duty.inlet,
  inletRead_bar: null,
  precharge_bar: duty.vessel?.precharge_bar ?? null,
  prechargeFound_bar:
    change.precharge_bar === undefined ? (duty.vessel?.precharge_bar ?? null) : change.precharge_bar,
  ...change,
});

/** The settings of the plan. */
export function sound(context: DriveContext): SettingValues {
  return planDrive(context).values;
}

/** Texts of the findings on settings that are changed from the sound ones. */
export function texts(
  context: DriveContext,
  change: SettingValues = {},
  subject: Subject = 'found',
): string[] {
  return checkSettings(context, subject, { ...sound(context), ...change }).map(({ text }) => text);
}

/** What a finding says, all of its words. */
export function wordsOf(context: DriveContext, change: SettingValues, text: string): string {
  const found = checkSettings(context, 'found', { ...sound(context), ...change }).find(
    (one) => one.text === text,
  );
  if (!found) return '';
  const { title, so, will, todo } = renderFinding(found, DRIVE_TEXTS, METRIC);
  return [title, so, will, todo].join(' ').replace(/\u00a0/g, ' ');
}

/** Pumps of this family with what was found on them, for suites that every family goes through. */
export const SAMPLES = [
  {
    profile: SET,
    duty: DUTY,
    plate: PLATE,
    found: {
      P01: 1,
      P02: 6,
      P03: 20,
      P04: 50,
      P05: 1,
      addr: 1,
      'addr/2': 1,
      P20: 4,
      P21: 16,
      P22: 20,
      P23: 2,
      P24: 4,
      P30: 34,
      P31: 5,
      P32: 0,
      P40: 0.5,
      P41: 120,
      P42: '1',
      P50: '0',
      P51: 0.5,
      P52: 4,
      P53: 40,
      P54: 24,
      P60: '1',
      P61: '1',
      P62: '0',
      P69: '0',
    },
  },
  {
    profile: WHEEL,
    duty: { ...ONE, surprise: 'sprays over the benches' },
    plate: PLATE,
    found: {
      kind: 'p',
      seen: 1,
      amps: 3.4,
      range: 16,
      p1: 5,
      cut: 2.5,
      fs: 30,
      ts: 20,
      react: 'warn',
      cutback: 'go',
      lock: 'off',
    },
  },
  {
    profile: BOX,
    duty: ONE,
    plate: PLATE,
    found: { plant: 'supply', pumps: 2, p: 2.5, under: 0.3, fs: 28, ts: 15, react: 'msg' },
  },
  {
    profile: SMALL,
    duty: { ...ONE, holds: { kind: 'pressure', tap_bar: 2, above_m: 8, pipe_bar: 0.4 }, vessel: null },
    plate: PLATE,
    found: { s1: 'off', s2: 'on', s3: 'off', s4: 'on', knob: 2 },
  },
];
