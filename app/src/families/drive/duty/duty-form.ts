import { DAY_SHAPES, type DayShape } from '@barythm/core/bench';
import { driveDutySchema, HOLDS, HOLDS_WORDS, type DriveDuty } from '@barythm/core/families/drive';
import { pressureOf_bar } from '@barythm/core/hydraulics';
import { fig, figureWithUnit, parseFigure } from '@barythm/core/units';
import {
  aChoice,
  aFigure,
  aSwitch,
  aWord,
  beside,
  onlyIf,
  rowsOf,
  someWords,
  together,
  yesOrNo,
} from '../../../form/fields';
import { makeForm, type Part } from '../../../form/form';
import type { Look } from '../../../form/look';
import { optional, numbers, word } from '../../../form/places';
import { said } from '../../../form/said';
import { counted } from '../../../ui/words/counted';

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

/** The pressure at the sensor that what is typed so far asks for. */
function setSaid(look: Look): string {
  const read = (key: string, q: 'pressure' | 'length') => parseFigure(look.at(`holds.${key}`), q);
  const [tap, above, pipe] = [
    read('tap_bar', 'pressure'),
    read('above_m', 'length'),
    read('pipe_bar', 'pressure'),
  ];
  if (!tap.ok || !above.ok || !pipe.ok) return '';
  const set = tap.value + pressureOf_bar(above.value) + pipe.value;
  return `: ${figureWithUnit(fig('pressure', set), look.reader)} at the sensor`;
}

const HOLDING: Part = {
  name: 'holds',
  title: 'What it holds',
  fault: 'curve',
  says: (look) => {
    const kind = HOLDS.find((one) => one === look.at('holds.kind'));
    if (kind === 'pressure')
      return `${said(look, 'holds.tap_bar', 'pressure')} at a tap ${said(look, 'holds.above_m', 'length')} above the sensor${setSaid(look)}.`;
    return kind ? `${capital(HOLDS_WORDS[kind])}.` : 'Not said.';
  },
  fields: [
    together('holds', [
      aChoice(
        'kind',
        'It holds',
        HOLDS.map((value) => ({ value, label: capital(HOLDS_WORDS[value]) })),
      ),
      onlyIf(
        (here) => here('kind') === 'pressure',
        [
          beside(
            aFigure('tap_bar', 'Wanted at the least favourable tap', 'pressure'),
            aFigure('above_m', 'That tap stands above the sensor', 'length'),
            aFigure('pipe_bar', 'The pipe to it takes', 'pressure', { hint: 'At the greatest draw' }),
          ),
        ],
      ),
      onlyIf((here) => here('kind') === 'difference', [aFigure('set_bar', 'Difference', 'pressure')]),
      onlyIf((here) => here('kind') === 'speed', [aFigure('set_hz', 'Frequency', 'frequency')]),
      onlyIf(
        (here) => here('kind') === 'signal',
        [
          beside(
            aFigure('least_hz', 'Wanted at the least signal', 'frequency'),
            aFigure('most_hz', 'At the greatest', 'frequency'),
          ),
        ],
      ),
    ]),
  ],
};

const DRAW: Part = {
  name: 'draw',
  title: 'Draw and inlet',
  fault: 'greatest_m3h',
  says: (look) =>
    `${said(look, 'draw.least_m3h', 'waterFlow')} to ${said(look, 'draw.greatest_m3h', 'waterFlow')}, ${DAY_SHAPES[look.at('draw.day') as DayShape]?.name.toLowerCase() ?? '?'}; inlet ${said(look, 'inlet.least_bar', 'pressure')} to ${said(look, 'inlet.greatest_bar', 'pressure')}.`,
  fields: [
    together('draw', [
      beside(
        aFigure('least_m3h', 'Least real draw', 'waterFlow', { hint: 'One tap, open as usual' }),
        aFigure('usual_m3h', 'Usual', 'waterFlow'),
        aFigure('greatest_m3h', 'Greatest', 'waterFlow'),
        aFigure('leak_m3h', 'Leak', 'waterFlow', { blank: 'null', hint: 'Empty when nobody measured it' }),
      ),
      aChoice(
        'day',
        'Its day',
        (Object.keys(DAY_SHAPES) as DayShape[]).map((value) => ({ value, label: DAY_SHAPES[value].name })),
      ),
    ]),
    together('inlet', [
      beside(
        aFigure('least_bar', 'Least pressure at the inlet', 'pressure', { hint: 'Below 0 where it sucks' }),
        aFigure('greatest_bar', 'Greatest', 'pressure'),
      ),
    ]),
    together('water', [
      beside(
        aFigure('temperature_C', 'Water, when warmest', 'temperature'),
        aFigure('altitude_m', 'Height above the sea', 'length'),
      ),
    ]),
    aFigure('main_L', 'Water in the pipes behind it', 'volume', {
      blank: 'null',
      hint: 'Empty when nobody knows',
    }),
    aWord('surprise', 'What a start could surprise', {
      hint: 'A hose, a spray, an open tap; empty where nothing',
    }),
  ],
};

