import { convert } from 'convert';

/** Litres in a US gallon, kilograms in a pound and the rest come from the units package. */
const GALLON_L = convert(1, 'US liquid gallon').to('liter');
const POUND_KG = convert(1, 'pound').to('kilogram');
const PSI_BAR = convert(1, 'psi').to('bar');
const FOOT_M = convert(1, 'foot').to('meter');
/** A British thermal unit (international table) is 1055.056 J. */
const BTU_H_KW = 1.05505585262 / 3600;
const BTU_LBF_KJ = (1.05505585262 / POUND_KG) * 1.8;
/** Of water of 1000 kg/m³. */
const HEAD_OF_KPA = 1 / 9.80665;
/** Of mercury at 0 °C. */
const INCH_HG_KPA = 3.386389;
/** The mechanical horsepower, 550 ft·lb/s. */
const HORSEPOWER_KW = (550 * FOOT_M * POUND_KG * 9.80665) / 1000;
const POUND_FOOT_NM = POUND_KG * 9.80665 * FOOT_M;

/** A unit that a quantity is shown in, to and from the program's own. */
export interface DisplayUnit {
  readonly unit: string;
  readonly to: (value: number) => number;
  readonly from: (value: number) => number;
}

/** All that is said of a quantity of the trade. */
export interface QuantityRow {
  /** the one unit that it has inside the program; names that cross a boundary carry it (`water_m3h`) */
  readonly unit: string;
  /** most decimals that it is worth: more would claim what no instrument of the trade shows */
  readonly decimals: number;
  /** the same below 1, of what is met both large and small */
  readonly small?: number;
  /** how it reads in US units, where that is otherwise */
  readonly us?: DisplayUnit;
  /** units that it can be typed in, the program's own first; its own alone where left out */
  readonly typed?: readonly string[];
  /** spellings that may stand with a pasted figure or in a profile, in small letters: what each is worth in the program's own unit */
  readonly spelled: Readonly<Record<string, number>>;
  /** its unit means another quantity too, or nothing: it does not tell what a figure measures */
  readonly alsoOther?: true;
}

function scaled(unit: string, internalPerUnit: number): DisplayUnit {
  return { unit, to: (value) => value / internalPerUnit, from: (value) => value * internalPerUnit };
}

