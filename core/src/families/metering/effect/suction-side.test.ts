import { airPressure_bar, waterVapour_bar } from '../../../dosing';
import { canSiphon } from '../checks/guards';
import { headAtSuction } from '../checks/head';
import { FLOW_DUTY, findingsOn, inWords, SOUND_STEPPER, stepperContext } from '../fixtures';
import { meteringDutySchema } from '../wire/duty';
import { understand } from '../settings/understand';
import { suctionSide } from './suction-side';

const SUCTION = {
  pipe_m: 3,
  bore_mm: 4,
  friction_m: null,
  vapour_bar: null,
  tank_bar: null,
  needed_m: null,
};

test('air gets thinner with height, water boils at 100 °C at the sea: the tables’ figures', () => {
  expect(airPressure_bar(0)).toBeCloseTo(1.013, 6);
  expect(airPressure_bar(1500)).toBeCloseTo(0.845, 2);
  expect(waterVapour_bar(20)).toBeCloseTo(0.0234, 4);
  expect(waterVapour_bar(100)).toBeCloseTo(1.013, 1);
  expect(() => airPressure_bar(9000)).toThrow('altitude');
  expect(() => waterVapour_bar(120)).toThrow('0 and 100');
});

describe('what nobody answered on the suction side', () => {
  test('is water’s own vapour at 20 °C and sea level, never nothing, and it is said', () => {
    const side = suctionSide({ ...FLOW_DUTY, suction: SUCTION });
    expect(side.vapour_bar).toBeCloseTo(0.0234, 4);
    expect(side.assumed.join(' ')).toMatch(/sea level.*20 °C.*friction/);
    const short = stepperContext({ suction: { ...SUCTION, pipe_m: 30, bore_mm: 2 } });
    const found = findingsOn(short, SOUND_STEPPER).find(({ code }) => code === 'MET-22')!;
    expect(inWords(found)).not.toContain('undefined');
    expect(found.given).toContain('sea level');
  });
  test('near miss: what was answered is used, and nothing is said of it', () => {
    const stated = { ...SUCTION, altitude_m: 1500, liquid_C: 30, friction_m: 0.2, vapour_bar: 0.04 };
    const side = suctionSide({ ...FLOW_DUTY, suction: stated });
    expect(side.assumed).toEqual([]);
    expect(side.tank_bar).toBeCloseTo(0.845, 2);
    const context = stepperContext({ suction: stated });
    const settings = understand(context.profile, context.plate, SOUND_STEPPER);
    const sea = stepperContext({ suction: { ...stated, altitude_m: 0 } });
    expect(headAtSuction(sea, settings)!.available_m).toBeGreaterThan(
      headAtSuction(context, settings)!.available_m + 1.3,
    );
  });
});

describe('a siphon', () => {
  const at = (suctionHead_m: number | null, dischargePressure_bar: number | null, more = {}) =>
    canSiphon(
      stepperContext({ place: { interlocked: true, suctionHead_m, dischargePressure_bar }, ...more }),
    );
  test('runs through a pump above its tank whose outlet lies below it', () => {
    expect(at(-1, -0.2)).toBe(true);
    expect(at(-1, -0.05)).toBe(false);
  });
  test('is judged at the minimum back pressure, against what the injection valve holds', () => {
    expect(at(2, 0.5)).toBe(false);
    expect(at(2, 0.5, { pressure: { least_bar: 0.1, greatest_bar: 0.5, lossPer_bar: null } })).toBe(true);
    expect(at(2, 0.1, { head: { dead_mL: 0.2, injection_bar: 0.5 } })).toBe(false);
  });
  test('cannot be told without a level, and a flooded suction with no word of the discharge may', () => {
    expect(at(null, -0.5)).toBe(false);
    expect(at(0.5, null)).toBe(true);
    expect(at(-0.5, null)).toBe(false);
  });
  test('a discharge under vacuum can be entered, one beyond a full vacuum not', () => {
    const place = (dischargePressure_bar: number) =>
      meteringDutySchema.safeParse({ ...FLOW_DUTY, place: { ...FLOW_DUTY.place, dischargePressure_bar } });
    expect(place(-0.4).success).toBe(true);
    expect(place(-1.2).error?.issues[0].message).toContain('full vacuum');
  });
});