const PUMP: Part = {
  name: 'pump',
  title: 'Pumps',
  says: (look) =>
    `${look.at('pump.count') || '?'} of them; ${counted(look.rows('pump.curve').length, 'point')} of the curve, ${counted(look.rows('pump.power').length, 'power')}, at ${look.at('pump.rated_hz') || '?'} Hz.`,
  fields: [
    together('pump', [
      beside(
        aFigure('count', 'Pumps fitted', 'plain'),
        aFigure('rated_hz', 'Rated frequency', 'frequency'),
        aFigure('least_hz', 'Least, for bearings and cooling', 'frequency'),
        aFigure('ramp_s', 'Shortest time to full speed', 'seconds'),
      ),
      yesOrNo('oneOut', 'The greatest draw must be carried with one out'),
      rowsOf(
        'curve',
        'Add a point of the curve',
        [beside(aFigure('flow_m3h', 'Flow of one pump', 'waterFlow'), aFigure('head_m', 'Head', 'length'))],
        { least: 2 },
      ),
      rowsOf(
        'power',
        'Add a power',
        [beside(aFigure('flow_m3h', 'At a flow of', 'waterFlow'), aFigure('power_W', 'Power', 'power'))],
        { least: 1 },
      ),
      beside(
        aFigure('npsh_m', 'Needs at its inlet, at the greatest flow', 'length', {
          blank: 'null',
          hint: 'NPSH; empty when not known',
        }),
        aFigure('dry_s', 'Its seal stands dry for', 'seconds', {
          blank: 'null',
          hint: 'Empty when not known',
        }),
        aFigure('starts_h', 'Starts in an hour, at most', 'plain', {
          blank: 'null',
          hint: 'From its manual',
        }),
      ),
    ]),
  ],
};

const PLANT: Part = {
  name: 'plant',
  title: 'Sensor, vessel and ratings',
  says: (look) =>
    `${look.isOn('sensor') ? `Sensor ${said(look, 'sensor.range_bar', 'pressure')}` : 'No sensor'}; ${look.isOn('vessel') ? `vessel ${said(look, 'vessel.volume_L', 'volume')}` : 'no vessel'}; lowest rating ${said(look, 'rating.lowest_bar', 'pressure')}.`,
  fields: [
    aSwitch('sensor', 'A sensor is fitted', [
      aFigure('range_bar', 'Range on its label', 'pressure', { hint: 'Read it on the sensor itself' }),
    ]),
    aSwitch('vessel', 'A vessel is fitted', [
      beside(
        aFigure('volume_L', 'Its volume', 'volume'),
        aFigure('precharge_bar', 'Its gas', 'pressure', {
          blank: 'null',
          hint: 'Measured empty of water; else leave it empty',
        }),
      ),
    ]),
    together('rating', [
      beside(
        aFigure('lowest_bar', 'Lowest rating downstream', 'pressure'),
        aFigure('relief_bar', 'A relief valve opens at', 'pressure', {
          blank: 'null',
          hint: 'Empty where there is none',
        }),
      ),
    ]),
    aWord('others', 'Addresses that other drives on its cable have', {
      place: numbers,
      hint: 'With commas between them',
    }),
  ],
};

const CHOICES: Part = {
  name: 'choices',
  title: 'Price and choices',
  says: (look) => `${look.at('price_kWh') || '?'} ${look.at('currency')} a kWh.`,
  fields: [
    beside(
      aFigure('price_kWh', 'A kWh costs', 'plain'),
      someWords('currency', 'Currency', 'Which currency?'),
    ),
    together('choices', [
      aChoice(
        'sharing',
        'Several share the draw',
        [
          { value: '', label: 'As is cheaper' },
          { value: 'one-varies', label: 'One varies' },
          { value: 'all-vary', label: 'All vary' },
        ],
        { place: optional(word), hint: 'What each takes is shown below' },
      ),
      aChoice(
        'lift',
        'The set pressure',
        [
          { value: '', label: 'Stays the same' },
          { value: 'yes', label: 'Rises with the draw' },
        ],
        {
          place: optional({
            read: (text) => text === 'yes',
            write: (value) => (value === true ? 'yes' : ''),
          }),
        },
      ),
      aChoice(
        'afterCut',
        'After a power cut',
        [
          { value: '', label: 'As is safe' },
          { value: 'resume', label: 'Goes on' },
          { value: 'wait', label: 'Waits' },
        ],
        { place: optional(word), hint: 'It waits where a start may surprise someone' },
      ),
      aChoice(
        'afterFault',
        'After a fault',
        [
          { value: '', label: 'As is safe' },
          { value: 'resume', label: 'Goes on' },
          { value: 'wait', label: 'Waits' },
        ],
        { place: optional(word) },
      ),
      aSwitch(
        'dry',
        'Dry, it is not to stop',
        [
          aChoice('reaction', 'But to', [
            { value: 'warn', label: 'Warn' },
            { value: 'ignore', label: 'Run on' },
          ]),
          aWord('why', 'Why: only stopping protects the pump'),
        ],
        'left-out',
      ),
    ]),
  ],
};

/** What a drive or a set of them is to do, in the order of work. */
export const DUTY_FORM = makeForm<DriveDuty>({
  parts: [HOLDING, DRAW, PUMP, PLANT, CHOICES],
  schema: driveDutySchema,
  start: {
    holds: { kind: 'pressure' },
    draw: { day: 'peaks' },
    pump: { curve: [{ flow_m3h: 0 }, {}], power: [{}], rated_hz: 50, count: 1, oneOut: false },
    sensor: {},
    vessel: null,
    others: [],
    surprise: '',
    choices: {},
  },
  finish: (read) => ({ ...read, family: 'drive' }),
});
