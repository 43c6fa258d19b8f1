import { judgeCheck } from '../proof';
import { patternsSeen, voidedRevision } from '../visit';
import type { Computes } from './computes';
import { saidInParts } from './parts/said-in-parts';
import type { Describes } from './describes';
import type { FamilyKind } from './kind';
import type { Tells } from './tells';

export type * from './arrival';
export type * from './computes';
export type * from './describes';
export type * from './tells';

/** What every family of pump answers, so that a new family is a new folder and one line in the table. */
export interface Family<K extends FamilyKind> extends Describes<K>, Computes<K>, Tells<K> {}

/** A group of answers, some of which may be left out. */
type Less<Group, Key extends keyof Group> = Omit<Group, Key> & Partial<Pick<Group, Key>>;
type Defaulted =
  | 'optionRoles'
  | 'isOptionRole'
  | 'unitFault'
  | 'rolesOfMode'
  | 'ofUnit'
  | 'guards'
  | 'curedAt'
  | 'refuse'
  | 'earlier'
  | 'due';
type Groups = 'arrival' | 'proof' | 'bench' | 'handOver';

/** What a family says of arrival for itself. */
export type OwnArrival<K extends FamilyKind> = Less<Family<K>['arrival'], 'source' | 'work' | 'first'>;
/** What it says for itself: what most have not is left out. */
type Own<K extends FamilyKind> = Less<Omit<Family<K>, Groups>, Defaulted> & {
  readonly arrival: OwnArrival<K>;
  readonly proof: Less<
    Family<K>['proof'],
    'judge' | 'proves' | 'unaskedPumps' | 'readings' | 'pointsLeft' | 'voidedSince' | 'patterns'
  >;
  readonly bench: Less<Family<K>['bench'], 'hidden' | 'band'>;
  readonly handOver: Less<Family<K>['handOver'], 'days' | 'tables' | 'week'>;
};

/**
 * A family of what it says for itself, with what any pump answers in place of what it leaves out.
 *
 * @example
 * export const fanFamily = defineFamily<FanKind>({ name: 'fan', words: 'a fan', wire, forms, roles, … });
 */
export function defineFamily<K extends FamilyKind>(own: Own<K>): Family<K> {
  const { optionRoles = [] } = own;
  const options: ReadonlySet<string> = new Set(optionRoles);
  return {
    isOptionRole: (role) => options.has(role),
    unitFault: () => undefined,
    rolesOfMode: () => [],
    ofUnit: [],
    guards: {},
    curedAt: {},
    refuse: () => null,
    earlier: () => [],
    due: () => [],
    ...own,
    optionRoles,
    check: (context, subject, values) =>
      saidInParts(own.forms.duty, subject, () => own.check(context, subject, values)),
    checkPlan: (context, plan) => saidInParts(own.forms.duty, 'target', () => own.checkPlan(context, plan)),
    arrival: { source: null, work: [], first: null, ...own.arrival },
    proof: {
      proves: {},
      // what it is asked to move goes where it goes all day
      unaskedPumps: false,
      readings: () => [],
      pointsLeft: () => [],
      voidedSince: ({ checks }) => voidedRevision(checks),
      patterns: ({ checks }) => patternsSeen(checks),
      judge: (check, body, first) => judgeCheck(check, body, first),
      ...own.proof,
    },
    bench: { hidden: () => [], band: () => null, ...own.bench },
    handOver: { days: null, tables: () => [], week: () => null, ...own.handOver },
  };
}
