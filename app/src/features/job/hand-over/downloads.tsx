import { leavingFiles } from '@barythm/core/job';
import type { Handover } from '@barythm/core/visit';
import { receivedWords } from '@barythm/core/words';
import { dateInWords } from '@barythm/core/time';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { Linking } from 'react-native';
import { fileUrl } from '../../../api/client';
import { useOutbox } from '../../../api/use-outbox';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words/words';
import type { JobDocument } from '@barythm/core/families';

const PAPER = { file: 'hand-over.pdf', label: 'Hand-over (PDF)' };
const OWNER = { file: 'owner.pdf', label: 'Page for those who live with it (PDF)' };
const JOB = { file: 'job.json', label: 'Job (JSON)' };

/** What leaves: for the customer, and for any program that reads open formats. A table without a line is not worth a button. */
function filesOf(document: JobDocument, { summary }: Handover): { file: string; label: string }[] {
  const others = leavingFiles(document, summary.siteDate).flatMap((leaving) => {
    const { file, label } = leaving;
    if (leaving.kind === 'calendar') return [{ file, label: `${label} (calendar file)` }];
    return leaving.rows.length > 0 ? [{ file, label: `${label} (CSV)` }] : [];
  });
  return [PAPER, OWNER, JOB, ...others];
}

export function Downloads({ document, handover }: { document: JobDocument; handover: Handover }) {
  const router = useRouter();
  const jobId = document.job.id;
  const { pending } = useOutbox();
  const files = useMemo(() => filesOf(document, handover), [document, handover]);
  const unsent = pending.some((command) => command.body.jobId === jobId);
  return (
    <Card title="Handed over" edge="moss" testID="downloads">
      <Words>
        {receivedWords(handover)}, {dateInWords(handover.summary.siteDate)}.{' '}
        {handover.nextDue ? `Next due ${dateInWords(handover.nextDue)}.` : 'Nothing further is agreed.'}
      </Words>
      {unsent ? (
        <Words colour="ochre" bold>
          The files will be ready when all entries have been sent.
        </Words>
      ) : (
        files.map(({ file, label }, i) => (
          <Button
            key={file}
            kind={i === 0 ? 'main' : 'plain'}
            label={label}
            testID={`download-${file}`}
            onPress={() => void Linking.openURL(fileUrl(jobId, file))}
          />
        ))
      )}
      <Button
        label="The same on another pump"
        testID="same-again"
        onPress={() => router.navigate(`/same/${jobId}`)}
      />
    </Card>
  );
}
