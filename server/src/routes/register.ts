import {
  explainedSchema,
  keptInstrumentSchema,
  keptProductSchema,
  librarySchema,
  pageQuerySchema,
  pumpQuerySchema,
  pumpHistorySchema,
  pumpPageSchema,
  pumpSchema,
  newPumpSchema,
  newUnitSchema,
  pumpEditSchema,
  siteEditSchema,
  registerPreviewSchema,
  roundSchema,
  sitePageSchema,
  siteSchema,
} from '@barythm/contract/resources';
import { dateSchema, zoneSchema } from '@barythm/contract/job';
import { siteDate } from '@barythm/core/time';
import type { FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import type { Clock } from '../clock';
import type { Database } from '../db';
import {
  addPump,
  exportRegister,
  importRegister,
  keepState,
  keepInstrument,
  keepProduct,
  labelPumps,
  explained,
  library,
  listPumps,
  PageCache,
  listSites,
  previewRegister,
  profileById,
  publishProfile,
  pumpByCode,
  pumpHistory,
  putPumpRight,
  putSiteRight,
  replaceUnit,
  takeBackReplacement,
  pumpPage,
  round,
  type WorkOut,
  sitePage,
} from '../register';
import type { Press } from '../press';
import { goneWith } from './gone';
import { profileSchema } from '@barythm/core/families';

const byId = z.object({ id: z.string() });
const csvSchema = z.object({ csv: z.string().min(1, 'The file is empty.') }).strict();

/** Round, register and library. */
export function registerRoutes(
  database: Database,
  clock: Clock,
  labelBase: string,
  press: Press,
  workOut?: WorkOut,
): FastifyPluginAsyncZod {
  return async (app) => {
    app.get(
      '/round',
      {
        schema: {
          querystring: z.object({ day: dateSchema.optional(), zone: zoneSchema.optional() }),
          response: { 200: roundSchema },
        },
      },
      (request) => round(database, clock, request.query, workOut),
    );
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
      { schema: { querystring: pumpQuerySchema, response: { 200: pumpPageSchema } } },
      async ({ query }, reply) => {
        const today = siteDate(clock(), 'UTC');
        const text = await pumpPages.get(JSON.stringify([query, today]), async () =>
          JSON.stringify(await listPumps(database, query, today)),
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
    app.get(
      '/pumps/:id/history',
      { schema: { params: byId, response: { 200: pumpHistorySchema } } },
      (request) => pumpHistory(database, request.params.id),
    );
    app.get('/codes/:code', { schema: { params: z.object({ code: z.string() }) } }, (request) =>
      pumpByCode(database, request.params.code),
    );
    app.get(
      '/labels.pdf',
      { schema: { querystring: z.object({ site: z.string().optional(), pump: z.string().optional() }) } },
      async (request, reply) => {
        const pumps = await labelPumps(database, request.query);
        const order = { paper: 'labels', pumps, base: labelBase, createdAt: clock() } as const;
        return reply
          .type('application/pdf')
          .header('content-disposition', 'attachment; filename="pump-labels.pdf"')
          .send(await press.print(order, goneWith(reply)));
      },
    );
    app.get('/register.csv', async (_, reply) =>
      reply
        .type('text/csv; charset=utf-8')
        .header('content-disposition', 'attachment; filename="register.csv"')
        .send(exportRegister(database)),
    );
    app.post(
      '/register/preview',
      { schema: { body: csvSchema, response: { 200: registerPreviewSchema } } },
      (request) => previewRegister(database, request.body.csv),
    );
    const hand = () => ({ now: clock(), today: clock().slice(0, 10), actor: 'Workshop' });
    app.post('/register/import', { schema: { body: csvSchema } }, async (request, reply) =>
      reply.status(201).send(await importRegister(database, request.body.csv, hand())),
    );
    app.post('/register/pumps', { schema: { body: newPumpSchema } }, async (request, reply) =>
      reply.status(201).send(await addPump(database, request.body, clock().slice(0, 10), 'Workshop')),
    );
    app.patch('/register/pumps/:id', { schema: { params: byId, body: pumpEditSchema } }, async (request) => {
      const { id } = request.params;
      await putPumpRight(database, id, request.body, hand());
      return { id };
    });
    app.post(
      '/register/pumps/:id/unit',
      { schema: { params: byId, body: newUnitSchema } },
      async (request, reply) => {
        const { id } = request.params;
        await replaceUnit(database, id, request.body, hand());
        await keepState(database, clock, id, workOut);
        return reply.status(201).send({ id });
      },
    );
    app.delete('/register/pumps/:id/unit', { schema: { params: byId } }, async (request) => {
      const { id } = request.params;
      await takeBackReplacement(database, id, hand());
      await keepState(database, clock, id, workOut);
      return { id };
    });
    app.patch('/register/sites/:id', { schema: { params: byId, body: siteEditSchema } }, async (request) => {
      const { id } = request.params;
      await putSiteRight(database, id, request.body, hand());
      return { id };
    });
    const keptSchema = z.object({ id: z.string() });
    app.post(
      '/library/products',
      { schema: { body: keptProductSchema, response: { 200: keptSchema } } },
      ({ body }) => keepProduct(database, null, body, hand()),
    );
    app.post(
      '/library/products/:id',
      { schema: { params: byId, body: keptProductSchema, response: { 200: keptSchema } } },
      ({ params, body }) => keepProduct(database, params.id, body, hand()),
    );
    app.post(
      '/library/instruments',
      { schema: { body: keptInstrumentSchema, response: { 200: keptSchema } } },
      ({ body }) => keepInstrument(database, null, body, hand()),
    );
    app.post(
      '/library/instruments/:id',
      { schema: { params: byId, body: keptInstrumentSchema, response: { 200: keptSchema } } },
      ({ params, body }) => keepInstrument(database, params.id, body, hand()),
    );
    app.get('/library', { schema: { response: { 200: librarySchema } } }, () => library(database));
    app.get('/library/explained', { schema: { response: { 200: explainedSchema } } }, () =>
      explained(database),
    );
    app.get('/profiles/:id', { schema: { params: byId, response: { 200: profileSchema } } }, (request) =>
      profileById(database, request.params.id),
    );
    app.post('/profiles', { schema: { body: profileSchema } }, async (request, reply) => {
      const published = await publishProfile(database, request.body, 'Workshop');
      return reply.status(201).send(published);
    });
  };
}
