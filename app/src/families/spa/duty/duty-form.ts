import type { Look } from '../../../form/look';
import { spaDutySchema, type SpaDuty } from '@barythm/core/families/spa';
import {
  aChoice,
  aFigure,
  aSwitch,
  aTime,
  beside,
  onlyIf,
  rowsOf,
  say,
  someWords,
  together,
} from '../../../form/fields';
import { makeForm, type Part } from '../../../form/form';
import { optional, word } from '../../../form/places';
import { said } from '../../../form/said';
import { counted } from '../../../ui/words/counted';

const LOAD = [
  aFigure('current_A', 'Current', 'motorCurrent', { hint: 'From its plate' }),
  aFigure('power_W', 'Power', 'power'),
];
const PHASE = aFigure('phase', 'On phase', 'plain', { hint: '1, 2 or 3' });

const CONNECTED: Part = {
  name: 'connected',
  title: 'What is connected',
  says: (look) =>
    `${counted(look.rows('pumps').length, 'pump')}${look.isOn('blower') ? ', blower' : ''}${look.isOn('circulation') ? ', circulation pump' : ''}${look.isOn('ozone') ? ', ozone' : ''}${look.isOn('lights') ? ', lights' : ''}; heater ${said(look, 'heater.power_kW', 'heat')}.`,
  fields: [
    say('List what is really there, plug by plug; not what should be there.'),
    rowsOf(
      'pumps',
      'Add a pump',
      [
        together('high', [
          beside(
            aFigure('current_A', 'Current, at high speed', 'motorCurrent', { hint: 'Or at its only speed' }),
            aFigure('power_W', 'Power, at high speed', 'power'),
          ),
        ]),
        aSwitch('low', 'It has a low speed', [beside(...LOAD)]),
        beside(
          aFigure('low_m3h', 'Flow at low speed', 'waterFlow', {
            blank: 'null',
            hint: 'Or at its only one; empty when not known',
          }),
          PHASE,
        ),
      ],
      { least: 1, blank: { phase: 1 } },
    ),
    aSwitch('blower', 'A blower', [beside(...LOAD, PHASE)]),
    aSwitch('circulation', 'A circulation pump', [
      beside(...LOAD, PHASE),
      aFigure('flow_m3h', 'Its flow', 'waterFlow', { blank: 'null', hint: 'Empty when not known' }),
    ]),
    aSwitch('ozone', 'Ozone', [beside(...LOAD, PHASE)]),
    aSwitch('lights', 'Lights', [beside(...LOAD, PHASE)]),
    together('heater', [
      beside(
        aFigure('power_kW', 'Heater', 'heat'),
        aFigure('volts_V', 'Volts across each element', 'voltage'),
        aFigure('phases', 'Elements on a phase each', 'plain', { hint: '1, 2 or 3' }),
        aFigure('phase', 'The first on phase', 'plain'),
        aFigure('leastFlow_m3h', 'Its least flow', 'waterFlow', { blank: 'null', hint: 'From its plate' }),
      ),
    ]),
  ],
};

const SUPPLY: Part = {
  name: 'supply',
  title: 'Supply',
  says: (look) =>
    `${said(look, 'supply.volts_V', 'voltage')}, ${phasesSaid(look)}, breaker ${said(look, 'supply.breaker_A', 'motorCurrent')}.`,
  fields: [
    together('supply', [
      beside(
        aFigure('volts_V', 'Voltage', 'voltage'),
        aFigure('phases', 'Phases', 'plain'),
        aFigure('breaker_A', 'Breaker', 'motorCurrent'),
      ),
    ]),
  ],
};

