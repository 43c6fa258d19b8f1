import { ownerPage, type Told, toldFault, toldToOwner } from '@barythm/core/job';
import { lastRecord } from '@barythm/core/visit';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { newId } from '../../api/device';
import { useDraftOf } from '../../draft/use-draft';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { Field } from '../../ui/fields/field';
import { Words } from '../../ui/words/words';
import { useJobScope } from './job-context';
import { TakeBack } from './take-back';

const FIELDS: readonly { readonly key: keyof Told; readonly label: string; readonly hint: string }[] = [
  { key: 'stopAt', label: 'Switched off at', hint: 'e.g. isolator on the wall left of the door' },
  { key: 'keeper', label: 'Code or key kept by', hint: 'A person or an office; never the code itself' },
  { key: 'call', label: 'Whom to call', hint: 'Name and telephone' },
];

/** What those who live with the pump are told beside what follows from its settings: printed on their page. */
export function ForOwnerCard() {
  const { view, jobId, write } = useJobScope();
  const { document } = view;
  const told = toldToOwner(document);
  const [draft, setDraft] = useDraftOf<Told>(`for-owner:${jobId}`, told);
  const [fault, setFault] = useState<ReturnType<typeof toldFault>>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const [read, setRead] = useState(false);
  const own = lastRecord(document, 'for-owner');
  const same = FIELDS.every(({ key }) => draft[key].trim() === told[key]);
  const save = () => {
    const { stopAt, keeper, call } = draft;
    const record = {
      kind: 'for-owner',
      stopAt: stopAt.trim(),
      keeper: keeper.trim(),
      call: call.trim(),
    } as const;
    const wrong = toldFault(record);
    setFault(wrong);
    if (wrong) return;
    const no = write({ kind: 'job.record', jobId, recordId: newId(), record });
    setRefused(no);
    if (no === null) setDraft(null);
  };
  return (
    <Card title="For those who live with it" testID="for-owner">
      <Words>
        One page for the people at the site: when it runs, how it is stopped, its keys, lamps and messages.
        These three only you know.
      </Words>
      {FIELDS.map(({ key, label, hint }) => (
        <Field
          key={key}
          words
          label={label}
          hint={hint}
          testID={`owner-${key}`}
          value={draft[key]}
          error={fault?.field === key ? fault.words : null}
          onChange={(text) => {
            setDraft((now) => ({ ...now, [key]: text }));
            setFault(null);
          }}
        />
      ))}
      {refused !== null && (
        <Words bold colour="rust" role="alert">
          {refused}
        </Words>
      )}
      {!same && <Button label="Record" testID="owner-save" onPress={save} />}
      <Button
        kind="quiet"
        label={read ? 'Close the page' : 'Read the page'}
        testID="owner-read"
        onPress={() => setRead(!read)}
      />
      {read && <PageLines />}
      {same && own && <TakeBack id={own.id} of="the page for those who live with it" testID="owner-back" />}
    </Card>
  );
}

/** The page as it is printed, line by line. */
function PageLines() {
  const { view } = useJobScope();
  const { sections } = useMemo(() => ownerPage(view), [view]);
  return (
    <View testID="owner-page">
      {sections.map(({ heading, lines }) => (
        <View key={heading}>
          <Words bold>{heading}</Words>
          {lines.map((line) => (
            <Words key={line}>{line}</Words>
          ))}
        </View>
      ))}
    </View>
  );
}
