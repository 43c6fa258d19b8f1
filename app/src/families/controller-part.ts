import type { Field } from '../form/field';
import { aChoice, aFigure, aSwitch, aTick, aWord, beside, rowsOf, someWords } from '../form/fields';
import type { Part } from '../form/form';
import { flagOrNothing, lines, optional, word } from '../form/places';

/** Messages and lamps with what the maker’s manual says of them; where a list may be missing, an empty one is left out. */
export function messageRows(mayBeMissing: boolean): Field {
  return rowsOf(
    'messages',
    'Add a message or lamp',
    [
      someWords('shows', 'It shows', undefined, {
        hint: 'As displayed; of a lamp, how it looks: red, twice, a pause',
      }),
      aChoice('kind', 'Which is', [
        { value: 'reminder', label: 'A reminder' },
        { value: 'fault', label: 'A fault' },
      ]),
      aTick('lamp', 'It is a lamp', flagOrNothing),
      someWords('means', 'It means'),
      someWords('todo', 'What to do'),
    ],
    { orNothing: mayBeMissing },
  );
}

const ALARMS: Field = rowsOf(
  'alarms',
  'Add an alarm output',
  [
    someWords('name', 'Terminals', undefined, { hint: 'As they are marked' }),
    aChoice('contact', 'When it tells, its contact', [
      { value: 'closes', label: 'Closes' },
      { value: 'opens', label: 'Opens' },
      { value: 'changes-over', label: 'Changes over' },
    ]),
    someWords('tells', 'It tells of', undefined, { hint: 'Such as: running dry, overload' }),
    beside(
      aFigure('most_V', 'Switches at most', 'voltage', { blank: 'left-out' }),
      aFigure('most_A', 'and', 'plain', { unit: 'A', blank: 'left-out' }),
    ),
  ],
  { orNothing: true },
);

const THIS_CONTROLLER: readonly Field[] = [
  beside(
    aWord('revision', 'Revision', { place: optional(word), hint: 'That it was read from, as it shows it' }),
    aWord('options', 'Options taken for fitted', {
      lines: 2,
      place: optional(lines),
      hint: 'Boards and modules, one a line',
    }),
  ),
  aSwitch(
    'access',
    'Its settings are behind a code or key',
    [
      someWords('opensBy', 'They are opened by'),
      aFigure('closesAfter_min', 'and close by themselves after', 'minutes', {
        blank: 'null',
        hint: 'Empty where they stay open',
      }),
    ],
    'left-out',
  ),
  aWord('resetBy', 'How a factory reset is done', { place: optional(word) }),
  ALARMS,
];

/** What a profile of any family may say of its controller. */
export const CONTROLLER: Part = {
  name: 'controller',
  title: 'Revision, access, messages, alarms',
  says: () => '',
  fields: [...THIS_CONTROLLER, messageRows(true)],
};

/** The same of a family whose messages have their own place. */
export const CONTROLLER_BUT_MESSAGES: Part = {
  ...CONTROLLER,
  title: 'Revision, access, alarms',
  fields: THIS_CONTROLLER,
};
