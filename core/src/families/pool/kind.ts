import type { ProfileOf } from '../../profile';
import type { FamilyKind } from '../family';
import type { ViewOf } from '../view';
import type { PoolContext } from './settings/context';
import type { PoolSettings } from './settings/understand';
import type { PoolBehaviours } from './wire/behaviours';
import type { PoolDuty } from './wire/duty';
import type { PoolPlate } from './wire/plate';
import type { PoolRecord } from './wire/records';

/** What pool pumps and panels work with. */
export interface PoolKind extends FamilyKind {
  readonly duty: PoolDuty;
  readonly plate: PoolPlate;
  readonly profile: ProfileOf<PoolBehaviours>;
  readonly context: PoolContext;
  readonly settings: PoolSettings;
  readonly record: PoolRecord;
  /** no signal is given to a pool pump */
  readonly reading: never;
}

export type PoolProfile = PoolKind['profile'];
export type PoolView = ViewOf<PoolKind>;
