import type { ProfileOf } from '../../profile';
import type { FamilyKind } from '../family';
import type { ViewOf } from '../view';
import type { JudgedReading } from './proof/judged-readings';
import type { MeteringContext } from './settings/context';
import type { MeteringSettings } from './settings/understand';
import type { MeteringBehaviours } from './wire/behaviours';
import type { MeteringDuty } from './wire/duty';
import type { MeteringPlate } from './wire/plate';
import type { MeteringRecord } from './wire/records';

/** What metering and dosing pumps work with. */
export interface MeteringKind extends FamilyKind {
  readonly duty: MeteringDuty;
  readonly plate: MeteringPlate;
  readonly profile: ProfileOf<MeteringBehaviours>;
  readonly context: MeteringContext;
  readonly settings: MeteringSettings;
  readonly record: MeteringRecord;
  readonly reading: JudgedReading;
}

export type MeteringProfile = MeteringKind['profile'];
export type MeteringView = ViewOf<MeteringKind>;
