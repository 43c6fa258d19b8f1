import { Linking } from 'react-native';
import { fileUrl } from '../../api/client';
import { useOutbox } from '../../api/use-outbox';
import { Button } from '../../ui/button';
import { unitsWanted } from '../../ui/reader';
import { Words } from '../../ui/words/words';
import { useJobScope } from './job-context';

/** Plan and order of work on paper, before the job: as far as the server has it. */
export function WorkOrderLink() {
  const { jobId } = useJobScope();
  const { pending } = useOutbox();
  if (pending.some(({ body }) => body.jobId === jobId))
    return (
      <Words size="small" colour="quiet" testID="work-order-waits">
        The work order can be printed once all entries have been sent.
      </Words>
    );
  return (
    <Button
      kind="quiet"
      label="Work order to print (PDF)"
      testID="work-order"
      onPress={() => void Linking.openURL(fileUrl(jobId, `work-order.pdf?units=${unitsWanted()}`))}
    />
  );
}
