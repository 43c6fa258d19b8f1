import { inOrderOfWork, parameterWithRole, type Parameter } from '../../../profile';
import type { PoolProfile } from '../wire/job';

/** One place for a program on a controller, with its parameters in their order. */
export interface ProgramSlot {
  readonly slot: number;
  readonly parameters: readonly Parameter[];
}

/** The places for programs of a controller, top to bottom; none where it has no programs. */
export function programGroup(profile: PoolProfile): ProgramSlot[] {
  const group = parameterWithRole(profile, 'program.start')?.group;
  const slots = new Map<number, Parameter[]>();
  for (const parameter of inOrderOfWork(profile)) {
    if (parameter.group !== group) continue;
    const slot = Number(parameter.key.split('/')[1] ?? '1');
    slots.set(slot, [...(slots.get(slot) ?? []), parameter]);
  }
  return [...slots].map(([slot, parameters]) => ({ slot, parameters }));
}