const TUB: Part = {
  name: 'tub',
  title: 'The tub',
  says: (look) =>
    `${said(look, 'tub.volume_L', 'volume')}; air ${said(look, 'tub.air_C', 'temperature')}, at its coldest ${said(look, 'tub.coldest_C', 'temperature')}; ${look.isOn('code') ? 'several households' : 'one household'}.`,
  fields: [
    together('tub', [
      beside(
        aFigure('volume_L', 'Water', 'volume'),
        aFigure('air_C', 'Air, usually', 'temperature'),
        aFigure('coldest_C', 'Air, at its coldest', 'temperature'),
      ),
      together('loss', [
        aChoice('kind', 'Its loss under the cover', [
          { value: 'cool-down', label: 'From a cool-down' },
          { value: 'stated', label: 'Stated' },
        ]),
        onlyIf(
          (here) => here('kind') === 'cool-down',
          [
            say('Everything off, the cover on: read the water at first and at the end.'),
            beside(
              aFigure('from_C', 'Water at first', 'temperature'),
              aFigure('to_C', 'Water at the end', 'temperature'),
              aFigure('air_C', 'Air meanwhile', 'temperature'),
              aFigure('hours_h', 'After', 'hours'),
            ),
          ],
        ),
        onlyIf((here) => here('kind') === 'stated', [aFigure('covered_WK', 'Loss', 'heatLoss')]),
      ]),
      aFigure('open_WK', 'Loss without its cover', 'heatLoss', {
        blank: 'null',
        hint: 'Empty when nobody knows',
      }),
    ]),
    aSwitch('code', 'Several households use it: the local code counts', [
      beside(
        aFigure('circulation_h', 'Circulation each day', 'hours'),
        aFigure('turnovers', 'Turnovers each day', 'plain'),
        aFigure('residual_mgL', 'Residual', 'dose', { hint: 'Held all the time' }),
      ),
    ]),
  ],
};

const WANTED: Part = {
  name: 'wanted',
  title: 'What is wanted',
  says: (look) =>
    `${said(look, 'wanted.temperature_C', 'temperature')}; ${look.at('wanted.turnovers') || '?'} turnovers; ${counted(look.rows('baths').length, 'time')} of bathing a day.`,
  fields: [
    together('wanted', [
      beside(
        aFigure('temperature_C', 'Water', 'temperature'),
        aFigure('limit_C', 'Local limit', 'temperature', { hint: 'Commonly 40 °C' }),
        aFigure('from_C', 'As it is filled', 'temperature'),
        aFigure('within_h', 'Warm within, after filling', 'hours', {
          blank: 'null',
          hint: 'Empty where it does not matter',
        }),
        aFigure('turnovers', 'Filter turnovers each day', 'plain'),
      ),
    ]),
    rowsOf('baths', 'Add a time of bathing', [beside(aTime('from', 'Bathing from'), aTime('to', 'to'))]),
    rowsOf('quiet', 'Add quiet hours', [beside(aTime('from', 'Quiet from'), aTime('to', 'to'))]),
  ],
};

const PRICES: Part = {
  name: 'prices',
  title: 'Prices and choices',
  fault: 'prices',
  says: (look) => `${counted(look.rows('prices').length, 'price')} in ${look.at('currency') || '?'}.`,
  fields: [
    someWords('currency', 'Currency', 'Which currency?'),
    rowsOf(
      'prices',
      'Add a price',
      [beside(aTime('from', 'Price from'), aTime('to', 'to'), aFigure('price', 'A kWh costs', 'plain'))],
      { least: 1 },
    ),
    together('choices', [
      aChoice(
        'rule',
        'Heater beside jets',
        [
          { value: '', label: 'Waits for high speed' },
          { value: 'no-pump', label: 'Waits for all' },
          { value: 'one-high', label: 'Beside one high' },
          { value: 'any', label: 'Beside everything' },
        ],
        { place: optional(word), hint: 'What each takes and costs is shown below' },
      ),
      aChoice(
        'heating',
        'Heats',
        [
          { value: '', label: 'Whenever too cool' },
          { value: 'cycles', label: 'In cycles' },
          { value: 'low', label: 'Standing low' },
        ],
        { place: optional(word) },
      ),
      beside(
        aFigure('between_C', 'Between bathing it could be', 'temperature', {
          blank: 'left-out',
          hint: 'To see what that saves',
        }),
        aFigure('cleanUp_min', 'Clean-up after bathing', 'minutes', {
          blank: 'left-out',
          hint: 'Empty: left as it is',
        }),
      ),
    ]),
  ],
};

/** What hangs on a pack and what is wanted of it, in the order of work. */
/** “1 phase”, “3 phases”. */
function phasesSaid(look: Look): string {
  const phases = Number(look.at('supply.phases'));
  return phases > 0 ? counted(phases, 'phase') : '? phases';
}

export const DUTY_FORM = makeForm<SpaDuty>({
  parts: [CONNECTED, SUPPLY, TUB, WANTED, PRICES],
  schema: spaDutySchema,
  start: {
    pumps: [{ phase: 1 }],
    blower: null,
    circulation: null,
    ozone: null,
    lights: null,
    heater: { phases: 1, phase: 1 },
    supply: { phases: 1 },
    tub: { loss: { kind: 'cool-down' } },
    code: null,
    baths: [],
    quiet: [],
    prices: [{ from: 0, to: 1440 }],
    choices: {},
  },
  finish: (read) => ({ ...read, family: 'spa' }),
});
