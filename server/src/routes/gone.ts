import type { FastifyReply } from 'fastify';

/**
 * Told when whoever asked has hung up: what is made for them can stop. It listens on the answer, not on its connection, which
 * outlives it and would gather a listener for each.
 */
export function goneWith(reply: FastifyReply): AbortSignal {
  const gone = new AbortController();
  reply.raw.once('close', () => {
    if (!reply.raw.writableFinished) gone.abort();
  });
  return gone.signal;
}
