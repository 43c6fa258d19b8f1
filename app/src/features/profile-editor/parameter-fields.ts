import {
  aChoice,
  aFigure,
  aTick,
  aWord,
  beside,
  flagOrNothing,
  hidden,
  neededWord,
  onlyIf,
  optional,
  own,
  rowsAt,
  rowsOf,
  shownIf,
  someDays,
  someWords,
  textAt,
  ticks,
  time,
  ticksOfNames,
  under,
  withText,
  word,
  type Field,
  type Look,
  type Place,
  type Texts,
  type Told,
} from '@barythm/core/describe';
import { INTERNAL_UNIT } from '@barythm/core/units';
import { familyOf, optionRolesOf, type FamilyName } from '@barythm/core/families';
import { entryWaySchema, SEEN_WORDS } from '@barythm/core/profile';
import { capital } from '@barythm/core/words';
import { HELD_OR_CODE, presses, ROUTE_PRESSES } from './menu-fields';
import { freshName } from './names';
import { REACH_FIELDS } from './reach-fields';
import {
  besidesOffered,
  choicesBeside,
  familyAt,
  isInRepeating,
  labelled,
  meaningsOf,
  meaningsOffered,
  optionMeanings,
  optionsOf,
  parameterAt,
  parametersBeside,
  RECORDED_ONLY,
  unitsFor,
} from './offered';

const chosen = neededWord('Choose one.');
/** A meaning; none where it is only recorded. */
const meaning: Place = {
  read: (texts, path, tell) => {
    if (texts === RECORDED_ONLY) return undefined;
    return chosen.read(texts, path, tell);
  },
  write: (value) => (value === undefined ? '' : String(value)),
};

/** What follows from a meaning: its kind where there is one only, and its choices to be called as the controller calls them. */
function followMeaning(texts: Texts, role: string, path: string): Texts {
  const family = String(textAt(texts, 'family')) as FamilyName;
  const { quantities } = familyOf(family);
  const options = optionRolesOf(family, role);
  const kind = quantities[role] ? 'number' : options.length > 1 ? 'choice' : null;
  const typed = kind === null ? texts : withText(texts, under(path, 'type'), kind);
  if (kind !== 'choice' || rowsAt(typed, under(path, 'options')).length > 0) return typed;
  const counted = options.filter((option) => !/\.\d+$/.test(option));
  return withText(
    typed,
    under(path, 'options'),
    counted.map((option) => ({ value: freshName(), label: '', role: option })),
  );
}

const unitChoices = (look: Look) => unitsFor(familyAt(look), look.here('role'));

const CHANGED_BY = [
  { value: 'anyone', label: 'Anyone' },
  { value: 'technician', label: 'Technician' },
  { value: 'maker', label: 'Maker' },
] as const;
const ENTER_WHEN = [
  { value: 'any', label: 'Any time' },
  { value: 'stopped', label: 'Stopped' },
  { value: 'waiting', label: 'Waiting' },
  { value: 'running', label: 'Running' },
  { value: 'isolated', label: 'Isolated' },
  { value: 'power-up', label: 'Just after power-up' },
] as const;
const SEEN = [
  { value: '', label: 'A setting' },
  ...Object.entries(SEEN_WORDS).map(([value, words]) => ({ value, label: capital(words) })),
];
/** What a lamp or sign must show with other settings. */
const EXPECTS: readonly Field[] = [
  rowsOf('expects', 'Add what it must show', [
    aChoice('value', 'It shows', (look) => optionsOf(look, look.at(`${parameterAt(look.path)}.key`)), {
      place: chosen,
    }),
    aChoice('parameter', 'With', choicesBeside, { place: chosen }),
    ticks('in', 'Set to', (look) => optionsOf(look, look.here('parameter'))),
  ]),
];
const ENTRY = entryWaySchema.options.map((value) => {
  const words = value.replaceAll('-', ' ');
  return { value, label: words.charAt(0).toUpperCase() + words.slice(1) };
});

