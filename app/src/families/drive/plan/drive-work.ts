import { pumpOf, type DriveKind } from '@barythm/core/families/drive';
import type { Planned } from '../../../kit/plan';

/** The pump that the pictures are drawn by. */
export const driveWork = ({ context }: Planned<DriveKind>) => ({ pump: pumpOf(context.duty) });

/** What a duty leads to, with what the pictures need. */
export type DriveWork = Planned<DriveKind> & ReturnType<typeof driveWork>;
