import type { CheckInput as Shared } from '../../parts/check-input';
import type { CirculatorContext } from '../settings/context';
import type { CirculatorRole } from '../settings/roles';
import type { CirculatorSettings } from '../settings/understand';
import type { PumpInSystem } from '../effect/pump';

/** What every check of settings is given. */
export interface CheckInput extends Shared<CirculatorContext, CirculatorSettings, CirculatorRole> {
  readonly pump: PumpInSystem;
}
