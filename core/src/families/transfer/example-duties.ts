import type { TransferDuty } from './wire/duty';

/** A cider press: juice in gulps of 14 L, through a plate cooler to the store. */
export const DUTY: TransferDuty = {
  family: 'transfer',
  plant: 'press',
  pumpKind: 'plain',
  inflow: { inlets: 4, gulp_L: 14, every_s: 120, together: 2, cleaning_m3h: 5, cleaningInput: true },
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
    wanted_C: 13,
    stands_min: 60,
    foams: false,
    surges: false,
  },
  cooler: { coolant_m3h: 4.3, coolant_C: 9, ua: { kind: 'stated', ua_kWK: 3.6, at_m3h: 1.9 }, side: null },
  altitude_m: 30,
  price_kWh: 0.24,
  currency: 'SKR',
  choices: {},
};

/** A vessel on a vacuum line without a cooler. */
export const VACUUM: TransferDuty = {
  ...DUTY,
  plant: 'vacuum',
  vessel: { ...DUTY.vessel, vacuum_kPa: 45, above_m: 1.2 },
  product: { ...DUTY.product, in_C: 16, wanted_C: 16, stands_min: null },
  inflow: { ...DUTY.inflow, cleaning_m3h: 3 },
  cooler: null,
};

/** A separator's receiver that a rotary lobe pump empties: flow by its speed, a little slips back. */
export const LOBE: TransferDuty = {
  ...DUTY,
  plant: 'separator',
  pumpKind: 'lobe',
  pump: {
    ...DUTY.pump,
    curve: [
      { flow_m3h: 6, head_m: 1 },
      { flow_m3h: 5.2, head_m: 30 },
    ],
    power: [
      { flow_m3h: 6, power_W: 180 },
      { flow_m3h: 5.2, power_W: 820 },
    ],
    rated_rpm: 2860,
    relief: true,
    relief_bar: 3,
  },
};
