import { z } from 'zod';
import { figure, group, several, tick } from '../../../describe';
import { controllerShape } from '../../../profile';
import { after } from '../../parts/behaviours';

/** What a controller that empties a vessel does by itself: not set, but planned and proved against. */
export const transferBehavioursSchema = group({
  family: z.literal('transfer'),
  ...controllerShape,
  controls: several(
    'Can do',
    { even: 'send evenly', level: 'follow the level' },
    { tooFew: 'A controller has one way or more.' },
  ),
  backDrops: tick('Going back in its set-up drops the entry'),
  // until its charge is gone after it was switched off
  discharge_min: figure('Stated discharge time', 'minutes', {
    max: 120,
    hint: 'From its plate',
    none: 'see its plate',
  }).nullable(),
  averages_min: figure('Averages over', 'minutes', {
    max: 120,
    hint: 'Empty where that is set, or not needed',
    none: 'as set, or not needed',
  }).nullable(),
  afterPowerCut: after('After a power cut'),
});
export type TransferBehaviours = z.infer<typeof transferBehavioursSchema>;
