import type { TableFile } from '../../../visit';
import type { MeteringView } from '../kind';
import { rateOf } from '../proof/readings';

/** Every reading of a signal that was taken, with what was counted. */
export function readingsTable({ document }: MeteringView): TableFile {
  return {
    name: 'readings',
    label: 'Signal readings',
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
    rows: document.readings.map(({ reading, ...row }) => [
      row.revision,
      row.recordedAt,
      row.actor,
      reading.injected_mA,
      reading.shown_mA,
      reading.strokes,
      reading.seconds,
      rateOf(reading),
      reading.flow_lph,
      row.sheetRevision,
      row.instrumentId,
    ]),
  };
}
