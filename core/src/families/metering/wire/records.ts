import { z } from 'zod';
import { described } from '../../../describe';
import { record, figureOrNull, noteSchema, type Frozen } from '../../../visit/wire';

const positive = (what: string) =>
  z.number({ error: `${what} must be a number.` }).positive(`${what} must be more than 0.`);

/** A drawdown as it was made: volumes over strokes, or over seconds at a shown flow. */
export const calibrationBodySchema = record(
  'calibration',
  {
    by: z.enum(['strokes', 'time']),
    volumes_mL: z
      .array(positive('A drawn volume'))
      .min(1, 'Enter at least one volume.')
      .max(20, 'At most 20 runs.'),
    amount: positive('Strokes or seconds of a run'),
    shown_lph: positive('The flow shown').nullable(),
    division_mL: positive('The division of the cylinder'),
    bubbles: z.boolean(),
    assumed_mL: positive('The assumed stroke volume'),
    length_pct: z.number().gt(0, 'The stroke length must be more than 0.').max(100).nullable(),
    pressure_bar: figureOrNull,
    product: z.string().max(200),
  },
  { touches: true },
);

/** Work on the wet end: what was measured of it before no longer holds. */
export const servicedBodySchema = record(
  'serviced',
  {
    what: described(noteSchema.min(1, 'Say what was serviced.'), {
      label: 'What was changed',
      missing: 'Say what was serviced: diaphragm, valves, seal.',
    }),
    counter: described(figureOrNull, {
      label: 'Stroke counter reads',
      quantity: 'strokes',
      hint: 'After it was set back, 0; empty where it has none. The next service is told from it',
    }),
  },
  { touches: true, handsIn: true },
);

/** The last drawdown of this job that stands was mistyped: it is taken back, and stays on the paper as that. */
export const calibrationWithdrawnSchema = record('calibration-withdrawn', {});

/** What is written down of a metering pump alone. */
export const METERING_RECORDS = [
  record('readings-now', {
    current_mA: figureOrNull,
    display_m3h: figureOrNull,
    rate_spm: figureOrNull,
    rateBy: z.enum(['display', 'tap', 'stopwatch']).nullable(),
    pressure_bar: figureOrNull,
    counter: figureOrNull,
    residual_mgl: figureOrNull,
    unreadable: z.record(z.string(), noteSchema),
  }),
  record('live-reading', {
    display_m3h: figureOrNull,
    current_mA: figureOrNull,
    rate_spm: z.number(),
    residual_mgl: figureOrNull,
  }),
  calibrationBodySchema,
  servicedBodySchema,
  calibrationWithdrawnSchema,
] as const;

export type MeteringRecord = Frozen<z.infer<(typeof METERING_RECORDS)[number]>>;
export type CalibrationBody = Frozen<z.infer<typeof calibrationBodySchema>>;
export type ServicedBody = Frozen<z.infer<typeof servicedBodySchema>>;
