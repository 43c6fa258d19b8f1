import { z } from 'zod';
import { MOST } from './bounds';

/** Something at which the controller is set: its own panel, an inner one, a page in a browser, a phone. */
export const panelSchema = z
  .object({
    key: z
      .string()
      .regex(/^[\w.-]+$/, 'A key has letters, digits, dots and dashes.')
      .max(MOST.key),
    label: z.string().min(1).max(MOST.label),
    /** what to see to before it is used, where it can be used from afar or by anyone */
    caution: z.string().min(1).max(MOST.text).optional(),
  })
  .strict();
export type Panel = z.infer<typeof panelSchema>;

/** The way to a setting at another panel, step by step as it shows it. */
export const alsoAtSchema = z
  .object({
    panel: z.string().min(1).max(MOST.key),
    route: z.array(z.string().min(1).max(MOST.label)).min(1).max(MOST.steps),
    storedBy: z.string().min(1).max(MOST.text),
  })
  .strict();
export type AlsoAt = z.infer<typeof alsoAtSchema>;
