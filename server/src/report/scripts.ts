import bidiFactory from 'bidi-js';
import { createRequire } from 'node:module';

const packages = createRequire(import.meta.url);
const bidi = bidiFactory();

/** The weights that a text of any script is set in. */
export type Weight = 'regular' | 'bold';

const file = (family: string, name: string, weight: Weight) => {
  const style = weight === 'bold' ? '700Bold' : '400Regular';
  return packages.resolve(`@expo-google-fonts/${family}/${style}/${name}_${style}.ttf`);
};

/** Fonts for what the product's own do not hold, in the order in which they are asked: Latin, Greek and Cyrillic, then the others. */
const OTHERS = [
  ['noto-sans', 'NotoSans'],
  ['noto-sans-hebrew', 'NotoSansHebrew'],
  ['noto-sans-arabic', 'NotoSansArabic'],
  ['noto-sans-sc', 'NotoSansSC'],
] as const;

/** Names under which they are registered with a document, and their files. */
export const OTHER_FONTS: readonly (readonly [name: string, file: string])[] = OTHERS.flatMap(
  ([family, name]) =>
    (['regular', 'bold'] as const).map(
      (weight) => [`${name}-${weight}`, file(family, name, weight)] as const,
    ),
);

const othersOf = (weight: Weight) => OTHERS.map(([, name]) => `${name}-${weight}`);

/** What a layout needs of a document: to measure text, and to know which signs a font holds. */
export interface Measure {
  width(font: string, text: string): number;
  holds(font: string, sign: string): boolean;
}

/** A piece of a line in one font and one direction. */
export interface Piece {
  readonly text: string;
  readonly font: string;
  readonly width: number;
}

const RIGHT_TO_LEFT = /[\u0590-\u08ff\ufb1d-\ufdff\ufe70-\ufeff]/;

/** True where a text can be set in one font from left to right, as by far most can. */
export function isPlain(text: string, font: string, { holds }: Measure): boolean {
  return !RIGHT_TO_LEFT.test(text) && [...text].every((sign) => sign < ' ' || holds(font, sign));
}

/** Words, the blanks between them, and signs that a line may be broken at each of. */
const TOKENS =
  /\s+|[\u2e80-\u9fff\uf900-\ufaff\uff00-\uffef]|[^\s\u2e80-\u9fff\uf900-\ufaff\uff00-\uffef]+/gu;

/**
 * A text of any script broken into lines of a width, each as pieces from left to right as they are seen. What a script writes from right
 * to left is set so; figures and other scripts within it keep their own way.
 */
export function linesOf(
  text: string,
  width: number,
  font: string,
  weight: Weight,
  measure: Measure,
): Piece[][] {
  return text
    .normalize('NFC')
    .split(/\r?\n/)
    .flatMap((paragraph) => broken(paragraph, width, font, weight, measure))
    .map((line) => visual(line, font, weight, measure));
}

function broken(text: string, width: number, font: string, weight: Weight, measure: Measure): string[] {
  const lines: string[] = [];
  let line = '';
  let used = 0;
  for (const token of text.match(TOKENS) ?? []) {
    const wide = runsOf(token, font, weight, measure).reduce((sum, run) => sum + run.width, 0);
    if (used + wide > width && line.trim() !== '' && token.trim() !== '') {
      lines.push(line.trimEnd());
      line = '';
      used = 0;
    }
    if (line === '' && token.trim() === '' && lines.length > 0) continue;
    line += token;
    used += wide;
  }
  return [...lines, line];
}

/** Runs of a text that one font holds. A sign that none holds stays in the first. */
function runsOf(text: string, font: string, weight: Weight, { width, holds }: Measure): Piece[] {
  const runs: { text: string; font: string }[] = [];
  for (const sign of text) {
    const own = [font, ...othersOf(weight)].find((one) => holds(one, sign)) ?? font;
    const last = runs.at(-1);
    if (last && (last.font === own || /^\s$/.test(sign))) last.text += sign;
    else runs.push({ text: sign, font: own });
  }
  return runs.map((run) => ({ ...run, width: width(run.font, run.text) }));
}

/** A line's pieces in the order in which they are seen: each word by itself, runs of the other direction turned round. */
function visual(line: string, font: string, weight: Weight, measure: Measure): Piece[] {
  const { levels } = bidi.getEmbeddingLevels(line);
  const pieces: { piece: Piece; level: number }[] = [];
  let at = 0;
  for (const token of line.match(/\s+|[^\s]+/gu) ?? []) {
    let from = at;
    for (let i = at + 1; i <= at + token.length; i++) {
      if (i < at + token.length && levels[i] === levels[from]) continue;
      for (const piece of runsOf(line.slice(from, i), font, weight, measure))
        pieces.push({ piece, level: levels[from] });
      from = i;
    }
    at += token.length;
  }
  const highest = Math.max(0, ...pieces.map(({ level }) => level));
  for (let level = highest; level >= 1; level--) {
    for (let i = 0; i < pieces.length; i++) {
      if (pieces[i].level < level) continue;
      let end = i;
      while (end < pieces.length && pieces[end].level >= level) end += 1;
      pieces.splice(i, end - i, ...pieces.slice(i, end).reverse());
      i = end;
    }
  }
  return pieces.map(({ piece }) => piece);
}
