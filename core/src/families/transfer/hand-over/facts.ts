import type { HandoverFact } from '../../../visit';
import { arrivalFacts, shown } from '../../parts/arrival-facts';
import { readings } from '../arrival/readings';
import { falls_s, gulp_L, meanInflow_m3h } from '../effect/vessel';
import type { TransferView } from '../kind';
import { PLANT_WORDS, PUMP_KIND_WORDS } from '../wire/duty';

/** What the settings rest on, and what was read on arrival. */
export function factsOf({ document, duty }: TransferView): HandoverFact[] {
  const read = arrivalFacts(document, readings);
  if (!duty) return read;
  const { inflow, vessel, product, cooler, pump } = duty;
  return [
    {
      label: 'Plant',
      words: `${PLANT_WORDS[duty.plant]} with ${inflow.inlets === 1 ? 'one inlet' : `${inflow.inlets} inlets`}, ${PUMP_KIND_WORDS[duty.pumpKind]}`,
    },
    {
      label: 'It receives',
      words: `${shown('volume', gulp_L(duty))} every ${shown('seconds', falls_s(duty))}, ${shown('waterFlow', meanInflow_m3h(duty))} in the mean; ${shown('waterFlow', inflow.cleaning_m3h)} at cleaning`,
    },
    {
      label: 'Vessel',
      words: `${shown('volume', vessel.area_m2 * vessel.height_mm)} between the float’s ends${vessel.vacuum_kPa > 0 ? `, under ${shown('vacuum', vessel.vacuum_kPa)} of vacuum` : ''}`,
    },
    {
      label: 'It lifts',
      words: `${shown('length', pump.static_m)}${vessel.vacuum_kPa > 0 ? ', and out of the vacuum' : ''}`,
    },
    {
      label: 'Product',
      words: `${shown('temperature', product.in_C)}, wanted ${shown('temperature', product.wanted_C)}${cooler ? `; coolant ${shown('waterFlow', cooler.coolant_m3h)} of ${shown('temperature', cooler.coolant_C)}` : '; no cooler'}${product.foams ? '; it foams' : ''}`,
    },
    ...read,
  ];
}
