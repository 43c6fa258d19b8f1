import { z } from 'zod';
import { described, figure, group, share, word } from '../../../describe';
import { MOST_FIGURE } from '../../parts/duty-figures';

/** Pressure above ambient; below nil where the outlet lies under the pump or stands under vacuum. */
export const backPressure = (what: string) =>
  z
    .number({ error: `${what} must be a number.` })
    .gt(-1.1, `${what} cannot be under a full vacuum, −1 bar.`)
    .max(500, `${what} cannot be above 500 bar.`);

/** A figure from nil up. */
export const orZero = { min: 0 } as const;

/** What is known of the suction side; null where it is not. */
export const suctionSchema = group(
  {
    pipe_m: figure('Suction line', 'length', orZero),
    bore_mm: figure('Bore', 'bore'),
    friction_m: figure('Friction loss', 'length', { ...orZero, max: 100 }).nullable(),
    vapour_bar: figure('Vapour pressure', 'pressure', { ...orZero, max: 20 }).nullable(),
    tank_bar: figure('On the tank, absolute', 'pressure', {
      max: 20,
      hint: 'Empty: open to the air',
    }).nullable(),
    /** where the tank is open: height above the sea, and temperature of the liquid; sea level and 20 °C where not said */
    altitude_m: figure('Height above the sea', 'length', {
      min: -500,
      max: 6000,
      hint: 'Empty: sea level',
    })
      .nullable()
      .optional(),
    liquid_C: figure('Liquid at its warmest', 'temperature', { ...orZero, max: 100, hint: 'Empty: 20 °C' })
      .nullable()
      .optional(),
    /** head the pump needs, from its manual */
    needed_m: figure('Head it needs', 'length', { ...orZero, hint: 'Manual; empty: 2 m' }).nullable(),
  },
  {
    note: 'Fill in what is known; each part is checked once it is.',
    order: [
      'pipe_m',
      'bore_mm',
      'friction_m',
      'vapour_bar',
      'tank_bar',
      'needed_m',
      'altitude_m',
      'liquid_C',
    ],
  },
);

/** What gas does in this head. */
export const headSchema = group({
  dead_mL: figure('Dead volume of the head', 'strokeVolume'),
  /** opening pressure of the injection valve, bar */
  injection_bar: figure('Injection valve opens at', 'pressure', { ...orZero, hint: '0 without one' }),
});

/** The site's swing of back pressure and what it costs, where it was measured. */
export const pressureSchema = group({
  least_bar: described(backPressure('The minimum back pressure'), {
    label: 'Back pressure, minimum',
    quantity: 'pressure',
  }),
  greatest_bar: described(backPressure('The maximum back pressure'), {
    label: 'Maximum',
    quantity: 'pressure',
  }),
  /** share of stroke volume lost for each bar; null when not measured */
  lossPer_bar: share('Stroke volume lost for each bar', {
    ...orZero,
    max: MOST_FIGURE,
    hint: 'From two drawdowns at two pressures; empty when not measured',
  }).nullable(),
});

export const tankSchema = group({
  now_L: figure('In the tank now', 'volume', orZero),
  warn_L: figure('Warn level', 'volume', orZero),
  stop_L: figure('Stop level', 'volume', orZero),
});

export const serviceSchema = group({
  what: described(z.string().min(1, 'Say what is due: diaphragm, valves, seal.').max(200), {
    label: 'Service by strokes: what',
    hint: 'Diaphragm, valves, seal',
    place: word,
  }),
  everyStrokes: figure('Every', 'strokes', { max: 1e9, unit: 'strokes' }),
  madeStrokes: figure('Made since the last', 'strokes', { ...orZero, max: 1e9, unit: 'strokes' }),
});
