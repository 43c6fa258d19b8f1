import { lastRecord } from '@barythm/core/job';
import { clockError_min, siteTime } from '@barythm/core/time';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button, ButtonRow } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Field } from '../../../ui/field';
import { Words } from '../../../ui/words';
import { useJobScope } from '../job-context';

interface Draft {
  readonly shows: string;
  readonly why: string | null;
}
const EMPTY: Draft = { shows: '', why: null };

/** The controller's clock against true time, with one tap on *now* (ANY-04). */
export function ClockCard() {
  const { view, jobId, write } = useJobScope();
  const { site, handover } = view.document;
  const last = lastRecord(view.document, 'clock');
  const [again, setAgain] = useState(false);
  const recorded = again ? null : last;
  const [draft, setDraft] = useDraftOf<Draft>(`clock:${jobId}`, EMPTY);
  const [error, setError] = useState<string | null>(null);

  const record = (error_min: number | null, setRight: boolean, reason: string | null) => {
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: { kind: 'clock', error_min, setRight, reason },
    });
    setError(refused);
    if (refused === null) {
      setDraft(null);
      setAgain(false);
    }
  };
  const now = () => {
    const true_ = siteTime(new Date().toISOString(), site.zone);
    const off = clockError_min(draft.shows, true_);
    if (off === null) setError('Type the time as the controller shows it, such as 14:05.');
    else record(off, false, null);
  };

  const off = recorded?.body.error_min ?? null;
  return (
    <Card title="Clock" testID="clock" edge={recorded ? 'moss' : undefined}>
      {recorded && (
        <Words bold>
          {off === null
            ? `Not read: ${recorded.body.reason ?? ''}`
            : off === 0
              ? 'Right to the minute.'
              : `${Math.abs(off)} min ${off > 0 ? 'fast' : 'slow'}${recorded.body.setRight ? ', set right' : ''}.`}
        </Words>
      )}
      {recorded && off !== null && off !== 0 && !recorded.body.setRight && !handover && (
        <Button label="I have set it right" testID="clock-set" onPress={() => record(off, true, null)} />
      )}
      {recorded && !handover && (
        <Button kind="quiet" label="Read again" testID="clock-again" onPress={() => setAgain(true)} />
      )}
      {!recorded && draft.why === null && (
        <>
          <Field
            label="The controller shows"
            unit="h:min"
            words
            testID="clock-shows"
            value={draft.shows}
            error={error}
            onChange={(shows) => setDraft({ ...draft, shows })}
          />
          <ButtonRow>
            <Button kind="main" grow label="Now" testID="clock-now" onPress={now} />
            <Button
              label="Could not be read"
              testID="clock-unread"
              onPress={() => setDraft({ ...draft, why: '' })}
            />
          </ButtonRow>
        </>
      )}
      {!recorded && draft.why !== null && (
        <>
          <Field
            words
            label="Why it could not be read"
            testID="clock-why"
            value={draft.why}
            error={error}
            onChange={(why) => setDraft({ ...draft, why })}
          />
          <ButtonRow>
            <Button
              kind="main"
              grow
              label="Record as not read"
              testID="clock-unread-save"
              onPress={() =>
                draft.why?.trim() ? record(null, false, draft.why) : setError('Say why it could not be read.')
              }
            />
            <Button label="Back" onPress={() => setDraft({ ...draft, why: null })} />
          </ButtonRow>
        </>
      )}
    </Card>
  );
}
