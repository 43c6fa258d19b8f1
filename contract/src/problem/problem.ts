import { z } from 'zod';

/** What is wrong with a request, as `application/problem+json` (RFC 9457). `errors` names the fields. */
export const problemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.string().optional(),
  code: z.string().optional(),
  errors: z.array(z.object({ field: z.string(), words: z.string() })).optional(),
  /** on a stale version: what the server has, and what was sent */
  current: z.unknown().optional(),
  yours: z.unknown().optional(),
});
export type Problem = z.infer<typeof problemSchema>;
