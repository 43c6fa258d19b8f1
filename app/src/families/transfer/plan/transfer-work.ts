import { pumpOf, type TransferKind } from '@barythm/core/families/transfer';
import type { Planned } from '../../../kit/plan';

/** The pump that the pictures are drawn by. */
export const transferWork = ({ context }: Planned<TransferKind>) => ({ pump: pumpOf(context.duty) });

/** What a duty leads to, with what the pictures need. */
export type TransferWork = Planned<TransferKind> & ReturnType<typeof transferWork>;
