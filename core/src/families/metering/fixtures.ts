import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { renderFinding, type Finding } from '../../findings';
import type { SettingValues } from '../../profile';
import { METRIC } from '../../units';
import { checkSettings } from './checks/checks';
import type { MeteringContext } from './settings/context';
import type { MeteringDuty } from './wire/duty';
import { METERING_TEXTS } from './texts/texts';
import { profileSchema } from '../wire';
import type { MeteringProfile } from './wire/job';
import { DUTY, PULSE_DUTY, FLOW_DUTY, CONTACT_DUTY, TIMER_DUTY } from './example-duties';

export { DUTY, PULSE_DUTY, FLOW_DUTY };

/** For tests only: the shipped profiles, a duty that a sound pump meets, and settings that meet it. */
function shipped(name: string): MeteringProfile {
  const path = join(__dirname, '../../../../profiles', `${name}.json`);
  return profileSchema.parse(JSON.parse(readFileSync(path, 'utf8'))) as MeteringProfile;
}

export const MOTOR = shipped('motor-three-gears');
export const TWO_POINT = shipped('two-point-soft-keys');
export const TODAY = '2026-11-24';

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
    plate: { gear: null, greatest_spm: 165, rated_bar: 7 },
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
  limit: 165,
  power: 'go',
};

export const PULSE_WHEEL = shipped('pulse-wheel');
export const STEPPER = shipped('stepper-flow');
export const NUMBERED = shipped('numbered-timer');
export const THREE_KEY = shipped('three-key-contact');
export const ALL_PROFILES = [MOTOR, TWO_POINT, PULSE_WHEEL, STEPPER, NUMBERED, THREE_KEY];

export function pulseContext(
  duty: Partial<MeteringDuty> = {},
  changes: Partial<MeteringContext> = {},
): MeteringContext {
  return {
    duty: { ...PULSE_DUTY, ...duty },
    profile: PULSE_WHEEL,
    plate: { gear: null, greatest_spm: 170, rated_bar: 10 },
    today: TODAY,
    inForce: {},
    signalFrom: 'meter',
    ...changes,
  };
}

export const SOUND_PULSE: SettingValues = {
  stroke: 95,
  work: 'per',
  rate: 60,
  portion: 1,
  factor: 3,
  store: 'off',
  closed: '80',
  top: 170,
  pause: 'permits',
  dry: 'stop',
  power: 'wait',
  keys: 'on',
};

export function stepperContext(
  duty: Partial<MeteringDuty> = {},
  changes: Partial<MeteringContext> = {},
): MeteringContext {
  return {
    duty: { ...FLOW_DUTY, ...duty },
    profile: STEPPER,
    plate: { gear: null, greatest_spm: 200, rated_bar: 10 },
    today: TODAY,
    inForce: {},
    signalFrom: 'flow',
    ...changes,
  };
}

export const SOUND_STEPPER: SettingValues = {
  factor: 100,
  run: 'input',
  flow: 1,
  inA: 4,
  outA: 0,
  inB: 20,
  outB: 3.41,
  lost: 'stop',
  suction: '60',
  gas: 'on',
  comp: 'off',
  contact: 'nc',
  level: 'stop',
  power: 'run',
  fault: 'wait',
  code: 'code',
};

/** Findings on one column, each with a text that has all its figures in words for people. */
export function findingsOn(
  context: MeteringContext,
  values: SettingValues,
  subject: 'found' | 'target' | 'left' = 'left',
): Finding[] {
  const findings = checkSettings(context, subject, values);
  for (const finding of findings) inWords(finding);
  return findings;
}

/** A finding's text, as a reader sees it; throws where a figure is missing. */
export function inWords(finding: Finding): string {
  const { title, so, will, todo } = renderFinding(finding, METERING_TEXTS, METRIC);
  const words = `${title} ${so} ${will} ${todo}`;
  if (/[{}]|NaN|undefined|Infinity/.test(words)) throw new Error(`Not fit for people: ${words}`);
  return words;
}

export const codesOf = (findings: readonly Finding[]) => findings.map((finding) => finding.code);
export const textsOf = (findings: readonly Finding[]) => findings.map((finding) => finding.text);

/** Pumps of this family with what was found on them, for suites that every family goes through. */
export const SAMPLES = [
  {
    profile: MOTOR,
    duty: DUTY,
    plate: { gear: 'B', greatest_spm: 96, rated_bar: 10 },
    found: { ...SOUND_MOTOR, length: 60, range: '0-20' },
  },
  {
    profile: TWO_POINT,
    duty: DUTY,
    plate: { gear: null, greatest_spm: 165, rated_bar: 7 },
    found: { ...SOUND_TWO_POINT, rateB: 40 },
  },
  {
    profile: PULSE_WHEEL,
    duty: PULSE_DUTY,
    plate: { gear: null, greatest_spm: 170, rated_bar: 10 },
    found: { ...SOUND_PULSE, factor: 12 },
  },
  {
    profile: STEPPER,
    duty: FLOW_DUTY,
    plate: { gear: null, greatest_spm: 200, rated_bar: 10 },
    found: { ...SOUND_STEPPER, outB: 2 },
  },
  {
    profile: NUMBERED,
    duty: TIMER_DUTY,
    plate: { gear: '2', greatest_spm: 120, rated_bar: 10 },
    found: { gear: '2', length: 100, p01: '2', p02: 60, p03: '1', p04: 60, p05: 30, p06: '0', p07: '0' },
  },
  {
    profile: THREE_KEY,
    duty: CONTACT_DUTY,
    plate: { gear: null, greatest_spm: 120, rated_bar: 10 },
    found: { stroke: 50, drive: 'own', rate: 60, divide: 1 },
  },
];
