import { z } from 'zod';
import {
  choice,
  described,
  figure,
  group,
  share,
  textAt,
  type Texts,
  withText,
  word,
  yesNo,
} from '../../../describe';
import { MOST_FIGURE, positive } from '../../parts/duty-figures';
import { hoursPlace } from './hours-place';

export const strengthSchema = z.discriminatedUnion('stated', [
  z.object({ stated: z.literal('mass'), gpl: positive('The strength', 20_000) }).strict(),
  z
    .object({
      stated: z.literal('weight'),
      percent: positive('The strength').max(100, 'The strength cannot be more than 100 %.'),
      density_kgl: positive('The density', 25),
    })
    .strict(),
  z
    .object({
      stated: z.literal('volume'),
      percent: positive('The strength').max(100, 'The strength cannot be more than 100 %.'),
    })
    .strict(),
]);

export const siteDateSchema = z.string().regex(/^\d{4}-\d{2}-\d{2}$/, 'A date is written 2026-05-31.');

export const dutyProductSchema = z
  .object({
    productId: z.string().max(64).optional(),
    name: z.string().min(1, 'The product needs a name.').max(200),
    strength: strengthSchema,
    /** what the strength is known from: null means the label only */
    measuredOn: siteDateSchema.nullable(),
    halfLife_days: positive('The half-life', 36_500).nullable(),
    density_kgl: positive('The density', 25),
    gassing: z.boolean(),
  })
  .strict();
export type DutyProduct = z.infer<typeof dutyProductSchema>;

export const signalSourceSchema = z.discriminatedUnion('source', [
  z
    .object({
      source: z.literal('flow'),
      low_mA: z.union([z.literal(0), z.literal(4)]),
      span_m3h: positive('The transmitter’s span'),
    })
    .strict(),
  z
    .object({
      source: z.literal('controller'),
      measures: z.enum(['residual', 'pH', 'redox', 'conductivity']),
      low_mA: z.union([z.literal(0), z.literal(4)]),
      greatestFeed_lph: positive('The maximum useful feed'),
      action: z.enum(['rising', 'falling']),
      onLostSignal: z.enum(['stop', 'hold']),
    })
    .strict(),
  z
    .object({
      source: z.literal('meter'),
      litresPerPulse: positive('The water for each pulse', 1e5),
      contact: z.enum(['mechanical', 'electronic']),
      /** share of the time from pulse to pulse that the contact is closed */
      closedShare: z
        .number({ error: 'The closed share must be a number.' })
        .gt(0, 'The closed share must lie between 0 and 1.')
        .lt(1, 'The closed share must lie between 0 and 1.'),
    })
    .strict(),
]);
export type SignalSource = z.infer<typeof signalSourceSchema>;

/** Pressure above ambient; below nil where the outlet lies under the pump or stands under vacuum. */
const backPressure = (what: string) =>
  z
    .number({ error: `${what} must be a number.` })
    .gt(-1.1, `${what} cannot be under a full vacuum, −1 bar.`)
    .max(500, `${what} cannot be above 500 bar.`);

/** A figure from nil up. */
const orNil = { least: 0 } as const;

/** What is known of the suction side; null where it is not. */
export const suctionSchema = group(
  {
    pipe_m: figure('Suction line', 'length', orNil),
    bore_mm: figure('Bore', 'bore'),
    friction_m: figure('Friction loss', 'length', { ...orNil, most: 100 }).nullable(),
    vapour_bar: figure('Vapour pressure', 'pressure', { ...orNil, most: 20 }).nullable(),
    tank_bar: figure('On the tank, absolute', 'pressure', {
      most: 20,
      hint: 'Empty: open to the air',
    }).nullable(),
    /** where the tank is open: height above the sea, and temperature of the liquid; sea level and 20 °C where not said */
    altitude_m: figure('Height above the sea', 'length', {
      least: -500,
      most: 6000,
      hint: 'Empty: sea level',
    })
      .nullable()
      .optional(),
    liquid_C: figure('Liquid at its warmest', 'temperature', { ...orNil, most: 100, hint: 'Empty: 20 °C' })
      .nullable()
      .optional(),
    /** head the pump needs, from its manual */
    needed_m: figure('Head it needs', 'length', { ...orNil, hint: 'Manual; empty: 2 m' }).nullable(),
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
  injection_bar: figure('Injection valve opens at', 'pressure', { ...orNil, hint: '0 without one' }),
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
    ...orNil,
    most: MOST_FIGURE,
    hint: 'From two drawdowns at two pressures; empty when not measured',
  }).nullable(),
});

export const tankSchema = group({
  now_L: figure('In the tank now', 'volume', orNil),
  warn_L: figure('Warn level', 'volume', orNil),
  stop_L: figure('Stop level', 'volume', orNil),
});

export const serviceSchema = group({
  what: described(z.string().min(1, 'Say what is due: diaphragm, valves, seal.').max(200), {
    label: 'Service by strokes: what',
    hint: 'Diaphragm, valves, seal',
    place: word,
  }),
  everyStrokes: figure('Every', 'strokes', { most: 1e9, unit: 'strokes' }),
  madeStrokes: figure('Made since the last', 'strokes', { ...orNil, most: 1e9, unit: 'strokes' }),
});

/** What paces the pump; whether pulses are multiplied or divided is worked out. */
const MODES = {
  analog: 'current signal',
  pulse: 'pulses',
  contact: 'contacts',
  batch: 'batch',
  timer: 'timer',
  manual: 'manual',
} as const;
/** What pulses of a meter pace. */
const PACED: readonly string[] = ['pulse', 'contact'];

