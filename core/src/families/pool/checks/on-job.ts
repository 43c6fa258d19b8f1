import type { Finding } from '../../../findings';
import { finding } from '../texts/texts';
import { linkedKey } from '../proof/checks';
import { sensorKey, sensorsInUse, SENSOR_NAMES } from '../effect/sensors';
import type { PoolContext } from '../settings/context';
import type { PoolSettings } from '../settings/understand';
import type { PoolKind } from '../kind';
import { parameterAt } from '../../../profile';
import { sameValue, type SheetRow } from '../../../sheet';
import { fig } from '../../../units';
import { lastRecord, standsAs, recordsOf, passedBy, type JudgedCheck } from '../../../visit';
import type { JobGround } from '../../family';
import { saltToAdd } from '../effect/salt';
import type { PoolDuty } from '../wire/duty';
import type { PoolJob } from '../wire/job';

/** What a job on a pool pump leaves open: sensors, linked devices, salt, valves, flow not measured. */
export function openOn({ document, rows, checks, context, settings }: JobGround<PoolKind>): Finding[] {
  if (document.job.state === 'planned') return [];
  return [
    ...(context
      ? [...sensors(context, settings, checks), ...linked(context, rows, checks), ...unmeasured(checks)]
      : []),
    ...salt(document),
    ...(context ? saltAmount(document, context.duty) : []),
    ...valves(document),
  ];
}

/** POO-19: nobody compared it, or not since its offset was changed. */
function sensors({ duty }: PoolContext, settings: PoolSettings, checks: readonly JudgedCheck[]): Finding[] {
  const open = sensorsInUse(duty, settings).filter((sensor) => !passedBy(checks, sensorKey(sensor)));
  if (open.length === 0) return [];
  return [finding('POO-19', 'job', { sensors: open.map((sensor) => SENSOR_NAMES[sensor]).join(', ') })];
}

/** POO-26: programs, speeds or clock were changed, and what hangs on the schedule was not checked since. */
function linked(
  { duty, profile }: PoolContext,
  rows: readonly SheetRow[],
  checks: readonly JudgedCheck[],
): Finding[] {
  const schedule = rows.filter(({ address }) => {
    const role = parameterAt(profile, address)?.role ?? '';
    return role.startsWith('program.') || role === 'circuit.speed' || role === 'speed.greatest';
  });
  const changed = schedule.some(({ found, left }) => left && !sameValue(left.value, found?.value));
  if (!changed) return [];
  const open = duty.linked.filter((_, i) => !passedBy(checks, linkedKey(i)));
  if (open.length === 0) return [];
  return [finding('POO-26', 'job', { devices: open.map(({ name }) => name).join(', ') })];
}

/** ANY-21: something was proved, and neither flow nor power was read. */
function unmeasured(checks: readonly JudgedCheck[]): Finding[] {
  const sound = checks.filter((judged) => standsAs(judged) && judged.verdict.ok);
  const measured = sound.some(({ check }) => check.about?.kind === 'flow' || check.about?.kind === 'power');
  return sound.length === 0 || measured ? [] : [finding('ANY-21.flow', 'job', {})];
}

/** POO-18: it cannot be written so by this program, but a record of the site may say it. */
function salt(document: PoolJob): Finding[] {
  return recordsOf(document, 'salt').flatMap(({ body }) =>
    body.added_kg > 0 && body.kit_gl === null
      ? [
          finding('POO-18', 'job', {
            added: `${body.added_kg} kg`,
            panel: fig('strength', body.panel_gl),
          }),
        ]
      : [],
  );
}

/** POO-18: what the water holds after it, by the kit, against what the cell's maker wants. */
function saltAmount(document: PoolJob, duty: PoolDuty): Finding[] {
  const last = lastRecord(document, 'salt')?.body;
  const need = last && last.kit_gl !== null ? saltToAdd(duty, last.kit_gl) : null;
  const wanted = duty.chlorinator?.salt;
  if (!last || last.kit_gl === null || !need || !wanted) return [];
  const now_gl = last.kit_gl + last.added_kg / need.volume_m3;
  const values = {
    now: fig('strength', now_gl),
    low: fig('strength', wanted.least_gl),
    high: fig('strength', wanted.greatest_gl),
  };
  if (now_gl > wanted.greatest_gl * (1 + 1e-9)) return [finding('POO-18.much', 'job', values)];
  if (now_gl >= wanted.least_gl * (1 - 1e-9)) return [];
  return [finding('POO-18.little', 'job', { ...values, add: fig('salt', need.add_kg) })];
}

/** POO-21 */
function valves(document: PoolJob): Finding[] {
  return recordsOf(document, 'valves').flatMap(({ body }) =>
    !body.traced ? [finding('POO-21', 'job', { which: body.which })] : [],
  );
}
