import { spawn } from 'node:child_process';
import { createWriteStream, mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('../../', import.meta.url));

/**
 * Runs a command in the repository and answers its exit code. With `log`, its output goes to that file and nothing
 * is shown; with `capture`, the output is answered too.
 */
export function run(command, args, { cwd = ROOT, env = {}, log, capture = false } = {}) {
  return new Promise((resolve, reject) => {
    const piped = Boolean(log) || capture;
    const child = spawn(command, args, {
      cwd,
      env: { ...process.env, ...env },
      stdio: piped ? ['ignore', 'pipe', 'pipe'] : 'inherit',
    });
    let output = '';
    if (log) mkdirSync(dirname(log), { recursive: true });
    const file = log && createWriteStream(log);
    const take = (chunk) => {
      output += chunk;
      file?.write(chunk);
      if (capture && !log) process.stdout.write(chunk);
    };
    child.stdout?.on('data', take);
    child.stderr?.on('data', take);
    // whoever stops this process means what it started as well
    const stop = () => child.kill('SIGTERM');
    process.once('SIGTERM', stop);
    child.on('error', reject);
    child.on('close', (code) => {
      process.removeListener('SIGTERM', stop);
      file?.end();
      resolve({ code: code ?? 1, output });
    });
  });
}

/** True when a program can be started at all. */
export async function has(program) {
  try {
    return (await run(program, ['--version'], { log: '/dev/null' })).code === 0;
  } catch {
    return false;
  }
}
