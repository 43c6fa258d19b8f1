import { z } from 'zod';
import { inWordsFor, METRIC, type Reader } from '../units';
import { described, peeled, saidOf } from './described';
import { fieldsOf } from './fields-of';
import { formOf, recordForm } from './form-of';
import { fieldLines, linesOf } from './lines';
import { Look } from './look';
import { withText } from './texts';
import {
  choice,
  figure,
  group,
  kind,
  minute,
  rows,
  several,
  share,
  text,
  tick,
  whole,
  yesNo,
} from './vocabulary';

const cooler = z.discriminatedUnion('kind', [
  group({ kind: kind('stated', 'UA stated'), ua_kWK: figure('UA', 'conductance', { max: 1000 }) }),
  group({
    kind: kind('readings', 'From readings'),
    in_C: figure('Came with', 'temperature', { min: -10 }),
  }),
]);
const duty = group({
  family: z.literal('fan'),
  control: choice(
    'Control',
    { even: 'even-flow', level: 'level-following' },
    { open: 'As suits it' },
  ).optional(),
  flow_m3h: figure('Flow', 'waterFlow', { max: 500 }),
  spare_m3h: figure('Spare', 'waterFlow', { min: 0, none: 'there is none' }).nullable(),
  inlets: whole('Inlets', { min: 1, max: 60 }),
  before: share('Before the branch', { min: 0 }),
  from: minute('From'),
  foams: yesNo('It foams'),
  locked: tick('Its keys are locked'),
  ways: several('It can', { even: 'send evenly', level: 'follow the level' }),
  vessel: group({ volume_L: figure('Volume', 'volume') }, { on: 'A vessel is fitted' }).nullable(),
  pipe: group({ bore_mm: figure('Bore', 'bore') }).nullable(),
  cooler: described(cooler, { label: 'What it passes' }),
  curve: rows('Add a point', group({ head_m: figure('Head', 'head', { min: 0 }) }), { min: 1, max: 3 }),
  currency: text('Currency', { max: 5, missing: 'Which currency?' }),
});
type Duty = z.infer<typeof duty>;
const DUTY: Duty = {
  family: 'fan',
  flow_m3h: 4,
  spare_m3h: null,
  inlets: 3,
  before: 0.25,
  from: 450,
  foams: false,
  locked: true,
  ways: ['level'],
  vessel: { volume_L: 60 },
  pipe: null,
  cooler: { kind: 'readings', in_C: 21 },
  curve: [{ head_m: 17 }],
  currency: 'SKR',
};
const form = formOf(duty, {
  parts: [
    {
      name: 'all',
      title: 'All of it',
      asks: [
        'control',
        'flow_m3h',
        'spare_m3h',
        'inlets',
        'before',
        'from',
        'foams',
        'locked',
        'ways',
        'vessel',
        'pipe',
        'cooler',
        'curve',
        'currency',
      ],
      says: (say) =>
        `${say.of('flow_m3h')}, ${say.counted('inlets', 'inlet')}, ${say.of('cooler.kind')}, ${say.counted('curve', 'point')}, ${say.isOn('vessel') ? say.of('vessel.volume_L') : 'no vessel'}`,
    },
  ],
  start: {},
});
const US: Reader = { ...METRIC, system: 'us' };
const errorsOf = (change: Record<string, string>) =>
  form.read(Object.entries(change).reduce((now, [path, to]) => withText(now, path, to), form.write(DUTY)))
    .errors;

test('a form of a schema gives back what it was given, its literals with it', () => {
  expect(form.read(form.write(DUTY))).toEqual({ value: DUTY, errors: {} });
  const chosen: Duty = { ...DUTY, control: 'even', vessel: null, pipe: { bore_mm: 40 }, spare_m3h: 0 };
  expect(form.read(form.write(chosen)).value).toEqual(chosen);
});

test('what a blank stands for follows from the schema: needed, null, or left out', () => {
  expect(errorsOf({ flow_m3h: '', spare_m3h: '', currency: '' })).toEqual({
    flow_m3h: 'This is needed.',
    currency: 'Which currency?',
  });
  expect(errorsOf({ foams: '' })).toEqual({ foams: 'This is needed.' });
  // a tick that is not set is no; a group that may be missing counts once something stands in it
  expect(form.read(withText(form.write(DUTY), 'locked', 'no')).value?.locked).toBe(false);
  expect(errorsOf({ 'pipe.bore_mm': 'wide' })).toEqual({ 'pipe.bore_mm': expect.stringContaining('wide') });
});

test('a bound is said at its field in the units of whoever reads just then', () => {
  expect(errorsOf({ flow_m3h: '500', inlets: '60' })).toEqual({});
  expect(errorsOf({ flow_m3h: '501' }).flow_m3h).toMatch(/^This cannot be above 500\sm³\/h\.$/);
  expect(inWordsFor('us', () => errorsOf({ flow_m3h: '501' }).flow_m3h)).toMatch(/gpm\.$/);
  expect(errorsOf({ flow_m3h: '0' }).flow_m3h).toBe('This must be more than 0.');
  expect(errorsOf({ 'cooler.in_C': '-11' })['cooler.in_C']).toMatch(/^This cannot be below .10\s°C\.$/);
  expect(errorsOf({ inlets: '2.5' }).inlets).toBe('This must be a whole number.');
  expect(errorsOf({ inlets: '61' }).inlets).toBe('This can be 60 at most.');
  expect(errorsOf({ before: '101' }).before).toMatch(/^This cannot be above/);
  expect(form.read(withText(form.write(DUTY), 'curve', [])).errors).toEqual({ curve: 'At least 1 of them.' });
});

