import { readFileSync } from 'node:fs';
import { isPrinted, unprinted } from '@barythm/core/print';
import { createRequire } from 'node:module';
import { wordsOfPaper } from '../golden/paper-words';
import { finish, heightOf, newDocument, PAGE, write } from './paper';
import { linesOf, OTHER_FONTS, type Measure } from './scripts';

const packages = createRequire(__filename);
interface Font {
  readonly characterSet: readonly number[];
}
/** The library that papers are set with reads fonts by this one; it has no types of its own. */
const { create } = packages('fontkit') as { create(file: Buffer): Font };
const own = [
  'next/400Regular/AtkinsonHyperlegibleNext_400Regular',
  'mono/400Regular/AtkinsonHyperlegibleMono_400Regular',
].map((name) => packages.resolve(`@expo-google-fonts/atkinson-hyperlegible-${name}.ttf`));
const fontOf = (file: string) => create(readFileSync(file));

test('the signs that are told to be printed are those that the fonts hold', () => {
  const held = new Set<number>();
  for (const file of [
    ...own,
    ...OTHER_FONTS.filter(([name]) => name.endsWith('regular')).map(([, path]) => path),
  ])
    for (const code of fontOf(file).characterSet) if (code >= 0x20) held.add(code);
  const wrong: string[] = [];
  for (let code = 0x20; code <= 0x323af; code++) {
    if (code >= 0xd800 && code < 0xe000) continue;
    const sign = String.fromCodePoint(code);
    if (
      isPrinted(sign) !== held.has(code) &&
      !/[\u200b-\u200f\u202a-\u202e\u2060\u2066-\u2069\ufeff]|[\ufe00-\ufe0f]/.test(sign)
    )
      wrong.push(`${code.toString(16)} ${sign}`);
  }
  expect(wrong).toEqual([]);
});

const NAMES = [
  ['Latin with Vietnamese', 'Trạm bơm Điện Biên Phủ, ễ'],
  ['Greek', 'Αντλιοστάσιο Παπαδόπουλος'],
  ['Cyrillic', 'Насосная Иван Їжак'],
  ['Hebrew', 'אולם השאיבה'],
  ['Arabic', 'غرفة المضخة'],
  ['Chinese', '水泵房三号'],
] as const;

test.each(NAMES)('%s stands on paper, sign by sign', async (_, name) => {
  const pdf = newDocument('A paper', '2026-11-24T10:30:00.000Z');
  const below = write(pdf, `Pump 2: ${name}`, { x: PAGE.left, y: 100, width: 400 });
  expect(below).toBeGreaterThan(100);
  expect(unprinted(name)).toEqual([]);
  const words = wordsOfPaper(await finish(pdf));
  const signs = [...name.replace(/\s/g, '')].sort().join('');
  const read = [...words.normalize('NFKC').replace(/\s/g, '')].sort().join('');
  for (const sign of new Set(signs)) expect(read).toContain(sign);
});

/** Every sign is as wide as one, and the first font holds what is older than 0x250. */
const PLAIN: Measure = {
  width: (_, text) => [...text].length,
  holds: (font, sign) =>
    font === 'first' ? sign < '\u0250' : font === 'NotoSans-regular' ? sign < '\u0590' : true,
};
const seen = (text: string, width = 100) =>
  linesOf(text, width, 'first', 'regular', PLAIN).map((line) => line.map((piece) => piece.text));

test('what is written from right to left is seen so, and figures within it are not turned', () => {
  expect(seen('אב גד')).toEqual([['גד', ' ', 'אב']]);
  expect(seen('Pump אב 25 גד end')).toEqual([['Pump', ' ', 'גד', ' ', '25', ' ', 'אב', ' ', 'end']]);
});

test('a line is broken between words, and between signs of a script without blanks', () => {
  expect(seen('αβγ δεζ ηθι', 8)).toEqual([['αβγ', ' ', 'δεζ'], ['ηθι']]);
  expect(seen('水泵房三号', 2)).toEqual([['水泵'], ['房三'], ['号']]);
});

test('the height that is kept for a text is the one that it takes', () => {
  for (const [, name] of NAMES) {
    const pdf = newDocument('A paper', '2026-11-24T10:30:00.000Z');
    const text = Array(12).fill(name).join(' ');
    const height = heightOf(pdf, text, 200);
    expect(write(pdf, text, { x: PAGE.left, y: 100, width: 200 }) - 100).toBeCloseTo(height, 5);
  }
});
