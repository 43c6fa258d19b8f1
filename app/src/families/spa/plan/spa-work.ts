import { rowOf, type SpaKind } from '@barythm/core/families/spa';
import type { Planned } from '../../../kit/plan';

/** The row that it will stand at; null where there is none. */
export const spaWork = ({ context, settings }: Planned<SpaKind>) => ({
  row: rowOf(context.table, settings.number),
});

/** What a duty leads to, with what the pictures need. */
export type SpaWork = Planned<SpaKind> & ReturnType<typeof spaWork>;
