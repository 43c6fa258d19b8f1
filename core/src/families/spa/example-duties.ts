import type { SpaDuty } from './wire/duty';

/** A hostel's own tub: two pumps of two speeds, a blower, one phase. */
export const DUTY: SpaDuty = {
  family: 'spa',
  pumps: [
    { low: { current_A: 2.2, power_W: 480 }, high: { current_A: 8.4, power_W: 1900 }, phase: 1, low_m3h: 9 },
    {
      low: { current_A: 2.1, power_W: 460 },
      high: { current_A: 7.7, power_W: 1700 },
      phase: 1,
      low_m3h: null,
    },
  ],
  blower: { current_A: 3, power_W: 700, phase: 1 },
  circulation: null,
  ozone: null,
  lights: { current_A: 0.2, power_W: 40, phase: 1 },
  heater: { power_kW: 3, volts_V: 240, phases: 1, phase: 1, leastFlow_m3h: 5 },
  supply: { volts_V: 230, phases: 1, breaker_A: 25 },
  tub: {
    volume_L: 1350,
    air_C: 6,
    coldest_C: -4,
    loss: { kind: 'cool-down', from_C: 37.4, to_C: 35.1, air_C: 6, hours_h: 10 },
    open_WK: 90,
  },
  code: null,
  wanted: { temperature_C: 37, limit_C: 40, from_C: 12, within_h: 20, turnovers: 40 },
  baths: [{ from: 1140, to: 1260 }],
  quiet: [{ from: 1320, to: 420 }],
  prices: [
    { from: 0, to: 420, price: 0.18 },
    { from: 420, to: 1020, price: 0.27 },
    { from: 1020, to: 1200, price: 0.41 },
    { from: 1200, to: 1440, price: 0.27 },
  ],
  currency: 'SKR',
  choices: {},
};

/** A clinic's tub that many use, with a circulation pump, on three phases. */
export const SHARED: SpaDuty = {
  ...DUTY,
  pumps: [DUTY.pumps[0], { ...DUTY.pumps[1], phase: 2 }],
  blower: { current_A: 3, power_W: 700, phase: 2 },
  circulation: { current_A: 0.6, power_W: 130, phase: 3, flow_m3h: 3 },
  ozone: { current_A: 0.1, power_W: 20, phase: 3 },
  heater: { power_kW: 6, volts_V: 230, phases: 3, phase: 1, leastFlow_m3h: 2 },
  supply: { volts_V: 230, phases: 3, breaker_A: 16 },
  tub: { ...DUTY.tub, volume_L: 2400, coldest_C: 8, air_C: 16, loss: { kind: 'stated', covered_WK: 22 } },
  code: { circulation_h: 24, turnovers: 24, residual_mgL: 3 },
  wanted: { ...DUTY.wanted, temperature_C: 35, limit_C: 38, turnovers: 24 },
  baths: [
    { from: 540, to: 690 },
    { from: 840, to: 1020 },
  ],
};

/** A small tub with one pump and one cycle a day. */
export const LITTLE: SpaDuty = {
  ...DUTY,
  pumps: [DUTY.pumps[0]],
  blower: null,
  lights: null,
  supply: { volts_V: 230, phases: 1, breaker_A: 25 },
  tub: { ...DUTY.tub, volume_L: 800, coldest_C: 3 },
  wanted: { ...DUTY.wanted, temperature_C: 36, turnovers: 60 },
};
