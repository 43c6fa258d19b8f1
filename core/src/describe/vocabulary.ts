import { z } from 'zod';
import { fig, figureWithUnit, presentReader, type Quantity } from '../units';
import { described, type Described } from './described';
import { days, numbers, percent, time } from './places';

/**
 * What the schemas of duties, habits and records are made of: each value with its label, its quantity and its bounds, said once. Words of
 * a bound are made for whoever reads just then.
 *
 * @example
 * const vessel = group({
 *   area_m2: figure('Area of the liquid', 'area', { max: 100 }),
 *   vacuum_kPa: figure('Vacuum', 'vacuum', { min: 0, max: 100, hint: '0 where it stands open' }),
 *   drain_mm: figure('Drain, above the floor', 'level').nullable(),
 * });
 */

/** No figure of the trade is larger than this, in the unit it is kept in. */
const MOST_FIGURE = 1e6;

interface Bounds {
  /** not below this; above zero where it is left out */
  readonly min?: number;
  /** not above this; `Infinity` where nothing bounds it, a million where it is left out */
  readonly max?: number;
}
type More = Omit<Described, 'label' | 'quantity'>;

function bounded(quantity: Quantity, { min, max = MOST_FIGURE }: Bounds, unit?: string): z.ZodNumber {
  const said = (value: number) =>
    unit ? `${value} ${unit}` : figureWithUnit(fig(quantity, value), presentReader());
  const number = z.number({ error: 'This must be a number.' });
  const from =
    min === undefined
      ? number.positive('This must be more than 0.')
      : number.min(min, {
          error: () => (min === 0 ? 'This cannot be below 0.' : `This cannot be below ${said(min)}.`),
        });
  // what nothing bounds is still a number
  return max === Infinity ? from : from.max(max, { error: () => `This cannot be above ${said(max)}.` });
}

/** A figure of a quantity, kept in its own unit: above zero unless `min` says more. */
export function figure(
  label: Described['label'],
  quantity: Quantity,
  { min, max, ...said }: Bounds & More = {},
): z.ZodNumber {
  return described(bounded(quantity, { min, max }, said.unit), { label, quantity, ...said });
}

/** A number of things. */
export function whole(
  label: Described['label'],
  { min = 0, max, ...said }: { min?: number; max: number } & More,
): z.ZodInt {
  const from = z.int('This must be a whole number.').min(min, `This must be ${min} at least.`);
  const number = max === Infinity ? from : from.max(max, `This can be ${max} at most.`);
  return described(number, { label, quantity: 'plain', ...said });
}

/** A share, kept from 0 to 1 and typed in per cent. */
export function share(label: Described['label'], { min, max = 1, ...said }: Bounds & More = {}): z.ZodNumber {
  const kept = bounded('plain', { min, max });
  return described(kept, { label, quantity: 'percent', unit: '%', place: percent, ...said });
}

/** One of a few, each with its words; a form begins them with a capital. */
export function choice<W extends Readonly<Record<string, string>>>(
  label: Described['label'],
  words: W,
  more: Omit<More, 'options'> = {},
): z.ZodEnum<{ [K in keyof W & string]: K }> {
  return described(oneOf(words), { label, options: optionsOf(words), ...more });
}

/** Several of a few. */
export function several<W extends Readonly<Record<string, string>>>(
  label: Described['label'],
  words: W,
  { tooFew, ...more }: Omit<More, 'options'> & { tooFew?: string } = {},
): z.ZodArray<z.ZodEnum<{ [K in keyof W & string]: K }>> {
  const list = z.array(oneOf(words));
  return described(tooFew ? list.min(1, tooFew) : list, { label, options: optionsOf(words), ...more });
}

function oneOf<W extends Readonly<Record<string, string>>>(
  words: W,
): z.ZodEnum<{ [K in keyof W & string]: K }> {
  // the names of an object are known to be its keys, not to the language
  return z.enum(Object.keys(words) as (keyof W & string)[]);
}
function optionsOf(words: Readonly<Record<string, string>>) {
  return Object.entries(words).map(([value, said]) => ({
    value,
    label: said.charAt(0).toUpperCase() + said.slice(1),
  }));
}

/** Yes or no, said by somebody: neither stands there before. */
export function yesNo(label: Described['label'], more: More = {}): z.ZodBoolean {
  return described(z.boolean(), { label, ...more });
}

/** A tick: not ticked is no. */
export function tick(label: Described['label'], more: More = {}): z.ZodBoolean {
  return described(z.boolean(), { label, tick: true, ...more });
}

/** Words. */
export function text(
  label: Described['label'],
  { max, missing, ...more }: { max?: number } & More = {},
): z.ZodString {
  const words = z.string().min(1, missing ?? 'This is needed.');
  return described(max === undefined ? words : words.max(max, `At most ${max} characters.`), {
    label,
    missing,
    ...more,
  });
}

/** A time of day, kept in minutes after midnight; 24:00 ends a day. */
export function minute(label: Described['label'], more: More = {}): z.ZodInt {
  return described(z.int().min(0).max(1440), { label, place: time, ...more });
}

/** Days of the week, kept as their numbers: `1234567`. */
export function weekDays<S extends z.core.$ZodType>(
  label: Described['label'],
  schema: S,
  more: More = {},
): S {
  return described(schema, { label, place: days, ...more });
}

/** Whole numbers with commas between them. */
export function wholes<S extends z.core.$ZodType>(
  label: Described['label'],
  schema: S,
  more: More = {},
): z.ZodArray<S> {
  return described(z.array(schema), { label, place: numbers, hint: 'With commas between them', ...more });
}

/** What belongs together under a name. What may be missing has a switch called `on`; without one it counts as soon as something stands in it. */
export function group<Shape extends z.core.$ZodLooseShape>(
  shape: Shape,
  said: Described = {},
): z.ZodObject<Shape, z.core.$strict> {
  return described(z.object(shape).strict(), said);
}

/** The word by which one of several kinds of a group is known, and what it is called. */
export function kind<const V extends string>(value: V, label: string): z.ZodLiteral<V> {
  return described(z.literal(value), { label });
}

/** A list of alike things. */
export function rows<S extends z.core.$ZodType>(
  add: string,
  one: S,
  { min = 0, max, tooFew, ...said }: { min?: number; max: number; tooFew?: string } & More,
): z.ZodArray<S> {
  const any = z.array(one);
  // what nothing bounds is still a list
  const list = max === Infinity ? any : any.max(max, `At most ${max} of them.`);
  return described(min === 0 ? list : list.min(min, tooFew ?? `At least ${min} of them.`), {
    add,
    ...said,
  });
}
