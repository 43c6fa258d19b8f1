import { recordForm } from '../../../describe';
import { fig, figureWithUnit } from '../../../units';
import type { AnyWork, Work } from '../../parts/work';
import type { TransferKind } from '../kind';
import { leadsSwapped } from '../wire/records';

const leads: Work<TransferKind, 'leads-swapped'> = {
  kind: 'leads-swapped',
  title: 'Only where leads were swapped',
  caution: ({ profile: { behaviours } }, reader) => {
    const { discharge_min: minutes } = behaviours;
    const wait = minutes === null ? 'as its plate says' : figureWithUnit(fig('minutes', minutes), reader);
    return `Isolate, wait ${wait}, prove dead; a licensed electrician.`;
  },
  form: () => recordForm(leadsSwapped),
  wait: (_texts, { profile: { behaviours } }) =>
    behaviours.discharge_min === null
      ? null
      : { words: 'Time the discharge', lasts_s: behaviours.discharge_min * 60, field: 'waited_min' },
  said: ({ waited_min, provedDead }, _view, reader) => ({
    words: `Swapped${waited_min === null ? '' : `, off for ${figureWithUnit(fig('minutes', waited_min), reader)}`}, ${provedDead ? 'proved dead' : 'not proved dead'}`,
    verdict: provedDead ? 'good' : 'bad',
  }),
};

/** Work at such a pump beside setting (LEV-06). */
export const WORK: readonly AnyWork<TransferKind>[] = [leads];
