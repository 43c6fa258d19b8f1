import { benchAnswerSchema, benchRequestSchema } from '@barythm/contract/bench';
import type { FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { runApart } from '../bench';
import { goneWith } from './gone';

/** The bench over HTTP: the same run as in the app, to the last digit. */
export const benchRoutes: FastifyPluginAsyncZod = async (app) => {
  app.post(
    '/bench',
    { schema: { body: benchRequestSchema, response: { 200: benchAnswerSchema } } },
    (request, reply) => runApart(request.body, goneWith(reply)),
  );
};
