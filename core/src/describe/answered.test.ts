import { z } from 'zod';
import {
  answerAt,
  answeredOver,
  answeredWith,
  answersAt,
  answersIn,
  answersOver,
  asWhole,
  attempt,
  choice,
  described,
  fieldsAt,
  figure,
  filledOver,
  formOf,
  group,
  isInParts,
  kind,
  notAnAnswer,
  Unanswered,
  wordsAt,
  yesNo,
} from './index';
import { METRIC } from '../units';

const source = z.discriminatedUnion('kind', [
  group({ kind: kind('own', 'Itself') }),
  group({ kind: kind('wire', 'A wire'), ends_V: figure('Ends at', 'voltage', { max: 24 }) }),
]);
const schema = group({
  family: z.literal('fan'),
  pace_pct: figure('Pace', 'percent', { max: 100 }),
  duct: group({ length_m: figure('Length', 'length'), open: yesNo('It is open') }),
  filter: group({ age_h: figure('Age', 'hours') }, { on: 'A filter is fitted' }).nullable(),
  noise: choice('Noise', { quiet: 'quiet', loud: 'loud' }).optional(),
  source: described(source, { label: 'Told by' }),
});
type Fan = z.infer<typeof schema>;
const form = formOf(schema, {
  parts: [
    { name: 'fan', title: 'Fan', asks: ['pace_pct', 'noise', 'source'], says: () => '' },
    { name: 'duct', title: 'Duct', asks: ['duct', 'filter'], says: () => '' },
  ],
  start: {},
});
const whole = (answers: object) => asWhole<Fan>(schema, answers as never);
const waits = (work: () => unknown) => {
  const done = attempt(work);
  return done instanceof Unanswered ? done.path : null;
};

describe('answers in the place of a whole', () => {
  const fan = whole({ family: 'fan', pace_pct: 40, duct: { open: true } });
  test('are read as they are; what is missing is told by its path', () => {
    expect([fan.pace_pct, fan.duct.open]).toEqual([40, true]);
    expect(waits(() => fan.duct.length_m)).toBe('duct.length_m');
    expect(waits(() => fan.source.kind)).toBe('source.kind');
  });
  test('what may be left empty is read as empty', () => {
    expect([fan.filter, fan.noise]).toEqual([null, undefined]);
  });
  test('a group that is begun waits for the rest of it, and so does who takes all of one', () => {
    expect(waits(() => whole({ filter: {} }).filter?.age_h)).toBe('filter.age_h');
    expect(waits(() => ({ ...fan.duct }))).toBe('duct.length_m');
    expect({ ...whole({ duct: { length_m: 2, open: false } }).duct }).toEqual({ length_m: 2, open: false });
  });
  test('of several kinds nothing is read before it is said which; then what belongs to it', () => {
    const wire = whole({ source: { kind: 'wire' } }).source as { kind: string; ends_V: number };
    expect(waits(() => wire.ends_V)).toBe('source.ends_V');
    const none = whole({}).source as { ends_V: number };
    expect(waits(() => none.ends_V)).toBe('source.kind');
  });
  test('a copy keeps what is missing missing', () => {
    const other = answeredWith(fan, { pace_pct: 50 });
    expect([other.pace_pct, fan.pace_pct, isInParts(other)]).toEqual([50, 40, true]);
    expect(waits(() => other.duct.length_m)).toBe('duct.length_m');
    const given = answeredOver({ noise: 'quiet' } as const, fan);
    expect([given.noise, given.pace_pct]).toEqual(['quiet', 40]);
    // a whole one is copied as it always was
    expect(answeredWith({ a: 1, b: 2 }, { b: 3 })).toEqual({ a: 1, b: 3 });
  });
  test('an error of ours is thrown on', () => {
    expect(() => attempt(() => (undefined as unknown as Fan).pace_pct)).toThrow(TypeError);
  });
});

test('what is no answer is left out, and told by its path', () => {
  const given = {
    family: 'fan',
    pace_pct: 400,
    duct: { length_m: 3, colour: 'red' },
    source: { kind: 'steam' },
  };
  expect(answersIn(schema, given)).toEqual({ family: 'fan', duct: { length_m: 3 } });
  expect(notAnAnswer(schema, given)).toBe('pace_pct');
  expect(notAnAnswer(schema, { duct: given.duct })).toBe('duct.colour');
  expect(notAnAnswer(schema, { family: 'fan', pace_pct: 100 })).toBeNull();
});

test('answers are taken by their paths, and laid over others one by one', () => {
  const answers = { pace_pct: 40, duct: { length_m: 3, open: true } };
  expect(answersAt(answers, ['duct.open', 'filter.age_h'])).toEqual({ duct: { open: true } });
  expect(answersOver(answers, { duct: { length_m: 4 } })).toEqual({
    pace_pct: 40,
    duct: { length_m: 4, open: true },
  });
  expect([answerAt(answers, 'duct.length_m'), answerAt(answers, 'source.kind')]).toEqual([3, undefined]);
});

describe('a form that is filled in part', () => {
  test('answers what is right in it', () => {
    const texts = filledOver(form.blank, { pace_pct: '40', duct: { length_m: 'long', open: '' } });
    expect(form.answers(texts)).toEqual({ family: 'fan', pace_pct: 40 });
  });
  test('is asked by some of its paths alone, whatever they hang on', () => {
    const labels = fieldsAt(form.parts, ['filter.age_h', 'source.ends_V']).map((field) =>
      field.kind === 'group' ? field.fields.map((one) => ('label' in one ? one.label : '')) : [],
    );
    expect(labels).toEqual([['Ends at'], ['Age']]);
  });
  test('each path is named by its part and its field', () => {
    const words = (path: string) => wordsAt(form.parts, path, METRIC);
    expect(words('duct.length_m')).toBe('Duct: length');
    expect(words('pace_pct')).toBe('Fan: pace');
    expect(words('source.kind')).toBe('Fan: told by');
    expect(words('nowhere')).toBe('nowhere');
  });
});
