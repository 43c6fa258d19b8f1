import { benchAnswerSchema, benchRequestSchema } from '@barythm/contract/bench';
import type { FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { runApart } from '../bench';

/** The bench over HTTP: the same run as in the app, to the last digit. */
export const benchRoutes: FastifyPluginAsyncZod = async (app) => {
  app.post(
    '/bench',
    { schema: { body: benchRequestSchema, response: { 200: benchAnswerSchema } } },
    (request) => {
      const gone = new AbortController();
      request.raw.socket.once('close', () => gone.abort());
      return runApart(request.body, gone.signal);
    },
  );
};
