import { ANY_SEVERITIES, ANY_TEXTS, findingMaker, type Severities, type TextBook } from '../../../findings';
import { PRESSURE_TEXTS } from './pressure';
import { SET_TEXTS } from './sets';

/** What each finding says: what is so, with the figures; what that will do; what to do. */
export const DRIVE_TEXTS = {
  ...ANY_TEXTS,
  ...PRESSURE_TEXTS,
  ...SET_TEXTS,
} as const satisfies TextBook;

export type DriveTextId = keyof typeof DRIVE_TEXTS;

export const DRIVE_SEVERITIES: Severities<DriveTextId> = {
  ...ANY_SEVERITIES,
  'DRV-00': 'note',
  'DRV-01': 'stop',
  'DRV-03': 'stop',
  'DRV-03.live': 'stop',
  'DRV-06': 'stop',
  'DRV-08.low': 'note',
  'DRV-07.silent': 'note',
  'DRV-09.second': 'stop',
  'DRV-13.second': 'note',
  'DRV-11.idle': 'note',
  'DRV-08.turns': 'note',
  'DRV-16.slow': 'note',
  'DRV-14.slow': 'note',
  'DRV-12.churns': 'note',
  'DRV-01.kind': 'stop',
  'DRV-01.over': 'stop',
  'DRV-01.second': 'stop',
  'DRV-01.signal': 'stop',
  'DRV-01.signal-kind': 'stop',
  'DRV-09.wire': 'note',
  'DRV-09.lost-open': 'note',
  'DRV-00.holds': 'stop',
  'DRV-05.nil': 'stop',
  'DRV-05.none': 'stop',
  'DRV-09': 'stop',
  'DRV-09.set': 'stop',
  'DRV-09.full': 'stop',
  'DRV-10.low': 'note',
  'DRV-11': 'stop',
  'DRV-11.set-up': 'stop',
  'DRV-13': 'stop',
  'DRV-13.set': 'stop',
  'DRV-13.out': 'stop',
  'DRV-14.plate': 'stop',
  'DRV-14.least': 'stop',
};

/** Makes a finding of this family. */
export const finding = findingMaker<DriveTextId>(DRIVE_SEVERITIES);
