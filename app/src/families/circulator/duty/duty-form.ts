import {
  carrierOf,
  circulatorDutySchema,
  SYSTEM_WORDS,
  SYSTEMS,
  type CirculatorDuty,
} from '@barythm/core/families/circulator';
import { flowForHeat_m3h } from '@barythm/core/heat';
import { orElse } from '@barythm/core/input';
import { fig, figureWithUnit, parseFigure } from '@barythm/core/units';
import {
  aChoice,
  aFigure,
  aSwitch,
  aWord,
  beside,
  ifAny,
  onlyIf,
  rowsOf,
  someWords,
  together,
  yesOrNo,
} from '../../../form/fields';
import { makeForm, type Part } from '../../../form/form';
import type { Look } from '../../../form/look';
import { maybe, optional, percent, numbers, word } from '../../../form/places';
import { said } from '../../../form/said';
import { counted } from '../../../ui/words/counted';

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

/** The flow that carries what is typed so far, for the line of the part. */
function flowSaid(look: Look): string {
  if (look.at('system') === 'hot-water') return '';
  const heat = parseFigure(look.at('heat_kW'), 'heat');
  const difference = parseFigure(look.at('difference_K'), 'difference');
  if (!heat.ok || !difference.ok || look.at('carrier.kind') === 'mixture') return '';
  const system = SYSTEMS.find((one) => one === look.at('system')) ?? 'unknown';
  const water = carrierOf({ carrier: { kind: 'water' }, system });
  const flow = orElse(() => flowForHeat_m3h(heat.value, difference.value, water), null);
  return flow === null ? '' : `: about ${figureWithUnit(fig('waterFlow', flow), look.reader)}`;
}

const SYSTEM: Part = {
  name: 'system',
  title: 'System and heat',
  fault: 'heat_kw',
  says: (look) => {
    const kind = SYSTEMS.find((system) => system === look.at('system'));
    const carries =
      kind === 'hot-water'
        ? `${said(look, 'hotWater.pipe_m', 'length')} of pipe, back at ${said(look, 'hotWater.coolest_C', 'temperature')} at least,`
        : said(look, 'heat_kW', 'heat');
    return `${kind ? capital(SYSTEM_WORDS[kind]) : 'Not said'}, ${carries} at ${said(look, 'difference_K', 'difference')}${flowSaid(look)}.`;
  },
  fields: [
    aChoice(
      'system',
      'It serves',
      SYSTEMS.map((value) => ({ value, label: capital(SYSTEM_WORDS[value]) })),
      { hint: 'The mode that is proposed follows from it.' },
    ),
    onlyIf((here) => here('system') !== 'hot-water', [aFigure('heat_kW', 'Heat to carry', 'heat')]),
    onlyIf(
      (here) => here('system') === 'hot-water',
      [
        together('hotWater', [
          beside(
            aFigure('pipe_m', 'Length of its pipe, there and back', 'length'),
            aFigure('loss_Wm', 'Each metre loses', 'lineLoss', { hint: 'Lagged: about 8 W/m' }),
            aFigure('supply_C', 'Supply', 'temperature'),
            aFigure('coolest_C', 'Coolest return', 'temperature', { hint: 'By local code or operator' }),
            aFigure('longestPause_min', 'It may stand for', 'minutes', { hint: '0 where it may not' }),
          ),
        ]),
      ],
    ),
    aFigure('difference_K', 'Flow less return', 'difference'),
    together('carrier', [
      aChoice('kind', 'The liquid is', [
        { value: 'water', label: 'Water' },
        { value: 'mixture', label: 'A glycol mixture' },
      ]),
      onlyIf(
        (here) => here('kind') === 'mixture',
        [
          beside(
            aFigure('density_kgm3', 'Density', 'liquidDensity'),
            aFigure('heat_kJkgK', 'Heat capacity', 'heatCapacity'),
            aFigure('viscosity_mm2s', 'Viscosity when coldest', 'plain', {
              unit: 'mm²/s',
              hint: 'From its data sheet',
            }),
          ),
        ],
      ),
    ]),
  ],
};

const KNOWN_SAID: Readonly<Record<string, string>> = { measured: 'measured', stated: 'as stated' };

/** What is left when the valves shut; nothing is said for whoever did not answer. */
function valvesSaid(look: Look): string {
  const answer = look.at('valves.allMayShut');
  if (answer === '') return 'whether every valve may shut is not said';
  if (answer === 'no') return 'some valve stays open';
  const left = look.at('valves.leastFlow_m3h');
  return `every valve may shut, ${left === '' ? 'no bypass known' : `${said(look, 'valves.leastFlow_m3h', 'waterFlow')} is left`}`;
}

