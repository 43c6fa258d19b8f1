import { familyOf } from '@barythm/core/families';
import { RecordCard } from '../features/job/as-found/record-card';
import { useJobScope } from '../kit/job';

/** Every card of work that a family writes down, opened. */
export function WorkCards() {
  const { view } = useJobScope();
  return familyOf(view.family)
    .arrival.work.filter(({ there }) => !there || there(view))
    .map((one) => <RecordCard key={one.kind} work={one} />);
}
