import type { SignalReading } from './signal-reading';
import type { SettingValue } from '../profile';
import type { TargetBy } from '../sheet';
import type { UnitsWanted } from '../units';
import type { Signature } from './handover-summary';
import type { JobKind } from './job-kind';
import type { RecordBodyOf } from './record-bodies';

/** A target that a technician decides on: a value by hand, or none where it stays as found or is the plan's again. */
export interface ChosenTarget {
  readonly entryId: string;
  readonly address: string;
  readonly by: TargetBy;
  readonly value: SettingValue | null;
  readonly unit: string;
  /** why: the customer reads it; by hand it cannot be empty */
  readonly reason: string;
}

/** What a technician does within a job. Ids are made by the client, so that a write sent twice is one write. */
export type CommandBodyOf<K extends JobKind> =
  | {
      readonly kind: 'sheet.enter';
      readonly jobId: string;
      readonly entryId: string;
      readonly address: string;
      readonly column: 'found' | 'left';
      readonly raw: string;
      readonly unit: string;
      /** null when it could not be read: then the reason must say why */
      readonly value: SettingValue | null;
      readonly reason: string | null;
    }
  | {
      /** several settings read in one go, as a program or a panel's list is: all are taken, or none */
      readonly kind: 'sheet.enter-many';
      readonly jobId: string;
      readonly column: 'found' | 'left';
      readonly entries: readonly {
        readonly entryId: string;
        readonly address: string;
        readonly raw: string;
        readonly unit: string;
        readonly value: SettingValue | null;
        readonly reason: string | null;
        readonly confirmed?: true;
      }[];
    }
  | {
      readonly kind: 'job.record';
      readonly jobId: string;
      readonly recordId: string;
      readonly record: RecordBodyOf<K>;
    }
  | {
      readonly kind: 'plan.accept';
      readonly jobId: string;
      readonly planId: string;
      /** null while it is not whole: what is answered of it is `part` then, and the targets are those that follow from that */
      readonly duty: K['duty'] | null;
      readonly part?: Readonly<Record<string, unknown>>;
      readonly targets: readonly {
        readonly entryId: string;
        readonly address: string;
        readonly value: SettingValue;
        readonly unit: string;
        readonly reason: string;
      }[];
      /** what was moved by hand in it: it stands beside the plan's own, which are never written over */
      readonly hand?: readonly ChosenTarget[];
    }
  | (ChosenTarget & {
      /** a target by hand, as found, or the plan's again */
      readonly kind: 'target.choose';
      readonly jobId: string;
    })
  | {
      readonly kind: 'proof.read';
      readonly jobId: string;
      readonly readingId: string;
      readonly reading: SignalReading;
      readonly instrumentId: string | null;
    }
  | {
      readonly kind: 'finding.decide';
      readonly jobId: string;
      readonly decisionId: string;
      readonly code: string;
      readonly fingerprint: string;
      readonly decision: 'accepted' | 'customer-acts';
      readonly reason: string;
    }
  | {
      /** another day for a job that is planned and was not begun */
      readonly kind: 'job.move';
      readonly jobId: string;
      /** used when the site has no visit on that date yet */
      readonly visitId: string;
      readonly date: string;
    }
  | {
      readonly kind: 'job.hand-over';
      readonly jobId: string;
      readonly handoverId: string;
      readonly signedAs: string;
      /** null: nobody was there to sign */
      readonly signature: Signature | null;
      readonly nextDue: string | null;
    };

/** The envelope of every write. */
export interface Envelope {
  /** UUID v7, made by the client */
  readonly id: string;
  /** the version of the job this was done on */
  readonly baseVersion: number;
  readonly recordedAt: string;
  readonly device: string;
  readonly actor: string;
  /** the units that whoever writes reads in: words that are kept with the write are made in them; metric where left out */
  readonly units?: UnitsWanted;
}

export interface CommandOf<K extends JobKind> extends Envelope {
  readonly body: CommandBodyOf<K>;
}
