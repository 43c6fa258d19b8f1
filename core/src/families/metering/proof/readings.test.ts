import { ratesOfDay_spm, usageOfDay } from '../effect/day';
import { motorContext, SOUND_MOTOR, SOUND_TWO_POINT, twoPointContext } from '../fixtures';
import { patternsIn } from './patterns';
import { pointsToInject, proofPoints } from './points';
import { expectedAt, judge, toleranceAt } from './readings';
import { understand } from '../settings/understand';
import type { SignalReading } from '../../../visit';

const two = twoPointContext();
const twoSettings = understand(two.profile, two.plate, SOUND_TWO_POINT);
const motor = motorContext();
const motorSettings = understand(motor.profile, motor.plate, SOUND_MOTOR);

function reading(injected_mA: number, strokes: number, shown_mA: number | null = null): SignalReading {
  return { injected_mA, shown_mA, strokes, seconds: 60, flow_lph: null };
}

test('expected at the usual points and the ends', () => {
  const { line_mA, between_mA, ends_mA } = proofPoints(two);
  const along = [...line_mA, ...between_mA].sort((a, b) => a - b);
  const rates = [...along, ...ends_mA].map((x) => expectedAt(two, twoSettings, x)?.rate_spm);
  expect(pointsToInject(proofPoints(two), [])).toEqual([4, 12, 20, 8, 16, 0, 3.5, 21]);
  expect(rates).toEqual([0, 17, 34, 51, 68, 0, 0, 0]);
  expect(expectedAt(two, twoSettings, 21)?.cause).toBe('broken-wire');
  expect(expectedAt(two, twoSettings, 20)?.flow_lph).toBeCloseTo(0.408, 9);
});

test('the tolerance is one stroke of the count, the loop’s error and half a stroke of rounding', () => {
  const map = { x1_mA: 4, y1: 0, x2_mA: 20, y2: 160, below: 'stop' as const };
  expect(toleranceAt(map, 60)).toMatchObject({ spm: expect.closeTo(2.5, 9), loop_spm: expect.closeTo(1, 9) });
  expect(toleranceAt(map, 30).count_spm).toBe(2);
});

test('a reading within tolerance passes, one outside fails, and at standstill a single stroke fails', () => {
  expect(judge(two, twoSettings, reading(12, 35))?.ok).toBe(true);
  expect(judge(two, twoSettings, reading(12, 37))?.ok).toBe(false);
  expect(judge(two, twoSettings, reading(4, 1))?.ok).toBe(false);
  expect(judge(two, twoSettings, reading(4, 0))?.ok).toBe(true);
});

test('a flow is judged by itself; a reading with neither proves nothing', () => {
  const flow = (flow_lph: number) => ({
    injected_mA: 20,
    shown_mA: null,
    strokes: null,
    seconds: null,
    flow_lph,
  });
  expect(judge(two, twoSettings, flow(0.4))).toMatchObject({ flowOk: true, ok: true });
  expect(judge(two, twoSettings, flow(0.3))).toMatchObject({ flowOk: false, ok: false });
  const nothing = { injected_mA: 20, shown_mA: 20, strokes: null, seconds: null, flow_lph: null };
  expect(judge(two, twoSettings, nothing)?.ok).toBe(false);
});

describe('patterns that name a mistake', () => {
  const kinds = (readings: SignalReading[], context = motor, settings = motorSettings) =>
    patternsIn(context, settings, readings).map((pattern) => pattern.kind);

  test('range mismatch: two readings at low signal name it', () => {
    // the pump reads 0–20: 96·8/20 = 38, 96·12/20 = 58
    expect(kinds([reading(8, 38), reading(12, 58)])).toEqual(['range']);
  });
  test('one reading alone names nothing, nor do readings that pass', () => {
    expect(kinds([reading(8, 38)])).toEqual([]);
    expect(kinds([reading(8, 24), reading(12, 48)])).toEqual([]);
  });
  test('wrong gear: one ratio at every signal', () => {
    expect(kinds([reading(8, 36), reading(12, 72), reading(20, 144)])).toEqual(['gear']);
  });
  test('wiring: the pump strokes by the current it shows, not the one injected', () => {
    const readings = [reading(8, 10, 6.3), reading(12, 25, 9.9), reading(20, 58, 17.6)];
    expect(kinds(readings, two, twoSettings)).toEqual(['wiring']);
  });
  test('wiring is named from three tenths of a milliampere on, where counts are long enough to tell', () => {
    // it strokes by what it shows, 68 strokes over 16 mA, counted for ten minutes
    const shows = (off: number) =>
      [8, 12, 16].map((mA) => ({
        ...reading(mA, Math.round(((mA + off - 4) / 16) * 680), mA + off),
        seconds: 600,
      }));
    expect(kinds(shows(0.31), two, twoSettings)).toEqual(['wiring']);
    expect(kinds(shows(0.3), two, twoSettings)).toEqual([]);
  });
  test('points swapped, manual mode, standing still', () => {
    expect(kinds([reading(8, 51), reading(16, 17)], two, twoSettings)).toEqual(['swapped']);
    expect(kinds([reading(8, 60), reading(12, 60), reading(16, 61)], two, twoSettings)).toEqual(['manual']);
    expect(kinds([reading(8, 0), reading(16, 0)], two, twoSettings)).toEqual(['standing']);
  });
  test('readings that fit nothing known stay unnamed', () => {
    expect(kinds([reading(8, 60), reading(12, 20), reading(20, 70)], two, twoSettings)).toEqual([]);
  });
});

test('a day of the pump: strokes and volume follow the hours', () => {
  const hourly_m3h = Array.from({ length: 24 }, (_, hour) => (hour < 12 ? 0 : 25));
  const context = { ...two, duty: { ...two.duty, water: { ...two.duty.water, hourly_m3h } } };
  const rates = ratesOfDay_spm(context, twoSettings)!;
  expect([rates[3], rates[13]]).toEqual([0, 34]);
  const day = usageOfDay(context, twoSettings)!;
  expect(day.strokes).toBe(34 * 60 * 12);
  expect(day.hourly_L.reduce((sum, litres) => sum + litres, 0)).toBeCloseTo((day.strokes * 0.1) / 1000, 9);
});
