import { closed_hz, pumpOf, understand } from '@barythm/core/families/drive';
import { orElse } from '@barythm/core/input';
import { lastRecord } from '@barythm/core/visit';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Check } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { useReader } from '../../../ui/reader';
import { Words } from '../../../ui/words/words';
import { useDrive } from '../use-drive';
import { figureTyped } from './figure-typed';

interface Draft {
  readonly shown: string;
  readonly inlet: string;
  readonly open: boolean;
}
const EMPTY: Draft = { shown: '', inlet: '', open: false };

/** The drive's own test with the discharge shut: its frequency, and the pressure at the inlet that it holds for (DRV-04). */
export function ClosedValveCard() {
  const { view, jobId, write } = useDrive();
  const reader = useReader();
  const [draft, setDraft] = useDraftOf<Draft>(`shut:${jobId}`, EMPTY);
  const [errors, setErrors] = useState<{ shown?: string; inlet?: string; save?: string }>({});
  const last = lastRecord(view.document, 'closed-valve')?.body;
  const { context } = view;
  // what it holds now, read on this visit or left the last time
  const settings = context && understand(context.profile, context.plate, context.inForce);
  const typedInlet = figureTyped(draft.inlet, 'pressure');
  const inlet = 'value' in typedInlet ? typedInlet.value : (last?.inlet_bar ?? null);
  const expected =
    context && settings && inlet !== null
      ? orElse(() => closed_hz(context, pumpOf(context.duty), settings, inlet), null)
      : null;
  const change = (part: Partial<Draft>) => {
    setDraft({ ...draft, ...part });
    setErrors({});
  };
  const save = () => {
    const shown = figureTyped(draft.shown, 'frequency');
    if ('words' in shown || 'words' in typedInlet)
      return setErrors({
        ...('words' in shown ? { shown: shown.words } : {}),
        ...('words' in typedInlet ? { inlet: typedInlet.words } : {}),
      });
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: {
        kind: 'closed-valve',
        shown_hz: shown.value,
        inlet_bar: typedInlet.value,
        openedAgain: draft.open,
      },
    });
    setErrors(refused === null ? {} : { save: refused });
    if (refused === null) setDraft(null);
  };
  return (
    <Card title="Test with the discharge shut" testID="shut">
      {last && (
        <Words bold colour={last.openedAgain ? 'moss' : 'rust'}>
          {figureWithUnit(fig('frequency', last.shown_hz), reader)} with{' '}
          {figureWithUnit(fig('pressure', last.inlet_bar), reader)} at the inlet;{' '}
          {last.openedAgain ? 'opened again' : 'not seen open again'}
        </Words>
      )}
      {!view.document.handover && (
        <>
          <Words bold colour="ochre">
            No longer than the manual allows: the water in it heats. Then open the valve again.
          </Words>
          <Field
            label="Pressure at the inlet meanwhile"
            quantity="pressure"
            testID="shut-inlet"
            value={draft.inlet}
            error={errors.inlet}
            onChange={(text) => change({ inlet: text })}
          />
          <Field
            label="Frequency with the discharge shut"
            quantity="frequency"
            testID="shut-hz"
            value={draft.shown}
            error={errors.shown}
            onChange={(text) => change({ shown: text })}
          />
          {expected !== null && (
            <Words testID="shut-expected">
              By its curve it holds what is set at {figureWithUnit(fig('frequency', expected), reader)}.
            </Words>
          )}
          <Check
            label="The valve is open again"
            testID="shut-open"
            checked={draft.open}
            onChange={(open) => change({ open })}
          />
          {errors.save && (
            <Words bold colour="rust" role="alert">
              {errors.save}
            </Words>
          )}
          <Button label="Record it" testID="shut-save" onPress={save} />
        </>
      )}
    </Card>
  );
}
