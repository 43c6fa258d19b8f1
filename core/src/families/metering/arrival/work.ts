import { recordForm } from '../../../describe';
import { fig, figureWithUnit } from '../../../units';
import type { AnyWork, Work } from '../../parts/work';
import type { MeteringKind } from '../kind';
import { servicedBodySchema } from '../wire/records';

/** Work on the wet end is written down: it voids whatever was measured of the stroke before. */
const serviced: Work<MeteringKind, 'serviced'> = {
  kind: 'serviced',
  title: 'Serviced on this visit',
  note: 'Diaphragm, valves or seal changed? It voids the drawdown. Isolate, relieve pressure and rinse the head first.',
  form: () => recordForm(servicedBodySchema),
  said: ({ what, counter }, _view, reader) => ({
    words:
      counter === null
        ? what
        : `${what}, at ${figureWithUnit(fig('strokes', counter), reader)} on its counter`,
    verdict: null,
  }),
};

export const WORK: readonly AnyWork<MeteringKind>[] = [serviced];
