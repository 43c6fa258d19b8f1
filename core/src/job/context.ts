import {
  familyOf,
  type AnyProfile,
  type Duty,
  type FamilyContext,
  type Plate,
  type JobDocument,
} from '../families';
import { InputError } from '../input';
import { withFixed, type SettingValues } from '../profile';
import { putBackOf } from '../sheet';
import { plateOf, type SignalFrom } from '../visit';
import { rowsOf } from './sheet/rows';

/** The context of the pump that a job is on; null for a duty of another family. */
export function contextOf(
  document: JobDocument,
  duty: Duty,
  inForce: SettingValues,
  today: string,
): FamilyContext | null {
  const { profile, site, pump } = document;
  if (duty.family !== profile.family) return null;
  return familyOf(profile.family).context({
    duty,
    profile,
    plate: plateOf(document),
    today,
    zone: site.zone,
    inForce: withFixed(profile, inForce),
    putBack: putBackOf(rowsOf(document)),
    signalFrom: pump.signalFrom,
    document,
  });
}

/** What is known of a pump apart from any job. */
export interface BarePump {
  readonly duty: Duty;
  readonly profile: AnyProfile;
  readonly plate: Plate;
  readonly today: string;
  readonly zone: string;
  readonly inForce: SettingValues;
  readonly signalFrom?: SignalFrom | null;
}

/** The context of a pump without a job. Throws an InputError on `duty` where it is of another family than the controller. */
export function bareContext({ signalFrom = null, ...pump }: BarePump): FamilyContext {
  const { duty, profile } = pump;
  if (duty.family !== profile.family)
    throw new InputError('duty', `The controller is of a ${profile.family} pump, and the duty is not.`);
  const inForce = withFixed(profile, pump.inForce);
  return familyOf(profile.family).context({ ...pump, inForce, putBack: {}, signalFrom, document: null });
}
