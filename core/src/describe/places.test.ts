import {
  date,
  days,
  measured,
  figures,
  flag,
  flagOrNothing,
  lines,
  list,
  listOrNothing,
  maybe,
  months,
  names,
  neededWord,
  numbers,
  numeral,
  optional,
  percent,
  someOf,
  time,
  unless,
  word,
  zeroIfBlank,
  type Place,
} from './places';
import type { Texts } from './texts';

/** What a place makes of a text, and what it says is wrong. */
function read(place: Place, texts: Texts | undefined): { value: unknown; said: Record<string, string> } {
  const said: Record<string, string> = {};
  const value = place.read(texts, 'here', (path, words) => {
    said[path] ??= words;
  });
  return { value, said };
}
const valueOf = (place: Place, texts: Texts | undefined) => {
  const { value, said } = read(place, texts);
  expect(said).toEqual({});
  return value;
};
const faultOf = (place: Place, texts: Texts | undefined) => {
  const { value, said } = read(place, texts);
  expect(value).toBeUndefined();
  return said.here;
};

describe('a figure', () => {
  test.each([
    ['12', 12],
    ['4,5', 4.5],
    [' 0.25 ', 0.25],
    ['-3', -3],
    ['90 °F', (90 - 32) / 1.8],
  ])('“%s” is read as %d', (text, value) => {
    expect(valueOf(measured('temperature'), text)).toBeCloseTo(value, 9);
  });
  test.each(['', '   ', 'warm', '1.2.3', '12 bar'])('“%s” is none, and that is said', (text) => {
    expect(faultOf(measured('temperature'), text)).toMatch(/\.$/);
  });
  test('what is kept is typed again without the dust of a double', () => {
    expect(measured('plain').write(0.1 + 0.2)).toBe('0.3');
    expect(measured('plain').write(undefined)).toBe('');
    expect(valueOf(measured('plain'), measured('plain').write(1 / 3))).toBeCloseTo(1 / 3, 9);
  });
  test('blank is null, left out or zero, as its place says; a wrong one is wrong in each', () => {
    const place = measured('plain');
    expect(valueOf(maybe(place), '')).toBeNull();
    expect(valueOf(optional(place), ' ')).toBeUndefined();
    expect(valueOf(zeroIfBlank('plain'), '')).toBe(0);
    for (const each of [maybe(place), optional(place), zeroIfBlank('plain')])
      expect(faultOf(each, 'some')).toContain('some');
    expect([maybe(place).write(null), optional(place).write(undefined)]).toEqual(['', '']);
  });
  test('a share is typed in per cent', () => {
    expect(valueOf(percent, '7,5')).toBeCloseTo(0.075, 12);
    expect(percent.write(0.075)).toBe('7.5');
    expect(faultOf(percent, '')).toBe('This is needed.');
    expect(percent.write(undefined)).toBe('');
  });
});

describe('times and days', () => {
  test.each([
    ['0:00', 0],
    ['7:30', 450],
    ['7', 420],
    ['23:59', 1439],
    ['24:00', 1440],
  ])('%s is minute %d', (text, minute) => {
    expect(valueOf(time, text)).toBe(minute);
  });
  test('a day ends at 24:00, and no later', () => {
    expect(faultOf(time, '24:01')).toContain('no time of day');
    expect(faultOf(time, 'noon')).toContain('7:30');
    expect(faultOf(time, '')).toBe('This is needed.');
    expect([time.write(450), time.write(null)]).toEqual(['7:30', '']);
  });
  test('days of a week are at least one, and none before somebody chooses', () => {
    expect(valueOf(days, '167')).toBe('167');
    expect(faultOf(days, '')).toBe('Choose at least one day.');
    expect(days.write(undefined)).toBe('');
  });
  test('months go over the turn of the year, and blank is all of it', () => {
    expect(valueOf(months, '10–3')).toEqual([10, 3]);
    expect(valueOf(months, '5 - 9')).toEqual([5, 9]);
    expect(valueOf(months, '')).toBeNull();
    expect(faultOf(months, 'May')).toContain('10–3');
    expect([months.write([10, 3]), months.write(null)]).toEqual(['10–3', '']);
  });
  test('a date is read as people write it; what is none is left as it is, for the schema to say so', () => {
    expect(valueOf(date, '31 May 2026')).toBe('2026-05-31');
    expect(valueOf(date, '2026-05-31')).toBe('2026-05-31');
    expect(valueOf(date, 'soon')).toBe('soon');
    expect(valueOf(date, '')).toBeNull();
  });
});

