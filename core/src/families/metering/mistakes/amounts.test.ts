import { checkSettings } from '../checks/checks';
import type { MeteringContext } from '../settings/context';
import {
  codesOf,
  DUTY,
  dutyWith,
  findingsOn,
  inWords,
  NUMBERED,
  PULSE_DUTY,
  pulseContext,
  SOUND_PULSE,
  SOUND_TWO_POINT,
  textsOf,
  TODAY,
  twoPointContext,
} from '../fixtures';
import { planMetering } from '../plan/plan';
import { longestPause_min } from '../effect/day';
import { understand } from '../settings/understand';
import type { MeteringDuty } from '../wire/duty';

const controller: MeteringDuty['signal'] = {
  source: 'controller',
  measures: 'residual',
  low_mA: 4,
  greatestFeed_lph: 0.3,
  action: 'rising',
  onLostSignal: 'stop',
};
const BATCH = { ...SOUND_PULSE, work: 'batch', portion: 60, rate: 120, stroke: 100 };
const batchContext = (more: Partial<MeteringDuty> = {}) =>
  pulseContext({ mode: 'batch', batch: { volume_mL: 25.2, spacing_s: 1800 }, ...more });

describe('how bad a dose outside its band is follows the dose', () => {
  const narrow = dutyWith({ dose: { wanted_mgl: 2, low_mgl: 1, high_mgl: 3 } });
  const at = (rateB: number, rateA = 0) =>
    findingsOn(twoPointContext({ duty: narrow }), { ...SOUND_TWO_POINT, rateA, rateB }).find(
      ({ code }) => code === 'MET-08',
    )!;
  test('mistake: 75 mg/L in a band of 1 to 3 is a stop, and says by which threshold', () => {
    const far = at(180, 60);
    expect(far.severity).toBe('stop');
    expect(inWords(far)).toContain('1.5 times beyond the band is a stop');
  });
  test('near miss: a little over is a warning', () => {
    expect(at(190).severity).toBe('warn');
  });
});

describe('batches and timed runs', () => {
  test('mistake: a batch of half the volume; near miss: the volume that is required', () => {
    expect(textsOf(findingsOn(batchContext(), { ...BATCH, portion: 30 }))).toContain('MET-08.batch');
    expect(textsOf(findingsOn(batchContext(), BATCH))).not.toContain('MET-08.batch');
  });
  test('MET-14: between batches a gassing liquid stands for what the strokes leave of the spacing', () => {
    const gassing = batchContext({ product: { ...PULSE_DUTY.product, gassing: true } });
    const found = findingsOn(gassing, BATCH).find(({ code }) => code === 'MET-14')!;
    // 60 strokes at 120/min take half a minute of the thirty
    expect(found.values.pause).toEqual({ q: 'minutes', v: 29.5 });
    const often = { ...gassing, duty: { ...gassing.duty, batch: { volume_mL: 25.2, spacing_s: 300 } } };
    expect(codesOf(findingsOn(often, BATCH))).not.toContain('MET-14');
  });
  test('MET-04 compares a batch with its own spacing, which is MET-19, and not with the water', () => {
    const thirsty = batchContext({
      water: { least_m3h: 100, usual_m3h: 5000, greatest_m3h: 9000, hourly_m3h: null },
    });
    expect(codesOf(findingsOn(thirsty, BATCH))).not.toContain('MET-04');
  });
  test('mistake: timed runs that give half; near miss: the plan’s own', () => {
    const context: MeteringContext = {
      duty: { ...dutyWith({}), mode: 'timer', timer: { every_min: 10 } },
      profile: NUMBERED,
      plate: { gear: null, greatest_spm: null, rated_bar: null },
      today: TODAY,
      inForce: {},
      signalFrom: null,
    };
    const { values } = planMetering(context);
    const run = NUMBERED.parameters.find(({ role }) => role === 'timer.run')!.key;
    expect(textsOf(findingsOn(context, values))).not.toContain('MET-08.timer');
    const half = findingsOn(context, { ...values, [run]: Number(values[run]) / 2 });
    const found = half.find(({ text }) => text === 'MET-08.timer')!;
    expect(found.values.dose).toMatchObject({ q: 'dose', v: expect.closeTo(0.6, 1) });
    expect(found.severity).toBe('stop');
  });
});

describe('under a controller', () => {
  const context = (more: Partial<MeteringDuty> = {}) =>
    twoPointContext({ duty: { ...dutyWith({ signal: controller }), ...more }, signalFrom: 'controller' });
  test('MET-04 holds the capacity against the maximum useful feed, in words without a water flow', () => {
    const found = findingsOn(context(), { ...SOUND_TWO_POINT, limit: 20 }).find(
      ({ code }) => code === 'MET-04',
    )!;
    expect(found.text).toBe('MET-04.feed');
    expect(inWords(found)).not.toContain('m³/h');
    expect(codesOf(findingsOn(context(), SOUND_TWO_POINT))).not.toContain('MET-04');
  });
  test('MET-20 reckons with the maximum feed, since nobody knows the demand, and says so', () => {
    const tank = { now_L: 20, warn_L: 5, stop_L: 2 };
    const soon = findingsOn(context({ tank, nextVisit_days: 30 }), SOUND_TWO_POINT).find(
      ({ code }) => code === 'MET-20',
    )!;
    expect(soon.text).toBe('MET-20.most');
    expect(soon.values.daily).toMatchObject({ v: expect.closeTo(7.2, 1) });
    expect(codesOf(findingsOn(context({ tank, nextVisit_days: 2 }), SOUND_TWO_POINT))).not.toContain(
      'MET-20',
    );
  });
  test('what it asks for is not known, so no pause is made up', () => {
    const settings = understand(context().profile, context().plate, SOUND_TWO_POINT);
    expect(longestPause_min(context(), settings)).toBeNull();
  });
});

test('a plan that leaves the band says that no setting is better, and not “as in the plan”', () => {
  const context = twoPointContext({ duty: { ...DUTY, mode: 'manual' } });
  const words = checkSettings(context, 'target', { ...SOUND_TWO_POINT, operation: 'manual', manualRate: 27 })
    .filter(({ code }) => code === 'MET-08')
    .map(inWords);
  expect(words).toHaveLength(1);
  expect(words[0]).toContain('No setting of this pump');
  expect(words[0]).not.toContain('as in the plan');
});
