import {
  aChoice,
  aFigure,
  aSwitch,
  aWord,
  beside,
  fieldsPlace,
  neededWord,
  optional,
  rowsOf,
  shownIf,
  someWords,
  together,
  type Field,
  type Place,
  type Texts,
  word,
} from '@barythm/core/describe';
import { PAGE_WORDS, type KeyStep, type Profile } from '@barythm/core/profile';
import { capital } from '@barythm/core/words';
import { PANEL_FIELDS } from './reach-fields';

const chosen = neededWord('Choose one.');
const aKey = (key: string, label: string, hint?: string) =>
  someWords(key, label, 'Type what stands on the key, or remove it.', { hint });
export const PRESSES = [
  { value: 'short', label: 'Press' },
  { value: 'hold', label: 'Hold' },
  { value: 'turn', label: 'Turn' },
] as const;

/** How long a key is held, and a code that is entered by it. */
export const HELD_OR_CODE: readonly Field[] = [
  shownIf(
    (look) => look.here('press') === 'hold' || look.here('seconds') !== '',
    aFigure('seconds', 'Held for, s', 'plain', { blank: 'left-out', hint: 'Empty if unknown' }),
  ),
  shownIf(
    (look) => look.here('press') === CODE,
    beside(
      aWord('digits', 'The code', {
        place: optional(word),
        hint: 'Its digits; the key counts each up from 0',
      }),
      aWord('next', 'Key to the next digit', { place: optional(word) }),
    ),
  ),
];

/** A code is short presses that nobody counts: how they are pressed is said by its digits. */
const CODE = 'code';
export const ROUTE_PRESSES = [...PRESSES, { value: CODE, label: 'Enter a code' }] as const;
/** How a step of a route is pressed, as it is typed. */
export const pressTyped = ({ press, digits }: Pick<KeyStep, 'press' | 'digits'>): string =>
  digits === undefined ? press : CODE;
interface StepTyped {
  readonly press?: string;
  readonly digits?: string;
  readonly next?: string;
}
/** A step as it was typed; what belongs to another way of pressing is left. */
export const stepRead = ({ press, digits, next, ...step }: StepTyped): object =>
  press === CODE ? { ...step, press: 'short', digits: digits ?? '', next } : { ...step, press };

/** A number of presses; one where nothing is typed. */
export const presses: Place = {
  read: (texts, path, tell) => {
    const text = String(texts ?? '').trim();
    if (text === '') return 1;
    const count = Number(text);
    if (Number.isInteger(count) && count >= 1 && count <= 99) return count;
    tell(path, 'A number of presses from 1 to 99.');
  },
  write: (value) => String(value ?? 1),
};

/** How one gets about in a menu: from it the keys between any two settings follow. */
export const MENU_FIELDS: readonly Field[] = [
  aSwitch(
    'menu',
    'How one gets about in its menu is known',
    [
      together('home', [
        someWords('shows', 'The home display shows', 'Type what it shows.', { hint: 'e.g. the stroke rate' }),
        rowsOf(
          'keys',
          'Add a key of the safe way home',
          [
            beside(
              aKey('key', 'Key', 'From anywhere, with nothing changed'),
              aFigure('times', 'Presses', 'plain', { place: presses }),
            ),
            aChoice('press', 'How', PRESSES, { place: chosen }),
          ],
          { min: 1 },
        ),
      ]),
      rowsOf('moves', 'Add a key that goes along a list', [
        beside(aKey('key', 'Goes on'), aKey('back', 'Takes it back')),
      ]),
      aSwitch(
        'leave',
        'A key goes one level up, with nothing changed',
        [aKey('key', 'Key'), aChoice('press', 'How', PRESSES, { place: chosen })],
        'left-out',
      ),
      aChoice(
        'afterStoring',
        'Once a value is stored, the display stands',
        [
          { value: 'value', label: 'At the value' },
          { value: 'list', label: 'In the list above it' },
          { value: 'home', label: 'At home' },
        ],
        { place: chosen },
      ),
      aWord('leavingStarts', 'Leaving it sets something going', {
        place: optional(word),
        lines: 2,
        hint: 'What, and what to see to first; empty where it does not',
      }),
      rowsOf('acts', 'Add a key that sets something going', [
        aKey('key', 'Key', 'No way is led over it unless there is no other'),
        aChoice('press', 'How', PRESSES, { place: chosen }),
        aChoice(
          'does',
          'It',
          [
            { value: 'moves-water', label: 'Moves water' },
            { value: 'primes', label: 'Primes' },
            { value: 'starts', label: 'Starts' },
            { value: 'stops', label: 'Stops' },
            { value: 'resets', label: 'Resets' },
          ],
          { place: chosen },
        ),
        someWords('words', 'What happens, and what to see to first', 'Say what happens.'),
      ]),
    ],
    'left-out',
  ),
];

