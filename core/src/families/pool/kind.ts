import type { ViewOf } from '../view';
import type { PoolContext } from './settings/context';
import type { PoolSettings } from './settings/understand';
import type { PoolJobKind } from './wire/job';

/** What pool pumps and panels work with. */
export interface PoolKind extends PoolJobKind {
  readonly context: PoolContext;
  readonly settings: PoolSettings;
  /** no signal is given to a pool pump */
  readonly reading: never;
}

export type PoolView = ViewOf<PoolKind>;
