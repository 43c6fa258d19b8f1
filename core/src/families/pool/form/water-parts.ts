import { bodySchema, CIRCUIT_KINDS, type BodyOfWater } from '../wire/duty';
import { volume_m3 } from '../../../hydraulics';
import { fig, figureWithUnit } from '../../../units';
import {
  aChoice,
  aFigure,
  aTick,
  aWord,
  beside,
  counted,
  fieldsPlace,
  type Look,
  type Part,
  percent,
  rowsOf,
  said,
  say,
  shownIf,
  textAt,
  type Texts,
  ticksOfNames,
  together,
} from '../../../describe';

const SHAPES = [
  { value: 'rectangle', label: 'Rectangle' },
  { value: 'oval', label: 'Oval' },
  { value: 'round', label: 'Round' },
  { value: 'kidney', label: 'Kidney' },
] as const;
const BODIES = [
  { value: 'pool', label: 'Pool' },
  { value: 'tub', label: 'Tub' },
] as const;

const SHAPE = [
  aChoice('shape', 'Shape', SHAPES),
  beside(
    aFigure('length_m', (look) => (look.here('shape') === 'round' ? 'Across' : 'Length'), 'length'),
    shownIf(
      (look) => look.here('shape') !== 'round',
      aFigure(
        'width_m',
        (look) => (look.here('shape') === 'kidney' ? 'Both widths added' : 'Width'),
        'length',
        { blank: 'zero' },
      ),
    ),
  ),
];

/** A tub turned over by the pool's filter is no tub turned over: with several waters each names its own circuits. */
function namesItsOwn(look: Look): boolean {
  const several = look.rows('bodies').length > 1 && look.names('circuits').length > 1;
  return several || look.here('circuits') !== '';
}

const BODY = [
  aWord('name', 'Name'),
  aChoice('kind', 'Kind', BODIES),
  rowsOf('shapes', 'Add a shape', SHAPE, { blank: { shape: 'rectangle' }, least: 1 }),
  beside(
    aFigure('depth_m', 'Mean depth', 'length'),
    aFigure('turnoversPerDay', 'Turnovers a day', 'plain', { hint: 'By local code or operator' }),
  ),
  shownIf(
    namesItsOwn,
    ticksOfNames(
      'circuits',
      'Turned over by these circuits; by all that move water where none is ticked',
      (look) => look.names('circuits').map((name) => ({ value: name, label: name })),
    ),
  ),
];

/** Bodies of water, their shapes and turnover. */
export const WATER_PART: Part = {
  name: 'water',
  title: 'Water',
  says: (look) =>
    look
      .rows('bodies')
      .map((body) => bodySaid(body, look))
      .join(' '),
  fields: [
    rowsOf('bodies', 'Add a body of water', BODY, {
      blank: { kind: 'tub', shapes: [{ shape: 'round' }] },
      least: 1,
    }),
    aFigure('water_C', 'Water now', 'temperature', { blank: 'null' }),
  ],
};

/** A body of water in a line: how much it is, and how much of it moves in a day. */
function bodySaid(texts: Texts, { reader }: Look): string {
  const body = readBody(texts);
  const name = String(textAt(texts, 'name') ?? '');
  if (!body) return `${name}: not complete yet.`;
  const water = (m3: number) => figureWithUnit(fig('waterVolume', m3), reader);
  const m3 = volume_m3(body.shapes, body.depth_m);
  return `${name}: ${water(m3)}, turned over ${body.turnoversPerDay} times a day, ${water(m3 * body.turnoversPerDay)}.`;
}

const BODY_PLACE = fieldsPlace(BODY);

/** A body of water as far as it is typed; null while it is not whole. */
function readBody(texts: Texts): BodyOfWater | null {
  let whole = true;
  const read = BODY_PLACE.read(texts, '', () => {
    whole = false;
  });
  const parsed = bodySchema.safeParse(read);
  return whole && parsed.success ? parsed.data : null;
}

/** Pump points on this pipework, and what a dirty filter leaves of the flow. */
export const POINTS_PART: Part = {
  name: 'points',
  title: 'Pump on its pipes',
  fault: 'points',
  says: (look) =>
    `${counted(look.rows('points').length, 'point')} ${look.at('pointsFrom') === 'measured' ? 'measured' : 'from the plate'}; before a wash ${look.at('beforeWash')} % of that flow.`,
  fields: [
    aChoice('pointsFrom', 'Points are', [
      { value: 'measured', label: 'Measured' },
      { value: 'plate', label: 'From plate or curve' },
    ]),
    rowsOf(
      'points',
      'Add a point',
      [
        beside(
          aFigure('speed_rpm', 'Speed', 'speed', { unit: 'rev/min' }),
          aFigure('flow_m3h', 'Flow', 'waterFlow'),
          aFigure('power_W', 'Power', 'power'),
          aFigure('head_m', 'Head, where water is lifted', 'length', { blank: 'null' }),
        ),
      ],
      { least: 1 },
    ),
    aFigure('beforeWash', 'Flow before the next wash, of these points’', 'percent', {
      unit: '%',
      place: percent,
      hint: '100 where they were taken with a dirty filter',
    }),
  ],
};

/** What the flow must not pass: filter, suction cover, pipes. */
export const LIMITS_PART: Part = {
  name: 'limits',
  title: 'Flow limits',
  says: (look) =>
    `Filter ${said(look, 'limits.filter_m3h', 'waterFlow')}, suction cover ${said(look, 'limits.cover_m3h', 'waterFlow')}.`,
  fields: [
    say(
      'The suction cover’s rating is on the cover itself. Too much flow there holds people under water.',
      'caution',
    ),
    together('limits', [
      beside(
        aFigure('filter_m3h', 'Filter’s rated flow', 'waterFlow', { blank: 'null' }),
        aFigure('cover_m3h', 'Suction cover’s rated flow', 'waterFlow', { blank: 'null' }),
        aFigure('suction_mm', 'Suction pipe, bore', 'bore', { blank: 'null' }),
        aFigure('return_mm', 'Return pipe, bore', 'bore', { blank: 'null' }),
      ),
    ]),
  ],
};

const KIND_WORDS: Record<(typeof CIRCUIT_KINDS)[number], string> = {
  filter: 'Filter',
  spa: 'Spa',
  cleaner: 'Cleaner',
  feature: 'Water feature',
  heater: 'Heater',
  solar: 'Roof solar',
  chlorinator: 'Chlorinator',
  'no-water': 'No water (lights, an outlet)',
  own: 'The site’s own',
};

/** The circuits that the pump serves, and the least flow of each. */
export const CIRCUITS_PART: Part = {
  name: 'circuits',
  title: 'Circuits',
  says: (look) => `${look.names('circuits').join(', ')}.`,
  fields: [
    rowsOf(
      'circuits',
      'Add a circuit',
      [
        aWord('name', 'Name, as the site calls it'),
        aChoice(
          'kind',
          'Kind',
          CIRCUIT_KINDS.map((value) => ({ value, label: KIND_WORDS[value] })),
        ),
        beside(
          aFigure('leastFlow_m3h', 'Least flow', 'waterFlow', { blank: 'zero' }),
          aFigure('static_m', 'Lifts water by', 'length', { blank: 'zero', hint: 'Of a roof; else blank' }),
          aFigure('place', 'Place in the panel', 'plain', {
            blank: 'null',
            hint: 'Blank without a panel',
          }),
        ),
        aTick('exposed', 'Its pipes stand in the frost'),
      ],
      { blank: { kind: 'own' }, least: 1 },
    ),
  ],
};
