import {
  librarySchema,
  pageQuerySchema,
  pumpPageSchema,
  pumpSchema,
  roundSchema,
  sitePageSchema,
  siteSchema,
} from '@barythm/contract/resources';
import { profileSchema } from '@barythm/core/profile';
import type { FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import type { Clock } from '../clock';
import type { Database } from '../db';
import {
  library,
  listPumps,
  PageCache,
  listSites,
  profileById,
  publishProfile,
  pumpPage,
  round,
  sitePage,
} from '../register';

const byId = z.object({ id: z.string() });

/** Round, register and library. */
export function registerRoutes(database: Database, clock: Clock): FastifyPluginAsyncZod {
  return async (app) => {
    app.get('/round', { schema: { response: { 200: roundSchema } } }, () => round(database, clock));
    app.get(
      '/sites',
      { schema: { querystring: pageQuerySchema, response: { 200: sitePageSchema } } },
      (request) => listSites(database, request.query),
    );
    app.get('/sites/:id', { schema: { params: byId, response: { 200: siteSchema } } }, (request) =>
      sitePage(database, request.params.id),
    );
    // kept as the text that leaves: a page that is asked for again is neither read nor written out anew
    const pumpPages = new PageCache<string>(database);
    app.get(
      '/pumps',
      { schema: { querystring: pageQuerySchema, response: { 200: pumpPageSchema } } },
      async ({ query }, reply) => {
        const text = await pumpPages.get(JSON.stringify(query), async () =>
          JSON.stringify(await listPumps(database, query)),
        );
        return reply
          .type('application/json')
          .serializer((already: unknown) => already as string)
          .send(text as never);
      },
    );
    app.get('/pumps/:id', { schema: { params: byId, response: { 200: pumpSchema } } }, (request) =>
      pumpPage(database, clock, request.params.id),
    );
    app.get('/library', { schema: { response: { 200: librarySchema } } }, () => library(database));
    app.get('/profiles/:id', { schema: { params: byId, response: { 200: profileSchema } } }, (request) =>
      profileById(database, request.params.id),
    );
    app.post('/profiles', { schema: { body: profileSchema } }, async (request, reply) => {
      const published = await publishProfile(database, request.body, 'Workshop');
      return reply.status(201).send(published);
    });
  };
}
