import { gulp_L, meanInflow_m3h, PLANT_WORDS, type TransferDuty } from '@barythm/core/families/transfer';
import { fig, figureWithUnit, type Quantity, type Reader } from '@barythm/core/units';
import type { Lines } from '../../family-screens';

/** The duty of such a pump as lines to read. */
export function dutyLines(duty: TransferDuty, reader: Reader): Lines {
  const say = (q: Quantity, value: number) => figureWithUnit(fig(q, value), reader);
  const { inflow, vessel, product, cooler } = duty;
  return [
    ['Plant', `${PLANT_WORDS[duty.plant]}, ${inflow.inlets} inlets`],
    [
      'Falls at once',
      `${say('volume', gulp_L(duty))}; ${say('waterFlow', meanInflow_m3h(duty))} in the mean`,
    ],
    ['At cleaning', say('waterFlow', inflow.cleaning_m3h)],
    ['Vessel', `${say('volume', vessel.area_m2 * vessel.height_mm)} between the float’s ends`],
    ['Vacuum', vessel.vacuum_kPa === 0 ? 'none' : say('vacuum', vessel.vacuum_kPa)],
    ['Product', `${say('temperature', product.in_C)}, wanted ${say('temperature', product.wanted_C)}`],
    [
      'Coolant',
      cooler
        ? `${say('waterFlow', cooler.coolant_m3h)} of ${say('temperature', cooler.coolant_C)}`
        : 'no cooler',
    ],
  ];
}
