import { EVERY_DAY } from '../../time';
import type { PoolDuty } from './wire/duty';

/** A therapy pool, 8 × 4 m and 1.3 m deep, turned over six times a day. */
export const DUTY: PoolDuty = {
  family: 'pool',
  bodies: [
    {
      name: 'Therapy pool',
      kind: 'pool',
      shapes: [{ shape: 'rectangle', length_m: 8, width_m: 4 }],
      depth_m: 1.3,
      turnoversPerDay: 4,
    },
  ],
  points: [
    { speed_rpm: 1000, flow_m3h: 6.1, head_m: 1.6, power_W: 82 },
    { speed_rpm: 2000, flow_m3h: 12.2, head_m: 6.2, power_W: 545 },
    { speed_rpm: 2900, flow_m3h: 17.6, head_m: 13, power_W: 1480 },
  ],
  pointsFrom: 'measured',
  beforeWash: 0.9,
  limits: { filter_m3h: 16, cover_m3h: 20, suction_mm: 63, return_mm: 50 },
  circuits: [{ name: 'Filter', kind: 'filter', leastFlow_m3h: 4, static_m: 0, exposed: false, place: null }],
  needs: [],
  quiet: { from: 1320, to: 360, greatest_rpm: 1800 },
  longestPause_min: 240,
  leastFlow_m3h: null,
  leastRun_min: 30,
  tariff: {
    currency: 'SKR',
    windows: [
      { days: EVERY_DAY, months: null, from: 0, to: 390, price: 0.18 },
      { days: EVERY_DAY, months: null, from: 390, to: 1020, price: 0.27 },
      { days: EVERY_DAY, months: null, from: 1020, to: 1260, price: 0.46 },
      { days: EVERY_DAY, months: null, from: 1260, to: 1440, price: 0.18 },
    ],
  },
  command: 'own',
  otherAddresses: [],
  linked: [{ kind: 'dosing', name: 'Hypochlorite pump' }],
  winter: 'none',
  frostNight: { hours: 8, perYear: 12 },
  heat: null,
  chlorinator: null,
  water_C: 33,
  place: { childrenReach: false, othersReach: true },
  choices: {},
  programs: null,
};

/** A pool under a panel: roof, heater, cleaner, chlorinator, pipes in a light frost. */
export const PANEL_DUTY: PoolDuty = {
  ...DUTY,
  bodies: [{ ...DUTY.bodies[0], name: 'Seal pool', turnoversPerDay: 3 }],
  circuits: [
    { name: 'Filter', kind: 'filter', leastFlow_m3h: 6, static_m: 0, exposed: false, place: 1 },
    { name: 'Cleaner', kind: 'cleaner', leastFlow_m3h: 9, static_m: 0, exposed: false, place: 3 },
    { name: 'Heater', kind: 'heater', leastFlow_m3h: 7, static_m: 0, exposed: false, place: null },
    { name: 'Chlorinator', kind: 'chlorinator', leastFlow_m3h: 5, static_m: 0, exposed: false, place: null },
    { name: 'Roof', kind: 'solar', leastFlow_m3h: 7, static_m: 3, exposed: true, place: 6 },
  ],
  points: [
    { speed_rpm: 2900, flow_m3h: 17.6, head_m: 13, power_W: 1480 },
    { speed_rpm: 2900, flow_m3h: 8, head_m: 17, power_W: 1120 },
    { speed_rpm: 2000, flow_m3h: 12.2, head_m: 6.2, power_W: 545 },
  ],
  needs: [{ circuit: 'Cleaner', days: EVERY_DAY, from: 720, to: 1020, hours: 2 }],
  quiet: null,
  longestPause_min: null,
  winter: 'light',
  heat: {
    source: 'solar-first',
    pool_C: 27,
    tub_C: null,
    warmest_C: 34,
    afterRun_min: 5,
    startDifference_K: 4,
    stopDifference_K: 1.5,
  },
  chlorinator: { rated_gph: 20, needed_gpd: 180, cold_C: 12 },
  water_C: 21,
};

/** A pool and a tub under one panel: the tub by people, a booster behind the main pump, the roof by day and by night, chemistry beside it. */
export const INNER_DUTY: PoolDuty = {
  ...PANEL_DUTY,
  circuits: [
    ...PANEL_DUTY.circuits,
    { name: 'Tub', kind: 'spa', leastFlow_m3h: 6, static_m: 0, exposed: false, place: 4 },
  ],
  pumpSpeeds: 'variable',
  second: { kind: 'single', circuit: 'Cleaner', behindMain: true },
  heat: { ...PANEL_DUTY.heat!, tub_C: 30, cooledTo_C: 31 },
  linked: [{ kind: 'chemistry', name: 'Chemistry controller', told: 'contact' }],
};
