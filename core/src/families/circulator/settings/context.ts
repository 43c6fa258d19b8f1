import type { SettingValues } from '../../../profile';
import { lastRecord } from '../../../visit';
import type { Ground } from '../../parts/ground';
import type { CirculatorJobKind, CirculatorProfile } from '../wire/job';
import type { CirculatorDuty } from '../wire/duty';
import type { CirculatorPlate } from '../wire/plate';

/** Everything that planning and checking one circulator starts from. */
export interface CirculatorContext {
  readonly duty: CirculatorDuty;
  readonly profile: CirculatorProfile;
  readonly plate: CirculatorPlate;
  /** the site's date */
  readonly today: string;
  /** what the controller holds now, as far as is known */
  readonly inForce: SettingValues;
  /** pressure at its inlet: as read on this visit, else as the duty has it; null while nobody knows */
  readonly inlet_bar: number | null;
  /** its loops were purged on this visit until nothing was heard or seen; null while nobody said */
  readonly purged: boolean | null;
}

/** No loop is through in less, s. */
export const LEAST_PURGE_s = 60;

export function contextOf({
  duty,
  profile,
  plate,
  today,
  inForce,
  document,
}: Ground<CirculatorJobKind>): CirculatorContext {
  const read = document && lastRecord(document, 'circulator-now')?.body.inlet_bar;
  const purge = document && lastRecord(document, 'purged')?.body;
  // a loop that was timed, and not long enough for its water to go round, is not purged
  const purged = purge && purge.clear && (purge.seconds ?? []).every((seconds) => seconds >= LEAST_PURGE_s);
  return {
    duty,
    profile,
    plate,
    today,
    inForce,
    inlet_bar: read ?? duty.inlet_bar,
    purged: purge ? purged === true : null,
  };
}
