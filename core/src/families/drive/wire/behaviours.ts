import { z } from 'zod';
import { choice, figure, group, several, tick, whole } from '../../../describe';
import { controllerShape } from '../../../profile';
import { after, protocolsSchema } from '../../parts/behaviours';
import { SHARING_WORDS } from './duty';

/** What a drive's controller does by itself: not set, but planned and proved against. */
export const driveBehavioursSchema = group({
  family: z.literal('drive'),
  ...controllerShape,
  holds: several(
    'Can control',
    { pressure: 'pressure', difference: 'difference', speed: 'speed', signal: 'outside signal' },
    { tooFew: 'A drive controls one thing or more.' },
  ),
  // going back in it drops what was entered
  guided: choice(
    'Its guided set-up asks first for',
    { plant: 'the plant', motor: 'the motor' },
    { open: 'There is none' },
  ).nullable(),
  units: whole('Units that it can command, with itself', { min: 1, max: 8 }),
  sharing: several('They can share a draw', SHARING_WORDS).max(2),
  stopsByFrequency: tick('Stops at zero demand below a frequency'),
  closedValveTest: tick('Has a test with the discharge shut'),
  sensorFails: choice('When its sensor fails', {
    stop: 'it stops',
    'full-speed': 'full speed',
    unknown: 'not known',
  }),
  leadFails: choice('When the lead fails', {
    'next-leads': 'the next leads',
    'all-stop': 'all stop',
    unknown: 'not known',
  }),
  // until they are locked
  frontKeys: tick('Its set value can be turned at its front'),
  retryAfter_s: figure('Dry, it tries again after', 'seconds', {
    max: 86_400,
    hint: 'Empty: it does not',
    none: 'it does not',
  }).nullable(),
  // until its charge is gone after it was switched off
  discharge_min: figure('Stated discharge time', 'minutes', {
    max: 120,
    hint: 'From its plate',
    none: 'see its plate',
  }).nullable(),
  // at rest, or turning slowly
  identifies_min: figure('Identifies its motor in', 'minutes', {
    max: 120,
    hint: 'Empty: not at all, or for an unknown time',
  }).optional(),
  protocols: protocolsSchema,
  afterPowerCut: after('After a power cut'),
  afterFault: after('After a fault'),
});
export type DriveBehaviours = z.infer<typeof driveBehavioursSchema>;
