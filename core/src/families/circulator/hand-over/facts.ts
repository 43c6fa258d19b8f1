import type { HandoverFact } from '../../../visit';
import { orElse } from '../../../input';
import { arrivalFacts, shown } from '../../parts/arrival-facts';
import { readings } from '../arrival/readings';
import { pumpOf } from '../effect/pump';
import type { CirculatorView } from '../kind';
import { SYSTEM_WORDS } from '../wire/duty';

/** What the settings rest on, and what was read on arrival. */
export function factsOf({ document, duty }: CirculatorView): HandoverFact[] {
  const read = arrivalFacts(document, readings);
  if (!duty) return read;
  const flow = orElse(() => pumpOf(duty).flow_m3h, null);
  const carried = flow === null ? '' : `: ${shown('waterFlow', flow)}`;
  return [
    {
      label: 'System',
      words: `${SYSTEM_WORDS[duty.system]}, ${shown('heat', duty.heat_kW)} at ${shown('difference', duty.difference_K)} of difference${carried}`,
    },
    {
      label: 'Index circuit',
      words: `${shown('length', duty.index.head_m)} at that flow, ${duty.index.from === 'measured' ? 'measured' : 'as stated, not measured'}`,
    },
    ...read,
  ];
}
