import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureDependencies } from './steps/dependencies.mjs';
import { ROOT } from './steps/run.mjs';
import { main, say } from './steps/say.mjs';

const API_PORT = process.env.PORT ?? '4310';

await main(async () => {
  await ensureDependencies();
  say(`API with restart on change at http://127.0.0.1:${API_PORT}, app with live reload by the bundler.`);
  const children = [
    spawn('npx', ['tsx', 'watch', join(ROOT, 'server/bin/serve.ts')], { cwd: ROOT, stdio: 'inherit' }),
    spawn('npx', ['expo', 'start', '--web', '--localhost'], {
      cwd: join(ROOT, 'app'),
      stdio: 'inherit',
      env: { ...process.env, EXPO_NO_TELEMETRY: '1', BARYTHM_API: `http://127.0.0.1:${API_PORT}` },
    }),
  ];
  const stop = () => children.forEach((child) => child.kill('SIGTERM'));
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
  await Promise.all(children.map((child) => new Promise((done) => child.on('exit', done))));
});
