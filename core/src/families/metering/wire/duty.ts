import { z } from 'zod';
import {
  answeredOver,
  choice,
  described,
  figure,
  group,
  textAt,
  type Texts,
  withText,
  yesNo,
} from '../../../describe';
import { MOST_FIGURE } from '../../parts/duty-figures';
import { choices, PACED, UNLESS_CHOSEN } from './choices';
import { hoursPlace } from './hours-place';
import { dutyProductSchema } from './product';
import { demandLine, signalSourceSchema, type SignalSource } from './signal-source';
import {
  backPressure,
  headSchema,
  orZero,
  pressureSchema,
  serviceSchema,
  suctionSchema,
  tankSchema,
} from './wet-end';

/** What paces the pump; whether pulses are multiplied or divided is worked out. */
const MODES = {
  analog: 'current signal',
  pulse: 'pulses',
  contact: 'contacts',
  batch: 'batch',
  timer: 'timer',
  manual: 'manual',
} as const;
/** Pulses come from a meter, a current never does. */
function sourceOf(texts: Texts, mode: string): Texts {
  if (PACED.includes(mode)) return withText(texts, 'signal.source', 'meter');
  const meter = textAt(texts, 'signal.source') === 'meter';
  return mode === 'analog' && meter ? withText(texts, 'signal.source', 'flow') : texts;
}

export const strokeVolumeSchema = group({
  full_mL: figure('Stroke volume at full length', 'strokeVolume', { max: 1e5 }),
  basis: choice(
    'Known from',
    { plate: 'plate', measured: 'measurement' },
    {
      hint: 'A measured volume holds at the stroke length it was measured at. A drawdown recorded here takes its place.',
    },
  ),
  atLength_pct: z.number().min(0).max(100).optional(),
});

const place = group(
  {
    /** dosing stops when the water stops, by an interlock outside the pump */
    interlocked: yesNo('Dosing stops by interlock when the water stops'),
    suctionHead_m: described(z.number(), {
      label: 'Suction head, if known',
      quantity: 'length',
      hint: 'Minus for suction lift',
    }).nullable(),
    dischargePressure_bar: described(backPressure('The discharge pressure'), {
      label: 'Discharge, if known',
      quantity: 'pressure',
      asRead: 'pressure_bar',
    }).nullable(),
    /** the pump is started and stopped by its mains supply */
    switchedByMains: yesNo('Switched on and off by its mains supply').optional(),
    /** people other than the technician can reach its keys */
    othersReachKeys: yesNo('Others can reach its keys').optional(),
    /** a contact is wired to the stop input */
    stopContact: yesNo('A contact is wired to its stop input').optional(),
    /** the discharge can be shut, and no relief valve is fitted */
    noRelief: yesNo('The discharge can be shut, with no relief valve').optional(),
    /** seconds from the injection point to where the dose is measured or used */
    residence_s: figure('Travel time, injection to sample point', 'seconds').nullable().optional(),
  },
  {
    order: [
      'interlocked',
      'stopContact',
      'switchedByMains',
      'othersReachKeys',
      'noRelief',
      'suctionHead_m',
      'dischargePressure_bar',
      'residence_s',
    ],
  },
);

