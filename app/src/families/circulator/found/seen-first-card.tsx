import { SEEN_FIRST, type SeenFirst } from '@barythm/core/families/circulator';
import { lastRecord } from '@barythm/core/visit';
import { SeenCard } from '../../../features/job/as-found/seen-card';
import { useCirculator } from '../use-circulator';

const STEPS = SEEN_FIRST.map(([key, words]) => ({ key, words }));

/** What is seen of pipe, pump and current before it runs (CIR-01, CIR-02). */
export function SeenFirstCard() {
  const { view } = useCirculator();
  return (
    <SeenCard
      title="Seen before it runs"
      name="seen-first"
      steps={STEPS}
      recorded={lastRecord(view.document, 'seen-first')?.body ?? null}
      record={(seen, why, changed) => ({ kind: 'seen-first', seen: seen as SeenFirst[], why, changed })}
    />
  );
}
