import type { JobDocument } from '@barythm/core/job';
import { rateOf } from '@barythm/core/families/metering';
import Papa from 'papaparse';

/** Cells that a spreadsheet would take for a formula are made safe. */
const OPTIONS = { newline: '\r\n', escapeFormulae: true } as const;

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
