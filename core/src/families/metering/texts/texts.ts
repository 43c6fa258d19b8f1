import { ANY_SEVERITIES, ANY_TEXTS, type Severities, type TextBook } from '../../../findings';
import { HEAD_TEXTS } from './head';
import { SIGNAL_TEXTS } from './signal';

/** What each finding says: what is so, with the figures; what that will do; what to do. */
export const METERING_TEXTS = { ...ANY_TEXTS, ...SIGNAL_TEXTS, ...HEAD_TEXTS } as const satisfies TextBook;

export type MeteringTextId = keyof typeof METERING_TEXTS;

/** Default severity by text; a check may raise it with the figures. */
export const DEFAULT_SEVERITY: Severities<MeteringTextId> = {
  ...ANY_SEVERITIES,
  'MET-13': 'stop',
  'MET-15': 'stop',
  'MET-26.siphon': 'stop',
  'MET-26.relief': 'stop',
  'MET-08.too-large': 'stop',
  'MET-08.stated': 'note',
  'MET-03.no-ratio': 'stop',
  'MET-09.fast': 'stop',
  'MET-11.fall': 'note',
  'MET-17': 'note',
  'MET-18': 'note',
  'MET-01.live-read-dead': 'stop',
  'MET-01.dead-read-live': 'stop',
  'MET-06.falling-hold': 'stop',
  'MET-07.equal': 'stop',
  'MET-07.close': 'stop',
  'MET-07.swapped': 'stop',
  'MET-04.short': 'stop',
  'MET-04.too-small': 'stop',
  'MET-04.change-span': 'stop',
};
