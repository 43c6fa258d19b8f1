import type { ViewOf } from '../view';
import type { JudgedReading } from './proof/judged-reading';
import type { MeteringContext } from './settings/context';
import type { MeteringSettings } from './settings/understand';
import type { MeteringJobKind } from './wire/job';

/** What metering and dosing pumps work with. */
export interface MeteringKind extends MeteringJobKind {
  readonly context: MeteringContext;
  readonly settings: MeteringSettings;
  readonly reading: JudgedReading;
}

export type MeteringView = ViewOf<MeteringKind>;
