import type { ViewOf } from '../view';
import type { SpaContext } from './settings/context';
import type { SpaSettings } from './settings/understand';
import type { SpaJobKind } from './wire/job';

/** What spa packs work with. */
export interface SpaKind extends SpaJobKind {
  readonly context: SpaContext;
  readonly settings: SpaSettings;
  /** nothing gives it a signal */
  readonly reading: never;
}

export type SpaView = ViewOf<SpaKind>;
