import type { Problem } from '@barythm/contract/problem';

/** A request that cannot be carried out: carries the problem document that answers it. */
export class ProblemError extends Error {
  override readonly name = 'ProblemError';

  constructor(readonly problem: Problem) {
    super(problem.detail ?? problem.title);
  }
}

const TYPE = 'urn:barythm:problem:';

function make(code: string, status: number, title: string, more: Partial<Problem> = {}): ProblemError {
  return new ProblemError({ type: `${TYPE}${code}`, title, status, code, ...more });
}

/** Every problem the server answers with is made here. */
export const problems = {
  notFound: (what: string, id: string) =>
    make('not-found', 404, `There is no ${what} with this id.`, {
      errors: [{ field: 'id', words: `There is no ${what} “${id}”.` }],
    }),
  noFile: (file: string, known: readonly string[]) =>
    make('not-found', 404, `This job does not leave as ${file}.`, {
      errors: [{ field: 'file', words: `It leaves as ${known.join(', ')}.` }],
    }),
  invalid: (errors: { field: string; words: string }[]) =>
    make('invalid', 400, 'Something in the request is not right.', {
      detail: errors.map((error) => `${error.field}: ${error.words}`).join(' '),
      errors,
    }),
  refused: (field: string, words: string, code: string) =>
    make('refused', 422, 'The job does not allow this now.', {
      detail: words,
      code,
      errors: [{ field, words }],
    }),
  stale: (current: unknown, yours: unknown, words: string) =>
    make('stale', 409, 'This job has changed since you saw it.', {
      detail: words,
      errors: [{ field: 'baseVersion', words }],
      current,
      yours,
    }),
  idTaken: () =>
    make('id-taken', 409, 'This id was used for another write.', {
      errors: [{ field: 'id', words: 'The same id came before with another body.' }],
    }),
  exists: (what: string) =>
    make('exists', 409, `This ${what} is already here.`, {
      errors: [{ field: 'id', words: `This ${what} is already in the database; nothing was changed.` }],
    }),
  tooLarge: () =>
    make('too-large', 413, 'The request is larger than 1 MiB.', {
      errors: [{ field: 'body', words: 'At most 1 MiB.' }],
    }),
  notJson: (words: string) =>
    make('not-json', 400, 'The request is not JSON.', { errors: [{ field: 'body', words }] }),
  notHandedOver: () =>
    make('not-handed-over', 409, 'This job is not handed over yet.', {
      errors: [{ field: 'id', words: 'The hand-over is made when it is signed.' }],
    }),
  tooLong: () =>
    make('too-long', 422, 'This run takes too long.', {
      detail: 'The run was stopped after half a minute. Take a shorter scenario.',
      errors: [{ field: 'scenario', words: 'The run was stopped after 30 s.' }],
    }),
  faulty: (faults: readonly { line: number; column: number; words: string }[]) =>
    make('faulty-file', 422, 'The file has faults; nothing was taken in.', {
      errors: faults.map(({ line, column, words }) => ({ field: `line ${line}, column ${column}`, words })),
    }),
  foreignHost: (host: string) =>
    make('foreign-host', 421, 'This server does not answer to that name.', {
      detail: `This server is reached as 127.0.0.1, localhost or the address it was given, not as “${host.slice(0, 100)}”.`,
      errors: [{ field: 'host', words: 'Open it under its own address.' }],
    }),
  foreignOrigin: (origin: string) =>
    make('foreign-origin', 403, 'Writes are taken from this server’s own pages only.', {
      detail: `The request came from a page of “${origin.slice(0, 100)}”.`,
      errors: [{ field: 'origin', words: 'Open the app under its own address.' }],
    }),
  badUrl: () =>
    make('bad-url', 400, 'The address cannot be read.', {
      errors: [{ field: 'url', words: 'The address holds signs that no address has.' }],
    }),
  client: (status: number, words: string) =>
    make('bad-request', status, 'The request cannot be carried out.', {
      detail: words,
      errors: [{ field: 'request', words }],
    }),
  left: () => make('left', 499, 'The request was given up.'),
  unwritable: (words: string) =>
    make('unavailable', 503, 'Writes cannot be taken now.', {
      detail: words,
      errors: [{ field: 'database', words }],
    }),
  unavailable: (words: string) =>
    make('unavailable', 503, 'The database cannot take this now.', {
      detail: words,
      errors: [{ field: 'database', words }],
    }),
  busy: (place: number) =>
    make('busy', 503, 'Too many runs are waiting.', {
      detail: `${place} runs wait already: try again in a minute.`,
      errors: [{ field: 'bench', words: 'Try again in a minute.' }],
    }),
  tooMany: (words: string) =>
    make('too-many', 422, 'That is too much at once.', {
      detail: words,
      errors: [{ field: 'query', words }],
    }),
  internal: () =>
    make('internal', 500, 'Something went wrong on the server.', {
      detail: 'Nothing was changed. Try again; if it stays, restart the server and look at its log.',
    }),
};
