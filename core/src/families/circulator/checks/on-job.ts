import type { Finding } from '../../../findings';
import { passedBy, standsAs, wasWorkedOn } from '../../../visit';
import { firstLeft, stepsSaid } from '../../parts/first-steps';
import { fig } from '../../../units';
import type { JobGround } from '../../family';
import type { CirculatorKind } from '../kind';
import { finding } from '../texts/texts';
import { FLAPS } from '../proof/twin';
import { FIRST_STEPS, CIRCULATOR_RECORDS } from '../wire/records';

/** What a job on a circulator leaves open: what was to be seen first, the sensor's wire, nothing measured. */
export function openOn({ document, context, checks }: JobGround<CirculatorKind>): Finding[] {
  if (document.job.state === 'planned') return [];
  const found: Finding[] = [];
  const left = firstLeft(document, 'seen-first', FIRST_STEPS, CIRCULATOR_RECORDS);
  if (left?.steps.some(({ key }) => key === 'water-first')) found.push(finding('CIR-01', 'job', {}));
  const others = left?.steps.filter(({ key }) => key !== 'water-first') ?? [];
  if (left && others.length > 0)
    found.push(finding('CIR-02', 'job', { what: stepsSaid(others), why: left.why }));
  if (!context) return found;
  if (context.duty.hotWater && wasWorkedOn(document, CIRCULATOR_RECORDS) && !passedBy(checks, 'far-end'))
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
