import fc from 'fast-check';
import { fill } from '../../../findings';
import { faultOf, parameterAt } from '../../../profile';
import { METRIC } from '../../../units';
import { planAndCheck } from './plan';
import { dosePicture, needed_lph } from '../effect/dose';
import { DUTY, dutyWith, motorContext, twoPointContext } from '../fixtures';
import { planMetering, type MeteringPlan } from './plan';
import { REASONS } from '../texts/reasons';

const valuesOf = (plan: MeteringPlan) => Object.fromEntries(plan.targets.map((t) => [t.key, t.value]));

test('plain ranges: the length at which the fitted gear’s full rate is what the span needs', () => {
  const context = motorContext();
  const plan = planMetering(context);
  // q(50 m³/h) = 50·1.2/146.66 = 0.4091 L/h; 96/min of 0.1 mL give 0.576 L/h at 100 %
  expect(needed_lph(context, 50)).toBeCloseTo(0.4091, 3);
  expect(valuesOf(plan)).toEqual({ gear: 'B', length: 71, mode: 'ext', range: '4-20' });
});

test('plain ranges: another gear only when the fitted one cannot', () => {
  const plan = planMetering(
    motorContext({ duty: dutyWith({ dose: { wanted_mgl: 2, low_mgl: 1.8, high_mgl: 2.2 } }) }),
  );
  expect(valuesOf(plan)).toMatchObject({ gear: 'C', length: 79 });
});

test('plain ranges: the fitted gear stays where a person says so, as near as it comes', () => {
  const { choices } = DUTY;
  const kept = (low_mgl: number) =>
    planMetering(
      motorContext({
        duty: dutyWith({
          dose: { wanted_mgl: 2, low_mgl, high_mgl: 2.2 },
          choices: { ...choices, gear: 'fitted' },
        }),
      }),
    );
  // gear B gives 1.69 mg/L at full stroke
  expect(valuesOf(kept(1.6))).toMatchObject({ gear: 'B', length: 100 });
  expect(kept(1.6).targets.find(({ role }) => role === 'gear')?.reason.text).toBe('gear.kept');
  expect(kept(1.8).problems.map(({ kind }) => kind)).toContain('change-span');
});

test('plain ranges: a shorter span is asked for when only the maximum flow is within reach', () => {
  const duty = dutyWith({ dose: { wanted_mgl: 2.8, low_mgl: 2.5, high_mgl: 3 } });
  const plan = planMetering(motorContext({ duty }));
  expect(plan.problems).toEqual([{ kind: 'change-span', span_m3h: expect.closeTo(45.3, 0) }]);
});

test('free points: both at the transmitter’s range, through zero, in whole strokes', () => {
  const plan = planMetering(twoPointContext());
  expect(valuesOf(plan)).toEqual({
    length: 100,
    operation: 'current',
    currentA: 4,
    rateA: 0,
    currentB: 20,
    rateB: 68,
    below: 'stop',
    wire: 'stop',
    limit: 165,
    power: 'go',
  });
});

test('free points: a second point at the maximum flow when the span is out of reach', () => {
  const duty = dutyWith({ dose: { wanted_mgl: 3.6, low_mgl: 3.2, high_mgl: 4 } });
  const values = valuesOf(planMetering(twoPointContext({ duty })));
  expect(values).toMatchObject({ length: 100, currentB: 16.8, rateB: 164 });
});

test('a measured stroke length is kept', () => {
  const duty = dutyWith({ strokeVolume: { full_mL: 0.1, basis: 'measured', atLength_pct: 65 } });
  expect(valuesOf(planMetering(twoPointContext({ duty })))).toMatchObject({ length: 65 });
});

test('a controller’s falling signal: most feed at the low end, none at the high', () => {
  const duty = dutyWith({
    signal: {
      source: 'controller',
      measures: 'redox',
      low_mA: 4,
      greatestFeed_lph: 0.6,
      action: 'falling',
      onLostSignal: 'stop',
    },
  });
  const plan = planMetering(twoPointContext({ duty, signalFrom: 'controller' }));
  expect(valuesOf(plan)).toMatchObject({ currentA: 4, rateA: 100, currentB: 20, rateB: 0, wire: 'stop' });
});

test('manual: the rate for the usual flow', () => {
  const plan = planMetering(twoPointContext({ duty: { ...DUTY, mode: 'manual' } }));
  expect(valuesOf(plan)).toMatchObject({ operation: 'manual', manualRate: 27 });
});

test('manual: what the reason says is what the rate as taken gives, and it is within 3 % of what is required', () => {
  for (const usual_m3h of [3, 7, 11, 24, 40]) {
    const duty = { ...DUTY, mode: 'manual' as const, water: { ...DUTY.water, usual_m3h } };
    const plan = planMetering(twoPointContext({ duty }));
    const values = valuesOf(plan);
    const { reason } = plan.targets.find(({ role }) => role === 'rate.manual')!;
    const given = (Number(values.manualRate) * 60 * duty.strokeVolume.full_mL * Number(values.length)) / 1e5;
    expect(reason.values?.flow).toEqual({ q: 'pumpFlow', v: expect.closeTo(given, 6) as number });
    const dose = reason.values?.dose as { v: number };
    expect(Math.abs(dose.v / duty.dose.wanted_mgl - 1)).toBeLessThanOrEqual(0.03);
  }
});

test('schools that are chosen are followed', () => {
  const duty = dutyWith({
    choices: { belowFirstPoint: 'hold', afterPowerCut: 'wait', stroke: 'even' },
    signal: { source: 'flow', low_mA: 0, span_m3h: 50 },
  });
  const values = valuesOf(planMetering(twoPointContext({ duty })));
  expect(values).toMatchObject({ below: 'hold', power: 'wait', wire: 'off', currentA: 0 });
  // the shortest stroke that keeps the band, not the longest
  expect(values['length']).toBeLessThan(60);
});

test('whatever the duty, targets are ones the controller takes, say why, and meet the band or a finding says so', () => {
  const duties = fc.record({
    span_m3h: fc.double({ min: 10, max: 100, noNaN: true }),
    share: fc.double({ min: 0.3, max: 1, noNaN: true }),
    wanted: fc.double({ min: 0.2, max: 8, noNaN: true }),
    stroke: fc.double({ min: 0.02, max: 1, noNaN: true }),
    two: fc.boolean(),
  });
  fc.assert(
    fc.property(duties, ({ span_m3h, share, wanted, stroke, two }) => {
      const greatest = span_m3h * share;
      const duty = dutyWith({
        signal: { source: 'flow', low_mA: 4, span_m3h },
        water: { least_m3h: greatest / 6, usual_m3h: greatest / 2, greatest_m3h: greatest },
        dose: { wanted_mgl: wanted, low_mgl: wanted * 0.85, high_mgl: wanted * 1.15 },
        strokeVolume: { full_mL: stroke },
      });
      const context = two ? twoPointContext({ duty }) : motorContext({ duty });
      const { plan, findings } = planAndCheck(context);
      for (const target of plan.targets) {
        const parameter = parameterAt(context.profile, target.address)!;
        expect(faultOf(parameter, target.value, plan.values)).toBeNull();
        expect(fill(REASONS[target.reason.text], target.reason.values, METRIC)).not.toMatch(/NaN|undefined/);
      }
      const picture = dosePicture(context, plan.settings);
      const inBand = picture !== null && picture.breaches.length === 0;
      expect(inBand || findings.length > 0).toBe(true);
    }),
    { numRuns: 80, seed: 7 },
  );
});
