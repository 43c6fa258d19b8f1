import { convert } from 'convert';
import { INTERNAL_UNIT, type Quantity, type UnitSystem } from './quantity';

/** Litres in a US gallon, kilograms in a pound and the rest come from the units package. */
const GALLON_L = convert(1, 'US liquid gallon').to('liter');
const POUND_KG = convert(1, 'pound').to('kilogram');
const PSI_BAR = convert(1, 'psi').to('bar');
const FOOT_M = convert(1, 'foot').to('meter');
/** A British thermal unit (international table) is 1055.056 J. */
const BTU_H_KW = 1.05505585262 / 3600;

interface DisplayUnit {
  readonly unit: string;
  readonly to: (value: number) => number;
  readonly from: (value: number) => number;
}

function scaled(unit: string, internalPerUnit: number): DisplayUnit {
  return { unit, to: (value) => value / internalPerUnit, from: (value) => value * internalPerUnit };
}

/** Quantities that read otherwise in US units; the rest are the same in both. */
const US: Partial<Record<Quantity, DisplayUnit>> = {
  waterFlow: scaled('gpm', (GALLON_L * 60) / 1000),
  pumpFlow: scaled('gal/h', GALLON_L),
  volume: scaled('gal', GALLON_L),
  pressure: scaled('psi', PSI_BAR),
  temperature: {
    unit: '°F',
    to: (value) => convert(value, 'celsius').to('fahrenheit'),
    from: (value) => convert(value, 'fahrenheit').to('celsius'),
  },
  strength: scaled('lb/gal', (POUND_KG * 1000) / GALLON_L),
  density: scaled('lb/gal', POUND_KG / GALLON_L),
  length: scaled('ft', FOOT_M),
  bore: scaled('in', (FOOT_M * 1000) / 12),
  area: scaled('ft²', FOOT_M * FOOT_M),
  heat: scaled('BTU/h', BTU_H_KW),
  salt: scaled('lb', POUND_KG),
  waterVolume: scaled('gal', GALLON_L / 1000),
  velocity: scaled('ft/s', FOOT_M),
  difference: scaled('°F', 5 / 9),
};

/** The unit a quantity is shown in. */
export function displayUnit(q: Quantity, system: UnitSystem): string {
  return (system === 'us' ? US[q]?.unit : undefined) ?? INTERNAL_UNIT[q];
}

/** A value in the internal unit → the shown unit. */
export function toDisplay(q: Quantity, value: number, system: UnitSystem): number {
  return (system === 'us' ? US[q]?.to(value) : undefined) ?? value;
}

/** A value in the shown unit → the internal unit. Inverse of `toDisplay`. */
export function fromDisplay(q: Quantity, value: number, system: UnitSystem): number {
  return (system === 'us' ? US[q]?.from(value) : undefined) ?? value;
}

