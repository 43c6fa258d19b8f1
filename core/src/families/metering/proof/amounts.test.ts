import { judgeCheck, lackingIn, type CheckBody, type ProofCheck } from '../../../proof';
import {
  FLOW_DUTY,
  dutyWith,
  motorContext,
  PULSE_DUTY,
  pulseContext,
  SOUND_MOTOR,
  SOUND_PULSE,
  SOUND_STEPPER,
  SOUND_TWO_POINT,
  stepperContext,
  twoPointContext,
} from '../fixtures';
import type { MeteringContext } from '../settings/context';
import { countTime_s, judgeCount } from './count';
import { proofChecks } from './checks';
import { judge } from './readings';
import { understand } from '../settings/understand';
import type { SettingValues } from '../../../profile';
import { shipped } from '../../suites/shipped.fixtures';
import type { MeteringProfile } from '../wire/job';

const checks = (context: MeteringContext, values: SettingValues) =>
  proofChecks(context, understand(context.profile, context.plate, values));
const keys = (context: MeteringContext, values: SettingValues) =>
  checks(context, values).map(({ key }) => key);
const check = (context: MeteringContext, values: SettingValues, key: string): ProofCheck => {
  const found = checks(context, values).find((one) => one.key === key);
  if (!found) throw new Error(`No check ${key}.`);
  return found;
};
const body = (key: string, figures: Record<string, number>, seen: string | null = null): CheckBody => ({
  check: key,
  seen,
  figures,
});

describe('what a pump is proved by, mode by mode', () => {
  test('a plain manual pump: strokes and flow at its set rate, and what it does after a power cut', () => {
    const manual = { ...SOUND_TWO_POINT, operation: 'manual', manualRate: 60 };
    expect(keys(twoPointContext(), manual)).toEqual(
      expect.arrayContaining(['manual-rate', 'manual-flow', 'prime', 'power-cut']),
    );
    const rate = check(twoPointContext(), manual, 'manual-rate');
    expect(judgeCheck(rate, body('manual-rate', { strokes: 60, seconds: 60 }), null).ok).toBe(true);
    expect(judgeCheck(rate, body('manual-rate', { strokes: 66, seconds: 60 }), null).ok).toBe(false);
  });
  test('batches, and pulses above the ceiling', () => {
    const batch = { ...SOUND_PULSE, work: 'batch', portion: 60, rate: 120, stroke: 100 };
    const context = pulseContext({ mode: 'batch', batch: { volume_mL: 25, spacing_s: 60 } });
    const one = check(context, batch, 'batch');
    expect(judgeCheck(one, body('batch', { strokes: 60 }), null).ok).toBe(true);
    expect(judgeCheck(one, body('batch', { strokes: 59 }), null).ok).toBe(false);
    const top = check(pulseContext(), { ...SOUND_PULSE, top: 40 }, 'pulses-ceiling');
    expect(judgeCheck(top, body('pulses-ceiling', { strokes: 40, seconds: 60 }), null).ok).toBe(true);
    expect(judgeCheck(top, body('pulses-ceiling', { strokes: 55, seconds: 60 }), null).ok).toBe(false);
  });
  test('pulses too fast to be recognised are not asked for: a right pump could not answer them', () => {
    // 80 ms is recognised: a generator that is closed half of its time makes 375 a minute at most
    const offered = (top: number) => keys(pulseContext(), { ...SOUND_PULSE, top });
    expect(offered(83)).toContain('pulses-ceiling');
    expect(offered(84)).not.toContain('pulses-ceiling');
  });
  test('a liquid that gasses: a bubble, a stir, the flow in the slow step; near miss: one that does not', () => {
    expect(keys(stepperContext(), SOUND_STEPPER)).toEqual(
      expect.arrayContaining(['gas-bubble', 'gas-stir', 'slow-flow']),
    );
    const still = stepperContext({ product: { ...FLOW_DUTY.product, gassing: false } });
    expect(keys(still, { ...SOUND_STEPPER, gas: 'off', suction: '100' })).not.toEqual(
      expect.arrayContaining(['gas-bubble']),
    );
    const locked = judgeCheck(
      check(stepperContext(), SOUND_STEPPER, 'gas-bubble'),
      body('gas-bubble', {}, 'stays'),
      null,
    );
    expect(locked).toMatchObject({ ok: false, pattern: { code: 'MET-15' } });
  });
  test('power off and on where its mains does not switch it: as it is set, either way', () => {
    const waits = check(twoPointContext(), { ...SOUND_TWO_POINT, power: 'wait' }, 'power-cut');
    expect(judgeCheck(waits, body('power-cut', {}, 'waits'), null).ok).toBe(true);
    expect(judgeCheck(waits, body('power-cut', {}, 'resumes'), null).pattern?.code).toBe('ANY-12');
  });
});

