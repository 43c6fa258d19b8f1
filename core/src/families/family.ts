import type { z } from 'zod';
import type { BenchRun, EventBook, RunOptions, Scenario } from '../bench';
import type { Form } from '../describe';
import type { Finding, Subject, TextBook } from '../findings';
import type { Parameter, RoleQuantities, SettingValues } from '../profile';
import type { CheckBody, CheckVerdict, Pattern, ProofCheck } from '../proof';
import type { PutBack, SheetRow } from '../sheet';
import type {
  Block,
  AnyJob,
  EarlierRecord,
  FirstSummary,
  HandoverFact,
  IdentifyOf,
  JobKind,
  JobOf,
  JudgedCheck,
  RecordBodyOf,
  Refusal,
  TableFile,
  WeeklyEvent,
} from '../visit';
import type { Quantity } from '../units';
import type { FamilyKind } from './kind';
import type { FirstSteps } from './parts/first-steps';
import type { Ground } from './parts/ground';
import type { AnyWork } from './parts/work';
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

/** One thing to be done before hands or keys go near the pump; each is confirmed by itself. */
export interface MakeSafeStep {
  readonly key: string;
  readonly words: string;
}

/** One thing that stands on a pump's plate. */
export interface PlateField<K extends FamilyKind> {
  /** its key in the plate, and its column in a register file */
  readonly key: string;
  readonly label: string;
  /** null for words */
  readonly quantity: Quantity | null;
  /** how words are introduced where the plate is read out: “gear B” */
  readonly said?: string;
  /** what can stand there on pumps with this controller: none where it does not stand there, null where anything can */
  options?(profile: K['profile']): readonly PlateOption[] | null;
}

export interface PlateOption {
  readonly value: string;
  readonly label: string;
}

/** One thing that is read on arrival, before anything is touched. */
export interface ReadingField {
  /** its key in the record */
  readonly key: string;
  readonly label: string;
  /** in a sentence: “discharge not read” */
  readonly said: string;
  readonly quantity: Quantity;
}

/** Readings as they were taken: figures and reasons by the key of the field. */
export interface ReadingsTaken {
  readonly figures: Readonly<Record<string, number | null>>;
  readonly unreadable: Readonly<Record<string, string>>;
  /** how a figure was come by, where there is more than one way */
  readonly by: Readonly<Record<string, string>>;
  readonly state: string | null;
}

/** The readings on arrival: what the pump was doing before anything was touched. */
export interface ArrivalReadings<Body extends { readonly kind: string }> {
  /** the record that they go into */
  readonly record: Body['kind'];
  /** what is read on this pump, in the order in which it is asked */
  fields(document: AnyJob): readonly ReadingField[];
  /** what it can be found doing; null where that is not asked */
  readonly states: readonly PlateOption[] | null;
  body(taken: ReadingsTaken): Body;
}

/** What a pump is told by, as it is seen at the site: looked at, and never remembered from a like one. */
export interface TellingSource {
  readonly label: string;
  readonly hint?: string;
  readonly options: readonly PlateOption[];
  /** what is said where nobody looked */
  readonly missing: string;
  /** what the register has of it */
  known(document: AnyJob): string | null;
  /** what was seen on this job */
  of(seen: IdentifyOf<JobKind>): string | null;
  /** what was seen, as it goes into the record */
  record(value: string): Pick<IdentifyOf<JobKind>, 'signalFrom' | 'command'>;
  /** in a sentence */
  words(value: string | null): string;
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

/** Something that falls due at a pump. */
export interface DueItem {
  readonly kind: 'calibration' | 'tank' | 'service';
  readonly words: string;
  /** site date; null where it is due now */
  readonly date: string | null;
}

/** A pump's day for its beat strip. */
export interface Strip {
  readonly unit: string;
  readonly rates: readonly number[];
  readonly greatest: number;
  readonly causes?: readonly import('../beat').BeatCause[];
}

/** A column that is run through a plain day, to be compared with another. */
export interface ComparedSheet {
  readonly column: 'found' | 'left';
  readonly values: SettingValues;
}

/** Before and after, each run through the same plain day. */
export interface ComparedDays<K extends FamilyKind> {
  /** the columns to run; none where there is nothing to compare */
  sheets(view: ViewOf<K>): readonly ComparedSheet[];
  /** how they compare, from the sums of each run in the same order; null where too little is known */
  block(
    context: K['context'],
    sheets: readonly ComparedSheet[],
    sums: readonly Readonly<Record<string, number>>[],
  ): Block | null;
}

/** One line of what was proved: whether it holds good, null where it is neither good nor bad. */
export interface Said {
  readonly words: string;
  readonly sound: boolean | null;
}

/** What its family alone says of a job that is handed over. */
export interface HandoverPart {
  /** on the first page, for the customer */
  readonly first: readonly Block[];
  /** behind the settings */
  readonly behind: readonly Block[];
  /** among what was tried at the pump */
  readonly tried: readonly Block[];
  readonly proof: {
    /** signal points that stand, and those of them as expected; none on a pump that is given no signal */
    readonly points: number;
    readonly passed: number;
    readonly says: readonly Said[];
  };
}

/** What every family of pump answers, so that a new family is a new folder and one line in the table. */
export interface Family<K extends FamilyKind> {
  readonly name: K['duty']['family'];
  /** as people say it: “a pool pump” */
  readonly words: string;
  readonly wire: {
    readonly duty: z.ZodType<K['duty']>;
    readonly plate: z.ZodType<K['plate']>;
    readonly behaviours: z.ZodType<K['profile']['behaviours']>;
    /** records that this family alone writes */
    readonly records: readonly z.ZodObject[];
    /** those of them that later jobs at the same unit stand on */
    readonly carried: readonly z.ZodObject[];
  };

