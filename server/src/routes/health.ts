import { statfs } from 'node:fs/promises';
import { dirname } from 'node:path';
import { healthSchema } from '@barythm/contract/resources';
import type { FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import type { Clock } from '../clock';
import type { Database } from '../db';
import { problems } from '../problems';

/** Less than this free on the disk of the database, bytes: the next write may not find room. */
const LEAST_FREE = 8 * 1024 * 1024;
/** What was looked at is answered again for so long: many may ask at once. */
const LOOKED_ms = 1000;
/** A write that failed says that writes fail for so long; after it the next one is waited for. */
const FAILED_ms = 60_000;

/**
 * Says that the server answers and writes are taken. It writes nothing itself: it goes by the space that is free on the disk and by how
 * the last write ended, and looks once a second however many ask.
 */
export function healthRoutes(database: Database, clock: Clock): FastifyPluginAsyncZod {
  let looked: { readonly at: number; readonly free: Promise<number> } | null = null;
  const freeBytes = (): Promise<number> => {
    const now = performance.now();
    if (!looked || now - looked.at > LOOKED_ms) looked = { at: now, free: freeOn(dirname(database.file)) };
    return looked.free;
  };
  return async (app) => {
    app.get('/health', { schema: { response: { 200: healthSchema } } }, async () => {
      if ((await freeBytes()) < LEAST_FREE)
        throw problems.unwritable('The disk of the server is full. Free some space.');
      const failed = database.lastFailure();
      if (failed && performance.now() - failed.at < FAILED_ms) throw failed.error;
      return { status: 'ok' as const, now: clock(), migrations: database.migrations };
    });
  };
}

async function freeOn(folder: string): Promise<number> {
  const { bavail, bsize } = await statfs(folder);
  return bavail * bsize;
}