/** Pages that are looked at, and what a key does, each with its way from the home display. */
export const PAGE_FIELDS: readonly Field[] = [
  rowsOf('pages', 'Add the keys to a page or a doing', [
    aChoice(
      'of',
      'They lead to',
      Object.entries(PAGE_WORDS).map(([value, label]) => ({ value, label: capital(label) })),
      { place: chosen },
    ),
    rowsOf(
      'route',
      'Add a key',
      [
        beside(aKey('key', 'Key'), aFigure('times', 'Presses', 'plain', { place: presses })),
        aChoice('press', 'How', ROUTE_PRESSES, { place: chosen }),
        ...HELD_OR_CODE,
        aWord('shows', 'The display then shows', { place: optional(word) }),
      ],
      { min: 1 },
    ),
  ]),
];

const MENU = fieldsPlace(MENU_FIELDS);
const PAGES = fieldsPlace(PAGE_FIELDS);
const PANELS = fieldsPlace(PANEL_FIELDS);

/** Panels as they are typed. */
export const panelTexts = (panels: Profile['panels']): readonly Texts[] =>
  (PANELS.write({ panels: panels ?? [] }) as { readonly panels: readonly Texts[] }).panels;

/** The panels of what is typed, by their published names; nothing where there is one alone. */
export function readPanels(
  panels: readonly Texts[],
  names: ReadonlyMap<string, string>,
  tell: (path: string, words: string) => void,
): object {
  const read = PANELS.read({ panels }, '', tell) as { panels: readonly { key: string }[] };
  if (read.panels.length === 0) return {};
  return { panels: read.panels.map((panel) => ({ ...panel, key: names.get(panel.key) ?? panel.key })) };
}

/** Pages as they are typed. */
export const pageTexts = (pages: Profile['pages']): readonly Texts[] =>
  (
    PAGES.write({
      pages: (pages ?? []).map((page) => ({
        ...page,
        route: page.route.map((step) => ({ ...step, press: pressTyped(step) })),
      })),
    }) as { readonly pages: readonly Texts[] }
  ).pages;

/** The pages of what is typed; nothing where none is described. */
export function readPages(pages: readonly Texts[], tell: (path: string, words: string) => void): object {
  const read = PAGES.read({ pages }, '', tell) as { pages: readonly object[] };
  return read.pages.length === 0 ? {} : { pages: read.pages.map(withoutNoWords) };
}

/** A step that shows nothing says nothing of it. */
function withoutNoWords(page: object): object {
  const { route = [], ...rest } = page as { route?: readonly Record<string, unknown>[] };
  return {
    ...rest,
    route: route.map((step) =>
      Object.fromEntries(Object.entries(stepRead(step)).filter(([, value]) => value !== undefined)),
    ),
  };
}

/** A menu as it is typed. */
export function menuTexts(menu: Profile['menu']): Texts {
  const written = MENU.write({ menu });
  return (written as { readonly menu: Texts }).menu;
}

/** The menu of what is typed; undefined where none is described. */
export function readMenu(menu: Texts, tell: (path: string, words: string) => void): object | undefined {
  return (MENU.read({ menu }, '', tell) as { menu?: object }).menu;
}
