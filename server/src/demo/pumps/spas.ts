import type { SpaDuty, SpaPlate } from '@barythm/core/families/spa';
import { profileSchema, type AnyProfile } from '@barythm/core/families';
import fourKeys from '../../../../profiles/spa-pack-four-keys.json' with { type: 'json' };
import softKeys from '../../../../profiles/spa-pack-soft-keys.json' with { type: 'json' };
import twoKeys from '../../../../profiles/spa-pack-two-keys.json' with { type: 'json' };

export const DEMO_SPA_PROFILES = {
  'spa-pack-four-keys': profileSchema.parse(fourKeys),
  'spa-pack-soft-keys': profileSchema.parse(softKeys),
  'spa-pack-two-keys': profileSchema.parse(twoKeys),
} as const satisfies Record<string, AnyProfile>;

/** A tub under a spa pack. */
export interface DemoSpa {
  readonly id: string;
  readonly siteId: string;
  readonly tag: string;
  readonly name: string;
  readonly place: string;
  readonly profile: keyof typeof DEMO_SPA_PROFILES;
  readonly model: string;
  readonly serial: string;
  readonly plate: SpaPlate;
  readonly duty: SpaDuty;
  readonly note: string;
  readonly reported?: { daysAgo: number; values: Record<string, string | number> };
}

const PRICES: SpaDuty['prices'] = [
  { from: 0, to: 420, price: 0.18 },
  { from: 420, to: 1020, price: 0.27 },
  { from: 1020, to: 1200, price: 0.41 },
  { from: 1200, to: 1440, price: 0.27 },
];

/** The hostel's own tub behind the house, and the clinic's tub that all of its guests use. */
export const SPAS: readonly DemoSpa[] = [
  {
    id: 'spa-hostel',
    siteId: 'site-hostel',
    tag: 'LHH-SP-01',
    name: 'Tub behind the house',
    place: 'Terrace, west side',
    profile: 'spa-pack-four-keys',
    model: 'Tub of 1350 L, two pumps of two speeds',
    serial: 'FK-7720',
    plate: { family: 'spa', current_A: 40, volts_V: 230, heater_W: 3000 },
    duty: {
      family: 'spa',
      pumps: [
        {
          low: { current_A: 2.2, power_W: 480 },
          high: { current_A: 8.4, power_W: 1900 },
          phase: 1,
          low_m3h: 9,
        },
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
        loss: { kind: 'cool-down', from_C: 37.4, to_C: 33.2, air_C: 6, hours_h: 10 },
        open_WK: 90,
      },
      code: null,
      wanted: { temperature_C: 37, limit_C: 40, from_C: 9, within_h: 24, turnovers: 40 },
      baths: [{ from: 1140, to: 1260 }],
      quiet: [{ from: 1320, to: 420 }],
      prices: PRICES,
      currency: 'SKR',
      choices: {},
    },
    note: 'A second pump was changed in autumn, and somebody tried numbers since: it hums all night and is never warm.',
    reported: {
      daysAgo: 5,
      values: {
        num: 3,
        sw: 'on',
        set: 41,
        range: 'hi',
        heat: 'cyc',
        start: 1380,
        long: 60,
        'start/2': 120,
        'long/2': 60,
        clean: 0,
        jets: 45,
        lock: 'off',
        lockt: 'off',
        offset: 0,
        unit: 'C',
        lamp: 60,
      },
    },
  },
  {
    id: 'spa-clinic',
    siteId: 'site-clinic',
    tag: 'CLI-SP-01',
    name: 'Guests’ tub',
    place: 'Garden room',
    profile: 'spa-pack-soft-keys',
    model: 'Tub of 2400 L with a circulation pump',
    serial: 'SK-1042',
    plate: { family: 'spa', current_A: null, volts_V: 400, heater_W: 6000 },
    duty: {
      family: 'spa',
      pumps: [
        {
          low: { current_A: 2.2, power_W: 480 },
          high: { current_A: 8.4, power_W: 1900 },
          phase: 1,
          low_m3h: null,
        },
        {
          low: { current_A: 2.1, power_W: 460 },
          high: { current_A: 7.7, power_W: 1700 },
          phase: 2,
          low_m3h: null,
        },
      ],
      blower: { current_A: 3, power_W: 700, phase: 2 },
      circulation: { current_A: 0.6, power_W: 130, phase: 3, flow_m3h: 3 },
      ozone: { current_A: 0.1, power_W: 20, phase: 3 },
      lights: { current_A: 0.2, power_W: 40, phase: 3 },
      heater: { power_kW: 6, volts_V: 230, phases: 3, phase: 1, leastFlow_m3h: 2 },
      supply: { volts_V: 230, phases: 3, breaker_A: 16 },
      tub: {
        volume_L: 2400,
        air_C: 19,
        coldest_C: 12,
        loss: { kind: 'stated', covered_WK: 22 },
        open_WK: 190,
      },
      code: { circulation_h: 24, turnovers: 24, residual_mgL: 3 },
      wanted: { temperature_C: 35, limit_C: 38, from_C: 12, within_h: 24, turnovers: 24 },
      baths: [
        { from: 540, to: 690 },
        { from: 840, to: 1020 },
      ],
      quiet: [],
      prices: PRICES,
      currency: 'SKR',
      choices: {},
    },
    note: 'Used by all guests: the code counts. Dosing and measuring of its own stand beside it.',
  },
];
