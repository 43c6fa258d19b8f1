import type { CheckInput as Shared } from '../../parts/check-input';
import type { HeldBy } from '../effect/week';
import type { PoolContext } from '../settings/context';
import type { PoolRole } from '../settings/roles';
import type { PoolSettings } from '../settings/understand';
import type { PumpOnSystem } from '../effect/hydraulics';
import type { RunStretch } from '../effect/week';
import type { WeekSums } from '../effect/week';

/** What every check of settings is given. */
export interface CheckInput extends Shared<PoolContext, PoolSettings, PoolRole> {
  readonly pump: PumpOnSystem;
  /** what keeps the programs from running */
  readonly held: HeldBy;
  /** the week its programs make, whether or not they are held; null while it is not known whole */
  readonly week: readonly RunStretch[] | null;
  readonly sums: WeekSums | null;
}
