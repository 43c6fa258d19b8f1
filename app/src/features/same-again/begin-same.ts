import type { PumpResource } from '@barythm/contract/resources';
import { filledPaths, textAt, withText } from '@barythm/core/describe';
import { familyOf } from '@barythm/core/families';
import type { SameAgain } from '@barythm/core/job';
import { newId, outbox } from '../../api/device';
import { keepDraft } from '../../draft/use-draft';
import { screensOf } from '../../families/registry';

/**
 * Begins a job on a like pump with what goes along: the targets by hand are written, and the duty stands typed in its form, to be looked
 * through and accepted; what is of each unit is blank in it. Answers the job's id.
 */
export async function beginSame(pump: PumpResource, { duty, asked, targets }: SameAgain): Promise<string> {
  const jobId = newId();
  const start = { kind: 'job.start', jobId, pumpId: pump.id, visitId: newId(), date: pump.today } as const;
  await outbox.add(duty ? start : { ...start, small: true }, 0);
  for (const [version, target] of targets.entries())
    await outbox.add({ kind: 'target.choose', jobId, entryId: newId(), by: 'hand', ...target }, version);
  if (duty) {
    const { forms } = familyOf(duty.family);
    const written = forms.duty.write(duty as never);
    const texts = asked.reduce(
      (now, path) => (textAt(now, path) === '' ? now : withText(now, path, '')),
      written,
    );
    const key = `${screensOf(duty.family).dutyDraft}${jobId}`;
    keepDraft(key, JSON.stringify(texts));
    // a duty that was agreed is no start that is still to be confirmed
    keepDraft(`${key}:answered`, JSON.stringify(filledPaths(texts)));
  }
  return jobId;
}
