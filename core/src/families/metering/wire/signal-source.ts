import { z } from 'zod';
import { notNegative, positive } from '../../parts/duty-figures';

const current = (what: string) =>
  z
    .number({ error: `${what} must be a number.` })
    .min(0, `${what} cannot be negative.`)
    .max(20, `${what} cannot be above 20 mA.`);

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
      measures: z.enum(['residual', 'pH', 'redox', 'conductivity', 'stated']),
      low_mA: z.union([z.literal(0), z.literal(4)]),
      greatestFeed_lph: positive('The maximum useful feed'),
      /** feed at the other end of the signal, where it is more than nothing or is stated to be nothing */
      leastFeed_lph: notNegative('The feed at the low end').optional(),
      /** currents at which the site states its two feeds, where they are not the ends of the signal */
      from_mA: current('The lower current').optional(),
      to_mA: current('The upper current').optional(),
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

type Demand = Extract<SignalSource, { source: 'controller' }>;

/** The two points that a controller's signal is to follow. */
export interface DemandLine {
  readonly from_mA: number;
  readonly to_mA: number;
  readonly atFrom_lph: number;
  readonly atTo_lph: number;
}

/** Two points of a demand: its feeds over its currents; where nobody stated a feed at the low end, there is none. */
export function demandLine({
  low_mA,
  action,
  greatestFeed_lph,
  leastFeed_lph = 0,
  from_mA = low_mA,
  to_mA = 20,
}: Demand): DemandLine {
  const [atFrom_lph, atTo_lph] =
    action === 'falling' ? [greatestFeed_lph, leastFeed_lph] : [leastFeed_lph, greatestFeed_lph];
  return { from_mA, to_mA, atFrom_lph, atTo_lph };
}

/** True where the site stated its line, rather than a most that is useful. */
export function statesLine({ leastFeed_lph, from_mA, to_mA, measures }: Demand): boolean {
  return measures === 'stated' || leastFeed_lph !== undefined || from_mA !== undefined || to_mA !== undefined;
}
