import { FIRST_STEPS, type FirstKey } from '@barythm/core/families/transfer';
import { lastRecord } from '@barythm/core/visit';
import { SeenCard } from '../../../features/job/as-found/seen-card';
import { useTransfer } from '../use-transfer';

/** The order of work: kinds before speeds, the float over its whole way (LEV-00). */
export function FirstCard() {
  const { view } = useTransfer();
  const { backDrops } = view.profile.behaviours;
  return (
    <SeenCard
      title="Order of work"
      name="transfer-first"
      caution={
        backDrops
          ? 'Going back in its set-up drops what was entered: enter it again, and read it.'
          : undefined
      }
      steps={FIRST_STEPS}
      recorded={lastRecord(view.document, 'transfer-first')?.body ?? null}
      record={(seen, why, changed) => ({ kind: 'transfer-first', seen: seen as FirstKey[], why, changed })}
    />
  );
}