describe('throttling the discharge', () => {
  const pressure = { least_bar: 1, greatest_bar: 5, lossPer_bar: 0.02 };
  const context = stepperContext({ pressure });
  const first = body('throttle', { pressure_bar: 1, rate_spm: 100, flow_lph: 2 });
  const then = (comp: string, figures: Record<string, number>) =>
    judgeCheck(
      check(context, { ...SOUND_STEPPER, comp }, 'throttle'),
      body('throttle', figures),
      first.figures,
    );
  test('with compensation the flow stays', () => {
    expect(then('on', { pressure_bar: 5, rate_spm: 108, flow_lph: 2 }).ok).toBe(true);
    expect(then('on', { pressure_bar: 5, rate_spm: 100, flow_lph: 1.84 })).toMatchObject({
      ok: false,
      pattern: { code: 'MET-16' },
    });
  });
  test('without it the flow falls by the loss, and that is as expected; a flow that stays is not', () => {
    expect(then('off', { pressure_bar: 5, rate_spm: 100, flow_lph: 1.84 }).ok).toBe(true);
    expect(then('off', { pressure_bar: 5, rate_spm: 108, flow_lph: 2 }).ok).toBe(false);
    expect(then('off', { pressure_bar: 5, rate_spm: 100, flow_lph: 1.5 }).ok).toBe(false);
  });
  test('without a word of the loss a fall is let stand, a rise is not', () => {
    const unknown = stepperContext({ pressure: { ...pressure, lossPer_bar: null } });
    const off = check(unknown, { ...SOUND_STEPPER, comp: 'off' }, 'throttle');
    const at = (flow_lph: number) =>
      judgeCheck(off, body('throttle', { pressure_bar: 5, rate_spm: 100, flow_lph }), first.figures).ok;
    expect([at(1.8), at(2.2)]).toEqual([true, false]);
  });
});

describe('a check by nothing proves nothing', () => {
  test('every check of every kind fails without figures, and is refused in words at its field', () => {
    const all = [
      ...checks(
        stepperContext({ pressure: { least_bar: 1, greatest_bar: 5, lossPer_bar: null } }),
        SOUND_STEPPER,
      ),
      ...checks(pulseContext(), SOUND_PULSE),
      ...checks(twoPointContext(), { ...SOUND_TWO_POINT, operation: 'manual' }),
    ];
    expect(new Set(all.map(({ ask }) => ask.kind))).toEqual(new Set(['state', 'figures', 'figure']));
    for (const one of all) {
      const nothing = body(one.key, {});
      const verdict = judgeCheck(one, nothing, null);
      expect([one.key, verdict.ok]).toEqual([one.key, false]);
      expect(verdict.seen).not.toMatch(/undefined|NaN/);
      expect(lackingIn(one, nothing)?.words).toMatch(/enter|say what was seen/);
      if (one.ask.kind === 'figure' || one.ask.kind === 'figures') {
        expect(lackingIn(one, body(one.key, { flow_lph: NaN, strokes: NaN, seconds: 60 }))).not.toBeNull();
      }
    }
  });
});

