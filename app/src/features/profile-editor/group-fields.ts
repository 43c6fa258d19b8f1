import {
  aChoice,
  aFigure,
  aSwitch,
  aWord,
  hidden,
  lines,
  optional,
  rowsOf,
  someWords,
  word,
  type Field,
} from '@barythm/core/describe';
import { freshName } from './names';
import { labelled } from './offered';

/** Menus or groups of a controller, in the order of work. */
export const GROUP_FIELDS: readonly Field[] = [
  rowsOf(
    'groups',
    'Add a menu',
    [
      hidden('key', word),
      someWords('label', 'Menu', 'Type what the menu is called.', { hint: 'As the controller shows it' }),
      aSwitch(
        'repeat',
        'It repeats: programs, circuits, cycles, units',
        [
          aFigure('count', 'How often', 'plain'),
          someWords('noun', 'Each is called', undefined, { hint: 'e.g. Program' }),
          aWord('names', 'Names instead of numbers', {
            place: lines,
            lines: 2,
            hint: 'Where the controller has them, one a line',
          }),
          aChoice(
            'by',
            'The setting that says how many there are',
            (look) => [
              { value: '', label: 'None: all of them are there' },
              ...labelled(look.rows('parameters'), 'key'),
            ],
            { place: optional(word), searched: true },
          ),
        ],
        'left-out',
      ),
    ],
    { min: 1, fresh: () => ({ key: freshName() }) },
  ),
];
