import { z } from 'zod';
import { positive } from '../../parts/duty-figures';

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
