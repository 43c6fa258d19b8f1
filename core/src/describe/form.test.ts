import { METRIC } from '../units';
import { z } from 'zod';
import type { Field } from './field';
import {
  aChoice,
  aFigure,
  aSwitch,
  aTick,
  aWord,
  beside,
  hidden,
  ifAny,
  onlyIf,
  rowsOf,
  shownIf,
  someWords,
  together,
} from './fields';
import { errorsIn, makeForm, type Part } from './form';
import { pathsOf } from './group-place';
import { Look, told } from './look';
import { optional, word } from './places';
import { said } from './said';
import { namesList, textAt, textsOver, under, withText, type Texts } from './texts';

const part = (name: string, ...fields: Field[]): Part => ({ name, title: name, says: () => '', fields });

const schema = z
  .object({
    kind: z.enum(['open', 'shut']),
    depth_m: z.number().positive('A depth is more than 0.'),
    heater: z.object({ power_kW: z.number() }).strict().nullable(),
    loss: z.object({ at_m: z.number(), by_m: z.number() }).strict().nullable(),
    cover: z.object({ colour: z.string() }).strict().optional(),
    bodies: z.array(z.object({ name: z.string(), deep: z.boolean() }).strict()).min(1),
    wind: z.number().nullable(),
    note: z.string().optional(),
    version: z.number(),
  })
  .strict();
type Pool = z.infer<typeof schema>;

const form = makeForm<Pool>({
  parts: [
    part(
      'plant',
      aChoice('kind', 'It is', [
        { value: 'open', label: 'Open' },
        { value: 'shut', label: 'Shut' },
      ]),
      beside(aFigure('depth_m', 'Depth', 'length'), aWord('note', 'Note', { place: optional(word) })),
      onlyIf((here) => here('kind') === 'open', [aFigure('wind', 'Wind', 'plain')], { wind: null }),
      hidden('version', { read: () => 3, write: () => '' }),
    ),
    part(
      'parts',
      aSwitch('heater', 'It has a heater', [aFigure('power_kW', 'Power', 'plain')]),
      ifAny('loss', [aFigure('at_m', 'At', 'length'), aFigure('by_m', 'by', 'length')]),
      together('cover', [shownIf(() => false, someWords('colour', 'Colour'))], {
        when: (here) => here('colour') === 'none',
        value: undefined,
        texts: { colour: 'none' },
      }),
      rowsOf('bodies', 'Add a body', [someWords('name', 'Name'), aTick('deep', 'Deep')], {
        blank: { deep: true },
      }),
    ),
  ],
  schema,
  start: { bodies: [] },
  words: { invalid_value: 'Choose one.' },
});

const TYPED: Texts = {
  kind: 'open',
  depth_m: '1,4',
  note: '',
  wind: '5',
  heater: { on: 'yes', power_kW: '12' },
  loss: { at_m: '', by_m: '' },
  cover: { colour: 'none' },
  bodies: [{ name: ' Deep end ', deep: 'yes' }],
};
const READ: Pool = {
  kind: 'open',
  depth_m: 1.4,
  wind: 5,
  heater: { power_kW: 12 },
  loss: null,
  bodies: [{ name: 'Deep end', deep: true }],
  version: 3,
};

