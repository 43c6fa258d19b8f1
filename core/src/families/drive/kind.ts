import type { ViewOf } from '../view';
import type { DriveContext } from './settings/context';
import type { DriveSettings } from './settings/understand';
import type { DriveJobKind } from './wire/job';

/** What pressure drives and booster sets work with. */
export interface DriveKind extends DriveJobKind {
  readonly context: DriveContext;
  readonly settings: DriveSettings;
  /** its signal is proved by checks */
  readonly reading: never;
}

export type DriveView = ViewOf<DriveKind>;
