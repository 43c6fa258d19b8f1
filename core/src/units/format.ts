import { displayUnit, toDisplay } from './convert';
import type { Figure, Quantity, UnitSystem } from './quantity';

/** How the reader wants figures: which units, and which decimal mark. */
export interface Reader {
  readonly system: UnitSystem;
  readonly decimal: '.' | ',';
  /** a second system to show small beside the first */
  readonly also?: UnitSystem;
}

export const METRIC: Reader = { system: 'metric', decimal: '.' };

/** Most decimals that a quantity is worth; more would claim what no instrument of the trade shows. */
const DECIMALS: Record<Quantity, number> = {
  waterFlow: 1,
  pumpFlow: 3,
  volume: 2,
  strokeVolume: 4,
  pressure: 2,
  temperature: 1,
  current: 2,
  voltage: 2,
  motorCurrent: 2,
  frequency: 1,
  strokeRate: 1,
  dose: 2,
  strength: 1,
  density: 3,
  length: 2,
  bore: 2,
  area: 2,
  heat: 1,
  salt: 1,
  massRate: 2,
  percent: 1,
  strokes: 0,
  seconds: 1,
  minutes: 1,
  days: 1,
  hours: 1,
  milliseconds: 1,
  pulseRate: 1,
  velocity: 3,
  speed: 0,
  power: 1,
  energy: 2,
  waterVolume: 1,
  difference: 1,
  mass: 1,
  plain: 3,
};

/** Decimals below 1 of what is met both large and small: the return of a house has a hundredth of a pool's flow. */
const DECIMALS_WHEN_SMALL: Partial<Record<Quantity, number>> = { waterFlow: 3 };

function decimalsOf(q: Quantity, shown: number): number {
  const small = Math.abs(shown) < 1 ? DECIMALS_WHEN_SMALL[q] : undefined;
  return Math.min(small ?? DECIMALS[q], decimalsLeft(shown));
}

/** A bare number with at most `decimals` decimals and no trailing zeros. */
export function formatNumber(value: number, decimals: number, decimal: '.' | ','): string {
  if (!Number.isFinite(value)) return '–';
  const fixed = value.toFixed(decimals);
  const trimmed = fixed.includes('.') ? fixed.replace(/\.?0+$/, '') : fixed;
  const signed = trimmed === '-0' ? '0' : trimmed.replace('-', '−');
  return decimal === ',' ? signed.replace('.', ',') : signed;
}

/** Four figures are all that any instrument of the trade is worth: large numbers lose their decimals. */
function decimalsLeft(value: number): number {
  const size = Math.abs(value);
  const whole = size < 1 ? 0 : Math.floor(Math.log10(size)) + 1;
  return Math.max(0, 4 - whole);
}

/** The number alone, in the reader's unit. */
export function figureNumber(figure: Figure, reader: Reader): string {
  const shown = toDisplay(figure.q, figure.v, reader.system);
  return formatNumber(shown, decimalsOf(figure.q, shown), reader.decimal);
}

/** Number and unit, parted by a space that does not break; with the other system behind it where both are wanted. */
export function figureWithUnit(figure: Figure, reader: Reader): string {
  const first = inSystem(figure, reader);
  if (!reader.also || displayUnit(figure.q, reader.also) === displayUnit(figure.q, reader.system))
    return first;
  return `${first} (${inSystem(figure, { ...reader, system: reader.also })})`;
}

function inSystem(figure: Figure, reader: Reader): string {
  return `${figureNumber(figure, reader)}\u00a0${displayUnit(figure.q, reader.system)}`.trimEnd();
}
