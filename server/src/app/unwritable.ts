import type { FastifyRequest } from 'fastify';
import { problems } from '../problems';

/** The one sign that SQLite, file names and CSV cannot hold. */
const NUL = '\u0000';
/** No form or file of ours is nested deeper. */
const DEEPEST = 40;
const HOLDS_NUL = 'This holds a character that cannot be written (NUL).';

interface Fault {
  readonly path: string;
  readonly words: string;
}

/** What no schema can say of what was sent, and its place; null where nothing is. Walks without calling itself: it may be nested deep. */
function faultIn(value: unknown): Fault | null {
  const open: { path: string; depth: number; value: unknown }[] = [{ path: '', depth: 0, value }];
  for (let next = open.pop(); next; next = open.pop()) {
    const { path, depth, value: at } = next;
    if (depth > DEEPEST)
      return { path: path.slice(0, 200), words: `This is nested deeper than ${DEEPEST} levels.` };
    if (typeof at === 'string' && at.includes(NUL)) return { path, words: HOLDS_NUL };
    if (at === null || typeof at !== 'object') continue;
    for (const [key, inner] of Object.entries(at)) {
      if (key.includes(NUL)) return { path, words: HOLDS_NUL };
      open.push({ path: path === '' ? key : `${path}.${key}`, depth: depth + 1, value: inner });
    }
  }
  return null;
}

/** Refuses a request that holds a NUL anywhere, or is nested without end, in words and at its place. */
export async function refuseUnwritable(request: FastifyRequest): Promise<void> {
  for (const part of [request.params, request.query, request.body]) {
    const fault = faultIn(part);
    if (fault) throw problems.invalid([{ field: fault.path || 'body', words: fault.words }]);
  }
}
