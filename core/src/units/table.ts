import { InputError } from '../input';
import { convert } from 'convert';
import { spelledUnit } from './convert';
import type { Quantity } from './quantity';

/** The units of each quantity that the unit tool shows, as the trade writes them. */
export const UNITS_OF = {
  waterFlow: ['m³/h', 'L/s', 'L/min', 'L/h', 'gpm'],
  pumpFlow: ['L/h', 'mL/min', 'mL/h', 'gal/h'],
  volume: ['L', 'mL', 'm³', 'gal'],
  pressure: ['bar', 'mbar', 'kPa', 'MPa', 'psi'],
  strength: ['g/L', 'kg/m3', 'lb/gal'],
  density: ['kg/L', 'g/mL', 'kg/m3', 'lb/gal'],
  length: ['m', 'cm', 'mm', 'ft'],
  temperature: ['°C', '°F', 'K'],
} as const satisfies Partial<Record<Quantity, readonly string[]>>;

export type TableQuantity = keyof typeof UNITS_OF;
export const TABLE_QUANTITIES = Object.keys(UNITS_OF) as TableQuantity[];

const TEMPERATURE = { '°C': 'celsius', '°F': 'fahrenheit', K: 'kelvin' } as const;

/** A value in one unit of a quantity, in every unit of it. Throws an InputError for a unit of another quantity. */
export function inEveryUnit(quantity: TableQuantity, value: number, from: string): Record<string, number> {
  const units: readonly string[] = UNITS_OF[quantity];
  if (!units.includes(from)) {
    throw new InputError('from', `“${from}” is no unit of this quantity; choose ${units.join(', ')}.`);
  }
  return Object.fromEntries(units.map((to) => [to, between(quantity, value, from, to)]));
}

function between(quantity: TableQuantity, value: number, from: string, to: string): number {
  if (quantity === 'temperature') {
    const kelvin = convert(value, TEMPERATURE[from as keyof typeof TEMPERATURE]).to('kelvin');
    if (kelvin < -1e-9) throw new InputError('value', 'Nothing is colder than −273.15 °C.');
    const scale = (unit: string) => TEMPERATURE[unit as keyof typeof TEMPERATURE];
    return convert(value, scale(from)).to(scale(to));
  }
  const worth = (unit: string) => spelledUnit(quantity, unit) ?? NaN;
  return (value * worth(from)) / worth(to);
}
