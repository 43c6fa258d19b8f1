import { poolDutySchema, type PoolDuty } from '../wire/duty';
import { makeForm } from '../../../describe';
import { NEEDS_PART, TARIFF_PART, TIMED_PART } from './needs-parts';
import { CHLORINATOR_PART, COMMAND_PART, HEAT_PART, WINTER_PART } from './plant-parts';
import { CIRCUITS_PART, LIMITS_PART, POINTS_PART, WATER_PART } from './water-parts';

/** What a pool pump is to do, in the order of work; its programs are kept apart, on the timeline. */
export const DUTY_FORM = makeForm<PoolDuty>({
  parts: [
    WATER_PART,
    POINTS_PART,
    LIMITS_PART,
    CIRCUITS_PART,
    NEEDS_PART,
    TIMED_PART,
    TARIFF_PART,
    COMMAND_PART,
    WINTER_PART,
    HEAT_PART,
    CHLORINATOR_PART,
  ],
  schema: poolDutySchema,
  // what most sites have stands in a form that nobody has filled in
  start: {
    bodies: [{ name: 'Pool', kind: 'pool', shapes: [{ shape: 'rectangle' }] }],
    points: [{}],
    pointsFrom: 'measured',
    beforeWash: 0.9,
    circuits: [{ name: 'Filter', kind: 'filter' }],
    tariff: { windows: [{ days: '1234567', from: 0, to: 1440 }] },
    command: 'own',
    frostNight: { hours: 8, perYear: 0 },
    leastRun_min: 30,
  },
  finish: (read) => ({ ...read, family: 'pool' }),
});
