import type { Handover } from '@barythm/core/visit';
import { handoverPdf, labelsPdf, type LabelPump } from '../report';
import type { JobDocument } from '@barythm/core/families';

/** A paper that is asked for, with all that stands on it. */
export type PaperOrder =
  | { readonly paper: 'hand-over'; readonly document: JobDocument; readonly handover: Handover }
  | {
      readonly paper: 'labels';
      readonly pumps: readonly LabelPump[];
      readonly base: string;
      readonly createdAt: string;
    };

/** Makes a paper, on whatever thread it is called. */
export function makePaper(order: PaperOrder): Promise<Buffer> {
  return order.paper === 'hand-over'
    ? handoverPdf(order.document, order.handover)
    : labelsPdf(order.pumps, order.base, order.createdAt);
}
