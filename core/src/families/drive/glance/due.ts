import { addDays } from '../../../time';
import type { DueItem } from '../../family';
import type { DriveView } from '../kind';
import { gasHistory } from '../settings/gas';

/** Gas goes through a vessel's skin: it is measured once a year. */
const GAS_days = 365;

/** What falls due: the vessel's gas, a year after it was measured; now where nobody did. */
export function dueOf({ document, duty }: DriveView): DueItem[] {
  if (!duty?.vessel) return [];
  const last = gasHistory(document).at(-1);
  return [
    last === undefined
      ? { key: 'gas', stage: 'as-found', words: 'Measure the vessel’s gas, empty of water.', date: null }
      : {
          key: 'gas',
          stage: 'as-found',
          words: 'Measure the vessel’s gas again.',
          date: addDays(last.date, GAS_days),
        },
  ];
}
