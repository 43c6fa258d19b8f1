import { viewJob } from '@barythm/core/job';
import type { JobDocument } from '@barythm/core/visit';
import { rateOf } from '@barythm/core/families/metering';
import Papa from 'papaparse';
import { FORMULA } from './formula';

/** Cells that a spreadsheet would take for a formula, whatever blanks stand before it, are made safe. */
const OPTIONS = { newline: '\r\n', escapeFormulae: FORMULA } as const;

/** Every line written on the sheet, in the order it was written. */
export function sheetCsv(document: JobDocument): string {
  return Papa.unparse(
    {
      fields: ['revision', 'recorded_at', 'actor', 'address', 'column', 'raw', 'unit', 'value', 'reason'],
      data: [...document.entries]
        .sort((a, b) => a.revision - b.revision)
        .map((entry) => [
          entry.revision,
          entry.recordedAt,
          entry.actor,
          entry.address,
          entry.kind,
          entry.raw,
          entry.unit,
          entry.value ?? '',
          entry.reason ?? '',
        ]),
    },
    OPTIONS,
  );
}

/** Every check that was tried, in the order it was: a line for each figure read, or for the state that was seen. */
export function checksCsv(document: JobDocument, today: string): string {
  const { checks } = viewJob(document, today);
  return Papa.unparse(
    {
      fields: [
        'revision',
        'recorded_at',
        'actor',
        'check',
        'title',
        'expected',
        'tolerance',
        'figure',
        'value',
        'as_expected',
        'stands',
      ],
      data: [...checks]
        .sort((a, b) => a.record.revision - b.record.revision)
        .flatMap(({ record, check, verdict, voided, superseded }) => {
          const { seen, figures } = record.body;
          const read = seen === null ? Object.entries(figures) : [['seen', seen] as const];
          return read.map(([figure, value]) => [
            record.revision,
            record.recordedAt,
            record.actor,
            check.key,
            check.title,
            check.expected,
            check.tolerance,
            figure,
            value,
            verdict.ok ? 'yes' : 'no',
            voided ? 'no: set again since' : superseded ? 'no: tried again since' : 'yes',
          ]);
        }),
    },
    OPTIONS,
  );
}

/** Every reading taken, with what it proved. */
export function readingsCsv(document: JobDocument): string {
  return Papa.unparse(
    {
      fields: [
        'revision',
        'recorded_at',
        'actor',
        'injected_mA',
        'shown_mA',
        'strokes',
        'seconds',
        'rate_spm',
        'flow_lph',
        'sheet_revision',
        'instrument_id',
      ],
      data: document.readings.map(({ reading, ...row }) => [
        row.revision,
        row.recordedAt,
        row.actor,
        reading.injected_mA,
        reading.shown_mA ?? '',
        reading.strokes ?? '',
        reading.seconds ?? '',
        rateOf(reading) ?? '',
        reading.flow_lph ?? '',
        row.sheetRevision,
        row.instrumentId ?? '',
      ]),
    },
    OPTIONS,
  );
}
