import { parameterWithRole } from '../../../profile';
import type { MeteringProfile } from '../wire/job';
import type { MeteringRole } from './roles';

/** The setting that holds a pulse's factor: one for both ways on most controllers, one each on others. */
export function factorRole(profile: MeteringProfile, way: 'multiply' | 'divide'): MeteringRole {
  const own = way === 'multiply' ? 'pulse.multiplier' : 'pulse.divisor';
  return parameterWithRole(profile, own) ? own : 'pulse.factor';
}
