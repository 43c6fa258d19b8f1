import type { z } from 'zod';
import type { Frozen } from './wire';
import type { handoverSchema, signatureSchema, summarySchema, weeksSchema } from './wire/handover';

/** A drawn signature: strokes as SVG path data in a box of `width` × `height`. */
export type Signature = Frozen<z.infer<typeof signatureSchema>>;

/** Frozen when the job is handed over; shown and printed from this alone, never worked out again. */
export type Handover = Frozen<z.infer<typeof handoverSchema>>;

/** What a hand-over says. */
export type HandoverSummary = Frozen<z.infer<typeof summarySchema>>;

export type HandoverDose = HandoverSummary['dose'][number];
export type HandoverFinding = HandoverSummary['open'][number];
export type HandoverSetting = HandoverSummary['settings'][number];
export type HandoverReading = HandoverSummary['readings'][number];
/** One check tried at the pump, as it is handed over. */
export type HandoverCheck = NonNullable<HandoverSummary['checks']>[number];
/** A drawdown, as it is handed over. */
export type HandoverCalibration = NonNullable<HandoverSummary['calibration']>;
/** One thing that the settings rest on, as it was known on the visit. */
export type HandoverFact = NonNullable<HandoverSummary['facts']>[number];
/** One simulated day of a column, in sums; the same water for both. */
export type HandoverDay = NonNullable<HandoverSummary['days']>[number];
/** What a pool pump's customer gets: water moved and money, before and after. */
export type HandoverWeeks = Frozen<z.infer<typeof weeksSchema>>;
/** One column's week as it truly runs. */
export type HandoverWeek = HandoverWeeks['weeks'][number];
/** One reset made on the visit. */
export type HandoverReset = NonNullable<HandoverSummary['resets']>[number];
