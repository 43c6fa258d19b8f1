import { FIRST_STEPS, type FirstKey } from '@barythm/core/families/spa';
import { lastRecord } from '@barythm/core/visit';
import { SeenCard } from '../../../features/job/as-found/seen-card';
import { useSpa } from '../use-spa';

/** What is seen before a number is chosen; protection and suction covers first of all (SPA-11). */
export function FirstCard() {
  const { view } = useSpa();
  return (
    <SeenCard
      title="Before a number is chosen"
      name="spa-first"
      caution="Mains and water in one cabinet. Where the protection does not trip or a suction cover is broken, nobody bathes."
      steps={FIRST_STEPS}
      recorded={lastRecord(view.document, 'spa-first')?.body ?? null}
      record={(seen, why, changed) => ({ kind: 'spa-first', seen: seen as FirstKey[], why, changed })}
    />
  );
}
