import { guardsOf } from '../../parts/guard';
import type { CirculatorRole } from './roles';

/** Settings whose change can hurt, and what of the duty they are held against. */
export const CIRCULATOR_GUARDS = guardsOf<CirculatorRole>(
  // only a hot-water return has these limits: what else it serves needs none of them
  [
    ['temperature'],
    'any',
    [
      'system',
      'hotWater.coolest_C',
      'hotWater.supply_C',
      'hotWater.longestPause_min',
      'hotWater.pipe_m',
      'hotWater.loss_Wm',
    ],
  ],
  [
    ['temperature.sense', 'temperature.place', 'night'],
    'any',
    ['system', 'hotWater.coolest_C', 'hotWater.supply_C'],
  ],
  [['run.from', 'run.to'], 'any', ['system', 'hotWater.longestPause_min']],
  [['power.after-cut'], 'any', []],
);
