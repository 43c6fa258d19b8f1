import fc from 'fast-check';
import {
  batchPicture,
  calibrate,
  compensation,
  daysToService,
  gasPicture,
  hoursUntilUsed,
  lossPerBar,
  slowestSuction,
  strokeAtPressure_mL,
  suctionHead,
  suctionVelocity_ms,
  tankDays,
} from '../index';

const positive = (max: number) => fc.double({ min: 0.01, max, noNaN: true });

test('calibration: the mean is the factor, each rejection has its own cause', () => {
  const sound = { volumes_mL: [84, 84.5, 85], amount: 200, division_mL: 1, assumed: 0.44 };
  expect(calibrate(sound)).toMatchObject({ faults: [], each_mL: 0.4225 });
  expect(calibrate({ ...sound, volumes_mL: [84, 84.5] }).faults).toEqual(['runs']);
  expect(calibrate({ ...sound, volumes_mL: [84, 88, 85] }).faults).toEqual(['spread']);
  expect(calibrate({ ...sound, division_mL: 2 }).faults).toEqual(['divisions']);
  expect(calibrate({ ...sound, bubbles: true }).faults).toEqual(['bubbles']);
  // near miss: right on 50 divisions, and a spread of 1.99 %
  expect(calibrate({ ...sound, volumes_mL: [50, 50, 50] }).faults).toEqual([]);
  expect(calibrate({ ...sound, volumes_mL: [100, 101, 101.99] }).faults).toEqual([]);
});

test('uncertainty of the mean: √(s²/r + reading²) in worked numbers', () => {
  const { uncertainty } = calibrate({
    volumes_mL: [84, 84.5, 85],
    amount: 200,
    division_mL: 1,
    assumed: 0.44,
  });
  expect(uncertainty).toBeCloseTo(Math.sqrt(0.25 / 3 + 1 / 6) / 84.5, 12);
});

test('a longer stroke always squeezes gas further; twice the suction pressure reaches twice as far', () => {
  fc.assert(
    fc.property(positive(3), positive(2), positive(1), (suction, stroke, dead) => {
      const { reach_bar } = gasPicture(suction, stroke, dead, 1);
      expect(gasPicture(suction, stroke * 1.1, dead, 1).reach_bar).toBeGreaterThan(reach_bar);
      expect(gasPicture(2 * suction, stroke, dead, 1).reach_bar).toBeCloseTo(2 * reach_bar, 9);
    }),
  );
});

test('half the suction speed leaves a quarter of the acceleration head', () => {
  const input = {
    tank_bar: 1.013,
    vapour_bar: 0.02,
    density_kgm3: 1000,
    level_m: -1,
    friction_m: 0,
    pipe_m: 3,
    velocity_ms: 0.3,
    rate_spm: 120,
    slowShare: 1,
  };
  const full = suctionHead(input).acceleration_m;
  expect(suctionHead({ ...input, slowShare: 0.5 }).acceleration_m).toBeCloseTo(full / 4, 12);
  expect(() => suctionHead({ ...input, slowShare: 0 })).toThrow('share of slow suction');
});

test('velocity in the suction pipe: 0.5 mL at 120 strokes/min through 4 mm is 0.0796 m/s', () => {
  expect(suctionVelocity_ms(0.5, 120, 4)).toBeCloseTo(0.0796, 4);
});

test('a need that no slow step can meet has none; near miss: right at 10 % to spare', () => {
  expect(slowestSuction(10, 9.2, [1, 0.5])).toBeNull();
  expect(slowestSuction(11, 10, [1, 0.5])).toBe(1);
});

test('the loss worked out from two calibrations gives both back', () => {
  fc.assert(
    fc.property(positive(1), fc.double({ min: 0, max: 0.05, noNaN: true }), (v0, k) => {
      const at = (pressure_bar: number) => ({
        stroke_mL: strokeAtPressure_mL(v0, k, pressure_bar),
        pressure_bar,
      });
      expect(lossPerBar(at(1), at(6))).toBeCloseTo(k, 9);
    }),
  );
  expect(() => lossPerBar({ stroke_mL: 1, pressure_bar: 3 }, { stroke_mL: 0.9, pressure_bar: 3 })).toThrow(
    'one pressure',
  );
});

test('at the pressure where compensation runs out the rate is the maximum', () => {
  const input = { stroke_mL: 0.5, lossPer_bar: 0.02, flow_lph: 4.1, greatest_spm: 160, rated_bar: 10 };
  const { limit_bar } = compensation({ ...input, pressure_bar: 4 });
  expect(compensation({ ...input, pressure_bar: limit_bar! }).rate_spm).toBeCloseTo(160, 9);
  expect(compensation({ ...input, pressure_bar: 0, flow_lph: 10 }).limit_bar).toBe(0);
  expect(compensation({ ...input, pressure_bar: 5, lossPer_bar: 0 }).limit_bar).toBeNull();
});

test('a tank is walked hour by hour: what is used until then is what was in it', () => {
  const day = Array.from({ length: 24 }, (_, hour) => (hour >= 8 && hour < 18 ? 0.5 : 0));
  // 12 L at 5 L a day from noon: 3 L today, 5 L tomorrow, 4 L by 16:00 the day after
  expect(hoursUntilUsed(12, day, 12)).toBeCloseTo(52, 9);
  expect(hoursUntilUsed(0, day, 3)).toBe(0);
  // used by day alone: a volume of whole days is empty in the evening, not at the next midnight
  const working = Array.from({ length: 24 }, (_, h) => (h >= 6 && h < 18 ? 1 : 0));
  expect(hoursUntilUsed(12, working, 0)).toBeCloseTo(18, 9);
  expect(hoursUntilUsed(36, working, 0)).toBeCloseTo(66, 9);
  expect(hoursUntilUsed(5, Array(24).fill(0), 0)).toBeNull();
  fc.assert(
    fc.property(positive(400), fc.integer({ min: 0, max: 23 }), (volume, from) => {
      const hours = hoursUntilUsed(volume, day, from)!;
      let used = 0;
      for (let h = 0; h < Math.floor(hours); h++) used += day[(from + h) % 24];
      used += day[(from + Math.floor(hours)) % 24] * (hours % 1);
      expect(used).toBeCloseTo(volume, 6);
    }),
  );
});

test('days of a tank, of a service, and a batch in worked numbers', () => {
  expect(tankDays(60, 15, 5, 4.5)).toEqual({ warn_days: 10, stop_days: expect.closeTo(12.222, 3) });
  expect(daysToService(1_000_000, 25_000)).toBe(40);
  expect(daysToService(1, 0)).toBeNull();
  expect(batchPicture(25, 0.42, 120, 60)).toEqual({
    strokes: 60,
    error: expect.closeTo(0.008, 6),
    time_s: 30,
    fits: true,
  });
  expect(batchPicture(25, 0.42, 50, 60).fits).toBe(false);
  expect(batchPicture(25, 0.42, 60, 60).fits).toBe(true);
});
