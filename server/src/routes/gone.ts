import type { FastifyRequest } from 'fastify';

/** Told when whoever asked has hung up: what is made for them can stop. */
export function goneWith(request: FastifyRequest): AbortSignal {
  const gone = new AbortController();
  request.raw.socket.once('close', () => gone.abort());
  return gone.signal;
}