describe('words', () => {
  test('are what they are without the blanks around them; a needed one is missed in its own words', () => {
    expect(valueOf(word, '  a b ')).toBe('a b');
    expect(valueOf(word, undefined)).toBe('');
    expect(faultOf(neededWord('Say where.'), ' ')).toBe('Say where.');
    expect(valueOf(neededWord(), ' x ')).toBe('x');
  });
  test('a tick is yes or no; one that may be left out is true or not there', () => {
    expect([valueOf(flag, 'yes'), valueOf(flag, 'no'), valueOf(flag, undefined)]).toEqual([
      true,
      false,
      false,
    ]);
    expect([valueOf(flagOrNothing, 'yes'), valueOf(flagOrNothing, 'no')]).toEqual([true, undefined]);
    expect([flag.write(true), flagOrNothing.write(undefined)]).toEqual(['yes', 'no']);
  });
  test('a choice whose first stands for nothing said is left out then', () => {
    const place = unless('not-known');
    expect([valueOf(place, 'not-known'), valueOf(place, ''), valueOf(place, 'stop')]).toEqual([
      undefined,
      undefined,
      'stop',
    ]);
    expect([place.write(undefined), place.write(null), place.write('stop')]).toEqual([
      'not-known',
      'not-known',
      'stop',
    ]);
  });
  test('names may hold a comma; lines lose blanks and empty ones; several of a few stand as they were ticked', () => {
    expect(valueOf(names, 'Pool, deep\nTub')).toEqual(['Pool, deep', 'Tub']);
    expect(valueOf(optional(names), '')).toBeUndefined();
    expect(valueOf(lines, ' Link \n\n  Board for heat\n')).toEqual(['Link', 'Board for heat']);
    expect(lines.write(['Link', 'Board'])).toBe('Link\nBoard');
    expect(valueOf(someOf, 'fixed,constant')).toEqual(['fixed', 'constant']);
    expect(someOf.write(['fixed', 'constant'])).toBe('fixed,constant');
  });
});

describe('several figures', () => {
  test('whole numbers stand with commas or blanks between them', () => {
    expect(valueOf(numbers, '1, 2 3;4')).toEqual([1, 2, 3, 4]);
    expect(valueOf(numbers, '')).toEqual([]);
    expect(faultOf(numbers, '1, 2.5')).toContain('Whole numbers');
    expect(faultOf(numbers, '-1')).toContain('Whole numbers');
    expect(numbers.write([1, 2])).toBe('1, 2');
    expect(valueOf(numeral, ' 7 ')).toBe(7);
  });
  test('figures by a factor: a comma is a decimal sign in them', () => {
    expect(valueOf(figures(100), '100 62,5')).toEqual([1, 0.625]);
    expect(figures(100).write([1, 0.625])).toBe('100 62.5');
    expect(read(figures(), '4 x').said).toEqual({ here: '“x” is not a figure.' });
  });
});

describe('a list', () => {
  const place = list(measured('plain'));
  test('says at which row something is wrong, and keeps the others', () => {
    const { value, said } = read(place, ['1', '', 'x']);
    expect(value).toEqual([1, undefined, undefined]);
    expect(said).toEqual({ 'here.1': 'This is needed.', 'here.2': expect.stringContaining('x') });
  });
  test('with no rows it is empty, or left out', () => {
    expect(valueOf(place, undefined)).toEqual([]);
    expect(valueOf(listOrNothing(measured('plain')), [])).toBeUndefined();
    expect(valueOf(listOrNothing(measured('plain')), ['2'])).toEqual([2]);
    expect(place.write(undefined)).toEqual([]);
  });
});
