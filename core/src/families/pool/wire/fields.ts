import { z } from 'zod';
import { described, figure, type Look, weekDays, word, zeroIfBlank } from '../../../describe';
import { DAYS } from '../../../time';
import type { Quantity } from '../../../units';

/** A figure from nil up. */
export const orZero = { min: 0 } as const;
/** Nil where nobody entered it. */
export const orZeroIfBlank = (quantity: Quantity) => ({ ...orZero, place: zeroIfBlank(quantity) });
export const speed = (label: string) => figure(label, 'speed', { unit: 'rev/min' });
export const onDays = weekDays('On', z.string().regex(DAYS, 'Name the days, each once.'));
/** Each of some names is one that stands elsewhere in the duty. */
export const circuitNames = (look: Look) =>
  look.names('circuits').map((name) => ({ value: name, label: name }));
/** A name of the site's own. */
export const called = (label: string, missing: string, hint?: string) =>
  described(z.string().min(1, missing).max(60), { label, hint, place: word });
