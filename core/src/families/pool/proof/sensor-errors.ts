import { NOT_COMPARED, sensorKey, SENSORS, type Sensor, type SensorErrors } from '../effect/sensors';
import { addressOf, parameterWithRole, readIn } from '../../../profile';
import { lastOf } from '../../../sheet';
import type { PoolJob } from '../wire/job';

/**
 * What each sensor itself shows too much, K: from the last comparison with a reference on this job, less the offset that stood
 * in the controller then. Null where it was not compared, or where nobody knows that offset.
 */
export function sensorErrors(document: PoolJob): SensorErrors {
  return Object.fromEntries(
    SENSORS.map((sensor) => [sensor, errorOf(document, sensor)]),
  ) as unknown as SensorErrors;
}

function errorOf(document: PoolJob, sensor: Sensor): number | null {
  const compared = document.records.findLast(
    ({ body }) => body.kind === 'check' && body.check === sensorKey(sensor),
  );
  if (compared?.body.kind !== 'check') return NOT_COMPARED[sensor];
  const { shown_C, reference_C } = compared.body.figures;
  const offset_K = offsetAt(document, sensor, compared.revision);
  if (offset_K === null || !Number.isFinite(shown_C) || !Number.isFinite(reference_C)) return null;
  return shown_C - reference_C - offset_K;
}

/** The offset in the controller at a revision of the job: what was left before then, else what was found, whenever it was read. */
function offsetAt({ profile, entries, lastLeft }: PoolJob, sensor: Sensor, revision: number) {
  const parameter = parameterWithRole(profile, `sensor.${sensor}`);
  if (!parameter) return 0;
  const address = addressOf(parameter);
  const before = entries.filter((entry) => entry.revision <= revision);
  const entry = lastOf(before, address, 'left') ?? lastOf(entries, address, 'found');
  const value = entry ? entry.value : lastLeft?.values[parameter.key];
  return readIn(parameter, 'difference', value ?? undefined);
}