  /** what is asked for and how it is said, part by part, in the order of work */
  readonly forms: {
    readonly duty: Form<K['duty']>;
    /** what a controller does by itself */
    readonly behaviours: Form<K['profile']['behaviours']>;
    /** whose controller is described: “A metering pump” */
    readonly controllerOf: string;
    /** groups of settings that one mostly has, a line each */
    readonly groups: string;
  };

  /** the closed list of meanings its parameters can have */
  readonly roles: readonly string[];
  isOptionRole(role: string): boolean;
  /** what the figure of each role measures */
  readonly quantities: RoleQuantities;
  /** what is wrong with the unit of a parameter whose role takes more than one quantity; null where nothing is, or for any other role */
  unitFault(parameter: Parameter): string | null;
  /** roles that a mode drives the pump with; they are checked when the mode changes */
  rolesOfMode(option: string): readonly string[];
  /** the role that says which mode it is in; `mode` where it is left out */
  readonly modeRole?: string;

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
  readonly texts: TextBook;
  readonly reasons: Readonly<Record<string, string>>;

  readonly arrival: {
    readonly makeSafe: readonly MakeSafeStep[];
    /** what stands on the plate, in the order in which it is asked */
    readonly plate: readonly PlateField<K>[];
    /** what tells it to run, as it is seen at the site; null where nothing but itself can */
    readonly source: TellingSource | null;
    /** the code of setting a pump whose plate was not read */
    readonly plateCode: string;
    readonly readings: ArrivalReadings<RecordBodyOf<K>>;
    /** work that is written down beside the settings */
    readonly work: readonly AnyWork<K>[];
    /** what is seen or done before it is set, step by step; null where there is no such list */
    readonly first: FirstSteps<K> | null;
  };
  /** changes that put other settings back and were written down as such; only where a change is more than a value entered */
  putsBack?(document: JobOf<K>): readonly PutBack[];
  /** why a record is turned down, by a rule of this family; null where it may be taken */
  refuse(record: RecordBodyOf<K>): Refusal | null;

  readonly proof: {
    /** what to try at the pump, with what it must do */
    checks(context: K['context'], settings: K['settings']): ProofCheck[];
    /** `first` is the first of a row of readings that are judged against each other */
    judge(check: ProofCheck, body: CheckBody, first: CheckBody | null): CheckVerdict;
    /** whether trying something that nothing asks for pumps product: then the discharge leads somewhere safe first */
    readonly unaskedPumps: boolean;
    /** the readings of a signal, each against what stood when it was read */
    readings(
      document: JobOf<K>,
      groundAt: (revision: number) => Pick<JobGround<K>, 'context' | 'settings'>,
    ): K['reading'][];
    /** signal points that nothing proves as things stand */
    pointsLeft(view: ViewOf<K>): number;
    /** revision of the sheet that a proof was made on when nothing proves the settings of now; null otherwise */
    voidedSince(job: Pick<JobGround<K>, 'readings' | 'checks'>): number | null;
    /** known slips that what was tried points to */
    patterns(job: JobGround<K> & { readonly context: K['context'] }): Pattern[];
  };

  /** what this job hands on to the next one at the same unit, apart from the clock; the oldest first */
  earlier(document: JobOf<K>): EarlierRecord<RecordBodyOf<K>>[];
  /** what falls due at a pump, by date or by strokes, as of its latest job */
  due(view: ViewOf<K>, agreedOn: string): DueItem[];

  readonly bench: {
    run(context: K['context'], values: SettingValues, scenario: Scenario, options?: RunOptions): BenchRun;
    /** the time in which nothing goes wrong that a pump is looked at in */
    plain(context: K['context']): Scenario;
    /** everything that can be thrown at a pump of it */
    readonly words: EventBook;
    /** the kinds of it that can happen to this pump */
    events(context: K['context']): readonly string[];
    /** the pressure over one stroke at a moment of a run; only where the pump strokes */
    stroke?(
      context: K['context'],
      values: SettingValues,
      scenario: Scenario,
      run: BenchRun,
      at_s: number,
    ): StrokeSeen;
  };

  /** its day for the beat strip; null where too little is known */
  strip(context: K['context']): Strip | null;

  readonly handOver: {
    part(view: ViewOf<K>): HandoverPart;
    /** the same of a hand-over that was frozen in the first format; only where the family was there then */
    fromFirst?(summary: FirstSummary, zone: string): HandoverPart;
    /** what the settings rest on, and what was read on arrival */
    facts(view: ViewOf<K>): HandoverFact[];
    /** how before and after are compared over a plain day; null where the family compares otherwise */
    readonly days: ComparedDays<K> | null;
    /** tables of its own, that leave as files */
    tables(view: ViewOf<K>): TableFile[];
    /** what it was left to do each week, for a calendar; null where it has no such programs, or no duty */
    week(view: ViewOf<K>): WeeklyEvent[] | null;
  };
}
