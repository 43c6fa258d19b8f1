import { isPrinted, LONGEST_NAME, nameFault, signFault, signFaultIn, unprinted } from './index';

test.each([
  'Pump house, 62 % at 3.7 bar ≤ 4 °C – m³/h → “good”',
  'Điện Biên Phủ, ễ ữ',
  'Παπαδόπουλος',
  'Иван Їжак',
  'אולם השאיבה (2)',
  'غرفة المضخة ٣',
  '水泵房，三号',
])('%s is printed', (text) => expect(unprinted(text)).toEqual([]));

test('any other sign is named, once', () => {
  expect(unprinted('Good 😀😀 ☐ done')).toEqual(['😀', '☐']);
  expect(signFault('Good 😀')).toBe('“😀” cannot be printed on paper: write it in another way.');
  expect(signFault('Good')).toBeNull();
  expect(signFaultIn({ kind: 'check', note: 'ok 😀', figures: { a: 1 } })).toEqual({
    path: 'note',
    words: '“😀” cannot be printed on paper: write it in another way.',
  });
  expect(signFaultIn({ a: ['x', { b: 'y' }], c: null })).toBeNull();
});

test('a letter made of two signs is taken as the one it is; ends of lines are none', () => {
  expect(unprinted('e\u0301\r\n\u200d')).toEqual([]);
  expect([isPrinted(' '), isPrinted('\u{1f600}'), isPrinted('\u{10ffff}')]).toEqual([true, false, false]);
});

test('a name has room for sixty signs, blanks around it not counted', () => {
  expect([
    nameFault(''),
    nameFault('a'.repeat(LONGEST_NAME)),
    nameFault(` ${'a'.repeat(LONGEST_NAME)} `),
  ]).toEqual([null, null, null]);
  expect(nameFault('a'.repeat(LONGEST_NAME + 1))).toBe('At most 60 characters.');
  expect(nameFault('Ada 😀')).toMatch(/cannot be printed/);
});
