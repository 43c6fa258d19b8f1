import type { ProfileOf } from '../../profile';
import type { FamilyKind } from '../family';
import type { ViewOf } from '../view';
import type { SpaContext } from './settings/context';
import type { SpaSettings } from './settings/understand';
import type { SpaBehaviours } from './wire/behaviours';
import type { SpaDuty } from './wire/duty';
import type { SpaPlate } from './wire/plate';
import type { SpaRecord } from './wire/records';

/** What spa packs work with. */
export interface SpaKind extends FamilyKind {
  readonly duty: SpaDuty;
  readonly plate: SpaPlate;
  readonly profile: ProfileOf<SpaBehaviours>;
  readonly context: SpaContext;
  readonly settings: SpaSettings;
  readonly record: SpaRecord;
  /** nothing gives it a signal */
  readonly reading: never;
}

export type SpaProfile = SpaKind['profile'];
export type SpaView = ViewOf<SpaKind>;
