import type { ViewOf } from '../view';
import type { CirculatorContext } from './settings/context';
import type { CirculatorSettings } from './settings/understand';
import type { CirculatorJobKind } from './wire/job';

/** What circulators work with. */
export interface CirculatorKind extends CirculatorJobKind {
  readonly context: CirculatorContext;
  readonly settings: CirculatorSettings;
  /** its signal is proved by checks, voltage by voltage */
  readonly reading: never;
}

export type CirculatorView = ViewOf<CirculatorKind>;
