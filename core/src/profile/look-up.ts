import { bareCode } from './bare-code';
import type { ControllerMessage } from './controller';
import { expectedInWords } from './expected';
import { inOrderOfWork } from './placed';
import type { Profile } from './profile';

/** A code, a lamp or a sign of one controller, as its profile explains it. */
export interface Explained {
  readonly profileId: string;
  /** the profile's name */
  readonly profile: string;
  readonly family: string;
  readonly shows: string;
  readonly lamp: boolean;
  /** a fault, a reminder, or what only tells how the controller is set */
  readonly kind: ControllerMessage['kind'] | 'state';
  readonly means: string;
  readonly todo: string;
  /** where that stands: the manual with its edition, and the page; null where the profile does not say */
  readonly manual: string | null;
  readonly page: string | null;
  /** how its settings are put back to default, which wipes the list of faults; null where it says none */
  readonly resetBy: string | null;
}

/** A profile of any family, as far as it is looked through. */
type Explaining = Profile & {
  readonly family: string;
  readonly behaviours: {
    readonly messages?: readonly ControllerMessage[];
    readonly resetBy?: string;
    readonly manual?: string;
  };
};

/** Everything that a profile explains of what its controller shows: messages, and lamps and signs that hang on settings. */
export function explainedBy(profile: Explaining): Explained[] {
  const { id, name, family, behaviours } = profile;
  const own = {
    profileId: id,
    profile: name,
    family,
    resetBy: behaviours.resetBy ?? null,
    manual: behaviours.manual ?? null,
  };
  const parameters = inOrderOfWork(profile);
  return [
    ...(behaviours.messages ?? []).map(({ shows, lamp, kind, means, todo, page = null }) => ({
      ...own,
      shows,
      lamp: lamp === true,
      kind,
      means,
      todo,
      page,
    })),
    ...parameters
      .filter(({ seen, expects = [] }) => (seen === 'lamp' || seen === 'symbol') && expects.length > 0)
      .map((parameter) => ({
        ...own,
        shows: parameter.label,
        lamp: parameter.seen === 'lamp',
        kind: 'state' as const,
        means: expectedInWords(parameter, parameters).join(' '),
        todo: '',
        page: parameter.page ?? null,
      })),
  ];
}

/** What was looked for: shown just so, and what comes near it or has its words. */
export interface LookedUp {
  readonly exact: readonly Explained[];
  readonly near: readonly Explained[];
}

/**
 * What of all that is explained a person means by what is typed off a display: case, spaces and signs do not count (`E-4` is `e4`). Where a code
 * stands in several profiles, each is named.
 */
export function lookUp(all: readonly Explained[], typed: string): LookedUp {
  const read = bareCode(typed);
  if (read === '') return { exact: [], near: [] };
  const exact = all.filter(({ shows }) => bareCode(shows) === read);
  const words = typed.toLocaleLowerCase('en').split(/\s+/).filter(Boolean);
  const near = all.filter((one) => {
    if (exact.includes(one)) return false;
    const said = [one.shows, one.means, one.todo, one.profile].join(' ').toLocaleLowerCase('en');
    return bareCode(one.shows).startsWith(read) || words.every((word) => said.includes(word));
  });
  return { exact, near };
}
