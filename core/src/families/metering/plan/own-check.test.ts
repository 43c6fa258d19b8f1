import fc from 'fast-check';
import type { SettingValues } from '../../../profile';
import { checkPlan } from '../checks/checks';
import { planAndCheck } from './plan';
import { outsideBand } from '../effect/dose';
import {
  ALL_PROFILES,
  DUTY,
  dutyWith,
  FLOW_DUTY,
  inWords,
  MOTOR,
  motorContext,
  PULSE_DUTY,
  pulseContext,
  stepperContext,
  textsOf,
  TODAY,
  twoPointContext,
} from '../fixtures';
import type { MeteringContext } from '../settings/context';
import { type MeteringDuty, meteringDutySchema } from '../wire/duty';
import { gearsOf } from '../wire/plate';
import { understand } from '../settings/understand';
import { turnDown } from '../effect/turn-down';

const figure = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Duties of every kind that a current can pace, from too small to too large for the pump. */
const duties = fc
  .record({
    span_m3h: figure(10, 100),
    share: figure(0.3, 1),
    least: figure(0.05, 0.6),
    wanted: figure(0.2, 8),
    band: figure(0.05, 0.4),
    stroke: figure(0.02, 2),
    gassing: fc.boolean(),
    stroke_school: fc.constantFrom('long', 'middle', 'even'),
  })
  .map(({ span_m3h, share, least, wanted, band, stroke, gassing, stroke_school }): MeteringDuty => {
    const greatest_m3h = span_m3h * share;
    return dutyWith({
      signal: { source: 'flow', low_mA: 4, span_m3h },
      water: {
        least_m3h: greatest_m3h * least,
        usual_m3h: greatest_m3h * Math.max(least, 0.6),
        greatest_m3h,
        hourly_m3h: null,
      },
      dose: { wanted_mgl: wanted, low_mgl: wanted * (1 - band), high_mgl: wanted * (1 + band) },
      strokeVolume: { full_mL: stroke, basis: 'plate' },
      product: { ...DUTY.product, gassing },
      choices: { ...DUTY.choices, stroke: stroke_school as 'long' },
    });
  });

const outsideOf = (context: MeteringContext, values: SettingValues) =>
  outsideBand(context, understand(context.profile, context.plate, values)) ?? 0;

describe('a plan against its own check', () => {
  test('plain ranges: where any gear and length keep the band, the plan does; else it is a stop', () => {
    fc.assert(
      fc.property(duties, fc.constantFrom('A', 'B', 'C', null), (duty, gear) => {
        const context = motorContext({
          duty,
          plate: { gear, greatest_spm: null, rated_bar: 10 },
          inForce: gear ? { gear } : {},
        });
        const { plan, findings } = planAndCheck(context);
        for (const finding of findings) inWords(finding);
        if (outsideOf(context, plan.values) === 0) return;
        const better = gearsOf(MOTOR).flatMap(({ name }) =>
          Array.from({ length: 71 }, (_, i) => ({ gear: name, length: 30 + i })).filter(
            (other) => outsideOf(context, { ...plan.values, ...other }) === 0,
          ),
        );
        expect(better).toEqual([]);
        expect(findings.some((finding) => finding.severity === 'stop')).toBe(true);
      }),
      { numRuns: 80 },
    );
  });

  test('free points and flow-set drives: no target leaves the band without a stop', () => {
    fc.assert(
      fc.property(duties, (duty) => {
        for (const context of [twoPointContext({ duty }), stepperContext(duty)]) {
          const { plan, findings } = planAndCheck(context);
          for (const finding of findings) inWords(finding);
          if (outsideOf(context, plan.values) > 0) {
            expect(findings.some((finding) => finding.severity === 'stop')).toBe(true);
          }
          // the stroke is chosen with the suction, not after it
          expect(textsOf(findings)).not.toContain('MET-13');
        }
      }),
      { numRuns: 150 },
    );
  });

  test('pulses: the choice is in the band where any choice is', () => {
    const meters = fc.record({
      litres: figure(1, 200),
      wanted: figure(0.5, 10),
      band: figure(0.01, 0.2),
      greatest: figure(4, 60),
      stroke: figure(0.1, 2),
    });
    fc.assert(
      fc.property(meters, ({ litres, wanted, band, greatest, stroke }) => {
        const context = pulseContext({
          signal: { source: 'meter', litresPerPulse: litres, contact: 'electronic', closedShare: 0.5 },
          water: {
            least_m3h: greatest / 8,
            usual_m3h: greatest / 2,
            greatest_m3h: greatest,
            hourly_m3h: null,
          },
          dose: { wanted_mgl: wanted, low_mgl: wanted * (1 - band), high_mgl: wanted * (1 + band) },
          strokeVolume: { full_mL: stroke, basis: 'plate' },
        });
        const { plan, findings } = planAndCheck(context);
        for (const finding of findings) inWords(finding);
        if (plan.problems.length === 0 && outsideOf(context, plan.values) > 0) {
          expect(findings.some((finding) => finding.severity === 'stop')).toBe(true);
        }
      }),
      { numRuns: 200 },
    );
  });
  test('pulses: a rounding in the band beats a length nearer to the school’s wish', () => {
    const context = pulseContext({
      dose: { wanted_mgl: 2, low_mgl: 1.9, high_mgl: 2.1 },
      strokeVolume: { full_mL: 0.42, basis: 'plate' },
    });
    expect(outsideOf(context, planAndCheck(context).plan.values)).toBe(0);
  });
});

