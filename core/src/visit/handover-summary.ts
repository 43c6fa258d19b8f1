import type { z } from 'zod';
import type { Frozen } from './wire';
import type { blockSchema } from './wire/blocks';
import type { anyHandoverSchema, firstSummarySchema } from './wire/first-handover';
import type { handoverSchema, signatureSchema, summarySchema } from './wire/handover';

/** A drawn signature: strokes as SVG path data in a box of `width` × `height`. */
export type Signature = Frozen<z.infer<typeof signatureSchema>>;

/** Frozen when the job is handed over; shown and printed from this alone, never worked out again. */
export type Handover = Frozen<z.infer<typeof handoverSchema>>;

/** A hand-over as some format froze it. */
export type AnyHandover = Frozen<z.infer<typeof anyHandoverSchema>>;

/** What a hand-over says. */
export type HandoverSummary = Frozen<z.infer<typeof summarySchema>>;
/** What it said in the first format. */
export type FirstSummary = Frozen<z.infer<typeof firstSummarySchema>>;

export type HandoverFinding = HandoverSummary['open'][number];
export type HandoverSetting = HandoverSummary['settings'][number];
/** One check tried at the pump, as it is handed over. */
export type HandoverCheck = HandoverSummary['checks'][number];
/** One thing that the settings rest on, as it was known on the visit. */
export type HandoverFact = HandoverSummary['facts'][number];
/** One reset made on the visit. */
export type HandoverReset = HandoverSummary['resets'][number];

/** What a family says of its own, for screen and paper alike. */
export type Block = Frozen<z.infer<typeof blockSchema>>;
export type BlockKind = Block['kind'];
export type BlockOf<K extends BlockKind> = Extract<Block, { readonly kind: K }>;
export type BlockItem = BlockOf<'before-after'>['sides'][number]['items'][number];
export type BlockStrip = Extract<BlockItem, { readonly kind: 'strip' }>;

/** What leaves with a hand-over as files of its own. */
export type Leaves = NonNullable<HandoverSummary['leaves']>;
export type TableFile = Leaves['tables'][number];
/** Something that comes again each week at a time of the wall clock, on the days named (1 is Monday). */
export type WeeklyEvent = NonNullable<Leaves['week']>[number];
