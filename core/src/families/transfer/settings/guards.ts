import { guardsOf } from '../../parts/guard';
import type { TransferRole } from './roles';

/** Settings whose change can hurt, and what of the duty they are held against. */
export const TRANSFER_GUARDS = guardsOf<TransferRole>(
  [['level.bottom'], 'down', []],
  [['level.top', 'alarm.high'], 'up', ['vessel.height_mm']],
  [['emptying.every'], 'up', ['product.stands_min']],
  [['cleaning.input'], 'any', ['inflow.cleaningInput', 'inflow.cleaning_m3h']],
  [['power.after-cut'], 'any', []],
  [['motor.volts', 'motor.current', 'motor.speed'], 'any', []],
);
