import { z } from 'zod';
import { choice, described, figure, flagOrNothing, group, several, share, tick } from '../../../describe';
import { controllerShape } from '../../../profile';
import { after, protocolsSchema } from '../../parts/behaviours';

/** What each mode is called, on forms, on paper and in findings. */
export const MODE_WORDS = {
  fixed: 'fixed speed',
  constant: 'constant head',
  proportional: 'proportional head',
  self: 'self-adjusting',
  clock: 'by its clock',
  temperature: 'by the return temperature',
} as const;
export type Mode = keyof typeof MODE_WORDS;

/** What a circulator's controller does by itself: not set, but planned and proved against. */
export const circulatorBehavioursSchema = group({
  family: z.literal('circulator'),
  ...controllerShape,
  modes: several('Modes', MODE_WORDS, { tooFew: 'A controller has one mode or more.' }),
  proportional: group(
    {
      zeroShare: share('Left at no flow', { min: 0 }),
      // as the manual of a plain pump says: it cannot know the duty
      meetsFullSpeed: described(z.literal(true), {
        label: 'The set head is given where the line meets full speed',
        tick: true,
        place: flagOrNothing,
      }).optional(),
      // its own greatest flow
      refersTo_m3h: figure('The set head holds at', 'waterFlow', {
        max: Infinity,
        hint: 'Empty: at the flow of the duty',
        none: 'the flow of the duty',
        shown: (look) => look.here('meetsFullSpeed') !== 'yes',
      }).nullable(),
    },
    { on: 'Its proportional line is known' },
  ).nullable(),
  // the constant heads that self-adjusting moves between
  self: group({
    lowest_m: figure('Self-adjusting, lowest line', 'length', { max: Infinity }),
    highest_m: figure('Highest line', 'length', { max: Infinity }),
  }).nullable(),
  contact: choice('Start contact', {
    none: 'none',
    optional: 'used when set',
    link: 'delivered with a link: taken out, it stands',
  }),
  wiringChangesMode: tick('A wired signal or sensor changes the mode by itself'),
  protocols: protocolsSchema,
  faultContact: group({
    most_V: figure('Fault contact, at most', 'voltage', { max: Infinity }),
    most_A: figure('and', 'plain', { max: Infinity, unit: 'A' }),
  }).nullable(),
  afterPowerCut: after('After a power cut'),
});
export type CirculatorBehaviours = z.infer<typeof circulatorBehavioursSchema>;
