import { ANY_SEVERITIES, ANY_TEXTS, findingMaker, type Severities, type TextBook } from '../../../findings';
import { HEAT_TEXTS } from './heat';
import { NUMBER_TEXTS } from './number';

/** What each finding says: what is so, with the figures; what that will do; what to do. */
export const SPA_TEXTS = { ...ANY_TEXTS, ...NUMBER_TEXTS, ...HEAT_TEXTS } as const satisfies TextBook;

export type SpaTextId = keyof typeof SPA_TEXTS;

export const SPA_SEVERITIES: Severities<SpaTextId> = {
  'SPA-04.unsaid': 'note',
  'SPA-02.before': 'note',
  ...ANY_SEVERITIES,
  'SPA-00': 'note',
  'SPA-01': 'stop',
  'SPA-01.none': 'stop',
  'SPA-01.no-row': 'stop',
  'SPA-02': 'stop',
  'SPA-02.page': 'stop',
  'SPA-03': 'stop',
  'SPA-04': 'stop',
  'SPA-04.none': 'stop',
  'SPA-04.board': 'stop',
  'SPA-04.rule': 'note',
  'SPA-04.output': 'stop',
  'SPA-06': 'stop',
  'SPA-06.clock': 'stop',
  'SPA-08.code': 'stop',
  'SPA-08.residual': 'note',
  'SPA-08.quiet': 'note',
  'SPA-08.more': 'note',
  'SPA-08.after': 'note',
  'SPA-09': 'stop',
  'SPA-10': 'stop',
  'SPA-10.display': 'stop',
  'SPA-10.range': 'stop',
  'SPA-11': 'stop',
  'SPA-13.off': 'note',
};

/** Makes a finding of this family. */
export const finding = findingMaker<SpaTextId>(SPA_SEVERITIES);