describe('a pump that is too large', () => {
  const large = dutyWith({ strokeVolume: { full_mL: 1.5, basis: 'plate' } });

  test('gets its slowest gear, the minimum dose it can give and a stop, never a target that overdoses with a warning', () => {
    const context = motorContext({
      duty: large,
      plate: { gear: 'C', greatest_spm: null, rated_bar: 10 },
      inForce: { gear: 'C' },
    });
    const { plan, findings } = planAndCheck(context);
    expect(plan.values).toMatchObject({ gear: 'A', length: 30 });
    const found = findings.find(({ text }) => text === 'MET-08.too-large')!;
    expect(found.severity).toBe('stop');
    expect(inWords(found)).toContain('slower gear or a smaller head');
    const reach = turnDown(context)!;
    expect(reach).toMatchObject({ gear: 'A', length_pct: 30, tooLarge: true });
    // 0.45 mL at the slowest gear's rate into the span
    const slowest = Math.min(...gearsOf(MOTOR).map((gear) => gear.greatest_spm));
    const strength = 151.25 * 0.5 ** (4 / 90);
    expect(reach.least.v).toBeCloseTo((0.45 * slowest * 0.06 * strength) / 50, 6);
  });
  test('near miss: a pump whose slowest gear and shortest stroke still reach the band', () => {
    const fits = dutyWith({ strokeVolume: { full_mL: 0.3, basis: 'plate' } });
    const { findings } = planAndCheck(motorContext({ duty: fits }));
    expect(textsOf(findings)).not.toContain('MET-08.too-large');
  });
  test('in every mode: pulses that even the maximum divider leaves too much of, batches under one stroke, a feed', () => {
    const huge = { strokeVolume: { full_mL: 900, basis: 'plate' as const } };
    expect(turnDown(pulseContext(huge))!.tooLarge).toBe(true);
    expect(turnDown(pulseContext())!.tooLarge).toBe(false);
    const batch = { ...PULSE_DUTY, mode: 'batch' as const, batch: { volume_mL: 0.1, spacing_s: 60 } };
    expect(turnDown(pulseContext(batch))!.tooLarge).toBe(true);
    expect(turnDown(pulseContext({ ...batch, batch: { volume_mL: 20, spacing_s: 60 } }))!.tooLarge).toBe(
      false,
    );
    const feed = (greatestFeed_lph: number) =>
      motorContext({
        duty: dutyWith({
          signal: {
            source: 'controller',
            measures: 'residual',
            low_mA: 4,
            greatestFeed_lph,
            action: 'rising',
            onLostSignal: 'stop',
          },
        }),
        signalFrom: 'controller',
      });
    expect(turnDown(feed(0.02))!.tooLarge).toBe(true);
    expect(turnDown(feed(0.4))!.tooLarge).toBe(false);
    expect(turnDown(motorContext({ duty: { ...large, mode: 'manual' } }))!.when).toBe('at the usual flow');
  });
});

describe('a gear that was not read', () => {
  const unread = { plate: { gear: null, greatest_spm: null, rated_bar: 10 }, inForce: {} };
  test('is judged over all gears that may be fitted: both sides are told, each with its gear', () => {
    const context = motorContext(unread);
    const findings = checkSettingsOf(context, { length: 71, mode: 'ext', range: '4-20' });
    const sides = findings
      .filter(({ code }) => code === 'MET-08')
      .map((finding) => [finding.values.side, finding.given]);
    expect(sides).toEqual(
      expect.arrayContaining([
        ['above the band', expect.stringContaining('gear C')],
        ['below the band', expect.stringContaining('gear A')],
      ]),
    );
  });
  test('near miss: what holds in every gear is told once, without one', () => {
    const context = motorContext(unread);
    const same = checkSettingsOf(context, { length: 20, mode: 'ext', range: '4-20' }).filter(
      ({ code }) => code === 'MET-17',
    );
    expect(same).toHaveLength(1);
    expect(same[0].given).toBeUndefined();
  });
  test('a plan asks for the mark to be read', () => {
    const { plan } = planAndCheck(motorContext(unread));
    expect(plan.targets.find(({ role }) => role === 'gear')?.reason.text).toBe('gear.unread');
  });
});

const checkSettingsOf = (context: MeteringContext, values: SettingValues) =>
  checkPlan(context, { ...planAndCheck(context).plan, values, problems: [] });

test('every shipped profile plans each mode it has in words that are whole', () => {
  const modes = ['analog', 'manual', 'pulse', 'contact', 'batch', 'timer'] as const;
  for (const profile of ALL_PROFILES) {
    for (const mode of modes) {
      const paced = mode === 'pulse' || mode === 'contact';
      const base = paced ? PULSE_DUTY : FLOW_DUTY;
      const duty = meteringDutySchema.parse({
        ...base,
        mode,
        batch: { volume_mL: 15, spacing_s: 120 },
        timer: { every_min: 30 },
      });
      const context: MeteringContext = {
        duty,
        profile,
        plate: { gear: null, greatest_spm: null, rated_bar: null },
        today: TODAY,
        inForce: {},
        signalFrom: null,
      };
      const { plan, findings } = planAndCheck(context);
      for (const finding of findings) inWords(finding);
      expect(plan.targets.length + plan.problems.length).toBeGreaterThan(0);
    }
  }
});
