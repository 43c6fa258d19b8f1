import type { Finding } from '../../../findings';
import { lastRecord, passedBy, standsAs, wasWorkedOn } from '../../../visit';
import { NOT_RECORDED } from '../../parts/first-steps';
import { fig } from '../../../units';
import type { JobGround } from '../../family';
import type { CirculatorKind } from '../kind';
import { finding } from '../texts/texts';
import { FLAPS } from '../proof/twin';
import { SEEN_FIRST, TOUCHES } from '../wire/records';
import type { CirculatorJob } from '../wire/job';

/** What a job on a circulator leaves open: what was to be seen first, the sensor's wire, nothing measured. */
export function openOn({ document, context, checks }: JobGround<CirculatorKind>): Finding[] {
  if (document.job.state === 'planned') return [];
  const seen = firstOf(document);
  const found: Finding[] = [];
  if (seen && !seen.seen.includes('water-first')) found.push(finding('CIR-01', 'job', {}));
  const missing = seen ? SEEN_FIRST.filter(([key]) => key !== 'water-first' && !seen.seen.includes(key)) : [];
  if (seen && missing.length > 0)
    found.push(
      finding('CIR-02', 'job', {
        what: missing.map(([, words]) => words.charAt(0).toLowerCase() + words.slice(1)).join('; '),
        why: seen.why,
      }),
    );
  if (!context) return found;
  if (context.duty.hotWater && wasWorkedOn(document, TOUCHES) && !passedBy(checks, 'far-end'))
    found.push(
      finding('CIR-19.untried', 'job', { coolest: fig('temperature', context.duty.hotWater.coolest_C) }),
    );
  if (context.duty.control.kind === 'sensor' && !passedBy(checks, 'sensor-off'))
    found.push(finding('CIR-21.sensor', 'job', {}));
  const { twin } = context.duty;
  if (twin && twin.flap !== 'missing' && !FLAPS.every((key) => passedBy(checks, key)))
    found.push(finding('CIR-14.untried', 'job', {}));
  const sound = checks.filter((judged) => standsAs(judged) && judged.verdict.ok);
  const measured = sound.some(({ check }) => check.about?.kind === 'flow' || check.about?.kind === 'power');
  if (sound.length > 0 && !measured) found.push(finding('ANY-21.flow', 'job', {}));
  return found;
}

/** What was seen first; nothing of it where it was worked on and nobody wrote it down, null where it was not worked on. */
function firstOf(document: CirculatorJob): { readonly seen: readonly string[]; readonly why: string } | null {
  const recorded = lastRecord(document, 'seen-first')?.body;
  return recorded ?? (wasWorkedOn(document, TOUCHES) ? { seen: [], why: NOT_RECORDED } : null);
}