const INDEX: Part = {
  name: 'index',
  title: 'Index circuit and valves',
  says: (look) =>
    `${said(look, 'index.head_m', 'length')}, ${KNOWN_SAID[look.at('index.from')] ?? 'from where is not said'}; ${valvesSaid(look)}.`,
  fields: [
    together('index', [
      aFigure('head_m', 'Loss of the least favourable circuit', 'length', { hint: 'At the greatest flow' }),
      aChoice('from', 'Known from', [
        { value: 'stated', label: 'As stated' },
        { value: 'measured', label: 'Measured' },
      ]),
      aFigure('before', 'Of it before the first branch', 'percent', {
        unit: '%',
        place: optional(percent),
        hint: 'Empty when not known: then by the system',
      }),
    ]),
    together('valves', [
      yesOrNo('allMayShut', 'Every valve may shut at one time'),
      aFigure('leastFlow_m3h', 'What flows then, by a bypass', 'waterFlow', {
        blank: 'null',
        hint: 'Empty when nobody knows of one',
      }),
    ]),
    ifAny('pipe', [
      beside(
        aFigure('bore_mm', 'Bore of the pipe at the pump', 'bore'),
        aChoice('material', 'Of', [
          { value: 'steel', label: 'Steel' },
          { value: 'copper', label: 'Copper' },
          { value: 'plastic', label: 'Plastic' },
        ]),
      ),
    ]),
    aFigure('inlet_bar', 'Pressure at the inlet, standing', 'pressure', {
      blank: 'null',
      hint: 'Empty when not read',
    }),
  ],
};

const FLAP_SAID: Readonly<Record<string, string>> = {
  tight: 'a twin, its flap is tight',
  leaks: 'a twin, its flap leaks',
  missing: 'a twin without a flap',
  unknown: 'a twin, nobody knows of its flap',
};

const PUMP: Part = {
  name: 'pump',
  title: 'Pump curve',
  fault: 'curve',
  says: (look) =>
    `${counted(look.rows('pump.curve').length, 'point')} of the curve, ${counted(look.rows('pump.power').length, 'power')}; least speed ${look.at('pump.leastShare') || '?'} %${look.at('twin') === '' ? '' : `; ${FLAP_SAID[look.at('twin.flap')] ?? 'a twin'}`}.`,
  fields: [
    together('pump', [
      rowsOf(
        'curve',
        'Add a point of the curve',
        [beside(aFigure('flow_m3h', 'Flow at full speed', 'waterFlow'), aFigure('head_m', 'Head', 'length'))],
        { least: 2 },
      ),
      rowsOf(
        'power',
        'Add a power',
        [beside(aFigure('flow_m3h', 'At a flow of', 'waterFlow'), aFigure('power_W', 'Power', 'power'))],
        { least: 1 },
      ),
      beside(
        aFigure('leastShare', 'Least speed, of the greatest', 'percent', { unit: '%', place: percent }),
        aFigure('least_W', 'Least power on its plate', 'power'),
      ),
    ]),
    aSwitch(
      'twin',
      'It is a twin: two alike heads in one body',
      [
        aChoice('flap', 'The flap between them', [
          { value: 'tight', label: 'Is tight' },
          { value: 'leaks', label: 'Leaks' },
          { value: 'missing', label: 'Is missing' },
          { value: 'unknown', label: 'Nobody knows' },
        ]),
      ],
      'left-out',
    ),
  ],
};

const CONTROL_SAID: Readonly<Record<string, string>> = {
  own: 'Nothing outside tells it how fast',
  volts: 'By 0–10 V',
  sensor: 'By a differential sensor',
  link: 'Over a link',
};
const CONTACT_SAID: Readonly<Record<string, string>> = {
  none: 'no start contact',
  link: 'its contact is linked',
  wired: 'a start contact is wired',
  open: 'its contact is open',
};

