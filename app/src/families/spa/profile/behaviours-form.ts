import { spaFamily, OUTPUT_WORDS, OUTPUTS, type SpaBehaviours } from '@barythm/core/families/spa';
import {
  aChoice,
  aFigure,
  aSwitch,
  aTick,
  aWord,
  beside,
  rowsOf,
  someWords,
  ticks,
} from '../../../form/fields';
import { makeForm, type Part } from '../../../form/form';
import { figure, maybe, word, type Place } from '../../../form/places';
import type { Texts } from '../../../form/texts';
import { CLOCK_FIELDS } from '../../behaviour-fields';
import { AFTER_WAYS, CHOOSE_WORDS } from '../../behaviour-words';
import { CONTROLLER_BUT_MESSAGES, messageRows } from '../../controller-part';
import { tablePlace } from './table-place';

const nothing = () => '';
const OUTPUT_OPTIONS = OUTPUTS.map((value) => ({ value, label: OUTPUT_WORDS[value] }));

const TABLE: Part = {
  name: 'table',
  title: 'Its table and its bank',
  says: nothing,
  fields: [
    aWord('rows', 'Table', {
      place: tablePlace,
      lines: 10,
      hint: 'A header, then a line each: number, pump 1 to pump 4 (speeds), blower, circulation, ozone, heater, needs',
    }),
    rowsOf('bank', 'Add a switch of the bank', [
      someWords('means', 'It means'),
      aTick('setUp', 'It opens the set-up page'),
    ]),
    aChoice('readAt', 'The set-up switch is read', [
      { value: 'power-up', label: 'At power-up' },
      { value: 'message', label: 'While a start-up message stands' },
      { value: 'live', label: 'Live' },
    ]),
    aTick('wipesClock', 'A change of number puts its clock back'),
  ],
};

const PANEL: Part = {
  name: 'panel',
  title: 'Panel and messages',
  says: nothing,
  fields: [
    rowsOf('keys', 'Add a key', [
      someWords('name', 'Key'),
      aChoice('drives', 'It drives', [{ value: '', label: 'Nothing' }, ...OUTPUT_OPTIONS], {
        place: maybe(word),
      }),
    ]),
    messageRows(false),
  ],
};

/** A span of temperatures in two fields of a group. */
const spanPlace: Place = {
  read: (texts, path, tell) => {
    const group = (texts ?? {}) as Texts & Record<string, string>;
    return ['least', 'most'].map((key) => figure('temperature').read(group[key], `${path}.${key}`, tell));
  },
  write: (value) => {
    const [least, most] = Array.isArray(value) ? (value as number[]) : [];
    return { least: String(least ?? ''), most: String(most ?? '') };
  },
};
const span = (key: string, label: string) =>
  ({
    kind: 'group',
    key,
    place: spanPlace,
    fields: [beside(aFigure('least', `${label}, from`, 'temperature'), aFigure('most', 'to', 'temperature'))],
  }) as const;

const HEAT: Part = {
  name: 'heat',
  title: 'Currents, heat and power',
  says: nothing,
  fields: [
    rowsOf('limits', 'Add a limit of an output', [
      beside(
        aChoice('output', 'Output', OUTPUT_OPTIONS),
        aFigure('most_A', 'Carries at most', 'motorCurrent'),
      ),
    ]),
    aFigure('board_A', 'The board carries on a phase', 'motorCurrent', {
      blank: 'null',
      hint: 'From its plate',
    }),
    aSwitch('ranges', 'It has two ranges', [span('low', 'Low'), span('high', 'High')]),
    aFigure('standsLow_C', 'Standing low it holds', 'temperature', {
      blank: 'null',
      hint: 'Empty where it cannot',
    }),
    aTick('circulatesAlways', 'Its circulation pump never stands'),
    aSwitch('frost', 'It guards against frost by itself', [
      aFigure('below_C', 'Below', 'temperature'),
      ticks('runs', 'It then runs', OUTPUT_OPTIONS),
    ]),
    aChoice('clockAfterCut', 'Through a power cut its clock is', [
      { value: 'kept', label: 'Kept' },
      { value: 'lost', label: 'Lost' },
    ]),
    aChoice('afterPowerCut', 'After a power cut', AFTER_WAYS),
    ...CLOCK_FIELDS,
  ],
};

/** What a pack with its panel does by itself. */
export const BEHAVIOURS_FORM = makeForm<SpaBehaviours>({
  parts: [TABLE, PANEL, HEAT, CONTROLLER_BUT_MESSAGES],
  schema: spaFamily.wire.behaviours,
  start: {
    rows: '',
    bank: [{ setUp: true }],
    keys: [{}],
    messages: [],
    limits: [],
    ranges: null,
    frost: null,
  },
  finish: (read) => ({ family: 'spa', ...read }),
  words: CHOOSE_WORDS,
});
