import type { ProfileOf } from '../../profile';
import type { FamilyKind } from '../family';
import type { ViewOf } from '../view';
import type { DriveContext } from './settings/context';
import type { DriveSettings } from './settings/understand';
import type { DriveBehaviours } from './wire/behaviours';
import type { DriveDuty } from './wire/duty';
import type { DrivePlate } from './wire/plate';
import type { DriveRecord } from './wire/records';

/** What pressure drives and booster sets work with. */
export interface DriveKind extends FamilyKind {
  readonly duty: DriveDuty;
  readonly plate: DrivePlate;
  readonly profile: ProfileOf<DriveBehaviours>;
  readonly context: DriveContext;
  readonly settings: DriveSettings;
  readonly record: DriveRecord;
  /** its signal is proved by checks */
  readonly reading: never;
}

export type DriveProfile = DriveKind['profile'];
export type DriveView = ViewOf<DriveKind>;
