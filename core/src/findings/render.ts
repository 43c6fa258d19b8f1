import { dateInWords } from '../time';
import { figureWithUnit, type Reader } from '../units';
import type { Finding, FindingText, TextValues } from './finding';

/** Findings carry dates as they are kept; they are read as people write them. */
const ISO_DATE = /^\d{4}-\d{2}-\d{2}$/;

/**
 * What texts name by the trade's words, under the names that findings have carried since the first: a decision is kept with the figures
 * that it was made on, by these names.
 */
const CARRIED_AS: Readonly<Record<string, string>> = {
  min: 'least',
  max: 'greatest',
  zero: 'nil',
  required: 'wanted',
  slug: 'gulp',
};

/** A text with its {slots} filled in the reader's units. A slot with no value is a defect, so it throws. */
export function fill(template: string, values: TextValues, reader: Reader): string {
  return template.replace(/\{(\w+)\}/g, (_, name: string) => {
    const value = values[name] ?? values[CARRIED_AS[name]];
    if (value === undefined) throw new Error(`The text “${template}” has no value for {${name}}.`);
    if (typeof value !== 'string') return figureWithUnit(value, reader);
    return ISO_DATE.test(value) ? dateInWords(value) : value;
  });
}

/** All texts of a family, by the `text` of its findings. */
export type TextBook = Readonly<Record<string, FindingText>>;

/** A finding in words. */
export function renderFinding(finding: Finding, book: TextBook, reader: Reader): FindingText {
  const text = book[finding.text];
  if (!text) throw new Error(`There is no text “${finding.text}”.`);
  const so = fill(text.so, finding.values, reader);
  return {
    title: fill(text.title, finding.values, reader),
    so: finding.given === undefined ? so : `${so} ${finding.given}`,
    will: fill(text.will, finding.values, reader),
    todo: fill(text.todo, finding.values, reader),
  };
}