/** The quantities of the trade: a new one is one more row. */
export const QUANTITIES = {
  waterFlow: {
    unit: 'm³/h',
    decimals: 1,
    // the return of a house has a hundredth of a pool’s flow
    small: 3,
    us: scaled('gpm', (GALLON_L * 60) / 1000),
    typed: ['m³/h', 'L/s', 'L/min', 'gpm'],
    spelled: {
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
  },
  pumpFlow: {
    unit: 'L/h',
    decimals: 3,
    us: scaled('gal/h', GALLON_L),
    typed: ['L/h', 'mL/min', 'gal/h'],
    spelled: {
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
  },
  volume: {
    unit: 'L',
    decimals: 2,
    us: scaled('gal', GALLON_L),
    typed: ['L', 'mL', 'm³', 'gal'],
    spelled: { l: 1, ml: 0.001, m3: 1000, 'm³': 1000, gal: GALLON_L },
  },
  strokeVolume: {
    unit: 'mL',
    decimals: 4,
    typed: ['mL', 'cm³'],
    spelled: { ml: 1, l: 1000, cm3: 1, 'cm³': 1, gal: GALLON_L * 1000 },
  },
  pressure: {
    unit: 'bar',
    decimals: 2,
    us: scaled('psi', PSI_BAR),
    typed: ['bar', 'kPa', 'psi'],
    spelled: { bar: 1, mbar: 0.001, kpa: 0.01, mpa: 10, psi: PSI_BAR },
  },
  temperature: {
    unit: '°C',
    decimals: 1,
    us: {
      unit: '°F',
      to: (value) => convert(value, 'celsius').to('fahrenheit'),
      from: (value) => convert(value, 'fahrenheit').to('celsius'),
    },
    typed: ['°C', '°F'],
    spelled: { '°c': 1, c: 1, '°f': 5 / 9, f: 5 / 9, k: 1 },
  },
  current: {
    unit: 'mA',
    decimals: 2,
    spelled: { ma: 1, a: 1000 },
  },
  voltage: {
    unit: 'V',
    decimals: 2,
    spelled: { v: 1, mv: 0.001 },
  },
  /** of a motor; a signal has `current` */
  motorCurrent: {
    unit: 'A',
    decimals: 2,
    spelled: { a: 1, ma: 0.001 },
  },
  frequency: {
    unit: 'Hz',
    decimals: 1,
    spelled: { hz: 1, '1/s': 1 },
  },
  strokeRate: {
    unit: 'strokes/min',
    decimals: 1,
    spelled: { 'strokes/min': 1, spm: 1, '1/min': 1, '/min': 1 },
  },
  dose: {
    unit: 'mg/L',
    decimals: 2,
    spelled: { 'mg/l': 1, 'g/m3': 1, 'g/m³': 1, ppm: 1 },
  },
  strength: {
    unit: 'g/L',
    decimals: 1,
    us: scaled('lb/gal', (POUND_KG * 1000) / GALLON_L),
    typed: ['g/L', 'ppm', 'lb/gal'],
    spelled: {
      'g/l': 1,
      'kg/m3': 1,
      'kg/m³': 1,
      'mg/l': 0.001,
      ppm: 0.001,
      'lb/gal': (POUND_KG * 1000) / GALLON_L,
    },
  },
  density: {
    unit: 'kg/L',
    decimals: 3,
    us: scaled('lb/gal', POUND_KG / GALLON_L),
    typed: ['kg/L', 'lb/gal'],
    spelled: {
      'kg/l': 1,
      'kg/m³': 0.001,
      'g/cm³': 1,
      'g/ml': 1,
      'g/cm3': 1,
      'kg/m3': 0.001,
      'lb/gal': POUND_KG / GALLON_L,
    },
  },
  length: {
    unit: 'm',
    decimals: 2,
    us: scaled('ft', FOOT_M),
    typed: ['m', 'cm', 'ft', 'in'],
    spelled: { m: 1, cm: 0.01, mm: 0.001, ft: FOOT_M, in: FOOT_M / 12 },
  },
  /** of a pump, in metres of water: displays show it as a pressure too */
  head: {
    unit: 'm',
    decimals: 2,
    us: scaled('ft', FOOT_M),
    typed: ['m', 'kPa', 'ft'],
    spelled: {
      m: 1,
      cm: 0.01,
      ft: FOOT_M,
      kpa: HEAD_OF_KPA,
      mbar: HEAD_OF_KPA / 10,
      bar: HEAD_OF_KPA * 100,
      psi: HEAD_OF_KPA * 100 * PSI_BAR,
    },
    alsoOther: true,
  },
  /** of a pipe */
  bore: {
    unit: 'mm',
    decimals: 2,
    us: scaled('in', (FOOT_M * 1000) / 12),
    typed: ['mm', 'in'],
    spelled: { mm: 1, cm: 10, m: 1000, in: (FOOT_M * 1000) / 12 },
  },
  area: {
    unit: 'm²',
    decimals: 2,
    us: scaled('ft²', FOOT_M * FOOT_M),
    typed: ['m²', 'ft²'],
    spelled: { 'm²': 1, m2: 1, 'ft²': FOOT_M * FOOT_M, ft2: FOOT_M * FOOT_M },
  },
  /** what a heater gives */
  heat: {
    unit: 'kW',
    decimals: 1,
    us: scaled('BTU/h', BTU_H_KW),
    typed: ['kW', 'BTU/h'],
    spelled: { kw: 1, w: 0.001, 'btu/h': BTU_H_KW },
  },
  salt: {
    unit: 'kg',
    decimals: 1,
    us: scaled('lb', POUND_KG),
    typed: ['kg', 'lb'],
    spelled: { kg: 1, g: 0.001, lb: POUND_KG },
  },
  /** what a chlorinator makes */
  massRate: {
    unit: 'g/h',
    decimals: 2,
    spelled: { 'g/h': 1, 'kg/h': 1000, 'g/d': 1 / 24, 'lb/d': (POUND_KG * 1000) / 24 },
  },
  percent: {
    unit: '%',
    decimals: 1,
    spelled: { '%': 1 },
  },
  pulses: {
    unit: 'pulses',
    decimals: 0,
    spelled: { pulses: 1 },
  },
  strokes: {
    unit: 'strokes',
    decimals: 0,
    spelled: { strokes: 1 },
  },
  seconds: {
    unit: 's',
    decimals: 1,
    typed: ['s', 'min'],
    spelled: { s: 1, min: 60, h: 3600 },
  },
  minutes: {
    unit: 'min',
    decimals: 1,
    typed: ['min', 'h'],
    spelled: { min: 1, s: 1 / 60, h: 60 },
  },
  days: {
    unit: 'd',
    decimals: 1,
    spelled: { d: 1, days: 1, weeks: 7 },
  },
  hours: {
    unit: 'h',
    decimals: 1,
    typed: ['h', 'min'],
    spelled: { h: 1, min: 1 / 60, d: 24 },
  },
  milliseconds: {
    unit: 'ms',
    decimals: 1,
    spelled: { ms: 1, s: 1000 },
    alsoOther: true,
  },
  pulseRate: {
    unit: 'pulses/min',
    decimals: 1,
    spelled: { 'pulses/min': 1, 'pulses/s': 60, hz: 60 },
  },
  velocity: {
    unit: 'm/s',
    decimals: 3,
    us: scaled('ft/s', FOOT_M),
    spelled: { 'm/s': 1, 'ft/s': FOOT_M },
  },
  speed: {
    unit: 'rev/min',
    decimals: 0,
    spelled: { 'rev/min': 1, rpm: 1, '1/min': 1, '/min': 1 },
  },
  power: {
    unit: 'W',
    decimals: 1,
    typed: ['W', 'kW'],
    spelled: { w: 1, kw: 1000 },
  },
  energy: {
    unit: 'kWh',
    decimals: 2,
    spelled: { kwh: 1, wh: 0.001 },
  },
  waterVolume: {
    unit: 'm³',
    decimals: 1,
    us: scaled('gal', GALLON_L / 1000),
    spelled: { 'm³': 1, m3: 1, l: 0.001, gal: GALLON_L / 1000 },
  },
  difference: {
    unit: 'K',
    decimals: 1,
    us: scaled('°F', 5 / 9),
    typed: ['K', '°F'],
    spelled: { k: 1, '°c': 1, '°f': 5 / 9 },
  },
  mass: {
    unit: 'g',
    decimals: 1,
    spelled: { g: 1, kg: 1000, mg: 0.001 },
  },
  /** of a liquid over a float’s low end */
  level: {
    unit: 'mm',
    decimals: 2,
    us: scaled('in', (FOOT_M * 1000) / 12),
    typed: ['mm', 'cm', 'in'],
    spelled: { mm: 1, cm: 10, m: 1000, in: (FOOT_M * 1000) / 12 },
    alsoOther: true,
  },
  /** under the air around, as its gauge counts it */
  vacuum: {
    unit: 'kPa',
    decimals: 1,
    us: scaled('inHg', INCH_HG_KPA),
    typed: ['kPa', 'mbar', 'inHg'],
    spelled: { kpa: 1, mbar: 0.1, hpa: 0.1, bar: 100, inhg: INCH_HG_KPA, psi: PSI_BAR * 100 },
    alsoOther: true,
  },
  /** of what is pumped; what stands in a tank has `density` */
  liquidDensity: {
    unit: 'kg/m³',
    decimals: 1,
    us: scaled('lb/ft³', POUND_KG / FOOT_M ** 3),
    typed: ['kg/m³', 'kg/L', 'lb/ft³'],
    spelled: {
      'kg/m³': 1,
      'kg/m3': 1,
      'kg/l': 1000,
      'g/ml': 1000,
      'g/cm³': 1000,
      'g/cm3': 1000,
      'lb/ft³': POUND_KG / FOOT_M ** 3,
      'lb/ft3': POUND_KG / FOOT_M ** 3,
    },
  },
  heatCapacity: {
    unit: 'kJ/(kg·K)',
    decimals: 2,
    us: scaled('BTU/(lb·°F)', BTU_LBF_KJ),
    typed: ['kJ/(kg·K)', 'BTU/(lb·°F)'],
    spelled: { 'kj/(kg·k)': 1, 'kj/kgk': 1, 'btu/(lb·°f)': BTU_LBF_KJ },
  },
  /** what a heat exchanger passes for each kelvin */
  conductance: {
    unit: 'kW/K',
    decimals: 3,
    us: scaled('BTU/(h·°F)', (BTU_H_KW * 9) / 5),
    typed: ['kW/K', 'W/K', 'BTU/(h·°F)'],
    spelled: { 'kw/k': 1, 'w/k': 0.001, 'btu/(h·°f)': (BTU_H_KW * 9) / 5 },
  },
  /** what a pipe loses for each metre */
  lineLoss: {
    unit: 'W/m',
    decimals: 1,
    us: scaled('BTU/(h·ft)', (BTU_H_KW * 1000) / FOOT_M),
    typed: ['W/m', 'BTU/(h·ft)'],
    spelled: { 'w/m': 1, 'btu/(h·ft)': (BTU_H_KW * 1000) / FOOT_M },
  },
  /** what a body of water loses for each kelvin over the air */
  heatLoss: {
    unit: 'W/K',
    decimals: 1,
    us: scaled('BTU/(h·°F)', BTU_H_KW * 1800),
    typed: ['W/K', 'BTU/(h·°F)'],
    spelled: { 'w/k': 1, 'kw/k': 1000, 'btu/(h·°f)': BTU_H_KW * 1800 },
  },
  torque: {
    unit: 'N·m',
    decimals: 1,
    us: scaled('lb·ft', POUND_FOOT_NM),
    typed: ['N·m', 'lb·ft'],
    spelled: { 'n·m': 1, nm: 1, 'lb·ft': POUND_FOOT_NM },
  },
  /** on a motor’s plate; what it takes has `power` */
  motorPower: {
    unit: 'kW',
    decimals: 2,
    us: scaled('hp', HORSEPOWER_KW),
    typed: ['kW', 'hp'],
    spelled: { kw: 1, w: 0.001, hp: HORSEPOWER_KW },
    alsoOther: true,
  },
  /** a bare number: a factor, a count */
  plain: {
    unit: '',
    decimals: 3,
    spelled: { '-': 1 },
    alsoOther: true,
  },
} as const satisfies Readonly<Record<string, QuantityRow>>;

export type Quantity = keyof typeof QUANTITIES;

/** What is said of a quantity. */
export const rowOf = (q: Quantity): QuantityRow => QUANTITIES[q];
