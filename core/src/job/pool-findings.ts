import type { Finding } from '../findings';
import {
  finding,
  linkedKey,
  powerPattern,
  sensorKey,
  sensorsInUse,
  SENSOR_NAMES,
  type PoolContext,
  type PoolSettings,
} from '../families/pool';
import { parameterAt } from '../profile';
import type { Pattern } from '../proof';
import { sameValue, type SheetRow } from '../sheet';
import { fig } from '../units';
import type { JobDocument } from './document';
import type { JudgedCheck } from './judged-checks';

/** What a job on a pool pump leaves open: sensors, linked devices, salt, valves, flow not measured. */
export function poolFindings(
  document: JobDocument,
  rows: readonly SheetRow[],
  checks: readonly JudgedCheck[],
  context: PoolContext | null,
  settings: PoolSettings,
): Finding[] {
  if (document.job.state === 'planned') return [];
  return [
    ...(context
      ? [...sensors(context, settings, checks), ...linked(context, rows, checks), ...unmeasured(checks)]
      : []),
    ...salt(document),
    ...valves(document),
  ];
}

/** The slips that the standing checks point to; several powers together may name another kind of pump. */
export function poolPatterns(context: PoolContext, checks: readonly JudgedCheck[]): Pattern[] {
  const standing = checks.filter((check) => !check.voided && !check.superseded);
  const powers = standing.flatMap(({ check, record }) => {
    const speed = /^power-(\d+)$/.exec(check.key);
    const power_W = record.body.figures.power_W;
    return speed && power_W !== undefined ? [{ speed_rpm: Number(speed[1]), power_W }] : [];
  });
  const kind = powerPattern(powers, context);
  return [
    ...(kind ? [kind] : []),
    ...standing.flatMap(({ verdict }) => (verdict.pattern ? [verdict.pattern] : [])),
  ];
}

function passed(checks: readonly JudgedCheck[], key: string): boolean {
  return checks.some(
    ({ check, verdict, voided, superseded }) => check.key === key && verdict.ok && !superseded && !voided,
  );
}

/** POO-19: nobody compared it, or not since its offset was changed. */
function sensors({ duty }: PoolContext, settings: PoolSettings, checks: readonly JudgedCheck[]): Finding[] {
  const open = sensorsInUse(duty, settings).filter((sensor) => !passed(checks, sensorKey(sensor)));
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
  const open = duty.linked.filter((_, i) => !passed(checks, linkedKey(i)));
  if (open.length === 0) return [];
  return [finding('POO-26', 'job', { devices: open.map(({ name }) => name).join(', ') })];
}

/** ANY-21: something was proved, and neither flow nor power was read. */
function unmeasured(checks: readonly JudgedCheck[]): Finding[] {
  const sound = checks.filter(({ voided, superseded, verdict }) => !voided && !superseded && verdict.ok);
  const measured = sound.some(({ check }) => check.key.startsWith('flow-') || check.key.startsWith('power-'));
  return sound.length === 0 || measured ? [] : [finding('ANY-21.flow', 'job', {})];
}

/** POO-18: it cannot be written so by this program, but a record of the site may say it. */
function salt(document: JobDocument): Finding[] {
  return document.records.flatMap(({ body }) =>
    body.kind === 'salt' && body.added_kg > 0 && body.kit_gl === null
      ? [
          finding('POO-18', 'job', {
            added: `${body.added_kg} kg`,
            panel: fig('strength', body.panel_gl),
          }),
        ]
      : [],
  );
}

/** POO-21 */
function valves(document: JobDocument): Finding[] {
  return document.records.flatMap(({ body }) =>
    body.kind === 'valves' && !body.traced ? [finding('POO-21', 'job', { which: body.which })] : [],
  );
}
