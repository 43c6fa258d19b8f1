import {
  CONTROL_WORDS,
  PLANT_WORDS,
  PLANTS,
  PUMP_KIND_WORDS,
  PUMP_KINDS,
  CONTROLS,
  transferDutySchema,
  type TransferDuty,
} from '@barythm/core/families/transfer';
import {
  aChoice,
  aFigure,
  aSwitch,
  beside,
  onlyIf,
  rowsOf,
  someWords,
  together,
  yesOrNo,
} from '../../../form/fields';
import { makeForm, type Part } from '../../../form/form';
import { optional, word } from '../../../form/places';
import { said } from '../../../form/said';
import { counted } from '../../../ui/words/counted';

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

const KINDS: Part = {
  name: 'kinds',
  title: 'Plant and what falls in',
  says: (look) =>
    `${counted(Number(look.at('inflow.inlets')) || 0, 'inlet')}; ${said(look, 'inflow.gulp_L', 'volume')} every ${said(look, 'inflow.every_s', 'seconds')}; ${said(look, 'inflow.cleaning_m3h', 'waterFlow')} at cleaning.`,
  fields: [
    aChoice(
      'plant',
      'Kind of plant',
      PLANTS.map((value) => ({ value, label: capital(PLANT_WORDS[value]) })),
    ),
    aChoice(
      'pumpKind',
      'Kind of pump',
      PUMP_KINDS.map((value) => ({ value, label: capital(PUMP_KIND_WORDS[value]) })),
    ),
    together('inflow', [
      beside(
        aFigure('inlets', 'Inlets', 'plain'),
        aFigure('gulp_L', 'Each gulp', 'volume'),
        aFigure('every_s', 'Each inlet gulps every', 'seconds'),
        aFigure('together', 'Fall at once', 'plain', { hint: 'How many together, at worst' }),
        aFigure('cleaning_m3h', 'Inflow at cleaning', 'waterFlow'),
      ),
    ]),
  ],
};

const VESSEL: Part = {
  name: 'vessel',
  title: 'Vessel',
  says: (look) =>
    `${said(look, 'vessel.area_m2', 'area')}, ${said(look, 'vessel.height_mm', 'level')} between the float’s ends.`,
  fields: [
    together('vessel', [
      beside(
        aFigure('area_m2', 'Area of the liquid', 'area'),
        aFigure('height_mm', 'Between the float’s ends', 'level', { hint: 'Its whole way, by a ruler' }),
        aFigure('vacuum_kPa', 'Vacuum', 'vacuum', { hint: '0 where it stands open' }),
        aFigure('above_m', 'Float’s low end above the pump', 'length', { hint: 'Below 0 where it sucks up' }),
      ),
      yesOrNo('checkValve', 'A check valve behind the pump'),
    ]),
  ],
};

const PUMP: Part = {
  name: 'pump',
  title: 'Pump and pipe',
  fault: 'curve',
  says: (look) =>
    `${counted(look.rows('pump.curve').length, 'point')} of the curve, at ${said(look, 'pump.rated_rpm', 'speed')}; lifts ${said(look, 'pump.static_m', 'length')}.`,
  fields: [
    together('pump', [
      beside(
        aFigure('static_m', 'From the vessel up to where it goes', 'length'),
        aFigure('rated_rpm', 'Speed of its curve', 'speed'),
      ),
      rowsOf(
        'curve',
        'Add a point of the curve',
        [beside(aFigure('flow_m3h', 'Flow', 'waterFlow'), aFigure('head_m', 'Head', 'length'))],
        { least: 2 },
      ),
      rowsOf(
        'power',
        'Add a power',
        [beside(aFigure('flow_m3h', 'At a flow of', 'waterFlow'), aFigure('power_W', 'Power', 'power'))],
        { least: 1 },
      ),
      aSwitch('pipe', 'The loss of pipe and cooler is known', [
        beside(aFigure('loss_m', 'Lost', 'length'), aFigure('at_m3h', 'at a flow of', 'waterFlow')),
      ]),
      beside(
        aFigure('npsh_m', 'Needs at its inlet, at that speed', 'length', {
          blank: 'null',
          hint: 'NPSH; empty when not known',
        }),
        aFigure('limit_rpm', 'Its own greatest speed', 'speed', { blank: 'null', hint: 'From its manual' }),
        aFigure('outlet_L', 'Liquid behind the outlet', 'volume', {
          hint: 'What may be drawn before air follows',
        }),
      ),
    ]),
  ],
};