/** What a choice settles besides is one of some meanings, and no figure. */
const settlesMeaning = (look: Look) => meaningsOf(familyAt(look), look.here('role')).length > 0;
/** The figure behind a choice, in the unit that the program counts in. */
function besidesFigure(look: Look): string {
  const q = familyOf(familyAt(look)).quantities[look.here('role')] ?? 'plain';
  return INTERNAL_UNIT[q] === '' ? 'Figure' : `Figure, ${INTERNAL_UNIT[q]}`;
}

const isA =
  (...types: readonly string[]) =>
  (here: (key: string) => string) =>
    types.includes(here('type'));
const optionalFigure = (key: string, label: Told<string>, hint?: string) =>
  aFigure(key, label, 'plain', { blank: 'left-out', hint });

/** Choices of the parameter itself. */
const optionsHere = (look: Look) =>
  ['choice', 'time'].includes(look.here('type'))
    ? labelled(look.rows(under(look.path, 'options')), 'value')
    : [];
/** There is one menu, and it stands in it: nothing is to choose. */
function isTheOnlyMenu(look: Look): boolean {
  const menus = look.rows('groups');
  return menus.length === 1 && textAt(menus[0], 'key') === look.here('group');
}

/**
 * What is asked of a parameter of a controller, in the order in which one reads it off. What something stands in is asked for whether or
 * not it could be asked for anew: a fault is never told at a place that nobody sees.
 */
