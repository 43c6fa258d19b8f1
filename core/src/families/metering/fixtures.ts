import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { profileSchema, type Profile, type SettingValues } from '../../profile';
import type { MeteringContext } from './context';
import type { MeteringDuty } from './duty';

/** For tests only: the shipped profiles, a duty that a sound pump meets, and settings that meet it. */
function shipped(name: string): Profile {
  const path = join(__dirname, '../../../../profiles', `${name}.json`);
  return profileSchema.parse(JSON.parse(readFileSync(path, 'utf8')));
}

export const MOTOR = shipped('motor-three-gears');
export const TWO_POINT = shipped('two-point-soft-keys');
export const TODAY = '2026-11-24';

export const DUTY: MeteringDuty = {
  family: 'metering',
  mode: 'analog',
  signal: { source: 'flow', low_mA: 4, span_m3h: 50 },
  water: { least_m3h: 6, usual_m3h: 20, greatest_m3h: 40, hourly_m3h: null },
  dose: { wanted_mgl: 1.2, low_mgl: 1, high_mgl: 1.5 },
  product: {
    name: 'Hypochlorite',
    strength: { stated: 'weight', percent: 12.5, density_kgl: 1.21 },
    measuredOn: '2026-11-20',
    halfLife_days: 90,
    density_kgl: 1.21,
    gassing: true,
  },
  strokeVolume: { full_mL: 0.1, basis: 'plate' },
  place: { interlocked: true, suctionHead_m: null, dischargePressure_bar: null },
  choices: { belowFirstPoint: 'stop', afterPowerCut: 'resume', stroke: 'long' },
};

type Deep<T> = { [K in keyof T]?: T[K] extends object | null ? Partial<T[K]> | null : T[K] };

/** The duty with some of it changed. */
export function dutyWith(changes: Deep<MeteringDuty>): MeteringDuty {
  const next: Record<string, unknown> = { ...DUTY };
  for (const [key, value] of Object.entries(changes)) {
    const before = next[key];
    next[key] =
      value !== null && typeof value === 'object' && typeof before === 'object'
        ? { ...before, ...value }
        : value;
  }
  return next as unknown as MeteringDuty;
}

export function motorContext(changes: Partial<MeteringContext> = {}): MeteringContext {
  return {
    duty: DUTY,
    profile: MOTOR,
    plate: { gear: 'B', greatest_spm: 96, rated_bar: 10 },
    today: TODAY,
    inForce: { gear: 'B' },
    signalFrom: 'flow',
    ...changes,
  };
}

export function twoPointContext(changes: Partial<MeteringContext> = {}): MeteringContext {
  return {
    duty: DUTY,
    profile: TWO_POINT,
    plate: { gear: null, greatest_spm: 180, rated_bar: 7 },
    today: TODAY,
    inForce: {},
    signalFrom: 'flow',
    ...changes,
  };
}

/** What the plan for DUTY comes to on the motor pump: 70 % in gear B. */
export const SOUND_MOTOR: SettingValues = { gear: 'B', length: 71, mode: 'ext', rate: 0, range: '4-20' };

/** And on the two-point pump at full stroke: 68 strokes/min at the span. */
export const SOUND_TWO_POINT: SettingValues = {
  length: 100,
  operation: 'current',
  manualRate: 60,
  currentA: 4,
  rateA: 0,
  currentB: 20,
  rateB: 68,
  below: 'stop',
  wire: 'stop',
  limit: 180,
  power: 'go',
};
