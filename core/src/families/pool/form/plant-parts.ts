import { LINKED } from '../wire/duty';
import {
  aChoice,
  aFigure,
  aSwitch,
  aTick,
  aWord,
  beside,
  maybe,
  numbers,
  optional,
  type Part,
  rowsOf,
  said,
  say,
  together,
  word,
} from '../../../describe';

const LINKED_WORDS: Record<(typeof LINKED)[number], string> = {
  dosing: 'Dosing',
  heater: 'Heater',
  chlorinator: 'Chlorinator',
  cleaner: 'Cleaner',
};
const COMMANDS = { own: 'its own programs', relay: 'relays', link: 'a link' } as Record<string, string>;
/** A school that nobody chose is left to the plan. */
const OPEN = optional(word);

/** Who commands the pump, what is linked to it, who reaches it, and the schools chosen. */
export const COMMAND_PART: Part = {
  name: 'command',
  title: 'Command, linked devices, place',
  says: (look) =>
    `Commanded by ${COMMANDS[look.at('command')] ?? '?'}; linked: ${look.names('linked').join(', ') || 'nothing'}.`,
  fields: [
    aChoice('command', 'Who commands the pump', [
      { value: 'own', label: 'Its own programs' },
      { value: 'relay', label: 'Relay contacts' },
      { value: 'link', label: 'A data link' },
    ]),
    aWord('otherAddresses', 'Addresses of other pumps on the link', {
      place: numbers,
      hint: 'With commas between them',
    }),
    rowsOf(
      'linked',
      'Add a linked device',
      [
        aChoice(
          'kind',
          'Needs the water moving',
          LINKED.map((value) => ({ value, label: LINKED_WORDS[value] })),
        ),
        aWord('name', 'Name'),
      ],
      { blank: { kind: 'dosing' } },
    ),
    together('place', [
      aTick('childrenReach', 'Children or guests can reach its keys'),
      aTick('othersReach', 'Others can reach its menu'),
    ]),
    together('choices', [
      aChoice(
        'keys',
        'Slots that are front keys',
        [
          { value: 'keep-free', label: 'Keep them free' },
          { value: 'first-slots', label: 'Use them first' },
        ],
        { place: OPEN, hint: 'Keys stay free for runs by hand, unless chosen otherwise' },
      ),
      aChoice(
        'priming',
        'Priming',
        [
          { value: 'sense', label: 'Sense and stop' },
          { value: 'fixed', label: 'Fixed time' },
          { value: 'off', label: 'Off' },
        ],
        { place: OPEN, hint: 'Sensing where it can; off is a finding' },
      ),
      aChoice(
        'afterCut',
        'After a power cut',
        [
          { value: 'resume', label: 'Goes on' },
          { value: 'wait', label: 'Waits' },
        ],
        { place: OPEN, hint: 'Circulation goes on by itself, unless a start can surprise someone' },
      ),
    ]),
  ],
};

const WINTERS: Record<string, string> = {
  '': 'Not said: what guards against frost is left as it is.',
  none: 'No frost comes.',
  light: 'Light frosts.',
  hard: 'Hard winters: drain down.',
};

/** Winters of the site, and what is done against frost. */
export const WINTER_PART: Part = {
  name: 'winter',
  title: 'Winter',
  says: (look) => WINTERS[look.at('winter')] ?? '',
  fields: [
    aChoice(
      'winter',
      'Winters are',
      [
        { value: 'none', label: 'Free of frost' },
        { value: 'light', label: 'Light' },
        { value: 'hard', label: 'Hard' },
      ],
      { place: maybe(word) },
    ),
    together('choices', [
      aChoice(
        'frost',
        'Against frost',
        [
          { value: 'move-water', label: 'Move the water slowly' },
          { value: 'full-speed', label: 'Full speed' },
          { value: 'drive-only', label: 'The drive alone' },
          { value: 'drain', label: 'Drain down' },
        ],
        {
          place: OPEN,
          hint: 'Low speed is enough to move water; it does not protect against a power cut',
        },
      ),
    ]),
    together('frostNight', [
      beside(
        aFigure('hours', 'A frosty night has', 'hours', { hint: 'Below the guard’s temperature' }),
        aFigure('perYear', 'Such nights a year', 'plain', { blank: 'zero' }),
      ),
    ]),
  ],
};

const SOURCES = [
  { value: 'off', label: 'Off' },
  { value: 'heater', label: 'Heater' },
  { value: 'heat-pump', label: 'Heat pump' },
  { value: 'solar', label: 'Roof' },
  { value: 'solar-first', label: 'Roof first' },
] as const;

/** Sources of heat, set points and roof. */
export const HEAT_PART: Part = {
  name: 'heat',
  title: 'Heat',
  says: (look) =>
    look.isOn('heat')
      ? `${SOURCES.find(({ value }) => value === look.at('heat.source'))?.label ?? ''}, pool at ${said(look, 'heat.pool_C', 'temperature')}.`
      : 'Not heated by this pump’s water.',
  fields: [
    aSwitch('heat', 'The water is heated', [
      say('Too warm water exhausts and scalds. Keep to what the operator has agreed.', 'caution'),
      aChoice('source', 'By', SOURCES),
      beside(
        aFigure('pool_C', 'Pool', 'temperature'),
        aFigure('tub_C', 'Tub', 'temperature', { blank: 'null', hint: 'Counts only while it is selected' }),
        aFigure('warmest_C', 'Warmest allowed', 'temperature'),
        aFigure('afterRun_min', 'After-run', 'minutes', { blank: 'zero' }),
        aFigure('startDifference_K', 'Roof starts at', 'difference'),
        aFigure('stopDifference_K', 'Roof stops at', 'difference'),
        aFigure('heater_kW', 'Heater', 'heat', { blank: 'left-out' }),
        aFigure('roof_m2', 'Roof collector', 'area', { blank: 'left-out' }),
      ),
    ]),
  ],
};

/** The salt cell: what it makes, and what the water needs. */
export const CHLORINATOR_PART: Part = {
  name: 'chlorinator',
  title: 'Chlorinator',
  says: (look) =>
    look.isOn('chlorinator')
      ? `${said(look, 'chlorinator.rated_gph', 'massRate')} rated, ${said(look, 'chlorinator.needed_gpd', 'mass')} a day needed.`
      : 'None.',
  fields: [
    aSwitch('chlorinator', 'A salt cell makes chlorine', [
      beside(
        aFigure('rated_gph', 'Rated output', 'massRate'),
        aFigure('needed_gpd', 'Needed a day', 'mass', { unit: 'g' }),
        aFigure('cold_C', 'Idles below', 'temperature', { hint: 'By its maker' }),
      ),
    ]),
  ],
};