test('of several kinds the fields of the one that is chosen are asked and read', () => {
  const stated = withText(form.write(DUTY), 'cooler.kind', 'stated');
  expect(form.read(stated).errors).toEqual({ 'cooler.ua_kWK': 'This is needed.' });
  expect(form.read(withText(stated, 'cooler.ua_kWK', '3.6')).value?.cooler).toEqual({
    kind: 'stated',
    ua_kWK: 3.6,
  });
});

test('a part in a line finds each quantity and each word in the schema', () => {
  const line = (kept: Duty, reader = METRIC) => form.parts[0].says(new Look(form.write(kept), '', reader));
  expect(line(DUTY)).toMatch(/^4\sm³\/h, 3 inlets, from readings, 1 point, 60\sL$/);
  expect(line({ ...DUTY, vessel: null }, US)).toMatch(/^17\.6\sgpm, .*, no vessel$/);
  expect(form.parts[0].says(new Look(form.blank, '', METRIC))).toBe(
    'not known, 0 inlets, not said, 0 points, no vessel',
  );
  expect(linesOf(form, DUTY, METRIC)).toEqual([['All of it', line(DUTY)]]);
});

test('field by field: what is not known says so, what nobody gave is not told of, a list has a line', () => {
  const told = Object.fromEntries(fieldLines(form.parts, form.write(DUTY), METRIC));
  expect(told).toMatchObject({
    Spare: 'there is none',
    'It foams': 'no',
    'Its keys are locked': 'yes',
    'It can': 'follow the level',
    'What it passes': 'from readings',
    'A vessel is fitted': 'yes',
    From: '7:30',
    Currency: 'SKR',
  });
  expect(told.Point).toMatch(/^head 17\sm$/);
  expect(told).not.toHaveProperty('Control');
  expect(told).not.toHaveProperty('Bore');
});

test('figures and words stand side by side, and what is asked on one condition stands under it once', () => {
  const when = (here: (key: string) => string) => here('way') === 'leads';
  const fields = fieldsOf(
    group({
      a: figure('A', 'length'),
      b: figure('B', 'length'),
      way: choice('Way', { right: 'right', leads: 'leads' }),
      waited: figure('Waited', 'minutes', { when }).nullable(),
      dead: tick('Dead', { when, otherwise: false }),
    }),
  );
  expect(fields.map((field) => field.kind)).toEqual(['beside', 'choice', 'only-if']);
});

test('a list keeps as many rows as it needs, and one that may be left out none', () => {
  const one = group({ head_m: figure('Head', 'head') });
  const fields = fieldsOf(
    group({
      two: rows('Add', one, { min: 2, max: 4 }),
      any: rows('Add', one, { max: 4 }),
      perhaps: rows('Add', one, { min: 1, max: 4 }).optional(),
    }),
  );
  expect(fields.map((field) => field.kind === 'rows' && field.min)).toEqual([2, 0, 0]);
});

test('what is not asked is kept as its description says', () => {
  const when = (here: (key: string) => string) => here('way') === 'leads';
  const turning = group({
    kind: z.literal('turning'),
    way: choice('Way', { right: 'right', leads: 'leads' }),
    waited: described(figure('Waited', 'minutes').nullable(), { when, otherwise: null }),
    counter: z.number().nullable(),
  });
  const record = recordForm(turning, { asks: ['way', 'waited'], always: { counter: null } });
  const read = (way: string, waited: string) =>
    record.read(withText(withText(record.blank, 'way', way), 'waited', waited)).value;
  expect(read('right', '6')).toEqual({ kind: 'turning', way: 'right', waited: null, counter: null });
  expect(read('leads', '6')).toEqual({ kind: 'turning', way: 'leads', waited: 6, counter: null });
});

test('a name that is given to a schema is its own: whoever uses the same one keeps theirs', () => {
  const shared = z.number().nullable();
  const [a, b] = [described(shared, { label: 'A' }), described(shared, { label: 'B' })];
  expect([saidOf(a).label, saidOf(b).label, saidOf(shared).label]).toEqual(['A', 'B', undefined]);
  expect(peeled(a.optional())).toMatchObject({ blank: 'left-out', said: { label: 'A' } });
  expect(saidOf(figure('Flow', 'waterFlow').max(3)).label).toBe('Flow');
});

test('what nobody can ask for is said at once, not on a screen', () => {
  const asks = (path: string) => () =>
    formOf(duty as never, {
      parts: [{ name: 'p', title: 'P', asks: [path as never], says: () => '' }],
      start: {},
    });
  expect(asks('nothing')).toThrow('A form asks for nothing: there is none.');
  expect(asks('flow_m3h.deeper')).toThrow('flow_m3h is no group.');
  expect(() => fieldsOf(group({ odd: z.date() }))).toThrow('Nobody said how to ask for odd.');
});
