import type { PoolDuty, PoolPlate } from '@barythm/core/families/pool';
import { DEMO_POOL_PROFILES, heldBy } from './pool-values';

/** A pool pump of Skerrow. */
export interface DemoPoolPump {
  readonly id: string;
  readonly siteId: string;
  readonly tag: string;
  readonly name: string;
  readonly place: string;
  readonly profile: keyof typeof DEMO_POOL_PROFILES;
  readonly model: string;
  readonly serial: string;
  readonly plate: PoolPlate;
  readonly duty: PoolDuty;
  readonly note: string;
  readonly reported?: { daysAgo: number; values: Record<string, string | number> };
}

const EVERY_DAY = '1234567';
const WEEKDAYS = '12345';

/** The island’s tariff: cheap nights, a dear evening on weekdays, dearer in winter. */
export const ISLAND_TARIFF: PoolDuty['tariff'] = {
  currency: 'SKR',
  windows: [
    { days: EVERY_DAY, months: null, from: 0, to: 390, price: 0.18 },
    { days: EVERY_DAY, months: null, from: 390, to: 1020, price: 0.27 },
    { days: WEEKDAYS, months: [10, 3], from: 1020, to: 1260, price: 0.52 },
    { days: WEEKDAYS, months: [4, 9], from: 1020, to: 1260, price: 0.41 },
    { days: '67', months: null, from: 1020, to: 1260, price: 0.27 },
    { days: EVERY_DAY, months: null, from: 1260, to: 1440, price: 0.18 },
  ],
};

const COMMON = {
  family: 'pool',
  pointsFrom: 'measured',
  tariff: ISLAND_TARIFF,
  command: 'own',
  otherAddresses: [],
  winter: 'none',
  frostNight: { hours: 8, perYear: 14 },
  heat: null,
  chlorinator: null,
  leastRun_min: 30,
  leastFlow_m3h: null,
  longestPause_min: null,
  quiet: null,
  needs: [],
  choices: {},
  programs: null,
} as const;

const THERAPY: PoolDuty = {
  ...COMMON,
  otherAddresses: [],
  needs: [],
  bodies: [
    {
      name: 'Therapy pool',
      kind: 'pool',
      shapes: [
        { shape: 'rectangle', length_m: 8, width_m: 4 },
        { shape: 'round', length_m: 2.4, width_m: 0 },
      ],
      depth_m: 1.25,
      turnoversPerDay: 4,
    },
  ],
  points: [
    { speed_rpm: 1000, flow_m3h: 6.1, head_m: 1.6, power_W: 82 },
    { speed_rpm: 2000, flow_m3h: 12.2, head_m: 6.2, power_W: 545 },
    { speed_rpm: 2900, flow_m3h: 17.6, head_m: 13, power_W: 1480 },
  ],
  beforeWash: 0.9,
  limits: { filter_m3h: 16, cover_m3h: 20, suction_mm: 63, return_mm: 50 },
  circuits: [{ name: 'Filter', kind: 'filter', leastFlow_m3h: 4, static_m: 0, exposed: false, place: null }],
  timedRuns: [{ name: 'After lessons', speed_rpm: 2000, minutes: 45 }],
  quiet: { from: 1320, to: 360, greatest_rpm: 1800 },
  longestPause_min: 240,
  linked: [{ kind: 'dosing', name: 'Hypochlorite pump CLI-DP-01' }],
  water_C: 33.4,
  place: { childrenReach: false, othersReach: true },
};

const TUB: PoolDuty = {
  ...COMMON,
  otherAddresses: [],
  needs: [],
  bodies: [
    {
      name: 'Therapy tub',
      kind: 'tub',
      shapes: [{ shape: 'oval', length_m: 3.2, width_m: 2 }],
      depth_m: 0.9,
      turnoversPerDay: 12,
    },
  ],
  points: [
    { speed_rpm: 1160, flow_m3h: 3.3, head_m: null, power_W: 62 },
    { speed_rpm: 2320, flow_m3h: 6.6, head_m: null, power_W: 405 },
  ],
  beforeWash: 0.92,
  limits: { filter_m3h: 8, cover_m3h: 10, suction_mm: 50, return_mm: null },
  circuits: [{ name: 'Filter', kind: 'filter', leastFlow_m3h: 2, static_m: 0, exposed: false, place: null }],
  timedRuns: [{ name: 'Between guests', speed_rpm: 2320, minutes: 30 }],
  leastFlow_m3h: 2,
  linked: [{ kind: 'dosing', name: 'Hypochlorite pump CLI-DP-02' }],
  water_C: 36.1,
  place: { childrenReach: false, othersReach: false },
};

const SEALS: PoolDuty = {
  ...COMMON,
  otherAddresses: [2, 3],
  needs: [],
  command: 'link',
  bodies: [
    {
      name: 'Seal pool',
      kind: 'pool',
      shapes: [{ shape: 'kidney', length_m: 14, width_m: 11 }],
      depth_m: 1.9,
      turnoversPerDay: 3,
    },
  ],
  points: [
    { speed_rpm: 1450, flow_m3h: 14.2, head_m: null, power_W: 260 },
    { speed_rpm: 2900, flow_m3h: 28.2, head_m: null, power_W: 1880 },
  ],
  beforeWash: 0.88,
  limits: { filter_m3h: 28, cover_m3h: 36, suction_mm: 90, return_mm: 75 },
  circuits: [{ name: 'Filter', kind: 'filter', leastFlow_m3h: 10, static_m: 0, exposed: true, place: null }],
  winter: 'light',
  linked: [{ kind: 'dosing', name: 'Hypochlorite pump SRC-DP-01' }],
  water_C: 11.5,
  place: { childrenReach: true, othersReach: true },
};