export const PARAMETER_FIELDS: readonly Field[] = [
  hidden('key', word),
  someWords('label', 'Name', 'Type the name as it is displayed.', { hint: 'As the controller shows it' }),
  aChoice('role', 'What it means', meaningsOffered, {
    place: meaning,
    searched: true,
    follows: followMeaning,
  }),
  aChoice(
    'type',
    'Kind',
    [
      { value: 'number', label: 'A figure' },
      { value: 'choice', label: 'A choice' },
      { value: 'time', label: 'A time of day' },
      { value: 'days', label: 'Days of the week' },
      { value: 'text', label: 'Words' },
    ],
    { place: chosen },
  ),
  aChoice('seen', 'Set, or only read', SEEN, { place: optional(word) }),
  onlyIf(isA('text'), [aFigure('longest', 'Signs that the display has for it', 'plain')]),
  shownIf(
    (look) => !isTheOnlyMenu(look),
    aChoice('group', 'Menu', (look) => labelled(look.rows('groups'), 'key'), { place: word }),
  ),
  onlyIf(isA('number'), [
    shownIf(
      (look) => unitChoices(look).length > 0,
      aChoice('unit', 'Unit on the display', (look) =>
        unitChoices(look).map((unit) => ({ value: unit, label: unit })),
      ),
    ),
    shownIf(
      (look) => unitChoices(look).length === 0,
      aWord('unit', 'Unit on the display', { hint: '“-” where it shows none' }),
    ),
    beside(optionalFigure('least', 'Minimum'), optionalFigure('greatest', 'Maximum')),
    shownIf(
      (look) => choicesBeside(look).length > 0 || look.here('limitBy') !== '',
      aChoice(
        'limitBy',
        'Limits depend on',
        (look) => [{ value: '', label: 'Nothing else' }, ...choicesBeside(look)],
        { place: optional(word) },
      ),
    ),
    onlyIf(
      (here) => here('limitBy') !== '',
      [
        rowsOf('limits', 'Add the limits of a choice', [
          aChoice('when', 'With', (look) => optionsOf(look, look.at(`${parameterAt(look.path)}.limitBy`)), {
            place: chosen,
          }),
          beside(optionalFigure('least', 'Minimum'), optionalFigure('greatest', 'Maximum')),
        ]),
      ],
    ),
    optionalFigure('step', 'Step', 'By which the display counts'),
  ]),
  onlyIf(isA('time'), [
    beside(
      aWord('least', 'Earliest', { place: optional(time), hint: 'e.g. 0:00' }),
      aWord('greatest', 'Latest', { place: optional(time), hint: 'e.g. 23:45' }),
    ),
    optionalFigure('step', 'Step in minutes'),
  ]),
  onlyIf(isA('choice', 'time'), [
    rowsOf(
      'options',
      'Add a choice',
      [
        hidden('value', word),
        someWords('label', 'The display shows', 'Type the choice as it is displayed, or remove it.'),
        shownIf(
          (look) => optionMeanings(look).length > 0,
          aChoice(
            'role',
            'Which means',
            (look) => [{ value: '', label: 'Something else' }, ...optionMeanings(look)],
            { place: optional(word), searched: true },
          ),
        ),
        rowsOf('also', 'Add what this choice settles besides', [
          aChoice('role', 'It settles', besidesOffered, { place: chosen, searched: true }),
          shownIf(
            (look) => settlesMeaning(look) || look.here('means') !== '',
            aChoice('means', 'As', (look) => meaningsOf(familyAt(look), look.here('role')), {
              place: optional(word),
              searched: true,
            }),
          ),
          shownIf(
            (look) => (look.here('role') !== '' && !settlesMeaning(look)) || look.here('figure') !== '',
            optionalFigure('figure', besidesFigure, 'As the maker gives it for this choice'),
          ),
        ]),
      ],
      { fresh: () => ({ value: freshName() }) },
    ),
  ]),
  onlyIf(isA('days'), [
    rowsOf(
      'dayGroups',
      'Add days that it has as a group only',
      [someDays('days', 'Days'), someWords('label', 'The display shows', 'Type it as it is displayed.')],
      { orNothing: true },
    ),
  ]),
  onlyIf((here) => here('seen') !== '' && here('type') === 'choice', EXPECTS),
  hidden('expecting', word),
  shownIf(
    (look) => optionsHere(look).length > 0 || look.here('defaultOption') !== '',
    aChoice(
      'defaultOption',
      'As delivered',
      (look) => [{ value: '', label: 'Unknown' }, ...optionsHere(look)],
      { place: optional(word) },
    ),
  ),
  onlyIf(isA('number', 'time'), [
    aWord('default', 'As delivered', { place: optional(word), hint: 'Leave empty if unknown' }),
  ]),
  onlyIf(isA('days'), [
    aWord('default', 'As delivered', { place: optional(word), hint: '1 for Monday, e.g. 12345' }),
  ]),
  rowsOf('route', 'Add a key', [
    beside(
      someWords('key', 'Key', 'Type what stands on the key, or remove it.'),
      aFigure('times', 'Presses', 'plain', { place: presses }),
    ),
    aChoice('press', 'How', ROUTE_PRESSES, { place: chosen }),
    ...HELD_OR_CODE,
    shownIf(isInRepeating, aTick('place', 'As often as the number of the place')),
    aWord('shows', 'The display then shows', { place: optional(word) }),
  ]),
  own('known-keys'),
  shownIf(
    (look) => look.rows(under(look.path, 'route')).length > 0 || look.here('readAt') !== '',
    optionalFigure('readAt', 'Its value is seen after so many of them', 'Empty: after all'),
  ),
  aWord('storedBy', 'Stored by', {
    place: neededWord('Say what stores it, e.g. OK.'),
    hint: 'e.g. OK, or by leaving the menu',
  }),
  aChoice('entry', 'How it is entered', ENTRY, { place: chosen }),
  aChoice('enterWhen', 'Entered while the pump is', ENTER_WHEN, { place: chosen }),
  ...REACH_FIELDS,
  aChoice('changedBy', 'Changed by', CHANGED_BY, { place: chosen }),
  aTick('fixed', 'Fixed in the controller: it counts, and cannot be set', flagOrNothing),
  aTick('needsRestart', 'Takes effect after a restart'),
  aWord('caution', 'Caution at this setting', { place: optional(word), lines: 2 }),
  aWord('page', 'Page of the manual', { place: optional(word), hint: 'Where it is described, e.g. 34' }),
  shownIf(
    (look) => choicesBeside(look).length > 0 || look.rows(under(look.path, 'appliesWhen')).length > 0,
    rowsOf('appliesWhen', 'Applies only with another setting', [
      aChoice('parameter', 'Only with', choicesBeside, { place: chosen }),
      ticks('in', 'Set to', (look) => optionsOf(look, look.here('parameter'))),
    ]),
  ),
  hidden('condition', word),
  shownIf(
    (look) => parametersBeside(look).length > 0 || look.here('rewrites') !== '',
    ticksOfNames('rewrites', 'A change puts back', parametersBeside),
  ),
];
