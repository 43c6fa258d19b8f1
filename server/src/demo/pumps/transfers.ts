import type { TransferDuty, TransferPlate } from '@barythm/core/families/transfer';
import { profileSchema, type AnyProfile } from '@barythm/core/families';
import guided from '../../../../profiles/vessel-drive-guided.json' with { type: 'json' };
import numbered from '../../../../profiles/vessel-drive-numbered.json' with { type: 'json' };

export const DEMO_TRANSFER_PROFILES = {
  'vessel-drive-guided': profileSchema.parse(guided),
  'vessel-drive-numbered': profileSchema.parse(numbered),
} as const satisfies Record<string, AnyProfile>;

/** A pump that empties a vessel. */
export interface DemoTransfer {
  readonly id: string;
  readonly siteId: string;
  readonly tag: string;
  readonly name: string;
  readonly place: string;
  readonly profile: keyof typeof DEMO_TRANSFER_PROFILES;
  readonly model: string;
  readonly serial: string;
  readonly plate: TransferPlate;
  readonly duty: TransferDuty;
  readonly note: string;
  readonly reported?: { daysAgo: number; values: Record<string, string | number> };
}

/** The juice receiver of the cider press, with the plate cooler behind it. */
export const TRANSFERS: readonly DemoTransfer[] = [
  {
    id: 'transfer-cider',
    siteId: 'site-cider',
    tag: 'CID-JR-01',
    name: 'Juice receiver',
    place: 'Press room',
    profile: 'vessel-drive-guided',
    model: 'Receiver of 96 L, pump with 17 m at no flow',
    serial: 'VD-3310',
    plate: { family: 'transfer', rated_W: 1100, current_A: 2.6, speed_rpm: 2860, volts_V: 400 },
    duty: {
      family: 'transfer',
      plant: 'press',
      pumpKind: 'plain',
      inflow: { inlets: 4, gulp_L: 14, every_s: 120, together: 2, cleaning_m3h: 5 },
      vessel: { area_m2: 0.16, height_mm: 600, vacuum_kPa: 0, above_m: 0.6, checkValve: true },
      pump: {
        static_m: 4,
        pipe: { loss_m: 5, at_m3h: 4 },
        curve: [
          { flow_m3h: 0, head_m: 17 },
          { flow_m3h: 4, head_m: 14 },
          { flow_m3h: 8, head_m: 7 },
        ],
        power: [
          { flow_m3h: 0, power_W: 420 },
          { flow_m3h: 6, power_W: 780 },
        ],
        rated_rpm: 2860,
        npsh_m: 3,
        limit_rpm: 3200,
        outlet_L: 18,
      },
      product: {
        in_C: 21,
        density_kgm3: 1050,
        heat_kJkgK: 3.8,
        wanted_C: 12,
        stands_min: 60,
        foams: false,
        surges: false,
      },
      cooler: {
        coolant_m3h: 4.3,
        coolant_C: 9,
        ua: { kind: 'stated', ua_kWK: 3.6, at_m3h: 1.9 },
        side: null,
      },
      altitude_m: 30,
      price_kWh: 0.24,
      currency: 'SKR',
      choices: {},
    },
    note: 'It floods whenever the press is cleaned, and the juice comes to the store too warm.',
    reported: {
      daysAgo: 4,
      values: {
        plant: 'ta',
        kind: 'pl',
        inlets: 4,
        volts: 400,
        amps: 2.6,
        rpm: 1400,
        least: 1300,
        most: 2600,
        ctrl: 'ev',
        bottom: 40,
        top: 120,
        gain: 40,
        mean: 3,
        runon: 60,
        empty: 0,
        clean: 'no',
        cspeed: 2000,
        alarm: 600,
        cut: 'wait',
        lang: 'a',
        light: 10,
      },
    },
  },
];
