import type { SettingValues } from '../../../profile';
import { lastRecord } from '../../../visit';
import type { Ground } from '../../parts/ground';
import type { DriveJobKind, DriveProfile } from '../wire/job';
import type { DriveDuty } from '../wire/duty';
import type { DrivePlate } from '../wire/plate';
import { gasFound_bar, gasHistory, gasOf_bar } from './gas';

/** Everything that planning and checking one drive or set starts from. */
export interface DriveContext {
  readonly duty: DriveDuty;
  readonly profile: DriveProfile;
  readonly plate: DrivePlate;
  /** the site's date */
  readonly today: string;
  /** what the controller holds now, as far as is known */
  readonly inForce: SettingValues;
  /** pressure at its inlet, over the whole span: what the duty says, widened by what was read on this visit */
  readonly inlet: { readonly least_bar: number; readonly greatest_bar: number };
  /** pressure at its inlet as it was read on this visit; null while nobody did */
  readonly inletRead_bar: number | null;
  /** pre-charge of its vessel, measured empty of water: on this visit, else as the duty has it; null while nobody did */
  readonly precharge_bar: number | null;
  /** the same as it was found on this visit, before anybody pumped it up or let it off */
  readonly prechargeFound_bar: number | null;
}

export function contextOf({
  duty,
  profile,
  plate,
  today,
  inForce,
  document,
}: Ground<DriveJobKind>): DriveContext {
  const read = (document && lastRecord(document, 'drive-now')?.body.inlet_bar) ?? null;
  const gas = document ? gasHistory(document).at(-1) : undefined;
  const precharge_bar = gasOf_bar(gas, duty.vessel?.precharge_bar ?? null);
  return {
    duty,
    profile,
    plate,
    today,
    inForce,
    inlet: {
      // of a duty that is not whole only what is asked for is needed
      get least_bar() {
        return read === null ? duty.inlet.least_bar : Math.min(duty.inlet.least_bar, read);
      },
      get greatest_bar() {
        return read === null ? duty.inlet.greatest_bar : Math.max(duty.inlet.greatest_bar, read);
      },
    },
    inletRead_bar: read,
    precharge_bar,
    prechargeFound_bar: (document && gasFound_bar(document)) ?? precharge_bar,
  };
}
