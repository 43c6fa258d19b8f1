import type { HandoverFact } from '../../../visit';
import { arrivalFacts } from '../../parts/arrival-facts';
import { readings } from '../arrival/readings';
import type { PoolView } from '../kind';

/** The readings on arrival, those that could not be read among them. */
export function factsOf({ document }: PoolView): HandoverFact[] {
  return arrivalFacts(document, readings);
}
