import { z } from 'zod';
import {
  choice,
  described,
  figure,
  figures,
  flagOrNothing,
  group,
  kind,
  type Look,
  several,
  text,
  tick,
  whole,
} from '../../../describe';
import { controllerShape } from '../../../profile';
import { after } from '../../parts/behaviours';
import { ratesPlace } from './rates-place';

/** The controller has a current input. */
const byCurrent = { shown: (look: Look) => look.at('analog.kind') !== 'none' };

/** What a controller does by itself with the pulses of a meter. */
const pulses = group(
  {
    /** 1 when it cannot multiply */
    multiplyMost: whole('Multiplies by at most', { min: 1, max: 9999 }),
    /** 1 when it cannot divide */
    divideMost: whole('Divides by at most', { min: 1, max: 9999 }),
    memory: choice('Pulses it cannot answer in time', { lost: 'lost', kept: 'stored', set: 'as set' }),
    memoryMost: described(z.int().min(1).max(65_535), {
      label: 'Stores at most',
      quantity: 'strokes',
      unit: 'strokes',
      hint: 'Empty when it stores none',
      none: 'none',
    }).nullable(),
    whileStopped: choice('Pulses while it is stopped', { lost: 'lost', stored: 'stored' }),
    /** how long a contact must stay closed to count; the values to choose from */
    recognition_ms: described(z.array(z.number().positive()).min(1), {
      label: 'Recognition times',
      unit: 'ms',
      place: figures(),
      hint: 'With spaces between them',
    }),
  },
  { on: 'Takes pulses of a meter' },
);

/** What a metering pump's controller does by itself: not set, but planned and proved against. */
export const meteringBehavioursSchema = group({
  family: z.literal('metering'),
  ...controllerShape,
  modes: several(
    'Modes',
    {
      manual: 'manual',
      analog: 'current signal',
      multiply: 'pulses multiplied',
      divide: 'pulses divided',
      contact: 'single contacts',
      batch: 'batches',
      timer: 'timer',
    },
    { tooFew: 'A controller has one mode or more.' },
  ),
  /** plain ranges run from 0 strokes at the low end to full rate at 20 mA; free points are set one by one */
  analog: described(
    z.discriminatedUnion('kind', [
      group({
        kind: kind('plain', 'Plain ranges'),
        ranges: several(
          'Ranges, mA',
          { '0-20': '0-20 mA', '4-20': '4-20 mA', '20-0': '20-0 mA', '20-4': '20-4 mA' },
          { tooFew: 'A current input has one range or more.' },
        ),
      }),
      group({ kind: kind('free-points', 'Two free points') }),
      group({ kind: kind('none', 'None') }),
    ]),
    { label: 'Current input' },
  ),
  /** what happens below the first point: fixed by the controller, or a parameter */
  below: choice('Below the first point', { hold: 'holds', stop: 'stops', set: 'as set' }, byCurrent),
  /** null: the controller does not watch for a broken wire at all */
  brokenWire: group(
    {
      reaction: choice('On a broken wire', { stop: 'stops', hold: 'holds', set: 'as set' }),
      low_mA: described(z.number(), {
        label: 'Broken at or below',
        quantity: 'current',
        unit: 'mA',
      }).nullable(),
      high_mA: described(z.number(), {
        label: 'Broken at or above',
        quantity: 'current',
        unit: 'mA',
      }).nullable(),
    },
    { on: 'It watches for a broken wire', ...byCurrent },
  ).nullable(),
  leastRate_spm: figure('Minimum rate', 'strokeRate', { min: 0, max: Infinity, unit: 'strokes/min' }),
  /** greatest rate of each gear; a pump without gears has one, named “-” */
  greatestRate_spm: described(z.record(z.string(), z.number().positive()), {
    label: 'Maximum rate',
    unit: 'strokes/min',
    place: ratesPlace,
    hint: '180, or by gear: A=48, B=96',
  }),
  afterPowerCut: after('After a power cut'),
  priming: text('What priming does', { missing: 'Say what priming does, or that there is none.' }),
  showsSignal: tick('Shows its incoming signal'),
  /** when not the usual ones */
  proofPoints_mA: described(z.array(z.number()).min(2), {
    label: 'Currents that the maker wants it proved at',
    unit: 'mA',
    place: figures(),
    hint: 'e.g. 4 12 20; empty for the usual ones',
  }).optional(),

  /** a smooth drive is set directly in flow: the volume it takes a turn (or stroke) for, mL */
  smooth: group({
    nominal_mL: figure('Set in flow: volume of one turn', 'strokeVolume', {
      max: Infinity,
      unit: 'mL',
      hint: 'Empty for a stroke pump',
    }),
  }).optional(),
  pulses: pulses.optional(),
  batch: group({
    whileRunning: choice(
      'Triggers while a batch runs',
      { queued: 'queued', lost: 'lost' },
      { open: 'No batches' },
    ),
  }).optional(),
  /** the input that stops it: by a closed contact, or unless a contact is closed */
  stopInput: choice(
    'Stop input',
    { stops: 'stops when closed', permits: 'permits when closed', set: 'as set' },
    { open: 'None' },
  ).optional(),
  /** what shows that the first stage of its stop input warns, while it still doses; left out where there is one stage alone */
  stopWarnsFirst: text('Its stop input warns first, which shows by this', { max: 80 }).optional(),
  dry: choice(
    'When it runs dry',
    { none: 'none', stop: 'stops', warn: 'warns', set: 'as set' },
    { open: 'Not said' },
  ).optional(),
  afterFault: described(after('When a fault has gone'), { open: 'Not said' }).optional(),
  /** shares of its capacity that each step leaves, 1 for the fastest */
  slowSuction: described(z.array(z.number().positive().max(1)).min(1), {
    label: 'Slow suction: share that each step leaves',
    unit: '%',
    place: figures(100),
    hint: 'e.g. 100 60 35; empty without',
  }).optional(),
  deaerates: tick('Works gas out in pauses', { place: flagOrNothing }).optional(),
  compensates: tick('Makes up for back pressure', { place: flagOrNothing }).optional(),
  /** by a code or key */
  locks: tick('Its keys can be locked').optional(),
});
export type MeteringBehaviours = z.infer<typeof meteringBehavioursSchema>;
