import type { SettingValues } from '../../../profile';
import {
  DUTY,
  dutyWith,
  MOTOR,
  motorContext,
  PULSE_DUTY,
  pulseContext,
  SOUND_MOTOR,
  SOUND_PULSE,
  twoPointContext,
  SOUND_TWO_POINT,
} from '../fixtures';
import type { MeteringContext } from '../settings/context';
import { understand, type MeteringSettings } from '../settings/understand';
import { capacityLadder } from './capacity';
import {
  batchStrokes,
  fedByController,
  hoursOfDay_m3h,
  longestPause_min,
  ratesOfDay_spm,
  usageOfDay,
} from './day';
import { capacity_lph, dosePath, dosePicture, lineInForce, mostAsked, needed_lph, outsideBand } from './dose';
import { stockOf } from './stock';

const motor = motorContext();
const of = (
  context: MeteringContext,
  values: SettingValues,
  change: Partial<MeteringSettings> = {},
): MeteringSettings => ({
  ...understand(context.profile, context.plate, values),
  ...change,
});
const sound = (change: Partial<MeteringSettings> = {}) => of(motor, SOUND_MOTOR, change);
const hours = (rate: (hour: number) => number) => Array.from({ length: 24 }, (_, hour) => rate(hour));
const withDay = (hourly_m3h: number[] | null) => motorContext({ duty: dutyWith({ water: { hourly_m3h } }) });

describe('the line that it follows', () => {
  test('is that of its points, one rate whatever comes by hand, and none where that is not known', () => {
    expect(lineInForce(sound())).toMatchObject({ x1_mA: 4, x2_mA: 20 });
    const manual = lineInForce(sound({ mode: 'manual', manual_spm: 30 }))!;
    expect([manual.y1, manual.y2, manual.below]).toEqual([30, 30, 'hold']);
    expect(lineInForce(sound({ mode: 'manual', manual_spm: null }))).toBeNull();
    expect(lineInForce(sound({ mode: 'timer' }))).toBeNull();
  });
  test('leads from water to dose: a stroke length or a ceiling that is not known leads nowhere', () => {
    expect(dosePath(motor, sound())).toMatchObject({ kind: 'analog', transmitter: { low_mA: 4 } });
    expect(dosePath(motor, sound({ length_pct: null }))).toBeNull();
    const pulses = pulseContext();
    const own = of(pulses, SOUND_PULSE);
    expect(dosePath(pulses, own)).toMatchObject({ kind: 'pulses' });
    expect(dosePath(pulses, { ...own, ceiling_spm: null })).toBeNull();
    // pulses that come of no meter are none
    expect(dosePath(pulseContext({ ...PULSE_DUTY, signal: DUTY.signal }), own)).toBeNull();
  });
  test('the plan of each pump keeps its band; a shorter stroke leaves it, by as much as it is shorter', () => {
    expect(outsideBand(motor, sound())).toBe(0);
    expect(outsideBand(twoPointContext(), of(twoPointContext(), SOUND_TWO_POINT))).toBe(0);
    const half = outsideBand(motor, sound({ length_pct: 35.5 }))!;
    expect(half).toBeGreaterThan(0);
    expect(half).toBeLessThan(Math.log(2));
    expect(dosePicture(motor, sound({ length_pct: null }))).toBeNull();
    expect(outsideBand(motor, sound({ map: null }))).toBeNull();
  });
});

describe('what is asked of it', () => {
  test('goes with the water; under a controller it is the maximum useful feed, whatever the water', () => {
    expect(needed_lph(motor, 40)).toBeCloseTo(2 * needed_lph(motor, 20), 9);
    expect(mostAsked(motor)).toEqual({ flow_lph: needed_lph(motor, 40), water_m3h: 40 });
    const controlled = motorContext({
      duty: dutyWith({
        signal: {
          source: 'controller',
          measures: 'residual',
          low_mA: 4,
          greatestFeed_lph: 3,
          action: 'rising',
          onLostSignal: 'stop',
        },
      }),
      signalFrom: 'controller',
    });
    expect(mostAsked(controlled)).toEqual({ flow_lph: 3, water_m3h: null });
    expect(fedByController(controlled, sound())).toBe(true);
    expect(fedByController(controlled, sound({ mode: 'manual' }))).toBe(false);
  });
  test('is the usual flow by hand, and a batch within its spacing', () => {
    expect(mostAsked(motorContext({ duty: { ...DUTY, mode: 'manual' } })).water_m3h).toBe(20);
    const batch = motorContext({
      duty: { ...DUTY, mode: 'batch', batch: { volume_mL: 50, spacing_s: 600 } },
    });
    expect(mostAsked(batch)).toEqual({ flow_lph: expect.closeTo(0.3, 9), water_m3h: null });
  });
  test('what it can give goes with stroke and rate', () => {
    const full = capacity_lph(motor, sound({ length_pct: 100 }))!;
    expect(capacity_lph(motor, sound({ length_pct: 50 }))).toBeCloseTo(full / 2, 9);
    expect(capacity_lph(motor, sound({ length_pct: null }))).toBeNull();
    // 0.1 mL a stroke, 96 a minute
    expect(full).toBeCloseTo(0.1 * 96 * 0.06, 9);
  });
});

