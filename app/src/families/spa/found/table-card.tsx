import type { Faults } from '@barythm/core/bench';
import {
  copiedTable,
  readTableCsv,
  TABLE_COLUMNS,
  writeTableCsv,
  type TableRow,
} from '@barythm/core/families/spa';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraft } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Field } from '../../../ui/fields/field';
import { FilePick } from '../../../ui/fields/file-pick';
import { FaultLines } from '../../../ui/words/fault-lines';
import { counted } from '@barythm/core/words';
import { Words } from '../../../ui/words/words';
import { useSpa } from '../use-spa';

/** The table that is printed in this very pack: its profile's, or copied here row by row, pasted, or from a file. */
export function TableCard() {
  const { view, jobId, write } = useSpa();
  const [text, setText] = useDraft(`pack-table:${jobId}`);
  const [faults, setFaults] = useState<Faults | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const copied = copiedTable(view.document);
  const rows: readonly TableRow[] = copied ?? view.profile.behaviours.rows;
  const change = (next: string | null) => {
    setText(next);
    setFaults(null);
    setRefused(null);
  };
  const save = () => {
    const read = readTableCsv(text ?? '');
    if (!read.ok) return setFaults(read);
    const record = { kind: 'pack-table', rows: read.rows } as const;
    const words = write({ kind: 'job.record', jobId, recordId: newId(), record });
    setRefused(words);
    if (words === null) change(null);
  };
  return (
    <Card title="Table in the pack" testID="pack-table">
      <Words bold colour={copied ? 'moss' : 'ink'} testID="pack-table-said">
        {copied
          ? `${counted(rows.length, 'row')}, copied from inside this pack.`
          : `${counted(rows.length, 'row')}, as its profile has them. Compare them with the table that is printed in the pack.`}
      </Words>
      {!view.document.handover &&
        (text === null ? (
          <Button
            label={copied ? 'Copy it again' : 'The printed table differs: copy it'}
            testID="pack-table-open"
            onPress={() => change(writeTableCsv(rows))}
          />
        ) : (
          <>
            <Words size="small" colour="quiet">
              A line each: {TABLE_COLUMNS.join(', ')}. Pumps: 1 or 2 speeds, empty where there is none.
            </Words>
            <Field
              words
              lines={10}
              label="Rows"
              testID="pack-table-rows"
              value={text}
              error={refused}
              onChange={change}
            />
            <FilePick
              label="Choose a CSV file"
              accept=".csv,text/csv"
              testID="pack-table-file"
              onText={change}
            />
            {faults && <FaultLines {...faults} />}
            {faults && <Words>Nothing was taken in; the table before stays.</Words>}
            <Button kind="main" label="Record this table" testID="pack-table-save" onPress={save} />
            <Button
              kind="quiet"
              label="Leave it as it was"
              testID="pack-table-leave"
              onPress={() => change(null)}
            />
          </>
        ))}
    </Card>
  );
}
