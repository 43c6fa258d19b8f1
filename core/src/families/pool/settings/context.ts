import type { SettingValues } from '../../../profile';
import type { PoolDuty } from '../wire/duty';
import type { PoolPlate } from '../wire/plate';
import { NOT_COMPARED, type SensorErrors } from '../effect/sensors';
import type { Ground } from '../../parts/ground';
import { lastRecord } from '../../../visit';
import type { PoolJobKind, PoolProfile } from '../wire/job';
import { sensorErrors } from '../proof/sensor-errors';

/** Everything that planning and checking one pool pump starts from. */
export interface PoolContext {
  readonly duty: PoolDuty;
  readonly profile: PoolProfile;
  readonly plate: PoolPlate;
  /** the site's date, for season and summer time */
  readonly today: string;
  /** the site's time zone */
  readonly zone: string;
  /** what the controller holds now, as far as is known */
  readonly inForce: SettingValues;
  /** what was seen to command it at the site, null when nobody looked yet */
  readonly commandSeen: PoolDuty['command'] | null;
  /** minutes the controller's clock is ahead of true time and was not set right; 0 when right or not read */
  readonly clockAhead_min: number;
  /** minutes that it was ahead on arrival, whatever was done about it since: what was found is never rewritten by that */
  readonly clockFound_min: number;
  readonly sensorErrors: SensorErrors;
}

/** Month of a site date, 1 to 12. */
export function monthOf(date: string): number {
  return Number(date.slice(5, 7));
}

/** What planning and checking start from; a clock that was read off and not set right stays off. */
export function contextOf({ document, signalFrom: _, ...known }: Ground<PoolJobKind>): PoolContext {
  const clock = document && lastRecord(document, 'clock')?.body;
  return {
    ...known,
    commandSeen: (document && lastRecord(document, 'identify')?.body.command) ?? null,
    clockAhead_min: clock && !clock.setRight ? (clock.error_min ?? 0) : 0,
    clockFound_min: clock?.error_min ?? 0,
    sensorErrors: document ? sensorErrors(document) : NOT_COMPARED,
  };
}

/** A context as the pump was found: its clock as it stood on arrival, whatever was done about it since. */
export function asFound(context: PoolContext): PoolContext {
  return { ...context, clockAhead_min: context.clockFound_min };
}
