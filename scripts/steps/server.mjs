import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { hashOf } from './hash.mjs';
import { ROOT } from './run.mjs';
import { say } from './say.mjs';

export const SERVER_ROOT = join(ROOT, '.build/server');
const STAMP = join(ROOT, '.build/server.stamp');
const SOURCES = ['server/src', 'server/bin', 'core/src', 'contract/src', 'profiles', 'package-lock.json'];

/** What is started by itself, and what runs on threads of its own: under the names that the server starts them by. */
const ENTRIES = {
  serve: 'server/bin/serve.ts',
  'make-demo': 'server/bin/make-demo.ts',
  'bench-thread': 'server/src/bench/bench-worker.ts',
  'press-thread': 'server/src/press/press-worker.ts',
  'states-thread': 'server/src/states/states-worker.ts',
};

/** Compiles the server and its threads when their sources are not what was compiled last: nothing is compiled while it runs. */
export async function ensureServer() {
  const wanted = hashOf(SOURCES);
  const made = join(SERVER_ROOT, 'serve.mjs');
  if (existsSync(made) && existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return;
  say('compiling the server …');
  rmSync(SERVER_ROOT, { recursive: true, force: true });
  const { build } = await import('esbuild');
  await build({
    entryPoints: Object.fromEntries(Object.entries(ENTRIES).map(([name, path]) => [name, join(ROOT, path)])),
    outdir: SERVER_ROOT,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    splitting: true,
    format: 'esm',
    platform: 'node',
    target: 'node20',
    sourcemap: 'linked',
    logLevel: 'error',
    plugins: [ownPackages],
  });
  writeFileSync(STAMP, wanted);
}

/** Our own packages are compiled in; every other one is loaded from where it is installed. */
const ownPackages = {
  name: 'own-packages',
  setup(build) {
    build.onResolve({ filter: /^@barythm\// }, ({ path }) => {
      const [, name, ...folder] = path.split('/');
      return { path: join(ROOT, name, 'src', ...folder, 'index.ts') };
    });
    build.onResolve({ filter: /^[^./]/ }, ({ path, kind }) =>
      kind === 'entry-point' ? undefined : { path, external: true },
    );
  },
};
