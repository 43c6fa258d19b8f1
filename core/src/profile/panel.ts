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
    /** by whom it is reached besides: over a network, or by radio; left out where one stands at the pump */
    from: z.enum(['network', 'radio']).optional(),
    /** what to see to before it is used, where it can be used from afar or by anyone */
    caution: z.string().min(1).max(MOST.text).optional(),
  })
  .strict();
export type Panel = z.infer<typeof panelSchema>;

/** What a controller is set at from elsewhere than where it stands, in words. */
export const panelsFromAfar = ({ panels = [] }: { readonly panels?: readonly Panel[] }): readonly string[] =>
  panels.filter(({ from }) => from !== undefined).map(({ label }) => label);

/** The way to a setting at another panel, step by step as it shows it. */
export const alsoAtSchema = z
  .object({
    panel: z.string().min(1).max(MOST.key),
    route: z.array(z.string().min(1).max(MOST.label)).min(1).max(MOST.steps),
    storedBy: z.string().min(1).max(MOST.text),
  })
  .strict();
export type AlsoAt = z.infer<typeof alsoAtSchema>;
