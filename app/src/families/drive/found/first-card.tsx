import { firstSteps, type FirstKey } from '@barythm/core/families/drive';
import { lastRecord } from '@barythm/core/visit';
import { SeenCard } from '../../../features/job/as-found/seen-card';
import { useDrive } from '../use-drive';

const GUIDED = {
  plant:
    'Its own set-up asks for the plant first. “Back” in it drops what was entered: read each value again.',
  motor:
    'Its own set-up asks for the motor first. “Back” in it drops what was entered: read each value again.',
} as const;

/** The order of work before settings count, by what it is to hold (DRV-00). */
export function FirstCard() {
  const { view } = useDrive();
  const holds = view.duty?.holds.kind ?? view.settings.holds ?? 'pressure';
  const { guided } = view.profile.behaviours;
  return (
    <SeenCard
      title="Order of work"
      name="drive-first"
      caution={guided === null ? undefined : GUIDED[guided]}
      steps={firstSteps(holds)}
      recorded={lastRecord(view.document, 'drive-first')?.body ?? null}
      record={(seen, why, changed) => ({ kind: 'drive-first', seen: seen as FirstKey[], why, changed })}
    />
  );
}