/** Spellings of units that may be pasted with a figure: what each is worth in the internal unit. */
const SPELLINGS: Partial<Record<Quantity, Readonly<Record<string, number>>>> = {
  waterFlow: {
    'gal/min': (GALLON_L * 60) / 1000,
    'gal/h': GALLON_L / 1000,
    gph: GALLON_L / 1000,
    'm3/h': 1,
    'm³/h': 1,
    'l/s': 3.6,
    'l/min': 0.06,
    'l/h': 0.001,
    gpm: (GALLON_L * 60) / 1000,
  },
  pumpFlow: {
    'l/h': 1,
    'l/min': 60,
    'm3/h': 1000,
    'm³/h': 1000,
    'gal/d': GALLON_L / 24,
    gpd: GALLON_L / 24,
    'ml/min': 0.06,
    'ml/h': 0.001,
    'gal/h': GALLON_L,
    gph: GALLON_L,
  },
  volume: { l: 1, ml: 0.001, m3: 1000, 'm³': 1000, gal: GALLON_L },
  strokeVolume: { ml: 1, l: 1000, cm3: 1, 'cm³': 1, gal: GALLON_L * 1000 },
  pressure: { bar: 1, mbar: 0.001, kpa: 0.01, mpa: 10, psi: PSI_BAR },
  current: { ma: 1, a: 1000 },
  voltage: { v: 1, mv: 0.001 },
  motorCurrent: { a: 1, ma: 0.001 },
  frequency: { hz: 1, '1/s': 1 },
  strokeRate: { 'strokes/min': 1, spm: 1, '1/min': 1, '/min': 1 },
  dose: { 'mg/l': 1, 'g/m3': 1, 'g/m³': 1, ppm: 1 },
  strength: {
    'g/l': 1,
    'kg/m3': 1,
    'kg/m³': 1,
    'mg/l': 0.001,
    ppm: 0.001,
    'lb/gal': (POUND_KG * 1000) / GALLON_L,
  },
  density: {
    'kg/l': 1,
    'kg/m³': 0.001,
    'g/cm³': 1,
    'g/ml': 1,
    'g/cm3': 1,
    'kg/m3': 0.001,
    'lb/gal': POUND_KG / GALLON_L,
  },
  bore: { mm: 1, cm: 10, m: 1000, in: (FOOT_M * 1000) / 12 },
  area: { 'm²': 1, m2: 1, 'ft²': FOOT_M * FOOT_M, ft2: FOOT_M * FOOT_M },
  heat: { kw: 1, w: 0.001, 'btu/h': BTU_H_KW },
  salt: { kg: 1, g: 0.001, lb: POUND_KG },
  massRate: { 'g/h': 1, 'kg/h': 1000, 'g/d': 1 / 24, 'lb/d': (POUND_KG * 1000) / 24 },
  length: { m: 1, cm: 0.01, mm: 0.001, ft: FOOT_M, in: FOOT_M / 12 },
  temperature: { '°c': 1, c: 1, '°f': 5 / 9, f: 5 / 9, k: 1 },
  percent: { '%': 1 },
  strokes: { strokes: 1 },
  seconds: { s: 1, min: 60, h: 3600 },
  minutes: { min: 1, s: 1 / 60, h: 60 },
  days: { d: 1, days: 1, weeks: 7 },
  hours: { h: 1, min: 1 / 60, d: 24 },
  milliseconds: { ms: 1, s: 1000 },
  pulseRate: { 'pulses/min': 1, 'pulses/s': 60, hz: 60 },
  velocity: { 'm/s': 1, 'ft/s': FOOT_M },
  speed: { 'rev/min': 1, rpm: 1, '1/min': 1, '/min': 1 },
  power: { w: 1, kw: 1000 },
  energy: { kwh: 1, wh: 0.001 },
  waterVolume: { 'm³': 1, m3: 1, l: 0.001, gal: GALLON_L / 1000 },
  plain: { '-': 1 },
  difference: { k: 1, '°c': 1, '°f': 5 / 9 },
  mass: { g: 1, kg: 1000, mg: 0.001 },
};

/** What a pasted unit is worth in the internal unit, or undefined when it is none of this quantity's. */
export function spelledUnit(q: Quantity, spelling: string): number | undefined {
  const spellings = SPELLINGS[q];
  const key = spelling.toLowerCase().replace(/\s+/g, '');
  return spellings && Object.hasOwn(spellings, key) ? spellings[key] : undefined;
}

/** Where each scale of temperature has its nil, in °C. */
const ZERO_C: Readonly<Record<string, number>> = { '°f': -160 / 9, f: -160 / 9, k: -273.15 };

/** A value in a unit as it is spelled → the internal unit; undefined for a unit that is none of this quantity's. */
export function fromUnit(q: Quantity, value: number, spelling: string): number | undefined {
  const worth = spelledUnit(q, spelling);
  if (worth === undefined) return undefined;
  const zero = q === 'temperature' ? (ZERO_C[spelling.toLowerCase().trim()] ?? 0) : 0;
  return value * worth + zero;
}

/** A value in the internal unit → a unit as it is spelled. Inverse of `fromUnit`. */
export function toUnit(q: Quantity, value: number, spelling: string): number | undefined {
  const worth = spelledUnit(q, spelling);
  if (worth === undefined) return undefined;
  const zero = q === 'temperature' ? (ZERO_C[spelling.toLowerCase().trim()] ?? 0) : 0;
  return (value - zero) / worth;
}
