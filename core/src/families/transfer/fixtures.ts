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

/** A cider press: juice in gulps of 14 L, through a plate cooler to the store. */
export const DUTY: TransferDuty = {
  family: 'transfer',
  plant: 'press',
  pumpKind: 'plain',
  inflow: { inlets: 4, gulp_L: 14, every_s: 120, together: 2, cleaning_m3h: 5 },
  vessel: { area_m2: 0.16, height_mm: 600, vacuum_kPa: 0, above_m: 0.6, checkValve: true },
  pump: {
    static_m: 4,
    pipe: { loss_m: 5, at_m3h: 4 },
    curve: [
      { flow_m3h: 0, head_m: 17 },
      { flow_m3h: 4, head_m: 14 },
      { flow_m3h: 8, head_m: 7 },
    ],
    power: [
      { flow_m3h: 0, power_W: 420 },
      { flow_m3h: 6, power_W: 780 },
    ],
    rated_rpm: 2860,
    npsh_m: 3,
    limit_rpm: 3200,
    outlet_L: 18,
  },
  product: {
    in_C: 21,
    density_kgm3: 1050,
    heat_kJkgK: 3.8,
    wanted_C: 13,
    stands_min: 60,
    foams: false,
    surges: false,
  },
  cooler: { coolant_m3h: 4.3, coolant_C: 9, ua: { kind: 'stated', ua_kWK: 3.6, at_m3h: 1.9 }, side: null },
  altitude_m: 30,
  price_kWh: 0.24,
  currency: 'SKR',
  choices: {},
};

/** A vessel on a vacuum line without a cooler. */
export const VACUUM: TransferDuty = {
  ...DUTY,
  plant: 'vacuum',
  vessel: { ...DUTY.vessel, vacuum_kPa: 45, above_m: 1.2 },
  product: { ...DUTY.product, in_C: 16, wanted_C: 16, stands_min: null },
  inflow: { ...DUTY.inflow, cleaning_m3h: 3 },
  cooler: null,
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
