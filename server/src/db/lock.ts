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

/** What the system keeps of a process, where it says; null elsewhere. */
function kept(pid: number, what: 'stat' | 'cmdline'): string | null {
  try {
    return readFileSync(`/proc/${pid}/${what}`, 'utf8');
  } catch {
    return null;
  }
}

/** When a process was started, in ticks since the machine was: two processes of one number differ in it. */
function startOf(pid: number): string | null {
  // the name may hold blanks and brackets; fields are counted behind it
  return kept(pid, 'stat')?.split(') ').at(-1)?.split(' ')[19] ?? null;
}

/** What is written into the lock: number and start of the process that has it. */
function own(): string {
  return `${process.pid} ${startOf(process.pid) ?? ''}`.trim();
}

/** Whether the process that a lock names is there still, and is the one that wrote it: numbers are used again. */
function isHeld(text: string): { readonly pid: number } | null {
  const [first, started] = text.trim().split(' ');
  const pid = Number(first);
  if (!Number.isInteger(pid) || pid <= 0 || pid === process.pid || !isAlive(pid)) return null;
  const now = startOf(pid);
  if (started !== undefined && now !== null) return started === now ? { pid } : null;
  // a lock of an older version says no start: another program's number is told by what it runs
  const line = kept(pid, 'cmdline');
  return line !== null && !/node|tsx|serve/.test(line) ? null : { pid };
}

/**
 * Keeps a second server off a database: a file beside it names the process that has it. What a killed server left behind is taken
 * over, since its process is gone, or its number is another's now. Answers how to let go. Throws a LockedError while that process lives.
 */
export function takeLock(databaseFile: string): () => void {
  const file = `${databaseFile}.lock`;
  for (let attempt = 0; attempt < 2; attempt++) {
    try {
      const handle = openSync(file, 'wx');
      writeSync(handle, own());
      closeSync(handle);
      return () => rmSync(file, { force: true });
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
      const held = isHeld(readFileSync(file, 'utf8'));
      if (held) throw new LockedError(held.pid);
      rmSync(file, { force: true });
    }
  }
  throw new Error(`The lock file ${file} could not be made.`);
}
