import { Left } from '../apart/left';
import { InputError } from '@barythm/core/input';
import type { FastifyError, FastifyReply, FastifyRequest } from 'fastify';
import { hasZodFastifySchemaValidationErrors } from 'fastify-type-provider-zod';
import { ProblemError, problems } from './problem';

/** Turns whatever was thrown into a problem document. What is nobody's input is logged, and told without detail. */
export function answerError(error: FastifyError | Error, request: FastifyRequest, reply: FastifyReply): void {
  const { problem } = asProblem(error, request);
  if (problem.status === 503) void reply.header('retry-after', '5');
  void reply.status(problem.status).type('application/problem+json').send(problem);
}

/** What keeps the database from taking a write for now, in words; null for anything else. */
function databaseTrouble(error: Error): string | null {
  const text = `${error.message} ${(error as { parent?: Error }).parent?.message ?? ''}`;
  if (/SQLITE_BUSY|database is locked|SQLITE_LOCKED/.test(text)) {
    return 'Another program is writing to it. Nothing was changed; it is tried again by itself.';
  }
  if (/SQLITE_FULL|disk is full|ENOSPC/.test(text)) {
    return 'The disk of the server is full. Nothing was changed; free some space.';
  }
  if (/SQLITE_IOERR|SQLITE_READONLY|SQLITE_CANTOPEN|readonly database/.test(text)) {
    return 'Its file cannot be written. Nothing was changed; look at the disk and its permissions.';
  }
  return null;
}

function asProblem(error: FastifyError | Error, request: FastifyRequest): ProblemError {
  if (error instanceof ProblemError) return error;
  if (error instanceof Left) return problems.left();
  if (error instanceof InputError) return problems.invalid([{ field: error.field, words: error.message }]);
  if (hasZodFastifySchemaValidationErrors(error)) {
    return problems.invalid(
      error.validation.map((issue) => ({
        field: issue.instancePath.replace(/^\//, '').replaceAll('/', '.') || 'body',
        words: issue.message ?? 'This is not right.',
      })),
    );
  }
  const code = 'code' in error ? error.code : undefined;
  if (code === 'FST_ERR_CTP_BODY_TOO_LARGE') return problems.tooLarge();
  if (code === 'FST_ERR_CTP_INVALID_MEDIA_TYPE') return problems.notJson('Send application/json.');
  if (code === 'FST_ERR_CTP_EMPTY_JSON_BODY') return problems.notJson('The body is empty.');
  if (error instanceof SyntaxError || code === 'FST_ERR_CTP_INVALID_JSON_BODY') {
    return problems.notJson('The body is broken JSON.');
  }
  if (error.name === 'SequelizeUniqueConstraintError') return problems.exists('id or name');
  if (error.name === 'SequelizeForeignKeyConstraintError') {
    return problems.invalid([{ field: 'body', words: 'It names something that is not here.' }]);
  }
  const trouble = databaseTrouble(error);
  if (trouble) return problems.unavailable(trouble);
  // what the framework itself refuses has a status of its own
  const status = 'statusCode' in error ? error.statusCode : undefined;
  if (status !== undefined && status >= 400 && status < 500) return problems.client(status, error.message);
  request.log.error({ name: error.name, message: error.message.split('\n')[0], stack: error.stack });
  return problems.internal();
}