describe('a form', () => {
  test('is read as what it stands for; what may be missing is missing, and not made up', () => {
    expect(form.read(TYPED)).toEqual({ value: READ, errors: {} });
  });
  test('what is kept is written as texts that read the same', () => {
    const again = form.write(READ);
    expect(form.read(again).value).toEqual(READ);
    expect(textAt(again, 'cover.colour')).toBe('none');
    expect(textAt(again, 'heater.on')).toBe('yes');
  });
  test('a switch that is off keeps what was typed behind it, and counts for nothing', () => {
    const off = withText(TYPED, 'heater.on', 'no');
    expect(form.read(off).value?.heater).toBeNull();
    expect(form.read(withText(off, 'heater.on', 'yes')).value?.heater).toEqual({ power_kW: 12 });
  });
  test('a group counts as soon as one of its fields is filled in: then the other is missed', () => {
    const { value, errors } = form.read(withText(TYPED, 'loss.at_m', '3'));
    expect(value).toBeNull();
    expect(errors).toEqual({ 'loss.by_m': 'This is needed.' });
  });
  test('what is not asked is kept as its condition says, whatever still stands in its text', () => {
    expect(form.read(withText(TYPED, 'kind', 'shut')).value).toMatchObject({ kind: 'shut', wind: null });
  });
  test('what is hidden from sight is read all the same', () => {
    expect(form.read(withText(TYPED, 'cover.colour', 'blue')).value?.cover).toEqual({ colour: 'blue' });
  });
  test('a fault of the schema stands at its place, in its own words or in the form’s; a place says only one', () => {
    expect(form.read(withText(TYPED, 'depth_m', '0')).errors).toEqual({ depth_m: 'A depth is more than 0.' });
    expect(form.read(withText(TYPED, 'kind', '')).errors.kind).toBe('Choose one.');
    expect(Object.keys(form.read(withText(TYPED, 'depth_m', 'deep')).errors)).toEqual(['depth_m']);
  });
  test('each row is read by itself, and its fault is said in it', () => {
    const two = withText(TYPED, 'bodies', [
      { name: 'Tub', deep: 'no' },
      { name: '', deep: 'yes' },
    ]);
    expect(form.read(two).errors).toEqual({ 'bodies.1.name': 'This is needed.' });
    expect(form.read(withText(two, 'bodies.1.name', 'Pool')).value?.bodies).toEqual([
      { name: 'Tub', deep: false },
      { name: 'Pool', deep: true },
    ]);
  });
  test('what stands beside the form goes with it', () => {
    expect(form.read(TYPED, { version: 9 }).value?.version).toBe(9);
  });
  test('a part answers for its own places, with the rows of its lists', () => {
    const errors = { depth_m: 'x', 'bodies.0.name': 'y', bodiesless: 'z', 'loss.at_m': 'w' };
    const [plant, parts] = form.parts;
    expect(errorsIn(plant, errors)).toEqual(['depth_m']);
    expect(errorsIn(parts, errors)).toEqual(['bodies.0.name', 'loss.at_m']);
    expect(pathsOf(parts.fields)).toEqual(['heater', 'loss.at_m', 'loss.by_m', 'cover.colour', 'bodies']);
  });
  test('one that nobody has filled in asks for everything, and makes nothing up', () => {
    const { value, errors } = form.read(form.blank);
    expect(value).toBeNull();
    expect(Object.keys(errors).sort()).toEqual(['bodies', 'depth_m', 'kind']);
  });
});

describe('texts', () => {
  test('another text at a path leaves the rest as it stands, and what was there as it was', () => {
    const next = withText(TYPED, 'bodies.0.name', 'Tub');
    expect(textAt(next, 'bodies.0')).toEqual({ name: 'Tub', deep: 'yes' });
    expect(textAt(next, 'heater')).toBe(textAt(TYPED, 'heater'));
    expect(textAt(TYPED, 'bodies.0.name')).toBe(' Deep end ');
    expect(withText({}, 'a.b', 'c')).toEqual({ a: { b: 'c' } });
    expect(withText(TYPED, '', 'all')).toBe('all');
  });
  test('a path that leads nowhere has nothing, and no fault', () => {
    expect(textAt(TYPED, 'kind.of.thing')).toBeUndefined();
    expect(textAt(TYPED, 'bodies.7.name')).toBeUndefined();
    expect(textAt(TYPED, '')).toBe(TYPED);
    expect([under('', 'a'), under('a', 'b')]).toEqual(['a', 'a.b']);
  });
  test('kept texts over blank ones: what is new shows as blank, a list stands for itself', () => {
    const base: Texts = { a: '', group: { x: '1', y: '2' }, rows: [{ n: '1' }, { n: '2' }] };
    expect(textsOver(base, { group: { y: '9' }, rows: [{ n: '3' }] })).toEqual({
      a: '',
      group: { x: '1', y: '9' },
      rows: [{ n: '3' }],
    });
    // what was a text is a group now: what was typed is not thrown away
    expect(textsOver({ a: { b: '' } }, { a: 'kept' })).toEqual({ a: 'kept' });
  });
  test('names are those of rows that have one', () => {
    expect(namesList({ rows: [{ name: ' A ' }, { name: '' }, {}, { name: 'B' }] }, 'rows')).toEqual([
      'A',
      'B',
    ]);
    expect(namesList({}, 'rows')).toEqual([]);
  });
  test('a form is looked at from one of its groups, and from there at all of it', () => {
    const look = new Look(TYPED, 'bodies.0', METRIC);
    expect([look.here('name'), look.at('kind'), look.here('none')]).toEqual(['Deep end', 'open', '']);
    expect(told((of: Look) => of.at('kind'), look)).toBe('open');
    expect(told('always', look)).toBe('always');
    expect(look.names('bodies')).toEqual(['Deep end']);
  });
  test('a folded line says a figure in the reader’s units, and what was not typed as not known', () => {
    const us = { ...METRIC, system: 'us' } as const;
    expect(said(new Look(TYPED, '', METRIC), 'depth_m', 'length')).toMatch(/^1\.4\sm$/);
    expect(said(new Look(TYPED, '', us), 'depth_m', 'length')).toMatch(/^4\.\d+\sft$/);
    expect(said(new Look(TYPED, '', METRIC), 'loss.at_m', 'length')).toBe('not known');
  });
});
