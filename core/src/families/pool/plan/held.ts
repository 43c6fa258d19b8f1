import type { PoolRole } from '../settings/roles';
import type { PoolDuty } from '../wire/duty';

/** What stands by plant and water, and what a person chose: no repair of a plan moves it. */
export function heldRoles({ choices, programs }: PoolDuty): ReadonlySet<string> {
  const chosen: readonly (readonly PoolRole[] | null)[] = [
    choices.afterCut ? ['power.after-cut'] : null,
    choices.priming ? ['prime.mode'] : null,
    choices.frost ? ['frost.guard', 'frost.speed', 'circuit.frost'] : null,
    choices.keys ? ['key.function'] : null,
    // programs that were agreed by hand
    programs ? ['program.days', 'program.start', 'program.stop', 'program.speed', 'circuit.speed'] : null,
  ];
  return new Set([...BY_PLANT, ...chosen.flatMap((roles) => roles ?? [])]);
}

const BY_PLANT: readonly PoolRole[] = [
  'mode',
  'command.source',
  'pump.kind',
  'pump.speeds',
  'pump.second',
  'chemistry',
  'program.circuit',
  'heat.source',
  'heat.pool',
  'heat.tub',
  'heat.body',
  'sensor.water',
  'sensor.air',
  'sensor.roof',
];
