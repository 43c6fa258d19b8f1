import { InputError } from '../input';
import { parameterWithRole, rolesIn, roleOfOption, withFixed } from '../profile';
import { familyOf, type AnyProfile } from './all';
import { roleInWords } from './roles';

/** How a profile did on one usual pump. */
export interface Tried {
  /** which: “by a current signal” */
  readonly title: string;
  /** what a plan sets, in words; null where none could be made */
  readonly sets: readonly string[] | null;
  /** what the plan needed and the profile has no place for, in words */
  readonly lacks: readonly string[];
  /** why no plan could be made, in words */
  readonly why: string | null;
}

/** A plan that says all it has to: what works on such a pump. */
export const works = ({ sets, lacks }: Tried): boolean =>
  sets !== null && sets.length > 0 && lacks.length === 0;

/** Said where a plan fails on what a profile says, and not on the duty. */
export const UNPLANNED = 'no plan can be made with it as it is described';

/** Any winter’s day: no season is due, no clock changes. */
const DAY = '2026-01-15';

/**
 * Plans each usual pump of its family with a profile, as a job would: that a profile keeps to the format does not say yet that a plan
 * works with it.
 */
export function tryProfile(profile: AnyProfile): readonly Tried[] {
  const family = familyOf(profile.family);
  return family.examples(profile).map(({ title, duty, plate }) => {
    try {
      const context = family.context({
        duty,
        profile,
        plate,
        today: DAY,
        zone: 'UTC',
        inForce: withFixed(profile, {}),
        putBack: {},
        signalFrom: null,
        document: null,
      });
      const { targets, problems } = family.plan(context);
      const lacks = problems.flatMap(lackOf);
      const modeRole = family.modeRole ?? 'mode';
      const mode = parameterWithRole(profile, modeRole);
      const modes = targets.flatMap(({ key, value }) =>
        mode?.key === key ? (roleOfOption(mode, value, modeRole) ?? []) : [],
      );
      const said = (roles: readonly string[]) => [
        ...new Set(roles.map((role) => roleInWords(profile.family, role))),
      ];
      return {
        title,
        sets: said(targets.map(({ role }) => role)),
        lacks: said([...lacks, ...modes.flatMap((mode) => undriven(profile, mode))]),
        why: null,
      };
    } catch (error) {
      // one profile that a rule never met takes no page down: it is said not to be planned with
      const why = error instanceof InputError ? error.message : UNPLANNED;
      return { title, sets: null, lacks: [], why };
    }
  });
}

/** The meaning that a plan found no place for; none where its problem is another. */
function lackOf(problem: object): string[] {
  if (!('kind' in problem)) return [];
  if (problem.kind === 'missing-role' && 'role' in problem) return [String(problem.role)];
  return problem.kind === 'no-mode' && 'mode' in problem ? [`mode.${String(problem.mode)}`] : [];
}

/** A mode that is chosen and that nothing of the profile drives the pump with: the first of what it would take. */
function undriven(profile: AnyProfile, mode: string): readonly string[] {
  const drives = familyOf(profile.family).rolesOfMode(mode);
  const driven = profile.parameters.some((parameter) =>
    rolesIn(parameter).some((role) => drives.includes(role)),
  );
  return driven ? [] : drives.slice(0, 1);
}
