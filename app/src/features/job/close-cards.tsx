import { isUntouched } from '@barythm/core/job';
import { lastRecord } from '@barythm/core/visit';
import { newId } from '../../api/device';
import { Card } from '../../ui/card';
import { Words } from '../../ui/words/words';
import { useJobScope } from '../../kit/job';
import { ReasonEntry } from './reason-entry';
import type { RecordBody } from '@barythm/core/families';

/** For a visit on which nothing was read, set or tried: it is closed as what it was, with a word why. */
export function LookedAtCard() {
  const { view, jobId, write } = useJobScope();
  const { document } = view;
  if (!isUntouched(document) || document.handover || document.job.state === 'cancelled') return null;
  const record = lastRecord(document, 'looked-at');
  return (
    <Card title="Looked at only" testID="looked-at-card">
      {record ? (
        <Words>Nothing was read, set or proved: {record.body.why} The paper says so.</Words>
      ) : (
        <>
          <Words>
            Nothing is read, set or proved on this job yet. If it was only looked at, say why; the paper says
            so.
          </Words>
          <ReasonEntry
            ask="Looked at only"
            label="Why nothing was read or set, for the customer to read"
            act="Record it so"
            draft={`looked-at:${jobId}`}
            testID="looked-at"
            onAct={(why) => write(recordOf(jobId, { kind: 'looked-at', why }))}
          />
        </>
      )}
    </Card>
  );
}

/** A job that was begun by mistake ends here, as long as nothing was set at the pump. */
export function CancelCard() {
  const { view, jobId, write } = useJobScope();
  const { document } = view;
  const begun = document.entries.some(({ kind }) => kind === 'left');
  if (begun || document.handover || document.job.state === 'cancelled') return null;
  return (
    <Card testID="cancel-card">
      <ReasonEntry
        ask="Begun by mistake? Cancel this job"
        label="Why it is cancelled; what was read stays in the history"
        act="Cancel the job"
        draft={`cancel:${jobId}`}
        testID="cancel-job"
        onAct={(reason) => write(recordOf(jobId, { kind: 'cancelled', reason }))}
      />
    </Card>
  );
}

function recordOf(jobId: string, record: RecordBody) {
  return { kind: 'job.record', jobId, recordId: newId(), record } as const;
}
