import {
  judge,
  judgeCheck,
  proofChecks,
  type CheckVerdict,
  type MeteringContext,
  type MeteringSettings,
  type ProofCheck,
  type ReadingVerdict,
} from '../families/metering';
import type { JobDocument, JobRecord, ProofReading, RecordBody } from './document';
import { sheetRevision } from './working-sheet';

export interface JudgedReading {
  readonly entry: ProofReading;
  readonly verdict: ReadingVerdict | null;
  /** a setting changed after it was read */
  readonly voided: boolean;
  /** the same point was read again later; this row is kept and counts no more */
  readonly superseded: boolean;
}

/** The readings that count: not voided by a change since, and the last one at each point. */
export function standing(readings: readonly JudgedReading[]): JudgedReading[] {
  return readings.filter((reading) => !reading.voided && !reading.superseded);
}

/** Each reading against the settings in force. */
export function judgedReadings(
  document: JobDocument,
  context: MeteringContext | null,
  settings: MeteringSettings,
): JudgedReading[] {
  const revision = sheetRevision(document);
  return document.readings.map((entry) => ({
    entry,
    verdict: context && judge(context, settings, entry.reading),
    voided: entry.sheetRevision < revision,
    superseded: document.readings.some(
      (later) => later.revision > entry.revision && later.reading.injected_mA === entry.reading.injected_mA,
    ),
  }));
}

type CheckRecord = JobRecord & { body: Extract<RecordBody, { kind: 'check' }> };

export interface JudgedCheck {
  readonly record: CheckRecord;
  readonly check: ProofCheck;
  readonly verdict: CheckVerdict;
  readonly voided: boolean;
  readonly superseded: boolean;
}

/** Each check that was tried, against what this pump must do; throttled readings are a row of their own kind. */
export function judgedChecks(
  document: JobDocument,
  context: MeteringContext | null,
  settings: MeteringSettings,
): JudgedCheck[] {
  if (!context) return [];
  const offered = proofChecks(context, settings);
  const records = document.records.filter((record): record is CheckRecord => record.body.kind === 'check');
  const revision = sheetRevision(document);
  return records.flatMap((record): JudgedCheck[] => {
    const check = offered.find((candidate) => candidate.key === record.body.check);
    if (!check) return [];
    const same = records.filter((other) => other.body.check === record.body.check);
    const row = check.ask.kind === 'throttle';
    const standing = same.filter((other) => other.revision >= revision);
    const first = row && standing[0] && standing[0] !== record ? standing[0].body : null;
    return [
      {
        record,
        check,
        verdict: judgeCheck(check, record.body, first),
        voided: record.revision < revision,
        superseded: !row && same.some((later) => later.revision > record.revision),
      },
    ];
  });
}