/** What the process needs from this pump, in the technician's terms. */
export const meteringDutySchema = group({
  family: z.literal('metering'),
  mode: choice('Mode', MODES, { follows: sourceOf }),
  signal: signalSourceSchema,
  water: group({
    least_m3h: figure('Minimum', 'waterFlow'),
    usual_m3h: figure('Usual', 'waterFlow', { asRead: 'display_m3h' }),
    greatest_m3h: figure('Maximum', 'waterFlow'),
    /** mean flow of each hour of the day, from 0:00 */
    hourly_m3h: described(
      z.array(z.number().min(0, 'A water flow cannot be negative.').max(MOST_FIGURE)).length(24),
      {
        label: 'Hour by hour, from 0:00 (24 figures)',
        lines: 2,
        place: hoursPlace,
        hint: 'In m³/h, or with a unit at the end, e.g. gpm. Spaces between; leave empty if not known.',
      },
    ).nullable(),
  }),
  feed_lph: figure('Pump flow that the site states', 'pumpFlow', {
    hint: 'Empty where the dose decides',
    whole: true,
    when: (here) => here('mode') === 'manual' || here('mode') === 'timer',
    otherwise: undefined,
  }).optional(),
  dose: group({
    wanted_mgl: figure('Wanted dose', 'dose', { unit: 'mg/L' }),
    low_mgl: figure('At least', 'dose', { ...orZero, max: Infinity, unit: 'mg/L' }),
    high_mgl: figure('At most', 'dose', { unit: 'mg/L' }),
  }),
  product: dutyProductSchema,
  strokeVolume: strokeVolumeSchema,
  place,
  suction: suctionSchema.nullable().optional(),
  head: headSchema.nullable().optional(),
  pressure: pressureSchema.nullable().optional(),
  tank: tankSchema.nullable().optional(),
  service: serviceSchema.nullable().optional(),
  batch: group(
    {
      volume_mL: figure('Volume of a batch', 'strokeVolume'),
      spacing_s: figure('Triggers at least', 'seconds', { hint: 'apart' }),
    },
    { whole: true, when: (here) => here('mode') === 'batch', otherwise: null },
  )
    .nullable()
    .optional(),
  timer: group(
    { every_min: figure('From run to run', 'minutes') },
    { whole: true, when: (here) => here('mode') === 'timer', otherwise: null },
  )
    .nullable()
    .optional(),
  /** days until the next planned visit */
  nextVisit_days: figure('Next planned visit in', 'days', { max: 3650, unit: 'd' }).nullable().optional(),
  choices,
}).superRefine((duty, context) => {
  const { least_m3h, usual_m3h, greatest_m3h } = duty.water;
  const complain = (path: string[], message: string) => context.addIssue({ code: 'custom', path, message });
  if (least_m3h > greatest_m3h) {
    complain(['water', 'least_m3h'], 'The minimum water flow is above the maximum.');
  } else if (usual_m3h < least_m3h || usual_m3h > greatest_m3h) {
    complain(['water', 'usual_m3h'], 'The usual water flow lies outside the minimum and the maximum.');
  }
  if (duty.dose.low_mgl > duty.dose.wanted_mgl) {
    complain(['dose', 'low_mgl'], 'The minimum dose is above the required one.');
  }
  if (duty.dose.high_mgl < duty.dose.wanted_mgl) {
    complain(['dose', 'high_mgl'], 'The maximum dose is below the required one.');
  }
  const paced = PACED.includes(duty.mode);
  if (paced && duty.signal.source !== 'meter') {
    complain(['signal', 'source'], 'Pulses come from a meter: choose it as the source of the signal.');
  }
  if (duty.mode === 'analog' && duty.signal.source === 'meter') {
    complain(['signal', 'source'], 'A meter sends pulses, no current: choose a transmitter or a controller.');
  }
  if (duty.mode === 'batch' && !duty.batch) {
    complain(['batch', 'volume_mL'], 'Batch mode needs the volume of a batch.');
  }
  if (duty.mode === 'timer' && !duty.timer) {
    complain(['timer', 'every_min'], 'Timer mode needs the time from run to run.');
  }
  if (duty.pressure && duty.pressure.least_bar > duty.pressure.greatest_bar) {
    complain(['pressure', 'least_bar'], 'The minimum back pressure is above the maximum.');
  }
  if (duty.tank && duty.tank.stop_L > duty.tank.warn_L) {
    complain(['tank', 'stop_L'], 'The stop level is above the warn level: it would stop before it warns.');
  }
  if (duty.choices.dry && duty.choices.dry !== 'stop' && !duty.choices.dryReason?.trim()) {
    complain(['choices', 'dryReason'], 'Say why it may run dry.');
  }
  if (duty.signal.source === 'controller') {
    const { from_mA, to_mA } = demandLine(duty.signal);
    const { leastFeed_lph = 0, greatestFeed_lph } = duty.signal;
    if (from_mA >= to_mA) complain(['signal', 'to_mA'], 'The upper current must lie above the lower one.');
    if (leastFeed_lph >= greatestFeed_lph)
      complain(['signal', 'leastFeed_lph'], 'The feed at the low end must be less than the maximum.');
  }
  if (duty.signal.source === 'flow' && duty.signal.span_m3h < greatest_m3h) {
    complain(
      ['signal', 'span_m3h'],
      'The maximum water flow lies above the transmitter’s span: the signal would stay at 20 mA.',
    );
  }
});
export type MeteringDuty = z.infer<typeof meteringDutySchema>;

type Choices = MeteringDuty['choices'];

/** The chosen schools with the defaults where nothing was chosen: the safe side, by chapter. */
export function choicesOf(duty: MeteringDuty): Required<Omit<Choices, 'gear'>> & Pick<Choices, 'gear'> {
  return answeredOver(UNLESS_CHOSEN, duty.choices);
}

/** The source of a current: analog mode has one, by the duty's schema. */
export function currentSignal(duty: MeteringDuty): Exclude<SignalSource, { source: 'meter' }> {
  if (duty.signal.source === 'meter') throw new TypeError('A meter sends no current.');
  return duty.signal;
}
