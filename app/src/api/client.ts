import type { Command, CommandAnswer } from '@barythm/contract/commands';
import type { Problem } from '@barythm/contract/problem';

/** The server answered, and said no: carries its problem document. */
export class RefusedError extends Error {
  override readonly name = 'RefusedError';

  constructor(readonly problem: Problem) {
    super(problem.errors?.map((error) => error.words).join(' ') || problem.detail || problem.title);
  }
}

/** The server could not be reached. What was to be sent is still to be sent. */
export class UnreachableError extends Error {
  override readonly name = 'UnreachableError';

  constructor() {
    super('The server cannot be reached. What you entered is kept on this device.');
  }
}

const BASE = '/api/v1';

async function call<T>(path: string, init?: RequestInit): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`${BASE}${path}`, init);
  } catch {
    throw new UnreachableError();
  }
  // an answer that is no JSON comes from something in between, and one above 499 from a server that fails: neither is a no
  const json = () => response.json().catch(() => Promise.reject(new UnreachableError()));
  if (response.ok) return (await json()) as T;
  if (response.status < 500 && response.headers.get('content-type')?.includes('problem+json')) {
    throw new RefusedError((await json()) as Problem);
  }
  throw new UnreachableError();
}

/** Fetches a resource. */
export function get<T>(path: string): Promise<T> {
  return call<T>(path);
}

/** Sends one write. */
export async function sendCommand(command: Command): Promise<CommandAnswer> {
  const answer = await post<unknown>('/commands', command);
  // whatever else came back is not the server’s own word: the write is still to be sent
  if (!isAnswerTo(command, answer)) throw new UnreachableError();
  return answer;
}

/** Told by hand, since the first screen loads no schema. */
function isAnswerTo(command: Command, answer: unknown): answer is CommandAnswer {
  if (answer === null || typeof answer !== 'object') return false;
  const { sequence, jobId, version } = answer as Partial<CommandAnswer>;
  return Number.isInteger(sequence) && Number.isInteger(version) && jobId === command.body.jobId;
}

/** Sends something that is no job's: a register file, a profile. */
export function post<T>(path: string, body: unknown): Promise<T> {
  return send<T>('POST', path, body);
}

/** Puts something right that is no job's: what the register says of a pump. */
/** Takes back what stands at a path, and answers what the server says to it. */
export function remove<T>(path: string): Promise<T> {
  return call<T>(path, { method: 'DELETE' });
}

export function patch<T>(path: string, body: unknown): Promise<T> {
  return send<T>('PATCH', path, body);
}

function send<T>(method: string, path: string, body: unknown): Promise<T> {
  return call<T>(path, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
}

/** Address of anything the browser downloads by itself. */
export function addressOfFile(path: string): string {
  return `${BASE}${path}`;
}

/** Address of a file that the browser downloads by itself. */
export function fileUrl(jobId: string, file: string): string {
  return `${BASE}/jobs/${jobId}/${file}`;
}