const PRODUCT: Part = {
  name: 'product',
  title: 'Product and cooler',
  fault: 'out_C',
  says: (look) =>
    `${said(look, 'product.in_C', 'temperature')}, wanted ${said(look, 'product.wanted_C', 'temperature')}; ${look.isOn('cooler') ? `coolant ${said(look, 'cooler.coolant_C', 'temperature')}` : 'no cooler'}.`,
  fields: [
    together('product', [
      beside(
        aFigure('in_C', 'It comes with', 'temperature'),
        aFigure('wanted_C', 'Wanted', 'temperature'),
        aFigure('density_kgm3', 'Density', 'liquidDensity'),
        aFigure('heat_kJkgK', 'Heat capacity', 'heatCapacity'),
        aFigure('stands_min', 'It may stand for', 'minutes', {
          blank: 'null',
          hint: 'Empty where that does not matter',
        }),
      ),
      yesOrNo('foams', 'It foams'),
      yesOrNo('surges', 'Cleaning comes in surges'),
    ]),
    aSwitch('cooler', 'A plate cooler', [
      beside(
        aFigure('coolant_m3h', 'Coolant', 'waterFlow'),
        aFigure('coolant_C', 'It comes with', 'temperature'),
      ),
      together('ua', [
        aChoice('kind', 'What it passes', [
          { value: 'stated', label: 'UA stated' },
          { value: 'readings', label: 'From readings' },
        ]),
        onlyIf(
          (here) => here('kind') === 'stated',
          [
            beside(
              aFigure('ua_kWK', 'UA', 'conductance'),
              aFigure('at_m3h', 'at a flow of the product of', 'waterFlow'),
            ),
          ],
        ),
        onlyIf(
          (here) => here('kind') === 'readings',
          [
            beside(
              aFigure('product_m3h', 'Product', 'waterFlow'),
              aFigure('coolant_m3h', 'Coolant', 'waterFlow'),
              aFigure('in_C', 'Product came with', 'temperature'),
              aFigure('out_C', 'Product left with', 'temperature'),
              aFigure('coolant_C', 'Coolant came with', 'temperature'),
            ),
          ],
        ),
      ]),
      aFigure('side', 'Share of the product’s side in its resistance', 'plain', {
        blank: 'null',
        hint: 'From 0 to 1; empty: a half is taken',
      }),
    ]),
    beside(aFigure('altitude_m', 'Height above the sea', 'length')),
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
        'control',
        'Control',
        [
          { value: '', label: 'As suits it' },
          ...CONTROLS.map((value) => ({ value, label: capital(CONTROL_WORDS[value]) })),
        ],
        { place: optional(word), hint: 'Both are shown below on the same gulps' },
      ),
      aChoice(
        'afterCut',
        'After a power cut',
        [
          { value: '', label: 'Goes on' },
          { value: 'wait', label: 'Waits' },
        ],
        { place: optional(word) },
      ),
    ]),
  ],
};

/** What a pump that empties a vessel is to do, in the order of work: kinds before speeds. */
export const DUTY_FORM = makeForm<TransferDuty>({
  parts: [KINDS, VESSEL, PUMP, PRODUCT, CHOICES],
  schema: transferDutySchema,
  start: {
    inflow: { together: 1 },
    vessel: { vacuum_kPa: 0 },
    pump: { curve: [{ flow_m3h: 0 }, {}], power: [{}], pipe: null },
    cooler: null,
    choices: {},
  },
  finish: (read) => ({ ...read, family: 'transfer' }),
});
