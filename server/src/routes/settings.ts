import { firmSchema } from '@barythm/contract/resources';
import type { FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import type { Clock } from '../clock';
import type { Database } from '../db';
import { firm, nameFirm } from '../firm';

/** What is set for everybody who works here. */
export function settingsRoutes(database: Database, clock: Clock): FastifyPluginAsyncZod {
  return async (app) => {
    app.get('/firm', { schema: { response: { 200: firmSchema } } }, () => firm(database));
    app.post('/firm', { schema: { body: firmSchema, response: { 200: firmSchema } } }, (request) =>
      nameFirm(database, request.body, { now: clock(), actor: 'Workshop' }),
    );
  };
}
