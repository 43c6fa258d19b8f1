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
