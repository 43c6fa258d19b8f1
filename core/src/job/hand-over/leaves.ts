import { familyOf, type JobDocument } from '../../families';
import type { Leaves, TableFile } from '../../visit';
import { viewJob, type JobView } from '../view';

/** What leaves with a hand-over as files of its own, as things stand. */
export function leavesOf(view: JobView): Leaves {
  const { handOver } = familyOf(view.family);
  return { tables: [...handOver.tables(view), checksTable(view)], week: handOver.week(view) };
}

/** One file that a job leaves as, apart from its paper and the job itself. */
export type LeavingFile =
  | (TableFile & { readonly kind: 'table'; readonly file: string })
  | {
      readonly kind: 'calendar';
      readonly file: string;
      readonly label: string;
      readonly events: NonNullable<Leaves['week']>;
    };

/**
 * Everything that a job leaves as, by the name of its file: as it was frozen with the hand-over, or as things stand where nothing is
 * handed over yet. The sheet is what was written, which is never changed.
 * @param today the site's date, for a job that is still open
 */
export function leavingFiles(document: JobDocument, today: string): LeavingFile[] {
  const { tables, week } = document.handover?.summary.leaves ?? leavesOf(viewJob(document, today));
  const files = [sheetTable(document), ...tables].map((table): LeavingFile => ({
    ...table,
    kind: 'table',
    file: `${table.name}.csv`,
  }));
  if (week === null) return files;
  return [...files, { kind: 'calendar', file: 'programs.ics', label: 'Programs', events: week }];
}

/** Every line written on the sheet, in the order it was written. */
function sheetTable({ entries }: JobDocument): TableFile {
  return {
    name: 'sheet',
    label: 'Settings sheet',
    fields: ['revision', 'recorded_at', 'actor', 'address', 'column', 'raw', 'unit', 'value', 'reason'],
    rows: [...entries]
      .sort((a, b) => a.revision - b.revision)
      .map((entry) => [
        entry.revision,
        entry.recordedAt,
        entry.actor,
        entry.address,
        // a technician's own target says whose it is
        entry.by ? `${entry.kind}:${entry.by}` : entry.kind,
        entry.raw,
        entry.unit,
        entry.value,
        entry.reason,
      ]),
  };
}

/** Every check that was tried, in the order it was: a line for each figure read, or for the state that was seen. */
function checksTable({ checks }: JobView): TableFile {
  return {
    name: 'checks',
    label: 'Checks tried',
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
    rows: [...checks]
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
  };
}
