import type { DriveDuty } from './wire/duty';

/** A hostel: 2 bar at a tap 12 m up; two pumps, a small vessel, the roof tank above the inlet. */
export const DUTY: DriveDuty = {
  family: 'drive',
  holds: { kind: 'pressure', tap_bar: 2, above_m: 12, pipe_bar: 0.5 },
  draw: { least_m3h: 1.2, usual_m3h: 2.4, greatest_m3h: 7, day: 'peaks', leak_m3h: 0.05 },
  inlet: { least_bar: 0.2, greatest_bar: 0.25 },
  water: { temperature_C: 12, altitude_m: 20 },
  main_L: 30,
  surprise: '',
  pump: {
    curve: [
      { flow_m3h: 0, head_m: 58 },
      { flow_m3h: 2, head_m: 53 },
      { flow_m3h: 4, head_m: 38 },
    ],
    power: [
      { flow_m3h: 0, power_W: 900 },
      { flow_m3h: 4, power_W: 1500 },
    ],
    rated_hz: 50,
    npsh_m: 3,
    count: 2,
    oneOut: false,
    least_hz: 25,
    ramp_s: 2,
    dry_s: 60,
    starts_h: 30,
  },
  rating: { lowest_bar: 8, relief_bar: null },
  vessel: { volume_L: 60, precharge_bar: 2.9 },
  sensor: { range_bar: 10 },
  others: [],
  price_kWh: 0.27,
  currency: 'SKR',
  choices: {},
};

/** One pump of it alone, for fewer draws. */
export const ONE: DriveDuty = {
  ...DUTY,
  draw: { ...DUTY.draw, usual_m3h: 1.5, greatest_m3h: 4 },
  pump: { ...DUTY.pump, count: 1 },
};

/** The same pump in a closed round, where two sensors measure the difference. */
export const DIFFERENCE: DriveDuty = {
  ...ONE,
  holds: { kind: 'difference', set_bar: 2 },
  inlet: { least_bar: 1, greatest_bar: 2 },
  vessel: null,
  sensor: { range_bar: 10, by: 'two', second_bar: 6 },
};

/** The same pump, told its speed by a building's controller. */
export const ASKED: DriveDuty = {
  ...ONE,
  holds: { kind: 'signal', least_hz: 30, most_hz: 50, source: '4-20', lost: 'least' },
  vessel: null,
  sensor: null,
};
