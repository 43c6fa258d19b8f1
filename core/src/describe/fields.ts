import type { Quantity } from '../units';
import type { Told } from './look';
import {
  date,
  days,
  measured,
  answer,
  flag,
  list,
  listOrNothing,
  maybe,
  names,
  neededWord,
  optional,
  someOf,
  time,
  word,
  zeroIfBlank,
  type Place,
} from './places';
import type {
  Absent,
  CheckField,
  ChoiceField,
  DateField,
  DaysField,
  Field,
  FigureField,
  GroupField,
  HiddenField,
  OnlyIf,
  Option,
  RowsField,
  ShownIf,
  SwitchField,
  TicksField,
  WordsField,
} from './field';
import { fieldsPlace, groupPlace, switchPlace } from './group-place';

/** What a blank place stands for: it cannot be blank, is not known, is left out, or nil. */
type Blank = 'needed' | 'null' | 'left-out' | 'zero';

function figurePlace(quantity: Quantity, blank: Blank): Place {
  switch (blank) {
    case 'needed':
      return measured(quantity);
    case 'null':
      return maybe(measured(quantity));
    case 'left-out':
      return optional(measured(quantity));
    case 'zero':
      return zeroIfBlank(quantity);
  }
}

interface More {
  readonly hint?: Told<string | undefined>;
}

/** A figure of a quantity. With a `unit` it is shown and typed in that one alone. */
export function aFigure(
  key: string,
  label: Told<string>,
  quantity: Quantity,
  {
    blank = 'needed',
    place,
    ...more
  }: More & { blank?: Blank; unit?: string; none?: string; place?: Place; asRead?: string } = {},
): FigureField {
  const shown = more.unit === undefined && quantity !== 'plain' ? { quantity } : {};
  return { kind: 'figure', key, label, place: place ?? figurePlace(quantity, blank), ...shown, ...more };
}

/** Words, as they are; blank ones stay blank unless the place says otherwise. */
export function aWord(
  key: string,
  label: Told<string>,
  { place = word, ...more }: More & { place?: Place; lines?: number; unit?: string } = {},
): WordsField {
  return { kind: 'words', key, label, place, ...more };
}

export function someWords(key: string, label: Told<string>, missing?: string, more: More = {}): WordsField {
  return { kind: 'words', key, label, place: neededWord(missing), ...more };
}

export function aTime(key: string, label: Told<string>, more: More = {}): WordsField {
  return { kind: 'words', key, label, place: time, ...more };
}

export function aDate(key: string, label: Told<string>, more: More = {}): DateField {
  return { kind: 'date', key, label, place: date, ...more };
}

/** One of a few. */
export function aChoice(
  key: string,
  label: Told<string>,
  options: Told<readonly Option[]>,
  {
    place = word,
    ...more
  }: More & { place?: Place; follows?: ChoiceField['follows']; searched?: boolean } = {},
): ChoiceField {
  return { kind: 'choice', key, label, options, place, ...more };
}

const YES_NO = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
] as const;

/** Said by somebody: neither stands there before. */
export function yesOrNo(key: string, label: string, more: More = {}): ChoiceField {
  return { kind: 'choice', key, label, options: YES_NO, place: answer, ...more };
}

/** The same, and left out while nobody said it. */
export function yesNoOrOpen(key: string, label: string, more: More = {}): ChoiceField {
  return { ...yesOrNo(key, label, more), place: optional(answer) };
}

export function aTick(key: string, label: string, place: Place = flag): CheckField {
  return { kind: 'check', key, label, place };
}

/** Several words of a few. */
export function ticks(key: string, label: string, options: Told<readonly Option[]>): TicksField {
  return { kind: 'ticks', key, label, options, by: ',', place: someOf };
}

/** Several names out of a list; left out where none is ticked. */
export function ticksOfNames(key: string, label: string, options: Told<readonly Option[]>): TicksField {
  return { kind: 'ticks', key, label, options, by: '\n', place: optional(names) };
}

export function someDays(key: string, label: string): DaysField {
  return { kind: 'days', key, label, place: days };
}

export function hidden(key: string, place: Place): HiddenField {
  return { kind: 'hidden', key, place };
}

/** Fields side by side where there is room. */
export function beside(...fields: readonly Field[]): Field {
  return { kind: 'beside', fields };
}

/** Fields that are kept together under a name. */
export function together(key: string, fields: readonly Field[], absent?: Absent): GroupField {
  return { kind: 'group', key, fields, place: groupPlace(fields, absent) };
}

/** What counts as soon as one field of it is filled in; kept as null, or left out, before. */
export function ifAny(
  key: string,
  fields: readonly Field[],
  blank: Extract<Blank, 'null' | 'left-out'> = 'null',
): GroupField {
  return together(key, fields, { when: 'all blank', value: blank === 'null' ? null : undefined });
}

/** What is there or is not: null, or left out, where it is not. Its switch is the text `on`. */
export function aSwitch(
  key: string,
  label: string,
  fields: readonly Field[],
  off: Extract<Blank, 'null' | 'left-out'> = 'null',
): SwitchField {
  const place = switchPlace(fields, off === 'null' ? null : undefined);
  return { kind: 'switch', key, label, fields, place };
}

/** A list of alike things. */
export function rowsOf(
  key: string,
  add: string,
  fields: readonly Field[],
  {
    blank = {},
    min = 0,
    orNothing = false,
    fresh,
  }: { blank?: object; min?: number; orNothing?: boolean; fresh?: RowsField['fresh'] } = {},
): RowsField {
  const one = fieldsPlace(fields);
  const place = orNothing ? listOrNothing(one) : list(one);
  return { kind: 'rows', key, add, fields, min, blank: one.write(blank), fresh, place };
}

export function onlyIf(
  test: OnlyIf['test'],
  fields: readonly Field[],
  otherwise: OnlyIf['otherwise'] = {},
): OnlyIf {
  return { kind: 'only-if', test, fields, otherwise };
}

export function shownIf(test: ShownIf['test'], ...fields: readonly Field[]): Field {
  return { kind: 'shown-if', test, fields };
}

export function say(words: string, tone: 'caution' | 'quiet' = 'quiet'): Field {
  return { kind: 'say', words, tone };
}

export function own(name: string): Field {
  return { kind: 'own', name };
}
