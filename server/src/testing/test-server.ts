import { copyFileSync, existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { CommandBody } from '@barythm/contract/commands';
import type { FastifyInstance } from 'fastify';
import { v7 } from 'uuid';
import { buildServer } from '../app';
import { frozenClock } from '../clock';
import { openDatabase, type Database } from '../db';

/** For tests only: a server on a real SQLite file of its own, with its clock standing still. */
export interface TestServer {
  readonly app: FastifyInstance;
  readonly database: Database;
  readonly file: string;
  get(url: string): Promise<{ status: number; body: never; text: string }>;
  post(url: string, payload: unknown): Promise<{ status: number; body: never; text: string }>;
  /** sends a command with a fresh id on a version, or as changed */
  command(
    body: CommandBody,
    baseVersion: number,
    changes?: Record<string, unknown>,
  ): ReturnType<TestServer['post']>;
  stop(): Promise<void>;
}

export const NOW = '2026-11-24T10:30:00.000Z';

/** The demo data was made once, before the first test; what is written in a test stays in its own copy. */
function copyDemo(folder: string): void {
  for (const part of ['', '-wal', '-shm']) {
    const from = join(__dirname, '../../../.build/demo', `barythm.sqlite${part}`);
    if (existsSync(from)) copyFileSync(from, join(folder, `barythm.sqlite${part}`));
  }
}

export async function startTestServer({ demo }: { demo: boolean }): Promise<TestServer> {
  const folder = mkdtempSync(join(tmpdir(), 'barythm-test-'));
  const file = join(folder, 'barythm.sqlite');
  const clock = frozenClock(NOW);
  if (demo) copyDemo(folder);
  const database = await openDatabase(file);
  const app = await buildServer({ database, clock });
  const answer = (response: { statusCode: number; body: string; headers: Record<string, unknown> }) => ({
    status: response.statusCode,
    text: response.body,
    body: (String(response.headers['content-type']).includes('json')
      ? JSON.parse(response.body)
      : null) as never,
  });
  const post = async (url: string, payload: unknown) =>
    answer(await app.inject({ method: 'POST', url, payload: payload as object }));
  return {
    app,
    database,
    file,
    get: async (url) => answer(await app.inject(url)),
    post,
    command: (body, baseVersion, changes = {}) =>
      post('/api/v1/commands', {
        id: v7(),
        baseVersion,
        recordedAt: NOW,
        device: 'test',
        actor: 'Technician 1',
        body,
        ...changes,
      }),
    stop: async () => {
      await app.close();
      await database.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
