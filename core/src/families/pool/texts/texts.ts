import { ANY_SEVERITIES, ANY_TEXTS, findingMaker, type Severities, type TextBook } from '../../../findings';
import { BESIDE_TEXTS } from './beside';
import { COMMAND_TEXTS } from './command';
import { PLANT_TEXTS } from './plant';
import { PROGRAM_TEXTS } from './programs';

/** What each finding says: what is so, with the figures; what that will do; what to do. */
export const POOL_TEXTS = {
  ...ANY_TEXTS,
  ...PROGRAM_TEXTS,
  ...PLANT_TEXTS,
  ...COMMAND_TEXTS,
  ...BESIDE_TEXTS,
} as const satisfies TextBook;

export type PoolTextId = keyof typeof POOL_TEXTS;

/** Default severity by text; a check may raise it with the figures. */
export const POOL_SEVERITIES: Severities<PoolTextId> = {
  ...ANY_SEVERITIES,
  'POO-24.stopped': 'stop',
  'POO-26.blind': 'stop',
  'POO-26.told': 'stop',
  'POO-20.second': 'stop',
  'POO-21.half': 'stop',
  'POO-10.fine': 'note',
  'POO-10.coarse': 'note',
  'POO-15.unasked': 'note',
  'POO-15.cooled': 'note',
  'POO-01': 'stop',
  'POO-05': 'note',
  'POO-06': 'note',
  'POO-07': 'note',
  'POO-08': 'stop',
  'POO-08.timed': 'stop',
  'POO-20': 'note',
  'POO-21': 'note',
  'POO-22': 'stop',
  'POO-23': 'stop',
  'POO-27.pause': 'stop',
  'POO-27.flow': 'stop',
  'POO-27.cover': 'stop',
  'POO-27.prime': 'stop',
  'POO-08.prime': 'note',
  'ANY-11.stays': 'note',
  'ANY-11.edits': 'note',
  'POO-24.short': 'note',
  'ANY-12.water': 'note',
  'ANY-12.lost': 'note',
  'POO-09.slow': 'note',
  'POO-15.late': 'note',
  'POO-16.late': 'note',
};

/** Makes a finding of this family. */
export const finding = findingMaker<PoolTextId>(POOL_SEVERITIES);
