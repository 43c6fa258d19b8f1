import type { z } from 'zod';
import type { JobKind } from './job-kind';
import type { Frozen } from './wire';
import type {
  CommonRecord,
  clockBodySchema,
  commandSourceSchema,
  identifyShape,
  signalFromSchema,
} from './wire/records';

/** What the signal cable was seen to come from. */
export type SignalFrom = z.infer<typeof signalFromSchema>;

/** What can command a pump: its own programs, relay contacts, a data link. */
export type Command = z.infer<typeof commandSourceSchema>;

/** A controller's clock, read against true time: the error is controller minus true time; null when there is no reading. */
export type ClockBody = Frozen<z.infer<typeof clockBodySchema>>;

/** What was read of a pump and its controller when one met it. */
export type IdentifyOf<K extends JobKind> = Frozen<z.infer<z.ZodObject<typeof identifyShape>>> & {
  readonly plate: K['plate'];
};

/** Things done or seen at the pump, apart from settings. They are only added; the last of a kind counts. */
export type RecordBodyOf<K extends JobKind> = CommonRecord | IdentifyOf<K> | K['record'];

/** One of several things, by its kind. */
export type OfKind<Body, Kind> = Extract<Body, { readonly kind: Kind }>;

/** What was put back to its start. */
export type ResetOf = OfKind<CommonRecord, 'reset'>['what'];

/** Confirmed on leaving, apart from automatic: covers and doors closed; set-up marked complete, its switches off; a link that opened settings taken out; panels that are reached from afar closed to others. */
export type LeavingCheck = NonNullable<OfKind<CommonRecord, 'automatic'>['leaving']>[number];
