import type { Decision } from '../findings';
import type { SignalReading } from './signal-reading';
import type { SettingValue } from '../profile';
import type { SheetEntry } from '../sheet';
import type { Handover } from './handover-summary';
import type { JobKind } from './job-kind';
import type { OfKind, RecordBodyOf, SignalFrom } from './record-bodies';

export type * from './handover-summary';
export type * from './record-bodies';

export const JOB_FORMAT_VERSION = 1;

export type JobState = 'planned' | 'open' | 'part-changed' | 'put-back' | 'handed-over' | 'cancelled';

/** What every record of a job carries: who wrote it, when by their clock, and the order the job took it in. */
export interface Written {
  readonly id: string;
  readonly recordedAt: string;
  readonly actor: string;
  readonly revision: number;
}

export interface Recorded<Body> extends Written {
  readonly body: Body;
}

/** A record that is known to be of a kind. */
export type RecordedAs<Body, Kind> = Recorded<OfKind<Body, Kind>>;

/** A plan as it was agreed: the duty it came from and the targets it led to. */
export interface PlanRevision<Duty> extends Written {
  readonly duty: Duty;
}

export interface ProofReading extends Written {
  readonly reading: SignalReading;
  readonly instrumentId: string | null;
  /** revision of the last value entered when this was read: what the reading proved */
  readonly sheetRevision: number;
}

export interface Instrument {
  readonly id: string;
  readonly name: string;
  readonly serial: string;
  readonly calibratedOn: string;
  /** what it measures or sends; not said of one that nobody described */
  readonly measures?: 'current' | 'volume' | null;
}

/** Who says what a controller holds, and since when; unknown where the records do not show it any more. */
export interface Origin {
  readonly source: 'left' | 'reported' | 'unknown';
  /** site date */
  readonly date: string;
}

/** What the controller is believed to hold: as left by the latest earlier job, or as reported by the site. */
export interface LastLeft {
  readonly source: 'left' | 'reported';
  readonly date: string;
  readonly values: Readonly<Record<string, SettingValue>>;
  /** of values that come from elsewhere than the rest, by their key */
  readonly origins?: Readonly<Record<string, Origin>>;
  /** what was left and a later report contradicts, by key: both count until somebody reads it */
  readonly against?: Readonly<Record<string, Origin & { readonly value: SettingValue }>>;
}

/** What an earlier job measured or did at this unit, that this one stands on. */
export interface EarlierRecord<Body> {
  /** site date */
  readonly date: string;
  readonly body: Body;
}

/** A technician's decision as it was written on a job. */
export type WrittenDecision = Decision & Pick<Written, 'id' | 'revision'>;

/** What was written by a slip and taken back: it counts nowhere, and is kept. */
export interface TakenBack<Body> {
  readonly entries: readonly SheetEntry[];
  readonly records: readonly Recorded<Body>[];
  readonly readings: readonly ProofReading[];
  readonly decisions: readonly WrittenDecision[];
}

/** One pump within one visit, with all that was written about it: what the screens show and what leaves as JSON. */
export interface Job<Duty, Plate, Profile, Body> {
  readonly job: {
    readonly id: string;
    readonly state: JobState;
    /** grows by one with every write taken */
    readonly version: number;
    readonly startedAt: string;
    readonly plannedFor: string;
    readonly actor: string;
    /** begun to change a few settings, with no duty asked; it becomes a whole one with its first plan */
    readonly small?: true;
  };
  readonly site: {
    readonly id: string;
    readonly name: string;
    readonly place: string;
    readonly zone: string;
  };
  readonly pump: {
    readonly id: string;
    readonly tag: string;
    readonly name: string;
    readonly place: string;
    readonly signalFrom: SignalFrom | null;
  };
  readonly unit: {
    readonly id: string;
    readonly model: string;
    readonly serial: string;
    readonly plate: Plate;
  };
  readonly profile: Profile;
  readonly profileHash: string;
  /** the duty this pump had before this job, as a start for the plan */
  readonly dutyBefore: Duty | null;
  readonly lastLeft: LastLeft | null;
  /** drawdowns and services of this unit in earlier jobs, the oldest first */
  readonly earlier?: readonly EarlierRecord<Body>[];
  readonly instruments: readonly Instrument[];
  readonly plans: readonly PlanRevision<Duty>[];
  readonly entries: readonly SheetEntry[];
  readonly records: readonly Recorded<Body>[];
  readonly readings: readonly ProofReading[];
  readonly decisions: readonly WrittenDecision[];
  /** left out where nothing was */
  readonly takenBack?: TakenBack<Body>;
  readonly handover: Handover | null;
}

/** A job at a pump of one kind. */
export type JobOf<K extends JobKind> = Job<K['duty'], K['plate'], K['profile'], RecordBodyOf<K>>;

/** A job of whatever pump: what holds for every one is said of it. */
export type AnyJob = JobOf<JobKind>;
