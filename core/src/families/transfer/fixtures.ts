import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { profileSchema } from '..';
import { renderFinding, type Subject } from '../../findings';
import type { SettingValues } from '../../profile';
import { METRIC } from '../../units';
import { checkSettings } from './checks/checks';
import type { TransferProfile } from './wire/job';
import { planTransfer } from './plan/plan';
import type { TransferContext } from './settings/context';
import { TRANSFER_TEXTS } from './texts/texts';
import type { TransferDuty } from './wire/duty';
import type { TransferPlate } from './wire/plate';
import { DUTY, VACUUM } from './example-duties';

export { DUTY, VACUUM };

const read = (name: string): TransferProfile => {
  const file = join(__dirname, '../../../../profiles', `${name}.json`);
  return profileSchema.parse(JSON.parse(readFileSync(file, 'utf8'))) as TransferProfile;
};

/** A text display that asks page by page; both ways of control. */
export const GUIDED = read('vessel-drive-guided');
/** Numbered parameters; it follows the level alone. */
export const NUMBERED = read('vessel-drive-numbered');

export const PLATE: TransferPlate = {
  family: 'transfer',
  rated_W: 1100,
  current_A: 2.6,
  speed_rpm: 2860,
  volts_V: 400,
};

export const contextOf = (
  profile: TransferProfile = GUIDED,
  duty: TransferDuty = DUTY,
  change: Partial<TransferContext> = {},
): TransferContext => ({
  duty,
  profile,
  plate: PLATE,
  today: '2026-11-24',
  inForce: {},
  putBack: {},
  ...change,
});

/** The settings of the plan. */
export function sound(context: TransferContext): SettingValues {
  return planTransfer(context).values;
}

/** Texts of the findings on settings that are changed from the sound ones. */
export function texts(
  context: TransferContext,
  change: SettingValues = {},
  subject: Subject = 'found',
): string[] {
  return checkSettings(context, subject, { ...sound(context), ...change }).map(({ text }) => text);
}

/** What a finding says, all of its words. */
export function wordsOf(context: TransferContext, change: SettingValues, text: string): string {
  const found = checkSettings(context, 'found', { ...sound(context), ...change }).find(
    (one) => one.text === text,
  );
  if (!found) return '';
  const { title, so, will, todo } = renderFinding(found, TRANSFER_TEXTS, METRIC);
  return [title, so, will, todo].join(' ').replace(/\u00a0/g, ' ');
}

/** Pumps of this family with what was found on them, for suites that every family goes through. */
export const SAMPLES = [
  {
    profile: GUIDED,
    duty: DUTY,
    plate: PLATE,
    found: {
      plant: 'ta',
      kind: 'pl',
      inlets: 4,
      volts: 400,
      amps: 4,
      rpm: 1400,
      least: 600,
      most: 2000,
      ctrl: 'ev',
      bottom: 40,
      top: 120,
      gain: 10,
      mean: 3,
      runon: 60,
      empty: 0,
      clean: 'no',
      cspeed: 2000,
      alarm: 600,
      cut: 'wait',
    },
  },
  {
    profile: NUMBERED,
    duty: VACUUM,
    plate: { ...PLATE, volts_V: null },
    found: { P1: 'pl', P3: 3.2, P4: 2800, P5: 800, P6: 3400, P7: 300, P8: 250, P9: 40, P10: 500 },
  },
];
