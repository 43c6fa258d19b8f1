import type { Finding } from '../../../findings';
import { parameterAt, rolesIn } from '../../../profile';
import { lastRecord, passedBy, recordsOf, standsAs } from '../../../visit';
import { orElse } from '../../../input';
import { fig } from '../../../units';
import type { JobGround } from '../../family';
import { closed_hz, CLOSED_NEAR, pumpOf } from '../effect/pump';
import { holdsPressure, measuredByTwo } from '../effect/set';
import type { DriveKind } from '../kind';
import { finding } from '../texts/texts';
import { firstLeft, stepsSaid } from '../../parts/first-steps';
import { firstSteps, DRIVE_RECORDS } from '../wire/records';

/** What a job on a drive leaves open: the order of work, direction, nil of the sensor, the closed-valve test, the discharge. */
export function openOn(job: JobGround<DriveKind>): Finding[] {
  const { document, context, checks } = job;
  if (document.job.state === 'planned') return [];
  const found = [...identification(job), ...turning(job), ...closedValve(job)];
  if (!context) return found;
  const left = firstLeft(
    document,
    'drive-first',
    firstSteps(context.duty.holds.kind, context.profile.behaviours),
    DRIVE_RECORDS,
  );
  if (left && left.steps.length > 0)
    found.push(finding('DRV-00', 'job', { what: stepsSaid(left.steps), why: left.why }));
  const zeros = measuredByTwo(context.duty) ? ['zero', 'zero-inlet'] : ['zero'];
  if (holdsPressure(context.duty) && !zeros.every((key) => passedBy(checks, key)))
    found.push(finding('DRV-01.zero', 'job', {}));
  if (checks.filter(standsAs).some(({ check, verdict }) => check.key === 'steady' && !verdict.ok))
    found.push(finding('DRV-16', 'job', {}));
  const sound = checks.filter((judged) => standsAs(judged) && judged.verdict.ok);
  const measured = sound.some(
    ({ check }) => check.about?.kind === 'pressure' || check.about?.kind === 'flow',
  );
  if (sound.length > 0 && !measured) found.push(finding('ANY-21.flow', 'job', {}));
  return found;
}

const OF_THE_MOTOR: ReadonlySet<string> = new Set([
  'motor.current',
  'motor.speed',
  'motor.volts',
  'motor.power',
]);

/** DRV-00: each motor identified, and again where what is entered of it was changed afterwards. */
function identification({ document, context, rows }: JobGround<DriveKind>): Finding[] {
  const { profile } = document;
  if (profile.behaviours.identifies_min === undefined) return [];
  const tried = recordsOf(document, 'identified');
  const count = context?.duty.pump.count ?? 1;
  const units = Array.from({ length: count }, (_, i) => i + 1);
  const missing = units.filter(
    (unit) => tried.findLast(({ body }) => body.unit === unit)?.body.way !== 'done',
  );
  const named = (some: readonly number[]) =>
    count === 1 ? 'it' : some.map((unit) => `unit ${unit}`).join(', ');
  if (missing.length > 0) return [finding('DRV-00.identify', 'job', { units: named(missing) })];
  const since = tried.at(-1)?.revision ?? 0;
  const later = rows.filter(({ address, found, left }) => {
    const parameter = parameterAt(profile, address);
    const changed = left !== null && left.revision > since && left.value !== found?.value;
    return parameter !== undefined && rolesIn(parameter).some((role) => OF_THE_MOTOR.has(role)) && changed;
  });
  return later.length === 0
    ? []
    : [
        finding(
          'DRV-00.again',
          'job',
          {},
          later.map(({ address }) => address),
        ),
      ];
}

/** DRV-03: each unit tried, and leads swapped only when dead. */
function turning({ document, context, checks }: JobGround<DriveKind>): Finding[] {
  const tried = recordsOf(document, 'turning');
  const count = context?.duty.pump.count ?? 1;
  const units = Array.from({ length: count }, (_, i) => i + 1);
  const untried = units.filter(
    (unit) => !tried.some(({ body }) => body.unit === unit) && !passedBy(checks, `direction-${unit}`),
  );
  const found: Finding[] = [];
  if (untried.length > 0)
    found.push(
      finding('DRV-03', 'job', {
        units: count === 1 ? 'it' : untried.map((unit) => `unit ${unit}`).join(', '),
      }),
    );
  const discharge = context?.profile.behaviours.discharge_min ?? null;
  for (const { body } of tried) {
    if (body.way !== 'leads') continue;
    const waited = body.waited_min;
    const short = waited === null || (discharge !== null && waited < discharge);
    if (!short && body.provedDead) continue;
    found.push(
      finding('DRV-03.live', 'job', {
        waited: waited === null ? 'for an unknown time' : fig('minutes', waited),
        proved: body.provedDead ? '' : ', not proved dead',
        discharge: discharge === null ? 'what its plate says' : fig('minutes', discharge),
      }),
    );
  }
  return found;
}

/** DRV-04: the drive's own test, against the curve at the pressure that stood at its inlet; and the discharge open again. */
function closedValve({ document, context, settings }: JobGround<DriveKind>): Finding[] {
  const test = lastRecord(document, 'closed-valve')?.body;
  if (!test) return [];
  const found: Finding[] = [];
  if (!test.openedAgain) found.push(finding('DRV-04.shut', 'job', {}, [], 'stop'));
  const closed =
    context && orElse(() => closed_hz(context, pumpOf(context.duty), settings, test.inlet_bar), null);
  if (closed !== null && Math.abs(test.shown_hz - closed) > CLOSED_NEAR * closed)
    found.push(
      finding('DRV-04.test', 'job', {
        shown: fig('frequency', test.shown_hz),
        closed: fig('frequency', closed),
      }),
    );
  return found;
}
