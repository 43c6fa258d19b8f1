import { createRequire } from 'node:module';
import PDFDocument from 'pdfkit';
import { isPlain, linesOf, OTHER_FONTS, type Measure, type Weight } from './scripts';

const packages = createRequire(import.meta.url);
const font = (family: 'next' | 'mono', file: string) =>
  packages.resolve(`@expo-google-fonts/atkinson-hyperlegible-${family}/${file}.ttf`);

const FONTS = {
  text: font('next', '400Regular/AtkinsonHyperlegibleNext_400Regular'),
  bold: font('next', '700Bold/AtkinsonHyperlegibleNext_700Bold'),
  figures: font('mono', '400Regular/AtkinsonHyperlegibleMono_400Regular'),
  figuresBold: font('mono', '700Bold/AtkinsonHyperlegibleMono_700Bold'),
} as const;
export type FontName = keyof typeof FONTS;

/** Colours of the design language, light. */
export const INK = {
  ink: '#17231F',
  quiet: '#48564F',
  line: '#D8D1C2',
  surface: '#F5F1E8',
  petrol: '#0B5A58',
  moss: '#2F6B34',
  ochre: '#8A5A00',
  rust: '#A62B1B',
  slate: '#3F5E7E',
  plum: '#6D3B78',
} as const;

/** A4 in points, with its margins. */
export const PAGE = { width: 595.28, height: 841.89, left: 48, right: 48, top: 44, bottom: 56 } as const;
export const TEXT_WIDTH = PAGE.width - PAGE.left - PAGE.right;

export type Pdf = PDFKit.PDFDocument;

/** A blank document with the product's fonts. `createdAt` is the hand-over's own time, so that a reprint is the same. */
export function newDocument(title: string, createdAt: string): Pdf {
  const pdf = new PDFDocument({
    size: 'A4',
    bufferPages: true,
    margins: { top: PAGE.top, bottom: 0, left: PAGE.left, right: PAGE.right },
    info: { Title: title, Creator: 'Barythm', Producer: 'Barythm', CreationDate: new Date(createdAt) },
    lang: 'en',
    displayTitle: true,
    pdfVersion: '1.7',
    tagged: true,
  });
  for (const [name, file] of [...Object.entries(FONTS), ...OTHER_FONTS]) pdf.registerFont(name, file);
  const root = pdf.struct('Document', { title });
  pdf.addStructure(root);
  ROOTS.set(pdf, root);
  return pdf;
}

/** Each document's own tree of structure: what a reader that speaks is read to, in the order of writing. */
const ROOTS = new WeakMap<Pdf, PDFKit.PDFStructureElement>();

/** What stands on every page and is no part of the text. */
function artifact(pdf: Pdf, type: 'Pagination' | 'Layout', draw: () => void): void {
  pdf.markContent('Artifact', { type });
  draw();
  pdf.endMarkedContent();
}

/** Ends a document and answers its bytes. */
export function finish(pdf: Pdf): Promise<Buffer> {
  const chunks: Buffer[] = [];
  return new Promise((resolve, reject) => {
    pdf.on('data', (chunk: Buffer) => chunks.push(chunk));
    pdf.on('end', () => resolve(Buffer.concat(chunks)));
    pdf.on('error', reject);
    ROOTS.get(pdf)?.end();
    pdf.end();
  });
}

interface Style {
  readonly font?: FontName;
  readonly size?: number;
  readonly colour?: string;
  /** what the text is: a heading of a level, or a paragraph */
  readonly tag?: 'H1' | 'H2' | 'P';
}

/** Writes text at a place within a width and answers the y below it. */
export function write(
  pdf: Pdf,
  text: string,
  at: { x: number; y: number; width: number; align?: 'left' | 'right' | 'center' },
  style: Style = {},
): number {
  const element = pdf.struct(style.tag ?? 'P', {}, () => put(pdf, text, at, style));
  ROOTS.get(pdf)?.add(element);
  element.end();
  return pdf.y;
}

/** Draws lines and shapes that say something, with the words that say the same. No text is written in it. */
export function picture(pdf: Pdf, alt: string, draw: () => void): void {
  const element = pdf.struct('Figure', { alt }, draw);
  ROOTS.get(pdf)?.add(element);
  element.end();
}

function put(
  pdf: Pdf,
  text: string,
  at: Parameters<typeof write>[2],
  { font = 'text', size = 10, colour = INK.ink }: Style,
): void {
  pdf.font(font).fontSize(size).fillColor(colour);
  const measure = measureOf(pdf, size);
  const lineGap = size * 0.15;
  if (isPlain(text, font, measure)) {
    pdf.font(font).text(text, at.x, at.y, { width: at.width, align: at.align ?? 'left', lineGap });
    return;
  }
  const height = pdf.font(font).currentLineHeight(true) + lineGap;
  const ascent = (ascenderOf(pdf) / 1000) * size;
  let { y } = at;
  for (const line of linesOf(text, at.width, font, weightOf(font), measure)) {
    const wide = line.reduce((sum, piece) => sum + piece.width, 0);
    const spare = Math.max(0, at.width - wide);
    let x = at.x + (at.align === 'right' ? spare : at.align === 'center' ? spare / 2 : 0);
    for (const piece of line) {
      // on the line of the first font, whatever the others rise to
      pdf.font(piece.font).text(piece.text, x, y + ascent, { lineBreak: false, baseline: 'alphabetic' });
      x += piece.width;
    }
    y += height;
  }
  pdf.x = at.x;
  pdf.y = y;
}

