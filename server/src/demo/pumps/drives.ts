import type { DriveDuty, DrivePlate } from '@barythm/core/families/drive';
import { profileSchema, type AnyProfile } from '@barythm/core/families';
import twoPumps from '../../../../profiles/booster-two-pumps.json' with { type: 'json' };
import fourSwitches from '../../../../profiles/drive-four-switches.json' with { type: 'json' };
import wallBox from '../../../../profiles/drive-wall-box.json' with { type: 'json' };
import wheelText from '../../../../profiles/drive-wheel-text.json' with { type: 'json' };

export const DEMO_DRIVE_PROFILES = {
  'booster-two-pumps': profileSchema.parse(twoPumps),
  'drive-wheel-text': profileSchema.parse(wheelText),
  'drive-wall-box': profileSchema.parse(wallBox),
  'drive-four-switches': profileSchema.parse(fourSwitches),
} as const satisfies Record<string, AnyProfile>;

/** A drive or a booster set of Skerrow. */
export interface DemoDrive {
  readonly id: string;
  readonly siteId: string;
  readonly tag: string;
  readonly name: string;
  readonly place: string;
  readonly profile: keyof typeof DEMO_DRIVE_PROFILES;
  readonly model: string;
  readonly serial: string;
  readonly plate: DrivePlate;
  readonly duty: DriveDuty;
  readonly note: string;
  readonly reported?: { daysAgo: number; values: Record<string, string | number> };
}

/** Water for the hostel's upper floors, for the nursery's benches, and from the clinic's rain tank. */
export const DRIVES: readonly DemoDrive[] = [
  {
    id: 'drive-hostel',
    siteId: 'site-hostel',
    tag: 'LHH-BS-01',
    name: 'Booster set, upper floors',
    place: 'Cellar',
    profile: 'booster-two-pumps',
    model: 'Set of two, 58 m at no flow',
    serial: 'BS-20117',
    plate: { family: 'drive', rated_W: 2200, current_A: 4.6, speed_rpm: 2880, volts_V: 400 },
    duty: {
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
      vessel: { volume_L: 60, precharge_bar: null },
      sensor: { range_bar: 10 },
      others: [],
      price_kWh: 0.27,
      currency: 'SKR',
      choices: {},
    },
    note: 'Weak showers on the top floor since the sensor was changed; one of the pumps never runs.',
    reported: {
      daysAgo: 6,
      values: {
        P01: 1,
        P02: 6,
        P03: 20,
        P04: 50,
        P05: 2,
        addr: 1,
        'addr/2': 1,
        P20: 4,
        P21: 16,
        P22: 20,
        P23: 2,
        P24: 3.5,
        P30: 34,
        P31: 12,
        P32: 0.2,
        P40: 0.5,
        P41: 120,
        P42: '1',
        P43: 0,
        P50: '0',
        P51: 0.5,
        P52: 4,
        P53: 40,
        P54: 24,
        P60: '1',
        P61: '1',
        P62: '0',
        P69: '1',
      },
    },
  },
  {
    id: 'drive-nursery',
    siteId: 'site-nursery',
    tag: 'NUR-IR-01',
    name: 'Irrigation, benches',
    place: 'Pump house',
    profile: 'drive-wheel-text',
    model: 'One pump, 52 m at no flow',
    serial: 'WT-4418',
    plate: { family: 'drive', rated_W: 3000, current_A: 6.2, speed_rpm: 2900, volts_V: 400 },
    duty: {
      family: 'drive',
      holds: { kind: 'pressure', tap_bar: 2.5, above_m: 1.5, pipe_bar: 0.4 },
      draw: { least_m3h: 4, usual_m3h: 8, greatest_m3h: 12, day: 'working', leak_m3h: 0.2 },
      inlet: { least_bar: -0.02, greatest_bar: 0 },
      water: { temperature_C: 18, altitude_m: 35 },
      main_L: 220,
      surprise: 'sprays over the benches',
      pump: {
        curve: [
          { flow_m3h: 0, head_m: 52 },
          { flow_m3h: 8, head_m: 45 },
          { flow_m3h: 16, head_m: 24 },
        ],
        power: [
          { flow_m3h: 0, power_W: 1200 },
          { flow_m3h: 16, power_W: 2500 },
        ],
        rated_hz: 50,
        npsh_m: 2.5,
        count: 1,
        oneOut: false,
        least_hz: 25,
        ramp_s: 3,
        dry_s: 90,
        starts_h: 20,
      },
      rating: { lowest_bar: 6, relief_bar: null },
      vessel: { volume_L: 100, precharge_bar: null },
      sensor: { range_bar: 6 },
      others: [],
      price_kWh: 0.24,
      currency: 'SKR',
      choices: {},
    },
    note: 'People stand at the benches while it waters: it must not start by surprise.',
  },
  {
    id: 'drive-clinic-rain',
    siteId: 'site-clinic',
    tag: 'CLI-RW-01',
    name: 'Rain water, garden',
    place: 'Tank cellar',
    profile: 'drive-four-switches',
    model: 'Small drive, 32 m at no flow',
    serial: 'FS-903',
    plate: { family: 'drive', rated_W: 750, current_A: null, speed_rpm: null, volts_V: 230 },
    duty: {
      family: 'drive',
      holds: { kind: 'pressure', tap_bar: 1.5, above_m: 3, pipe_bar: 0.2 },
      draw: { least_m3h: 0.4, usual_m3h: 0.8, greatest_m3h: 1.6, day: 'night', leak_m3h: null },
      inlet: { least_bar: 0, greatest_bar: 0.15 },
      water: { temperature_C: 14, altitude_m: 20 },
      main_L: null,
      surprise: 'a garden hose',
      pump: {
        curve: [
          { flow_m3h: 0, head_m: 32 },
          { flow_m3h: 2, head_m: 24 },
        ],
        power: [{ flow_m3h: 1, power_W: 420 }],
        rated_hz: 50,
        npsh_m: null,
        count: 1,
        oneOut: false,
        least_hz: 20,
        ramp_s: 1,
        dry_s: null,
        starts_h: null,
      },
      rating: { lowest_bar: 6, relief_bar: null },
      vessel: null,
      sensor: { range_bar: 10 },
      others: [],
      price_kWh: 0.27,
      currency: 'SKR',
      choices: {},
    },
    note: 'Switches were never set: it came as delivered.',
  },
];
