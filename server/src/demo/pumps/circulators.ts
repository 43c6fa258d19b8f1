import type { CirculatorDuty, CirculatorPlate } from '@barythm/core/families/circulator';
import type { AnyProfile } from '@barythm/core/families';
import { profileSchema } from '@barythm/core/families';
import building from '../../../../profiles/building-circulator-display.json' with { type: 'json' };
import twin from '../../../../profiles/twin-circulator-display.json' with { type: 'json' };
import hotReturn from '../../../../profiles/hot-water-return-clock.json' with { type: 'json' };
import home from '../../../../profiles/home-circulator-dial.json' with { type: 'json' };

export const DEMO_CIRCULATOR_PROFILES = {
  'building-circulator-display': profileSchema.parse(building),
  'home-circulator-dial': profileSchema.parse(home),
  'hot-water-return-clock': profileSchema.parse(hotReturn),
  'twin-circulator-display': profileSchema.parse(twin),
} as const satisfies Record<string, AnyProfile>;

/** A circulator of Skerrow. */
export interface DemoCirculator {
  readonly id: string;
  readonly siteId: string;
  readonly tag: string;
  readonly name: string;
  readonly place: string;
  readonly profile: keyof typeof DEMO_CIRCULATOR_PROFILES;
  readonly model: string;
  readonly serial: string;
  readonly plate: CirculatorPlate;
  readonly duty: CirculatorDuty;
  readonly note: string;
  readonly reported?: { daysAgo: number; values: Record<string, string | number> };
}

/** Heating of the clinic, and of the hostel's warden's house: both set by somebody who wanted it warm. */
export const CIRCULATORS: readonly DemoCirculator[] = [
  {
    id: 'circulator-clinic',
    siteId: 'site-clinic',
    tag: 'CLI-HP-01',
    name: 'Radiators, treatment wing',
    place: 'Boiler room',
    profile: 'building-circulator-display',
    model: 'Circulator, 1 to 10 m, DN 40',
    serial: 'BC-50213',
    plate: { family: 'circulator', rated_W: 130, inlet_bar: 0.5 },
    duty: {
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
      control: { kind: 'sensor', range_bar: 0.6 },
      contact: 'wired',
      season_h: 5200,
      price_kWh: 0.27,
      currency: 'SKR',
      choices: {},
    },
    note: 'Valves whistle in the treatment rooms. The sensor was changed last spring.',
    reported: {
      daysAgo: 9,
      values: {
        source: 'sensor',
        start: 'off',
        mode: 'dpc',
        head: 6.2,
        speed: 70,
        night: 'off',
        range: 0.4,
        fault: 'opens',
        port: 'off',
        lock: 'off',
        cut: 'go',
      },
    },
  },
  {
    id: 'circulator-clinic-hot-water',
    siteId: 'site-clinic',
    tag: 'CLI-HP-02',
    name: 'Hot-water return, wards',
    place: 'Boiler room',
    profile: 'hot-water-return-clock',
    model: 'Hot-water circulator, DN 15',
    serial: 'HW-3306',
    plate: { family: 'circulator', rated_W: 18, inlet_bar: 0.5 },
    duty: {
      family: 'circulator',
      system: 'hot-water',
      heat_kW: 0.72,
      difference_K: 4,
      carrier: { kind: 'water' },
      hotWater: { pipe_m: 90, loss_Wm: 8, supply_C: 60, coolest_C: 55, longestPause_min: 120 },
      index: { head_m: 0.9, from: 'stated' },
      valves: { allMayShut: false, leastFlow_m3h: null },
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
      inlet_bar: 3,
      control: { kind: 'own' },
      contact: 'none',
      season_h: 8760,
      price_kWh: 0.27,
      currency: 'SKR',
      choices: {},
    },
    note: 'Put on its clock to save power; in the morning the far ward waits for warm water.',
    reported: {
      daysAgo: 4,
      values: {
        mode: 'clock',
        speed: 60,
        probe: 45,
        from: 360,
        to: 1320,
        'from/2': 0,
        'to/2': 0,
        'from/3': 0,
        'to/3': 0,
        cut: 'go',
      },
    },
  },
  {
    id: 'circulator-clinic-twin',
    siteId: 'site-clinic',
    tag: 'CLI-HP-03',
    name: 'Underfloor, therapy hall',
    place: 'Boiler room',
    profile: 'twin-circulator-display',
    model: 'Twin circulator, 1 to 8 m, DN 40',
    serial: 'TW-1120',
    plate: { family: 'circulator', rated_W: 110, inlet_bar: 0.5 },
    duty: {
      family: 'circulator',
      system: 'underfloor',
      heat_kW: 26,
      difference_K: 6,
      carrier: { kind: 'water' },
      index: { head_m: 3.6, from: 'measured' },
      valves: { allMayShut: true, leastFlow_m3h: 0.4 },
      pump: {
        curve: [
          { flow_m3h: 0, head_m: 5.6 },
          { flow_m3h: 2, head_m: 4.7 },
          { flow_m3h: 4, head_m: 2 },
        ],
        power: [
          { flow_m3h: 0, power_W: 52 },
          { flow_m3h: 4, power_W: 104 },
        ],
        leastShare: 0.3,
        least_W: 6,
      },
      twin: { flap: 'tight' },
      pipe: { bore_mm: 41, material: 'steel' },
      inlet_bar: 1.4,
      control: { kind: 'own' },
      contact: 'none',
      season_h: 5200,
      price_kWh: 0.27,
      currency: 'SKR',
      choices: {},
    },
    note: 'Both heads ran all year until the last visit.',
  },
  {
    id: 'circulator-warden',
    siteId: 'site-hostel',
    tag: 'LHH-HP-01',
    name: 'Heating, warden’s house',
    place: 'Under the stairs',
    profile: 'home-circulator-dial',
    model: 'Circulator, 1 to 4 m, DN 25',
    serial: 'HC-7781',
    plate: { family: 'circulator', rated_W: 26, inlet_bar: 0.3 },
    duty: {
      family: 'circulator',
      system: 'radiators',
      heat_kW: 8,
      difference_K: 10,
      carrier: { kind: 'water' },
      index: { head_m: 1.6, from: 'stated' },
      valves: { allMayShut: true, leastFlow_m3h: null },
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
      pipe: { bore_mm: 20, material: 'copper' },
      inlet_bar: 1.1,
      control: { kind: 'own' },
      contact: 'none',
      season_h: 5000,
      price_kWh: 0.27,
      currency: 'SKR',
      choices: {},
    },
    note: 'One radiator stays cold when it is very cold outside.',
  },
];
