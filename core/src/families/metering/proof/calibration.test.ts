import type { CalibrationBody } from '../wire/records';
import { comparableVolumes_mL, measuredLoss, standingCalibration } from './calibration';

const TODAY = '2026-11-24';
/** A drawdown at a pressure: three runs of one volume over a thousand strokes. */
const at = (pressure_bar: number, volume_mL: number) => ({
  date: TODAY,
  body: {
    kind: 'calibration',
    by: 'strokes',
    volumes_mL: [volume_mL, volume_mL, volume_mL],
    amount: 1000,
    shown_lph: null,
    division_mL: 1,
    bubbles: false,
    assumed_mL: 0.1,
    length_pct: 100,
    pressure_bar,
    product: 'Hypochlorite',
  } satisfies CalibrationBody,
});

test('of two drawdowns of one day the later stands, but for one that is 0.2 bar further from the working pressure', () => {
  const stands = (...drawn: ReturnType<typeof at>[]) => standingCalibration(drawn, 4)?.pressure_bar;
  expect(stands(at(3.8, 98), at(4.39, 97))).toBe(4.39);
  expect(stands(at(3.8, 98), at(4.41, 97))).toBe(3.8);
  expect(stands(at(3.8, 98), at(4, 97))).toBe(4);
});

test('the loss with pressure is told by pressures a bar apart; nearer ones are compared as they are', () => {
  expect(measuredLoss([at(2, 98), at(3, 96)])?.lossPer_bar).toBeCloseTo(0.02 / 1.02, 9);
  expect(measuredLoss([at(2, 98), at(2.99, 96)])).toBeNull();
  expect(comparableVolumes_mL([at(2, 98), at(2.99, 96)], null)).toHaveLength(2);
  // a bar apart, and it did not fall: there is no loss to bring it by
  expect(comparableVolumes_mL([at(2, 96), at(3, 98)], null)).toHaveLength(1);
});
