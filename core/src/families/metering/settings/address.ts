import { addressOf, parameterWithRole } from '../../../profile';
import type { MeteringContext } from './context';
import type { MeteringRole } from './roles';

/** The sheet addresses of roles, as far as the profile has them. */
export function addressesOf(context: MeteringContext, ...roles: MeteringRole[]): string[] {
  return roles.flatMap((role) => {
    const parameter = parameterWithRole(context.profile, role);
    return parameter ? [addressOf(parameter)] : [];
  });
}
