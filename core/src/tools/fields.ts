import { z } from 'zod';
import { formatNumber, INTERNAL_UNIT, measuredIn, type Quantity } from '../units';
import type { ToolField, ToolLine } from './tool';

/** No figure of the trade is larger, in whatever unit. */
const MOST = 1e9;

/** A number that must be above zero. */
export const positive = (what: string) =>
  z
    .number({ error: `${what} must be a number.` })
    .positive(`${what} must be more than 0.`)
    .max(MOST, `${what} is too large to work with.`);

/** A number from zero up. */
export const notNegative = (what: string) =>
  z
    .number({ error: `${what} must be a number.` })
    .min(0, `${what} cannot be negative.`)
    .max(MOST, `${what} is too large to work with.`);

/** Any number that a person may mean. */
export const number = (what: string) =>
  z
    .number({ error: `${what} must be a number.` })
    .min(-MOST, `${what} is too large to work with.`)
    .max(MOST, `${what} is too large to work with.`);

/** A field that holds one figure. */
export function figure(
  name: string,
  label: string,
  quantity: Quantity,
  initial: string,
  more: Partial<ToolField> = {},
): ToolField {
  return { name, label, unit: INTERNAL_UNIT[quantity], kind: 'figure', quantity, initial, ...more };
}

/** A field that holds several figures parted by spaces. */
export function figures(
  name: string,
  label: string,
  quantity: Quantity,
  initial: string,
  hint = 'With spaces between them.',
): ToolField {
  return { name, label, unit: INTERNAL_UNIT[quantity], kind: 'figures', quantity, initial, hint };
}

/** A field of lines with several figures each; a time of day is read in minutes from midnight. */
export function rows(name: string, label: string, columns: number, initial: string, hint: string): ToolField {
  return { name, label, unit: '', kind: 'rows', quantity: 'plain', columns, initial, hint };
}

/** A field with a few options. */
export function choice(
  name: string,
  label: string,
  initial: string,
  options: NonNullable<ToolField['options']>,
): ToolField {
  return { name, label, unit: '', kind: 'choice', quantity: 'plain', initial, options };
}

/** A line of an answer with a figure. */
export function line(label: string, value: number, unit: string, decimals = 2): ToolLine {
  const measures = measuredIn(unit);
  return {
    label,
    value: formatNumber(value, decimals, '.'),
    unit,
    ...(measures === null ? {} : { figure: { q: measures, v: value } }),
  };
}
