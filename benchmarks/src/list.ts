import type { FastifyInstance } from 'fastify';
import Fastify from 'fastify';

/** Requests a second that a route serves, one after the other, without a network. */
export async function rate(app: FastifyInstance, url: string, ms = 2000): Promise<number> {
  await app.inject(url);
  let served = 0;
  const end = performance.now() + ms;
  while (performance.now() < end) {
    const { statusCode } = await app.inject(url);
    if (statusCode !== 200) throw new Error(`${url} answered ${statusCode}`);
    served += 1;
  }
  return (served * 1000) / ms;
}

/** A bare route that answers with as many bytes, for comparison. */
export async function bareRoute(body: string): Promise<FastifyInstance> {
  const app = Fastify();
  app.get('/', (_, reply) => reply.type('application/json').send(body));
  await app.ready();
  return app;
}
