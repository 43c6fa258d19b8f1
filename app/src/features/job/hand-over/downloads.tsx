import type { Handover } from '@barythm/core/visit';
import { dateInWords } from '@barythm/core/time';
import { Linking } from 'react-native';
import { fileUrl } from '../../../api/client';
import { useOutbox } from '../../../api/use-outbox';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Words } from '../../../ui/words/words';

/** What leaves: for the customer, and for any program that reads open formats. */
const FILES = [
  { file: 'hand-over.pdf', label: 'Hand-over (PDF)' },
  { file: 'job.json', label: 'Job (JSON)' },
  { file: 'sheet.csv', label: 'Settings sheet (CSV)' },
] as const;
const READINGS = { file: 'readings.csv', label: 'Signal readings (CSV)' } as const;
const CHECKS = { file: 'checks.csv', label: 'Checks tried (CSV)' } as const;
const CALENDAR = { file: 'programs.ics', label: 'Programs (calendar file)' } as const;

/** A pool pump is given no signal; a pump at which nothing was tried has no checks to take along. */
function filesOf({ summary }: Handover) {
  return [
    ...FILES,
    ...(summary.pool ? [] : [READINGS]),
    ...((summary.checks ?? []).length > 0 ? [CHECKS] : []),
    ...(summary.pool ? [CALENDAR] : []),
  ];
}

export function Downloads({ jobId, handover }: { jobId: string; handover: Handover }) {
  const { pending } = useOutbox();
  const unsent = pending.some((command) => command.body.jobId === jobId);
  return (
    <Card title="Handed over" edge="moss" testID="downloads">
      <Words>
        Received by {handover.signedAs} on {dateInWords(handover.summary.siteDate)}.{' '}
        {handover.nextDue ? `Next due ${dateInWords(handover.nextDue)}.` : 'Nothing further is agreed.'}
      </Words>
      {unsent ? (
        <Words colour="ochre" bold>
          The files are made once everything is sent.
        </Words>
      ) : (
        filesOf(handover).map(({ file, label }, i) => (
          <Button
            key={file}
            kind={i === 0 ? 'main' : 'plain'}
            label={label}
            testID={`download-${file}`}
            onPress={() => void Linking.openURL(fileUrl(jobId, file))}
          />
        ))
      )}
    </Card>
  );
}
