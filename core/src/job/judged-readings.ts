import {
  judge,
  type MeteringContext,
  type MeteringSettings,
  type ReadingVerdict,
} from '../families/metering';
import type { JobDocument, ProofReading } from './document';
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

/** What a reading is judged by. */
export interface ReadingGround {
  readonly context: MeteringContext | null;
  readonly settings: MeteringSettings;
}

/** Each reading against the settings and the plan that stood when it was read. */
export function judgedReadings(
  document: JobDocument,
  groundAt: (revision: number) => ReadingGround,
): JudgedReading[] {
  const revision = sheetRevision(document);
  const judged = (entry: ProofReading) => {
    const { context, settings } = groundAt(entry.revision);
    return context && judge(context, settings, entry.reading);
  };
  return document.readings.map((entry) => ({
    entry,
    verdict: judged(entry),
    voided: entry.sheetRevision < revision,
    superseded: document.readings.some(
      (later) => later.revision > entry.revision && later.reading.injected_mA === entry.reading.injected_mA,
    ),
  }));
}
