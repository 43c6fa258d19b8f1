import { fig, figureWithUnit } from '@barythm/core/units';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Field } from '../../../ui/fields/field';
import { useReader } from '../../../ui/reader';
import { Words } from '../../../ui/words/words';
import { optionalFigure } from '../../../features/job/value/figure';
import { usePool } from '../use-pool';

interface Draft {
  readonly panel: string;
  readonly kit: string;
  readonly added: string;
}
const EMPTY: Draft = { panel: '', kit: '', added: '' };

/** Salt: what the panel says, what a kit says, and what was added; none is added on the panel's word alone (POO-18). */
export function SaltCard() {
  const reader = useReader();
  const { view, jobId, write } = usePool();
  const [draft, setDraft] = useDraftOf<Draft>(`salt:${jobId}`, EMPTY);
  const [error, setError] = useState<string | null>(null);
  if (!view.duty?.chlorinator) return null;
  const done = view.document.records.flatMap(({ body }) => (body.kind === 'salt' ? [body] : []));
  const panel = optionalFigure(draft.panel, 'strength');
  const kit = optionalFigure(draft.kit, 'strength');
  const added = optionalFigure(draft.added, 'salt');
  const change = (part: Partial<Draft>) => {
    setDraft({ ...draft, ...part });
    setError(null);
  };
  const save = () => {
    if (panel.error || kit.error || added.error) return;
    if (panel.value === null) return setError('Enter what the panel shows.');
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: { kind: 'salt', panel_gl: panel.value, kit_gl: kit.value, added_kg: added.value ?? 0 },
    });
    setError(refused);
    if (refused === null) setDraft(null);
  };
  return (
    <Card title="Salt" testID="salt">
      {done.map((body, i) => (
        <Words key={i}>
          Panel {figureWithUnit(fig('strength', body.panel_gl), reader)}, kit{' '}
          {body.kit_gl === null ? 'not used' : figureWithUnit(fig('strength', body.kit_gl), reader)};{' '}
          {figureWithUnit(fig('salt', body.added_kg), reader)} added.
        </Words>
      ))}
      {!view.document.handover && (
        <>
          <Words size="small" colour="quiet">
            The panel’s reading leans on its temperature sensor: a test kit decides before any salt is added.
          </Words>
          <Field
            label="The panel shows"
            quantity="strength"
            testID="salt-panel"
            value={draft.panel}
            error={panel.error}
            onChange={(text) => change({ panel: text })}
          />
          <Field
            label="The test kit says"
            quantity="strength"
            testID="salt-kit"
            value={draft.kit}
            error={kit.error}
            onChange={(text) => change({ kit: text })}
          />
          <Field
            label="Salt added"
            quantity="salt"
            onEnter={save}
            testID="salt-added"
            value={draft.added}
            error={added.error}
            onChange={(text) => change({ added: text })}
          />
          {error && (
            <Words bold colour="rust" role="alert">
              {error}
            </Words>
          )}
          <Button label="Record it" testID="salt-save" onPress={save} />
        </>
      )}
    </Card>
  );
}
