import { inOrderOfWork, keyAt } from '../../profile';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { renderFinding, type Finding, type Subject } from '../../findings';
import type { SettingValues } from '../../profile';
import { EVERY_DAY } from '../../time';
import { METRIC } from '../../units';
import { checkSettings } from './checks/checks';
import type { PoolContext } from './settings/context';
import type { PoolDuty } from './wire/duty';
import { planPool } from './plan/plan';
import { NOT_COMPARED } from './effect/sensors';
import { POOL_TEXTS } from './texts/texts';
import { profileSchema } from '../wire';
import type { PoolProfile } from './wire/job';
import { DUTY, PANEL_DUTY } from './example-duties';

export { DUTY, PANEL_DUTY };

/** For tests only: the shipped profiles, and duties that a sound pump meets. */
function shipped(name: string): PoolProfile {
  const path = join(__dirname, '../../../../profiles', `${name}.json`);
  return profileSchema.parse(JSON.parse(readFileSync(path, 'utf8'))) as PoolProfile;
}

export const TEN_SLOTS = shipped('pool-drive-ten-slots');
export const FOUR_SPEEDS = shipped('pool-drive-four-speeds');
export const LINK = shipped('pool-drive-link');
export const PANEL = shipped('circuit-panel-eight');
export const INNER = shipped('panel-pool-tub-inner');
export const TODAY = '2026-11-24';

export function contextOf(
  profile: PoolProfile = TEN_SLOTS,
  duty: PoolDuty = DUTY,
  change: Partial<PoolContext> = {},
): PoolContext {
  return {
    duty,
    profile,
    plate: { family: 'pool', greatest_rpm: profile.behaviours.speed.greatest_rpm, rated_W: 1500, kind: null },
    today: TODAY,
    zone: 'Atlantic/Faroe',
    inForce: {},
    commandSeen: null,
    clockAhead_min: 0,
    clockFound_min: 0,
    sensorErrors: NOT_COMPARED,
    ...change,
  };
}

/** The settings that a plan leads to: what a sound pump holds. */
export function sound(context: PoolContext): SettingValues {
  return planPool(context).values;
}

/** Texts of the findings on settings that are changed from the sound ones. */
export function texts(
  context: PoolContext,
  change: SettingValues = {},
  subject: Subject = 'found',
): string[] {
  return checkSettings(context, subject, { ...sound(context), ...change }).map(({ text }) => text);
}

/** All of a finding's words, for a look at its figures. */
export function wordsOf(finding: Finding | undefined): string {
  if (!finding) return '';
  const { title, so, will, todo } = renderFinding(finding, POOL_TEXTS, METRIC);
  return [title, so, will, todo].join(' ').replace(/\u00a0/g, ' ');
}

/** A pump of this family with what was found on it, for suites that every family goes through. */
export const SAMPLES = [
  [TEN_SLOTS, DUTY] as const,
  [FOUR_SPEEDS, DUTY] as const,
  [LINK, { ...DUTY, command: 'link' }] as const,
  [PANEL, PANEL_DUTY] as const,
].map(([profile, duty]) => ({
  profile,
  duty: duty as PoolDuty,
  plate: { family: 'pool', greatest_rpm: 3260, rated_W: 1500, kind: 'M' } as const,
  found: Object.fromEntries(
    inOrderOfWork(profile).flatMap(({ key, default: value }) => (value === undefined ? [] : [[key, value]])),
  ),
}));

/** A program in a slot of the ten-slot drive. */
export const slot = (n: number, program: Record<string, string | number>): SettingValues =>
  Object.fromEntries(
    Object.entries({ days: EVERY_DAY, speed: 1500, enable: 'on', ...program }).map(([key, value]) => [
      keyAt(key, n),
      value,
    ]),
  );
/** The panel with its duty, some of it changed. */
export const panel = (change: Partial<PoolDuty> = {}) => contextOf(PANEL, { ...PANEL_DUTY, ...change });

/** All slots of the ten-slot drive off. */
export function emptied(): SettingValues {
  return Object.fromEntries(Array.from({ length: 10 }, (_, i) => [keyAt('enable', i + 1), 'off']));
}
