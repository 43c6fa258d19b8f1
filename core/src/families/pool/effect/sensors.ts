import type { PoolDuty } from '../wire/duty';
import type { PoolSettings } from '../settings/understand';

export const SENSORS = ['water', 'air', 'roof'] as const;
export type Sensor = (typeof SENSORS)[number];

export const SENSOR_NAMES: Readonly<Record<Sensor, string>> = {
  water: 'Water sensor',
  air: 'Air sensor',
  roof: 'Roof sensor',
};

/** The key of a sensor's check. */
export function sensorKey(sensor: Sensor): string {
  return `sensor-${sensor}`;
}

/** Sensor and reference thermometer may differ by this, K. */
export const SENSOR_TOLERANCE_K = 1;

/**
 * What each sensor itself shows too much, K, with no offset set: learned from a comparison with a reference thermometer, less
 * the offset that stood then. Null where nobody compared it.
 */
export type SensorErrors = Readonly<Record<Sensor, number | null>>;

export const NOT_COMPARED: SensorErrors = { water: null, air: null, roof: null };

/** The sensors that heat, frost guard or chlorinator go by. */
export function sensorsInUse(duty: PoolDuty, settings: PoolSettings): Sensor[] {
  const source = settings.heat.source ?? 'off';
  const heated = duty.heat !== null && source !== 'off';
  const solar = heated && (source === 'solar' || source === 'solar-first');
  return [
    ...(heated || duty.chlorinator ? (['water'] as const) : []),
    ...(settings.frost.on && duty.winter !== 'none' && duty.winter !== null ? (['air'] as const) : []),
    ...(solar ? (['roof'] as const) : []),
  ];
}

/** What the controller takes the temperature for too much by, K: its sensor's own error and the offset set against it. */
export function shownTooMuch_K(
  errors: SensorErrors,
  { sensors }: PoolSettings,
  sensor: Sensor,
): number | null {
  const error = errors[sensor];
  return error === null ? null : error + sensors[sensor];
}
