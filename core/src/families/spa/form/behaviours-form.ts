import {
  aFigure,
  aSwitch,
  aWord,
  beside,
  formOf,
  measured,
  type Field,
  type Place,
  type Texts,
} from '../../../describe';
import { CLOCK_KEYS, CONTROLLER_BUT_MESSAGES } from '../../parts/controller/controller-part';
import { CHOOSE_WORDS } from '../../parts/controller/words';
import { spaBehavioursSchema } from '../wire/behaviours';
import { tablePlace } from './table-place';

const says = () => '';

const TABLE = aWord('rows', 'Table', {
  place: tablePlace,
  lines: 10,
  hint: 'A header, then a line each: number, pump 1 to pump 4 (speeds), blower, circulation, ozone, heater (unknown where the table does not say), needs',
});

/** A span of temperatures in two fields of a group. */
const spanPlace: Place = {
  read: (texts, path, tell) => {
    const group = (texts ?? {}) as Texts & Record<string, string>;
    return ['least', 'most'].map((key) => measured('temperature').read(group[key], `${path}.${key}`, tell));
  },
  write: (value) => {
    const [least, most] = Array.isArray(value) ? (value as number[]) : [];
    return { least: String(least ?? ''), most: String(most ?? '') };
  },
};
const span = (key: string, label: string): Field => ({
  kind: 'group',
  key,
  place: spanPlace,
  fields: [beside(aFigure('least', `${label}, from`, 'temperature'), aFigure('most', 'to', 'temperature'))],
});
const RANGES = aSwitch('ranges', 'Has two ranges', [span('low', 'Low'), span('high', 'High')]);

/** What a pack with its panel does by itself. */
export const BEHAVIOURS_FORM = formOf(spaBehavioursSchema, {
  parts: [
    {
      name: 'table',
      title: 'Its table and its bank',
      says,
      asks: [TABLE, 'bank', 'readAt', 'numberSeen', 'wipesClock'],
    },
    { name: 'panel', title: 'Panel and messages', says, asks: ['keys', 'messages'] },
    {
      name: 'heat',
      title: 'Currents, heat and power',
      says,
      asks: [
        'limits',
        'board_A',
        RANGES,
        'standsLow_C',
        'circulatesAlways',
        'frost',
        'clockAfterCut',
        'afterPowerCut',
        ...CLOCK_KEYS,
      ],
    },
    CONTROLLER_BUT_MESSAGES,
  ],
  start: {
    rows: '',
    bank: [{ setUp: true }],
    keys: [{}],
    messages: [],
    limits: [],
    ranges: null,
    frost: null,
  },
  words: CHOOSE_WORDS,
});