const PUPS: PoolDuty = {
  ...COMMON,
  otherAddresses: [],
  bodies: [
    {
      name: 'Pup pool',
      kind: 'pool',
      shapes: [{ shape: 'rectangle', length_m: 6, width_m: 4 }],
      depth_m: 1.1,
      turnoversPerDay: 4,
    },
  ],
  points: [
    { speed_rpm: 2900, flow_m3h: 17.6, head_m: 13, power_W: 1480 },
    { speed_rpm: 2900, flow_m3h: 8, head_m: 17, power_W: 1120 },
    { speed_rpm: 2000, flow_m3h: 12.2, head_m: 6.2, power_W: 545 },
  ],
  beforeWash: 0.9,
  limits: { filter_m3h: 15, cover_m3h: 19, suction_mm: 63, return_mm: 50 },
  circuits: [
    { name: 'Filter', kind: 'filter', leastFlow_m3h: 4, static_m: 0, exposed: false, place: 1 },
    { name: 'Cleaner', kind: 'cleaner', leastFlow_m3h: 8, static_m: 0, exposed: false, place: 3 },
    { name: 'Heater', kind: 'heater', leastFlow_m3h: 5, static_m: 0, exposed: false, place: null },
    { name: 'Chlorinator', kind: 'chlorinator', leastFlow_m3h: 5, static_m: 0, exposed: false, place: null },
    { name: 'Roof solar', kind: 'solar', leastFlow_m3h: 6, static_m: 3, exposed: true, place: 6 },
  ],
  needs: [{ circuit: 'Cleaner', days: '135', from: 600, to: 900, hours: 2 }],
  winter: 'light',
  heat: {
    source: 'solar-first',
    pool_C: 22,
    tub_C: null,
    warmest_C: 26,
    afterRun_min: 5,
    startDifference_K: 4,
    stopDifference_K: 1.5,
    heater_kW: 18,
    roof_m2: 20,
  },
  chlorinator: { rated_gph: 20, needed_gpd: 140, cold_C: 12 },
  linked: [
    { kind: 'heater', name: 'Gas heater' },
    { kind: 'chlorinator', name: 'Salt cell' },
    { kind: 'cleaner', name: 'Cleaner’s booster' },
  ],
  water_C: 19.5,
  place: { childrenReach: true, othersReach: true },
};

export const POOL_PUMPS: readonly DemoPoolPump[] = [
  {
    id: 'pool-therapy',
    siteId: 'site-clinic',
    tag: 'CLI-PP-01',
    name: 'Therapy pool circulation',
    place: 'Plant room, basement',
    profile: 'pool-drive-ten-slots',
    model: 'Pool pump with drive, 1.1 kW',
    serial: 'PD-40122',
    plate: { family: 'pool', greatest_rpm: 3260, rated_W: 1500, kind: 'M' },
    duty: THERAPY,
    note: 'The bill went up after the last installer; guests say the water is cloudy on Mondays.',
    reported: {
      daysAgo: 12,
      values: heldBy('pool-drive-ten-slots', {
        primeTime: 20,
        password: 'default',
        programs: [
          { slot: 1, days: '1234567', start: 420, stop: 1320, speed: 2900, enable: 'on' },
          { slot: 2, days: '1234567', start: 1020, stop: 1260, speed: 1500, enable: 'on' },
          { slot: 5, days: '67', start: 600, stop: 1080, speed: 2600, enable: 'on' },
          { slot: 6, days: '67', start: 605, stop: 1080, speed: 2600, enable: 'on' },
          { slot: 7, days: '1234567', start: 60, stop: 300, speed: 1200, enable: 'off' },
        ],
      }),
    },
  },
  {
    id: 'pool-tub',
    siteId: 'site-clinic',
    tag: 'CLI-PP-02',
    name: 'Therapy tub circulation',
    place: 'Plant room, basement',
    profile: 'pool-drive-four-speeds',
    model: 'Tub pump with drive, 0.55 kW',
    serial: 'TD-11840',
    plate: { family: 'pool', greatest_rpm: 2700, rated_W: 750, kind: null },
    duty: TUB,
    note: '',
  },
  {
    id: 'pool-seals',
    siteId: 'site-seals',
    tag: 'SRC-PP-01',
    name: 'Seal pool circulation',
    place: 'Pump house, floor',
    profile: 'pool-drive-link',
    model: 'Pool pump with drive, 2.2 kW',
    serial: 'LD-20077',
    plate: { family: 'pool', greatest_rpm: 3325, rated_W: 2600, kind: 'C' },
    duty: SEALS,
    note: 'A panel in the office commands it over the link. Someone also wrote programs into the drive.',
    reported: {
      daysAgo: 20,
      values: heldBy('pool-drive-link', {
        source: 'link',
        address: 2,
        kind: 'B',
        programs: [
          { slot: 1, days: '1234567', on: 360, off: 1320, rpm: 2000, use: 'on' },
          { slot: 2, days: '1234567', on: 720, off: 840, rpm: 2900, use: 'on' },
        ],
      }),
    },
  },
  {
    id: 'pool-pups',
    siteId: 'site-seals',
    tag: 'SRC-PP-02',
    name: 'Pup pool circuits',
    place: 'Pump house, panel',
    profile: 'circuit-panel-eight',
    model: 'Circuit panel with pump, 1.1 kW',
    serial: 'CP-00916',
    plate: { family: 'pool', greatest_rpm: 3320, rated_W: 1500, kind: 'V1' },
    duty: PUPS,
    note: '',
  },
];