const weightOf = (font: FontName): Weight => (font === 'bold' || font === 'figuresBold' ? 'bold' : 'regular');

/** The font that a document is set in just now, as the library keeps it. */
interface FontInUse {
  readonly ascender: number;
  readonly font: { hasGlyphForCodePoint(code: number): boolean };
}
const inUse = (pdf: Pdf): FontInUse => (pdf as unknown as { _font: FontInUse })._font;
const ascenderOf = (pdf: Pdf): number => inUse(pdf).ascender;

/** Widths at a size, and which signs a font holds. */
function measureOf(pdf: Pdf, size: number): Measure {
  return {
    width: (font, text) => pdf.font(font).fontSize(size).widthOfString(text),
    holds: (font, sign) => {
      pdf.font(font);
      return inUse(pdf).font.hasGlyphForCodePoint(sign.codePointAt(0) ?? 0);
    },
  };
}

/** Height that text will take. */
export function heightOf(
  pdf: Pdf,
  text: string,
  width: number,
  { font = 'text', size = 10 }: Style = {},
): number {
  const measure = measureOf(pdf.fontSize(size), size);
  const lineGap = size * 0.15;
  if (isPlain(text, font, measure)) return pdf.font(font).heightOfString(text, { width, lineGap });
  const lines = linesOf(text, width, font, weightOf(font), measure);
  return lines.length * (pdf.font(font).currentLineHeight(true) + lineGap);
}

/** A rule across the text width. */
export function rule(pdf: Pdf, y: number): void {
  artifact(pdf, 'Layout', () => line(pdf, y));
}

function line(pdf: Pdf, y: number): void {
  pdf
    .moveTo(PAGE.left, y)
    .lineTo(PAGE.width - PAGE.right, y)
    .lineWidth(0.7)
    .strokeColor(INK.line)
    .stroke();
}

/** A section's heading; answers the y below it. */
export function heading(pdf: Pdf, text: string, y: number): number {
  return (
    write(
      pdf,
      text,
      { x: PAGE.left, y, width: TEXT_WIDTH },
      { font: 'bold', size: 13, colour: INK.petrol, tag: 'H2' },
    ) + 4
  );
}

/** True when `needed` points still fit on the page; otherwise a new page has been begun. */
export function ensureRoom(pdf: Pdf, y: number, needed: number): number {
  if (y + needed <= PAGE.height - PAGE.bottom - (FOOT.get(pdf)?.height ?? 0)) return y;
  settleFoot(pdf);
  pdf.addPage();
  return PAGE.top;
}

interface Foot {
  readonly height: number;
  readonly draw: (y: number) => void;
}
/** What stands at the foot of the page that is being written, and is drawn when the page is left. */
const FOOT = new WeakMap<Pdf, Foot>();

/** Keeps room at the foot of this page for what belongs there however long the page becomes: it is drawn when the page is left. */
export function keepFoot(pdf: Pdf, foot: Foot): void {
  FOOT.set(pdf, foot);
}

/** Draws what stands at the foot of this page, once; answers whether the page was still being written. */
export function settleFoot(pdf: Pdf): boolean {
  const foot = FOOT.get(pdf);
  if (!foot) return false;
  FOOT.delete(pdf);
  foot.draw(PAGE.height - PAGE.bottom - foot.height);
  return true;
}

/** The triad's signs: hollow ring, upright diamond, filled disc. */
export function triadSign(pdf: Pdf, column: 'found' | 'target' | 'left', x: number, y: number, r = 4): void {
  if (column === 'found') pdf.circle(x, y, r).lineWidth(1.4).strokeColor(INK.slate).stroke();
  else if (column === 'target') {
    pdf
      .polygon([x, y - r * 1.2], [x + r, y], [x, y + r * 1.2], [x - r, y])
      .lineWidth(1.4)
      .strokeColor(INK.petrol)
      .stroke();
  } else pdf.circle(x, y, r).fillColor(INK.plum).fill();
}

export const COLUMN_COLOUR = { found: INK.slate, target: INK.petrol, left: INK.plum } as const;
export const COLUMN_NAME = { found: 'As found', target: 'Target', left: 'As left' } as const;

/** Page numbers and the job's line at the foot of every page. */
export function footers(pdf: Pdf, words: string): void {
  const { start, count } = pdf.bufferedPageRange();
  for (let i = start; i < start + count; i++) {
    pdf.switchToPage(i);
    artifact(pdf, 'Pagination', () => {
      line(pdf, PAGE.height - PAGE.bottom + 12);
      const y = PAGE.height - PAGE.bottom + 18;
      put(pdf, words, { x: PAGE.left, y, width: TEXT_WIDTH - 80 }, { size: 8, colour: INK.quiet });
      put(
        pdf,
        `Page ${i - start + 1} of ${count}`,
        { x: PAGE.width - PAGE.right - 80, y, width: 80, align: 'right' },
        { size: 8, colour: INK.quiet },
      );
    });
  }
}
