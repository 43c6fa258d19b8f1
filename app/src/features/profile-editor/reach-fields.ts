import {
  aChoice,
  aFigure,
  aSwitch,
  aTick,
  aWord,
  beside,
  flagOrNothing,
  hidden,
  lines,
  neededWord,
  onlyIf,
  optional,
  rowsOf,
  shownIf,
  someWords,
  word,
  type Field,
} from '@barythm/core/describe';
import { freshName } from './names';
import { labelled } from './offered';

const chosen = neededWord('Choose one.');
const aKey = (key: string, label: string) => someWords(key, label, 'Type what stands on the key.');
const maybeFigure = (key: string, label: string, hint?: string) =>
  aFigure(key, label, 'plain', { blank: 'left-out', hint });

/** Where a controller is set, its own panel first. */
export const PANEL_FIELDS: readonly Field[] = [
  rowsOf(
    'panels',
    'Add a panel',
    [
      hidden('key', word),
      someWords('label', 'Panel', 'Say which it is, or remove it.', {
        hint: 'e.g. Panel, Inner panel, Browser page',
      }),
      aChoice(
        'from',
        'Reached',
        [
          { value: '', label: 'At the pump alone' },
          { value: 'network', label: 'Over a network' },
          { value: 'radio', label: 'By radio' },
        ],
        { place: optional(word) },
      ),
      aWord('caution', 'What to see to before it is used', { place: optional(word), lines: 2 }),
    ],
    { fresh: () => ({ key: freshName() }) },
  ),
];

/** What opens a setting, beside its keys. */
const OPENS_BY = aSwitch(
  'opensBy',
  'Opens only by a link, or as it is switched on',
  [
    aChoice(
      'by',
      'It opens by',
      [
        { value: 'wiring', label: 'A link between terminals' },
        { value: 'word', label: 'Keys while a word stands' },
      ],
      { place: chosen },
    ),
    onlyIf(
      (here) => here('by') === 'wiring',
      [someWords('connect', 'What is linked', 'Say what is linked.', { hint: 'e.g. terminals 7 and 8' })],
    ),
    onlyIf(
      (here) => here('by') === 'word',
      [
        someWords('shows', 'While the display shows', 'Type the word as it is displayed.'),
        maybeFigure('within_s', 'Within seconds of power on', 'Empty if unknown'),
      ],
    ),
  ],
  'left-out',
);

/** How its keys change a value. */
const DIAL = aSwitch(
  'dial',
  'Its presses can be counted',
  [
    aChoice(
      'by',
      'The keys change',
      [
        { value: 'presses', label: 'The value, step by step' },
        { value: 'digits', label: 'Digit by digit' },
      ],
      { place: chosen },
    ),
    beside(
      aKey('up', 'Key that counts up, or steps on'),
      aWord('down', 'Key that counts down', { place: optional(word), hint: 'Empty where there is none' }),
    ),
    onlyIf(
      (here) => here('by') === 'digits',
      [beside(aKey('next', 'Key to the next digit'), aFigure('digits', 'Digits on the display', 'plain'))],
    ),
    aTick('wraps', 'After the last comes the first again', flagOrNothing),
    aTick('firstOnlyShows', 'The first press only makes it flash', flagOrNothing),
  ],
  'left-out',
);

/** What begins anew once it is changed. */
const RELEARNS = aSwitch(
  'relearns',
  'A change makes the controller learn anew',
  [
    someWords('what', 'What it learns', 'Say what it learns.', { hint: 'e.g. the usual flow of a day' }),
    maybeFigure('hours', 'Which takes about, h', 'Empty if unknown'),
  ],
  'left-out',
);

/** At which panel, and how, beside the keys of its route. */
export const REACH_FIELDS: readonly Field[] = [
  OPENS_BY,
  DIAL,
  shownIf(
    (look) => look.rows('panels').length > 0 || look.here('panel') !== '',
    aChoice(
      'panel',
      'Its keys are at',
      (look) => [{ value: '', label: 'The first panel' }, ...labelled(look.rows('panels'), 'key')],
      { place: optional(word) },
    ),
    rowsOf(
      'alsoAt',
      'Add another panel at which it is set',
      [
        aChoice('panel', 'Panel', (look) => labelled(look.rows('panels'), 'key'), { place: chosen }),
        aWord('route', 'The way there, a step a line', { place: lines, lines: 3 }),
        someWords('storedBy', 'Stored by', 'Say what stores it there.'),
      ],
      { orNothing: true },
    ),
  ),
  RELEARNS,
];
