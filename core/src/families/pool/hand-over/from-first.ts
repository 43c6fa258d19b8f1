import type { FirstSummary } from '../../../visit';
import type { HandoverPart } from '../../family';
import { flowSaid } from './said';
import { weekBlock } from './week-block';

/** What a pool pump's hand-over of the first format said of its own, as blocks: the same words, from the figures it kept. */
export function fromFirst({ pool, proof }: FirstSummary): HandoverPart {
  return {
    first: pool && pool.weeks.length > 0 ? [weekBlock(pool.weeks, pool)] : [],
    behind: [],
    tried: [],
    proof: { points: 0, passed: 0, says: [flowSaid(proof.volume === 'flow measured')] },
  };
}
