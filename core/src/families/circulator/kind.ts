import type { ProfileOf } from '../../profile';
import type { FamilyKind } from '../family';
import type { ViewOf } from '../view';
import type { CirculatorContext } from './settings/context';
import type { CirculatorSettings } from './settings/understand';
import type { CirculatorBehaviours } from './wire/behaviours';
import type { CirculatorDuty } from './wire/duty';
import type { CirculatorPlate } from './wire/plate';
import type { CirculatorRecord } from './wire/records';

/** What circulators work with. */
export interface CirculatorKind extends FamilyKind {
  readonly duty: CirculatorDuty;
  readonly plate: CirculatorPlate;
  readonly profile: ProfileOf<CirculatorBehaviours>;
  readonly context: CirculatorContext;
  readonly settings: CirculatorSettings;
  readonly record: CirculatorRecord;
  /** its signal is proved by checks, voltage by voltage */
  readonly reading: never;
}

export type CirculatorProfile = CirculatorKind['profile'];
export type CirculatorView = ViewOf<CirculatorKind>;
