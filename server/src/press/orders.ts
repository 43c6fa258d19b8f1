import type { Handover } from '@barythm/core/visit';
import { handoverPdf, labelsPdf, ownerPdf, workOrderPdf, type FirmHead, type LabelPump } from '../report';
import type { JobDocument } from '@barythm/core/families';
import type { UnitsWanted } from '@barythm/core/units';

/** A paper that is asked for, with all that stands on it. */
export type PaperOrder =
  | {
      readonly paper: 'hand-over';
      readonly document: JobDocument;
      readonly handover: Handover;
      /** of the firm that handed over, in base64 */
      readonly logo: string | null;
    }
  | {
      readonly paper: 'owner';
      readonly document: JobDocument;
      readonly today: string;
      readonly createdAt: string;
      readonly firm: FirmHead | null;
    }
  | {
      readonly paper: 'work-order';
      readonly document: JobDocument;
      readonly today: string;
      readonly createdAt: string;
      readonly units: UnitsWanted;
      readonly firm: FirmHead | null;
    }
  | {
      readonly paper: 'labels';
      readonly pumps: readonly LabelPump[];
      readonly base: string;
      readonly createdAt: string;
    };

/** Makes a paper, on whatever thread it is called. */
export function makePaper(order: PaperOrder): Promise<Buffer> {
  switch (order.paper) {
    case 'hand-over':
      return handoverPdf(order.document, order.handover, order.logo);
    case 'owner':
      return ownerPdf(order.document, order.today, order.createdAt, order.firm);
    case 'work-order':
      return workOrderPdf(order.document, order.today, order.createdAt, order.units, order.firm);
    case 'labels':
      return labelsPdf(order.pumps, order.base, order.createdAt);
  }
}
