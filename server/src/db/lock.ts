import { closeSync, openSync, readFileSync, rmSync, writeSync } from 'node:fs';

/** Another server has this database already. */
export class LockedError extends Error {
  override readonly name = 'LockedError';

  constructor(readonly pid: number) {
    super(`Another server (process ${pid}) has this database open.`);
  }
}

function isAlive(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    // there, and somebody else's
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
}

/**
 * Keeps a second server off a database: a file beside it names the process that has it. What a killed server left behind is taken
 * over, since its process is gone. Answers how to let go. Throws a LockedError while another process lives.
 */
export function takeLock(databaseFile: string): () => void {
  const file = `${databaseFile}.lock`;
  for (let attempt = 0; attempt < 2; attempt++) {
    try {
      const handle = openSync(file, 'wx');
      writeSync(handle, String(process.pid));
      closeSync(handle);
      return () => rmSync(file, { force: true });
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
      const pid = Number(readFileSync(file, 'utf8'));
      if (Number.isInteger(pid) && pid > 0 && pid !== process.pid && isAlive(pid)) throw new LockedError(pid);
      rmSync(file, { force: true });
    }
  }
  throw new Error(`The lock file ${file} could not be made.`);
}
