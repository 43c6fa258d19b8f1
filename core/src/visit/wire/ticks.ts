import { z } from 'zod';

const steps = z.array(z.string().max(40)).max(20);

/** What one touch changed of a list of ticks: with it two people can tick at once, and a withdrawal stays one. */
export const ticksSchema = z.object({ on: steps, off: steps }).strict();