describe('tolerances', () => {
  const at = (
    context: MeteringContext,
    values: SettingValues,
    reading: { injected_mA: number; strokes: number; seconds: number; flow_lph?: number },
  ) =>
    judge(context, understand(context.profile, context.plate, values), {
      shown_mA: null,
      flow_lph: null,
      ...reading,
    })!;
  test('at 4.00 mA the loop’s error may make a stroke; far under it none is allowed', () => {
    // 165 strokes/min over 16 mA: a tenth of a milliampere is a stroke
    const steep = { ...SOUND_TWO_POINT, rateB: 165 };
    expect(at(twoPointContext(), steep, { injected_mA: 4, strokes: 1, seconds: 60 }).ok).toBe(true);
    expect(at(twoPointContext(), steep, { injected_mA: 0, strokes: 1, seconds: 60 }).ok).toBe(false);
    expect(at(motorContext(), { ...SOUND_MOTOR }, { injected_mA: 4, strokes: 12, seconds: 60 }).ok).toBe(
      false,
    );
  });
  test('a flow is judged as well as the stroke is known: 10 % by the plate, 3 % once it was drawn down', () => {
    const plate = motorContext();
    const measured = motorContext({
      duty: dutyWith({ strokeVolume: { full_mL: 0.1, basis: 'measured', atLength_pct: 71 } }),
    });
    const flow = 96 * 0.071 * 0.06;
    const reading = { injected_mA: 20, strokes: 96, seconds: 60, flow_lph: flow * 1.06 };
    expect(at(plate, SOUND_MOTOR, reading).flowOk).toBe(true);
    expect(at(measured, SOUND_MOTOR, reading).flowOk).toBe(false);
    expect(at(measured, SOUND_MOTOR, { ...reading, flow_lph: flow * 1.02 }).flowOk).toBe(true);
  });
  test('a count too short to prove anything says how long would', () => {
    const short = at(motorContext(), SOUND_MOTOR, { injected_mA: 6, strokes: 1, seconds: 5 });
    expect(short).toMatchObject({
      ok: false,
      short: expect.stringMatching(/5 s are too short to prove it: count for \d+ s/),
    });
    expect(at(motorContext(), SOUND_MOTOR, { injected_mA: 6, strokes: 12, seconds: 60 })).toMatchObject({
      ok: true,
      short: null,
    });
    expect(countTime_s(0)).toBe(0);
    expect(judgeCount({ expected_spm: 10, allowed_spm: 0.5 }, { strokes: 1, seconds: 6 })).toMatchObject({
      ok: false,
    });
  });
});

test('pulse duties keep their own words', () => {
  expect(check(pulseContext(), SOUND_PULSE, 'pulses').expected).toBe('one stroke for 3 pulses');
  expect(PULSE_DUTY.mode).toBe('pulse');
});

describe('a stop input in two stages', () => {
  const profile = shipped('pulse-two-stage-stop') as MeteringProfile;
  const settings = { mode: 'times', factor: 2, length: 100, stopKind: 'stops' };
  const first = (of: MeteringProfile, stopContact: boolean) => {
    const base = pulseContext({ place: { ...PULSE_DUTY.place, stopContact } });
    return checks({ ...base, profile: of }, settings).find(({ key }) => key === 'stop-first');
  };
  test('its first stage is tried where something is wired to it, and told right from wrong', () => {
    const check = first(profile, true)!;
    expect(check.expected).toBe('it doses on, and shows: lamp “STOP” flashes');
    const judged = (seen: string) => judgeCheck(check, { check: check.key, seen, figures: {} }, null);
    expect(judged('warns').ok).toBe(true);
    expect([judged('silent').pattern?.code, judged('stands').pattern?.code]).toEqual(['MET-10', 'MET-10']);
  });
  test('near misses: nothing wired to it, or one stage alone', () => {
    expect(first(profile, false)).toBeUndefined();
    const { stopWarnsFirst: _, ...behaviours } = profile.behaviours;
    expect(first({ ...profile, behaviours }, true)).toBeUndefined();
  });
});
