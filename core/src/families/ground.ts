import type { SettingValues } from '../profile';
import { putBackOf } from '../sheet';
import type { FamilyKind } from './kind';
import type { Ground } from './parts/ground';
import type { ViewOf } from './view';

/** What a context is made from on the job that is in view, for a duty and what the controller holds. */
export function groundOf<K extends FamilyKind>(
  { document, profile, plate, today, rows }: ViewOf<K>,
  duty: K['duty'],
  inForce: SettingValues,
): Ground<K> {
  const { site, pump } = document;
  return {
    duty,
    profile,
    plate,
    today,
    zone: site.zone,
    inForce,
    putBack: putBackOf(rows),
    signalFrom: pump.signalFrom,
    document,
  };
}