/** Pulses come from a meter, a current never does. */
function sourceOf(texts: Texts, mode: string): Texts {
  if (PACED.includes(mode)) return withText(texts, 'signal.source', 'meter');
  const meter = textAt(texts, 'signal.source') === 'meter';
  return mode === 'analog' && meter ? withText(texts, 'signal.source', 'flow') : texts;
}

export const strokeVolumeSchema = group({
  full_mL: figure('Stroke volume at full length', 'strokeVolume', { most: 1e5 }),
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

/** Where good technicians disagree: what is chosen here, and why one would. */
const choices = group(
  {
    belowFirstPoint: choice(
      'Below the first point',
      { stop: 'stop', hold: 'hold' },
      {
        hint: 'Stop, for chemicals that harm when dosed at no flow.',
        shown: (look) => look.at('mode') === 'analog',
      },
    ),
    afterPowerCut: choice(
      'After a power cut',
      { wait: 'wait', resume: 'resume' },
      { hint: 'Wait where a chemical is dosed without interlock; resume where the water guards it.' },
    ),
    stroke: choice(
      'Stroke length',
      { long: 'long', middle: 'near 80 %', even: 'short' },
      { hint: 'Long squeezes gas out; short doses more evenly.' },
    ),
    stopContact: choice(
      'The stop contact',
      { permits: 'permits when closed', stops: 'stops when closed' },
      {
        hint: 'Permits when closed: a broken wire fails safe.',
        shown: (look) => look.at('place.stopContact') === 'yes',
      },
    ).optional(),
    dry: choice(
      'Running dry',
      { stop: 'stop', warn: 'warn and run', ignore: 'ignore' },
      { hint: 'Stop; the others ask for a written reason.' },
    ).optional(),
    /** by what the pump tells dry from wet: what parts them best in the readings taken */
    dryBy: choice(
      'Dry is told by',
      { level: 'level', flow: 'flow', pressure: 'pressure', power: 'power' },
      { hint: 'What parts dry from wet best in the readings taken; a level switch needs none.' },
    ).optional(),
    /** why a dry run may go on */
    dryReason: described(z.string().max(2000), {
      label: 'Why it may run dry',
      shown: (look) => look.here('dry') !== 'stop',
    }).optional(),
    afterFault: choice(
      'When a fault has gone',
      { wait: 'wait', resume: 'carry on' },
      { hint: 'Wait: someone should have looked first.' },
    ).optional(),
    calibrateBy: choice(
      'Draw down by',
      { strokes: 'strokes', time: 'time' },
      { hint: 'Strokes for stroke pumps, time for those that are set in flow.' },
    ).optional(),
    memory: choice(
      'Pulses that come too fast',
      { off: 'drop', on: 'store' },
      {
        hint: 'Drop: stored ones run into still water when the flow has gone.',
        shown: (look) => PACED.includes(look.at('mode')),
      },
    ).optional(),
    /** the gear that is fitted stays, whatever another would bring; the plan chooses where this is left out */
    gear: described(z.enum(['fitted']), { hidden: true }).optional(),
  },
  {
    order: [
      // chosen where the plan shows what it is about
      'gear',
      'belowFirstPoint',
      'memory',
      'stopContact',
      'dry',
      'dryBy',
      'dryReason',
      'afterPowerCut',
      'afterFault',
      'stroke',
      'calibrateBy',
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
    usual_m3h: figure('Usual', 'waterFlow'),
    greatest_m3h: figure('Maximum', 'waterFlow'),
    /** mean flow of each hour of the day, from 0:00 */
    hourly_m3h: described(
      z.array(z.number().min(0, 'A water flow cannot be negative.').max(MOST_FIGURE)).length(24),
      {
        label: 'Hour by hour, from 0:00 (24 figures)',
        lines: 2,
        place: hoursPlace,
        hint: 'In m³/h, or with a unit at the end, such as gpm. Spaces between; leave empty if not known.',
      },
    ).nullable(),
  }),
  dose: group({
    wanted_mgl: figure('Wanted dose', 'dose', { unit: 'mg/L' }),
    low_mgl: figure('At least', 'dose', { ...orNil, most: Infinity, unit: 'mg/L' }),
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
  nextVisit_days: figure('Next planned visit in', 'days', { most: 3650, unit: 'd' }).nullable().optional(),
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
    complain(['dose', 'low_mgl'], 'The minimum dose is above the wanted one.');
  }
  if (duty.dose.high_mgl < duty.dose.wanted_mgl) {
    complain(['dose', 'high_mgl'], 'The maximum dose is below the wanted one.');
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
  if (duty.signal.source === 'flow' && duty.signal.span_m3h < greatest_m3h) {
    complain(
      ['signal', 'span_m3h'],
      'The maximum water flow lies above the transmitter’s span: the signal would stand at 20 mA.',
    );
  }
});
export type MeteringDuty = z.infer<typeof meteringDutySchema>;

type Choices = MeteringDuty['choices'];

/** The chosen schools with the defaults where nothing was chosen: the safe side, by chapter. */
export function choicesOf(duty: MeteringDuty): Required<Omit<Choices, 'gear'>> & Pick<Choices, 'gear'> {
  return {
    stopContact: 'permits',
    dry: 'stop',
    dryBy: 'level',
    dryReason: '',
    afterFault: 'wait',
    calibrateBy: 'strokes',
    memory: 'off',
    ...duty.choices,
  };
}

/** The source of a current: analog mode has one, by the duty's schema. */
export function currentSignal(duty: MeteringDuty): Exclude<SignalSource, { source: 'meter' }> {
  if (duty.signal.source === 'meter') throw new TypeError('A meter sends no current.');
  return duty.signal;
}
