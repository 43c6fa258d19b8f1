import type { CirculatorDuty } from './wire/duty';

/** Radiators of a small clinic: 38 kW at 12 K, 3.2 m in the index circuit. */
export const DUTY: CirculatorDuty = {
  family: 'circulator',
  system: 'radiators',
  heat_kW: 38,
  difference_K: 12,
  carrier: { kind: 'water' },
  index: { head_m: 3.2, from: 'stated' },
  valves: { allMayShut: true, leastFlow_m3h: 0.2 },
  pump: {
    curve: [
      { flow_m3h: 0, head_m: 6.5 },
      { flow_m3h: 2, head_m: 5.3 },
      { flow_m3h: 4, head_m: 1.7 },
    ],
    power: [
      { flow_m3h: 0, power_W: 60 },
      { flow_m3h: 4, power_W: 120 },
    ],
    leastShare: 0.28,
    least_W: 6,
  },
  pipe: { bore_mm: 41, material: 'steel' },
  inlet_bar: 1.4,
  control: { kind: 'own' },
  contact: 'none',
  season_h: 5200,
  price_kWh: 0.3,
  currency: 'SKR',
  choices: {},
};

/** The same radiators under a twin whose flap is tight. */
export const TWIN_DUTY: CirculatorDuty = { ...DUTY, twin: { flap: 'tight' } };
/** A house of its own: 8 kW at 10 K. */
export const HOUSE: CirculatorDuty = {
  ...DUTY,
  heat_kW: 8,
  difference_K: 10,
  index: { head_m: 1.6, from: 'stated' },
  pump: {
    curve: [
      { flow_m3h: 0, head_m: 4.2 },
      { flow_m3h: 1, head_m: 3.6 },
      { flow_m3h: 2.4, head_m: 0.6 },
    ],
    power: [{ flow_m3h: 1, power_W: 24 }],
    leastShare: 0.4,
    least_W: 4,
  },
  pipe: null,
};

/** The hot-water return of a clinic: 90 m of lagged pipe, back at 55 °C, and it may stand two hours. */
export const HOT: CirculatorDuty = {
  ...DUTY,
  system: 'hot-water',
  heat_kW: 0.72,
  difference_K: 4,
  hotWater: { pipe_m: 90, loss_Wm: 8, supply_C: 60, coolest_C: 55, longestPause_min: 120 },
  index: { head_m: 0.9, from: 'stated' },
  pump: {
    curve: [
      { flow_m3h: 0, head_m: 1.6 },
      { flow_m3h: 0.3, head_m: 1.2 },
      { flow_m3h: 0.6, head_m: 0.1 },
    ],
    power: [{ flow_m3h: 0.2, power_W: 9 }],
    leastShare: 0.4,
    least_W: 2,
  },
  pipe: { bore_mm: 16, material: 'copper' },
  season_h: 8760,
};
