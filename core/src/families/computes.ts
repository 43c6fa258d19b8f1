import type { BenchRun, EventBook, RunOptions, Scenario, SumsShown } from '../bench';
import type { Finding, Subject } from '../findings';
import type { SettingValues } from '../profile';
import type { CheckBody, CheckVerdict, FiguresRead, Pattern, ProofCheck } from '../proof';
import type { PutBack, SheetRow } from '../sheet';
import type { JobOf, JudgedCheck, RecordBodyOf, Refusal } from '../visit';
import type { FamilyKind } from './kind';
import type { Ground } from './parts/ground';
import type { FinishedPlan, PlannedTarget } from './parts/plan-draft';
import type { ViewOf } from './view';

/** A job as its own rules of a family look at it. */
export interface JobGround<K extends FamilyKind> {
  readonly document: JobOf<K>;
  readonly rows: readonly SheetRow[];
  readonly settings: K['settings'];
  /** null without a duty */
  readonly context: K['context'] | null;
  readonly readings: readonly K['reading'][];
  readonly checks: readonly JudgedCheck[];
}

/** What a plan comes to, whatever its own reasons and problems are called. */
export type AnyPlan = FinishedPlan<
  PlannedTarget<
    string,
    { readonly text: string; readonly values: Readonly<Record<string, string | import('../units').Figure>> }
  >,
  object,
  object
>;

/** One stroke of a pump, as the gas in its head lets the pressure rise. */
export interface StrokeSeen {
  readonly trace: readonly { readonly at: number; readonly bar: number }[];
  readonly gas_mL: number;
}

/**
 * What a family works out: settings in its terms, the plan, findings, proof, the bench. Every function takes plain data and answers plain
 * data.
 *
 * @example
 * const understand: Computes<FanKind>['understand'] = (_profile, _plate, values) => ({ speed_pct: Number(values.speed) });
 */
export interface Computes<K extends FamilyKind> {
  understand(profile: K['profile'], plate: K['plate'], values: SettingValues): K['settings'];
  context(ground: Ground<K>): K['context'];

  /** duty + pump + profile → target settings, each with its reason */
  plan(context: K['context']): AnyPlan;
  /** roles that stand by plate, label, plant or a person’s choice: no repair of a plan moves them */
  held(duty: K['duty']): ReadonlySet<string>;
  /** findings on a plan: on the settings it leads to, and on what it could not plan */
  checkPlan(context: K['context'], plan: AnyPlan): Finding[];
  /** findings on a column */
  check(context: K['context'], subject: Subject, values: SettingValues): Finding[];
  /** findings on the job as a whole, apart from those of any pump */
  open(job: JobGround<K>): Finding[];
  /** roles that are entered once every setting of another is, wherever the menu has them: units are counted once each has an address */
  readonly enteredAfter?: Readonly<Record<string, string>>;
  /** the stage in which a stop on the job as a whole is put right, by its text; *set* where it is left out */
  readonly curedAt: Readonly<Record<string, 'as-found' | 'plan' | 'set' | 'prove'>>;
  /** changes that put other settings back and were written down as such; only where a change is more than a value entered */
  putsBack?(document: JobOf<K>): readonly PutBack[];
  /** why a record is turned down, by a rule of this family; null where it may be taken */
  refuse(record: RecordBodyOf<K>): Refusal | null;

  readonly proof: {
    /** what to try at the pump, with what it must do */
    checks(context: K['context'], settings: K['settings']): ProofCheck[];
    /** what is tried again after a setting was changed, by its role: beginnings of the keys of checks */
    readonly proves: Readonly<Record<string, readonly string[]>>;
    /** `first` is the first of a row of readings that are judged against each other */
    judge(check: ProofCheck, body: CheckBody, first: FiguresRead | null): CheckVerdict;
    /** whether trying something that nothing asks for pumps product: then the discharge leads somewhere safe first */
    readonly unaskedPumps: boolean;
    /** the readings of a signal, each against what stood when it was read */
    readings(
      document: JobOf<K>,
      groundAt: (revision: number) => Pick<JobGround<K>, 'context' | 'settings'>,
    ): K['reading'][];
    /** signal points that nothing proves as things stand, as they are named */
    pointsLeft(view: ViewOf<K>): readonly string[];
    /** revision of the sheet that a proof was made on when nothing proves the settings of now; null otherwise */
    voidedSince(job: Pick<JobGround<K>, 'readings' | 'checks'>): number | null;
    /** known slips that what was tried points to */
    patterns(job: JobGround<K> & { readonly context: K['context'] }): Pattern[];
  };

  readonly bench: {
    run(context: K['context'], values: SettingValues, scenario: Scenario, options?: RunOptions): BenchRun;
    /** the time in which nothing goes wrong that a pump is looked at in */
    plain(context: K['context']): Scenario;
    /** everything that can be thrown at a pump of it */
    readonly words: EventBook;
    /** the kinds of it that can happen to this pump */
    events(context: K['context']): readonly string[];
    /** the channel that is shown first */
    readonly channel: string;
    /** channels that would only puzzle on this pump */
    hidden(context: K['context']): readonly string[];
    /** what a channel is wanted to stay in; null where nothing is */
    band(context: K['context'], channel: string): { readonly low: number; readonly high: number } | null;
    sums(context: K['context']): SumsShown;
    /** how far its figures can be trusted */
    caveat(scenario: Scenario): string;
    /** the pressure over one stroke at a moment of a run; only where the pump strokes */
    stroke?(
      context: K['context'],
      values: SettingValues,
      scenario: Scenario,
      run: BenchRun,
      at_s: number,
    ): StrokeSeen;
  };
}
