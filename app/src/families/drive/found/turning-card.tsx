import { recordsOf } from '@barythm/core/visit';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Check, Choice } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { useReader } from '../../../ui/reader';
import { Words } from '../../../ui/words/words';
import { useDrive } from '../use-drive';
import { figureTyped } from './figure-typed';

type Way = 'right' | 'menu' | 'leads';
interface Draft {
  readonly unit: string;
  /** null until somebody looked */
  readonly way: Way | null;
  readonly waited: string;
  readonly dead: boolean;
}
const EMPTY: Draft = { unit: '1', way: null, waited: '', dead: false };

const WAYS: Readonly<Record<Way, string>> = {
  right: 'The right way',
  menu: 'Turned by menu',
  leads: 'Two leads swapped',
};

/** Direction, unit by unit; leads are swapped only once the drive is dead (DRV-03). */
export function TurningCard() {
  const { view, jobId, write } = useDrive();
  const reader = useReader();
  const [draft, setDraft] = useDraftOf<Draft>(`turning:${jobId}`, EMPTY);
  const [error, setError] = useState<string | null>(null);
  const done = recordsOf(view.document, 'turning');
  const count = view.duty?.pump.count ?? 1;
  const discharge = view.profile.behaviours.discharge_min;
  const change = (part: Partial<Draft>) => {
    setDraft({ ...draft, ...part });
    setError(null);
  };
  const save = () => {
    if (draft.way === null) return setError('Say what was seen and done.');
    const waited = draft.way === 'leads' && draft.waited !== '' ? figureTyped(draft.waited, 'minutes') : null;
    if (waited && 'words' in waited) return setError(waited.words);
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: {
        kind: 'turning',
        unit: Number(draft.unit),
        way: draft.way,
        waited_min: waited?.value ?? null,
        provedDead: draft.way === 'leads' && draft.dead,
      },
    });
    setError(refused);
    if (refused !== null) return;
    const next = Math.min(count, Number(draft.unit) + 1);
    setDraft({ ...EMPTY, unit: String(next) });
  };
  return (
    <Card title="Direction" testID="turning">
      {done.map(({ id, body }) => (
        <Words key={id} bold colour="moss">
          {count === 1 ? '' : `Unit ${body.unit}: `}
          {WAYS[body.way].toLowerCase()}
          {body.way === 'leads' && body.waited_min !== null
            ? `, off for ${figureWithUnit(fig('minutes', body.waited_min), reader)}${body.provedDead ? ', proved dead' : ''}`
            : ''}
        </Words>
      ))}
      {!view.document.handover && (
        <>
          <Words size="small" colour="quiet">
            Some seconds, slowly. A shaft that cannot be seen: the pressure against a nearly shut valve, both
            ways.
          </Words>
          {count > 1 && (
            <Choice
              label="Unit"
              testID="turning-unit"
              options={Array.from({ length: count }, (_, i) => ({
                value: String(i + 1),
                label: String(i + 1),
              }))}
              value={draft.unit}
              onChange={(unit) => change({ unit })}
            />
          )}
          <Choice
            label="What was seen and done"
            testID="turning-way"
            options={(Object.keys(WAYS) as Way[]).map((value) => ({ value, label: WAYS[value] }))}
            value={draft.way}
            onChange={(way) => change({ way })}
          />
          {draft.way === 'leads' && (
            <>
              <Words bold colour="ochre">
                Isolate, wait
                {discharge === null
                  ? ' as its plate says'
                  : ` ${figureWithUnit(fig('minutes', discharge), reader)}`}
                , prove dead; a licensed electrician.
              </Words>
              <Field
                label="Off before it was opened"
                quantity="minutes"
                testID="turning-waited"
                value={draft.waited}
                onChange={(waited) => change({ waited })}
              />
              <Check
                label="Proved dead"
                testID="turning-dead"
                checked={draft.dead}
                onChange={(dead) => change({ dead })}
              />
            </>
          )}
          {error && (
            <Words bold colour="rust" role="alert">
              {error}
            </Words>
          )}
          <Button label="Record it" testID="turning-save" onPress={save} />
        </>
      )}
    </Card>
  );
}
