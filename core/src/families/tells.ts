import type { SettingValues } from '../profile';
import type {
  Block,
  EarlierRecord,
  FirstSummary,
  HandoverFact,
  JobOf,
  RecordBodyOf,
  TableFile,
  WeeklyEvent,
} from '../visit';
import type { FamilyKind } from './kind';
import type { ViewOf } from './view';

/** Something that falls due at a pump. */
export interface DueItem {
  /** what tells it from the others that fall due at the same pump */
  readonly key: string;
  /** the stage of a job in which it is done */
  readonly stage: 'as-found' | 'plan' | 'prove';
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

/**
 * What a family tells of a job: its day, what falls due, what is handed on and handed over. All of it is data that screen and paper paint
 * alike.
 *
 * @example
 * const strip: Tells<FanKind>['strip'] = ({ duty }) => ({ unit: '%', rates: Array(24).fill(duty.wanted_pct), greatest: 100 });
 */
export interface Tells<K extends FamilyKind> {
  /** what this job hands on to the next one at the same unit, apart from the clock; the oldest first */
  earlier(document: JobOf<K>): EarlierRecord<RecordBodyOf<K>>[];
  /** what falls due at a pump, by date or by strokes, as of its latest job */
  due(view: ViewOf<K>, agreedOn: string): DueItem[];

  /** its day for the beat strip; null where too little is known */
  strip(context: K['context']): Strip | null;

  readonly handOver: {
    part(view: ViewOf<K>): HandoverPart;
    /** the same of a hand-over that was frozen in the first format; only where the family was there then */
    fromFirst?(summary: FirstSummary, zone: string): HandoverPart;
    /** what the settings rest on, and what was read on arrival */
    facts(view: ViewOf<K>): HandoverFact[];
    /** when it runs and why, in sentences for those who live with it, by the settings in force; none where too little is known */
    runs(view: ViewOf<K>): string[];
    /** how before and after are compared over a plain day; null where the family compares otherwise */
    readonly days: ComparedDays<K> | null;
    /** tables of its own, that leave as files */
    tables(view: ViewOf<K>): TableFile[];
    /** what it was left to do each week, for a calendar; null where it has no such programs, or no duty */
    week(view: ViewOf<K>): WeeklyEvent[] | null;
  };
}