const CONTROL: Part = {
  name: 'control',
  title: 'What tells it to run',
  says: (look) =>
    `${CONTROL_SAID[look.at('control.kind')] ?? '?'}; ${CONTACT_SAID[look.at('contact')] ?? '?'}.`,
  fields: [
    together('control', [
      aChoice('kind', 'How fast is told by', [
        { value: 'own', label: 'Itself' },
        { value: 'volts', label: '0–10 V' },
        { value: 'sensor', label: 'A sensor' },
        { value: 'link', label: 'A link' },
      ]),
      onlyIf(
        (here) => here('kind') === 'volts',
        [
          beside(
            aFigure('off_V', 'The site sends at rest', 'voltage'),
            aFigure('on_V', 'To start', 'voltage'),
            aFigure('full_V', 'For full speed', 'voltage'),
          ),
        ],
      ),
      onlyIf(
        (here) => here('kind') === 'sensor',
        [
          aFigure('range_bar', 'Range on the sensor’s label', 'pressure', {
            hint: 'Read it on the sensor itself',
          }),
        ],
      ),
      onlyIf(
        (here) => here('kind') === 'link',
        [
          aWord('others', 'Addresses that others on it have', {
            place: numbers,
            hint: 'With commas between them',
          }),
          aChoice(
            'silent',
            'When the link falls silent, it should',
            [
              { value: 'own-mode', label: 'Go on by itself' },
              { value: 'stop', label: 'Stop' },
            ],
            { place: maybe(word), hint: 'Decide it with the operator' },
          ),
        ],
      ),
    ]),
    aChoice('contact', 'Its start contact is', [
      { value: 'none', label: 'Not there' },
      { value: 'link', label: 'Linked' },
      { value: 'wired', label: 'Wired' },
      { value: 'open', label: 'Open' },
    ]),
    aSwitch(
      'alarm',
      'Its fault contact is wired',
      [
        beside(
          aFigure('volts_V', 'The site puts on it', 'voltage'),
          aFigure('amps_A', 'And at most', 'motorCurrent'),
        ),
        aChoice('onFault', 'The site takes it for a fault when it', [
          { value: 'opens', label: 'Opens' },
          { value: 'closes', label: 'Closes' },
        ]),
      ],
      'left-out',
    ),
  ],
};

const YEAR: Part = {
  name: 'year',
  title: 'Year and choices',
  says: (look) =>
    `${look.at('season_h') || '?'} h a year at ${look.at('price_kWh') || '?'} ${look.at('currency')} a kWh; ${look.at('choices.mode') === '' ? 'the mode as proposed' : 'a mode chosen here'}.`,
  fields: [
    beside(
      aFigure('season_h', 'It runs in a year', 'hours', { unit: 'h' }),
      aFigure('price_kWh', 'A kWh costs', 'plain'),
      someWords('currency', 'Currency', 'Which currency?'),
    ),
    together('choices', [
      aChoice(
        'mode',
        'Mode',
        [
          { value: '', label: 'As proposed' },
          { value: 'fixed', label: 'Fixed speed' },
          { value: 'constant', label: 'Constant head' },
          { value: 'proportional', label: 'Proportional head' },
          { value: 'self', label: 'Self-adjusting' },
          { value: 'temperature', label: 'Return temperature' },
          { value: 'clock', label: 'Clock' },
        ],
        { place: optional(word), hint: 'What each costs is shown below' },
      ),
      aChoice(
        'twin',
        'The two of a twin',
        [
          { value: '', label: 'As proposed' },
          { value: 'standby', label: 'One waits' },
          { value: 'alternate', label: 'Take turns' },
          { value: 'on-demand', label: 'Second joins' },
          { value: 'always', label: 'Both always' },
        ],
        { place: optional(word) },
      ),
      aChoice(
        'afterCut',
        'After a power cut',
        [
          { value: 'resume', label: 'Goes on' },
          { value: 'wait', label: 'Waits' },
        ],
        { place: optional(word), hint: 'Circulation goes on by itself, unless a start can surprise someone' },
      ),
    ]),
  ],
};

/** What a circulator is to do, in the order of work. */
export const DUTY_FORM = makeForm<CirculatorDuty>({
  parts: [SYSTEM, INDEX, PUMP, CONTROL, YEAR],
  schema: circulatorDutySchema,
  start: {
    carrier: { kind: 'water' },
    pump: { curve: [{ flow_m3h: 0 }, {}], power: [{}] },
    control: { kind: 'own' },
    season_h: 5000,
    choices: {},
  },
  // a return carries what its pipe loses
  finish: (read) => {
    const { pipe_m, loss_Wm } = (read.hotWater ?? {}) as { pipe_m?: number; loss_Wm?: number };
    const lost = pipe_m === undefined || loss_Wm === undefined ? {} : { heat_kW: (pipe_m * loss_Wm) / 1000 };
    return { ...read, ...lost, family: 'circulator' };
  },
});