describe('the capacity ladder', () => {
  const rungs = (settings: MeteringSettings, context = motor) => capacityLadder(context, settings);
  test('stands each on the one before, from the rated flow to what is asked', () => {
    const ladder = rungs(sound());
    expect(ladder.map(({ rung }) => rung)).toEqual(['rated', 'gear', 'length', 'needed']);
    expect(ladder[1].flow_lph / ladder[0].flow_lph).toBeCloseTo(96 / 144, 9);
    expect(ladder[2].flow_lph / ladder[1].flow_lph).toBeCloseTo(0.71, 9);
  });
  test('what takes nothing away is no rung', () => {
    expect(
      rungs(sound({ geared_spm: 144, length_pct: 100, limits: { least_spm: 1, greatest_spm: 144 } })).map(
        ({ rung }) => rung,
      ),
    ).toEqual(['rated', 'needed']);
  });
  test('a pump that is limited to zero has nothing left, and no figure without a value', () => {
    const ladder = rungs(sound({ setGreatest_spm: 0, limits: { least_spm: 0, greatest_spm: 0 } }));
    expect(ladder.every(({ flow_lph }) => Number.isFinite(flow_lph))).toBe(true);
    expect(ladder.find(({ rung }) => rung === 'gear')?.flow_lph).toBe(0);
  });
});

describe('a real day', () => {
  test('has the hours that are known, else the usual flow all day', () => {
    expect(hoursOfDay_m3h(withDay(null))).toEqual(Array(24).fill(20));
    const day = hours((hour) => (hour < 6 ? 0 : 30));
    expect(hoursOfDay_m3h(withDay(day))).toEqual(day);
  });
  test('strokes go with its water, and product with its strokes', () => {
    const context = withDay(hours((hour) => (hour < 12 ? 10 : 40)));
    const rates = ratesOfDay_spm(context, sound())!;
    expect(rates[23]).toBeGreaterThan(rates[0]);
    const { strokes, hourly_L } = usageOfDay(context, sound())!;
    expect(strokes).toBeCloseTo(
      rates.reduce((sum, rate) => sum + rate * 60, 0),
      9,
    );
    expect(hourly_L[23]).toBeCloseTo((rates[23] * 60 * 0.071) / 1000, 9);
    expect(usageOfDay(context, sound({ length_pct: null }))).toBeNull();
  });
  test('the longest pause is the gap of its slowest hour, or the hours that stand in a row, over midnight too', () => {
    const slowest = Math.min(...ratesOfDay_spm(withDay(null), sound())!);
    expect(longestPause_min(withDay(null), sound())).toBeCloseTo(1 / slowest, 9);
    expect(longestPause_min(withDay(hours((hour) => (hour < 4 || hour > 21 ? 0 : 30))), sound())).toBe(
      6 * 60,
    );
    expect(longestPause_min(withDay(hours(() => 0)), sound())).toBe(24 * 60);
  });
  test('a timed pump stands for what its runs leave; a batch for what its strokes leave of the spacing', () => {
    const timer = sound({ mode: 'timer', timer: { every_min: 30, run_s: 120 } as never, manual_spm: 60 });
    expect(longestPause_min(motor, timer)).toBe(28);
    expect(ratesOfDay_spm(motor, timer)![0]).toBeCloseTo(4, 9);
    const context = motorContext({
      duty: { ...DUTY, mode: 'batch', batch: { volume_mL: 5, spacing_s: 600 } },
    });
    const batch = sound({ mode: 'batch', batchStrokes: 50, manual_spm: 50 });
    expect(longestPause_min(context, batch)).toBe(9);
    expect(ratesOfDay_spm(context, batch)![0]).toBeCloseTo(5, 9);
  });
  test('a batch is so many strokes, or a volume of them; never less than one', () => {
    const told = (change: Partial<MeteringSettings>) =>
      batchStrokes(sound({ batchStrokes: null, batchVolume_mL: null, ...change }), 0.1);
    expect(told({ batchStrokes: 7, batchVolume_mL: 99 })).toBe(7);
    expect(told({ batchVolume_mL: 7.1, length_pct: 71 })).toBe(100);
    expect(told({ batchVolume_mL: 0.001, length_pct: 71 })).toBe(1);
    expect([told({}), told({ batchVolume_mL: 5, length_pct: null })]).toEqual([null, null]);
  });
});

describe('stock', () => {
  const tank = { volume_L: 60, now_L: 40, warn_L: 10, stop_L: 4 };
  const context = motorContext({
    duty: { ...DUTY, tank, service: { everyStrokes: 1_000_000, madeStrokes: 990_000 } } as never,
  });
  test('lasts as its day uses it, down to each of its levels', () => {
    const stock = stockOf(context, sound())!;
    expect(stock.warn_days! * stock.daily_L).toBeCloseTo(30, 0);
    expect(stock.stop_days!).toBeGreaterThan(stock.warn_days!);
    expect(stock.service_days! * stock.strokesADay).toBeCloseTo(10_000, 0);
    expect(stock.atMost).toBe(false);
  });
  test('one that is below its level already lasts no time, and one that nobody knows is not said to last', () => {
    const low = motorContext({ duty: { ...DUTY, tank: { ...tank, now_L: 3 } } as never });
    expect([stockOf(low, sound())!.warn_days, stockOf(low, sound())!.stop_days]).toEqual([0, 0]);
    const none = motorContext({ duty: { ...DUTY, tank: null, service: null } as never });
    expect(stockOf(none, sound())).toMatchObject({ warn_days: null, stop_days: null, service_days: null });
  });
  test('a stroke length that cannot be is no stock, and takes nothing down', () => {
    expect(stockOf(context, sound({ length_pct: -10 }))).toBeNull();
    expect(stockOf(context, sound({ length_pct: null }))).toBeNull();
  });
});

test('a profile that says what it was read from changes nothing of what is computed', () => {
  const said = { ...MOTOR, behaviours: { ...MOTOR.behaviours, revision: '9', options: ['Link'] } };
  expect(capacityLadder(motorContext({ profile: said }), sound())).toEqual(capacityLadder(motor, sound()));
});
