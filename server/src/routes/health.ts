import { healthSchema } from '@barythm/contract/resources';
import type { FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import type { Clock } from '../clock';
import type { Database } from '../db';

/** Says that the server answers and the database can be read and written; a locked or full disk is answered as such. */
export function healthRoutes(database: Database, clock: Clock): FastifyPluginAsyncZod {
  return async (app) => {
    app.get('/health', { schema: { response: { 200: healthSchema } } }, async () => {
      await database.sequelize.query('SELECT 1');
      await database.canWrite();
      return { status: 'ok' as const, now: clock(), migrations: database.migrations };
    });
  };
}
