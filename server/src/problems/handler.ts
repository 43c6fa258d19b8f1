import { InputError } from '@barythm/core/input';
import type { FastifyError, FastifyReply, FastifyRequest } from 'fastify';
import { hasZodFastifySchemaValidationErrors } from 'fastify-type-provider-zod';
import { ProblemError, problems } from './problem';

/** Turns whatever was thrown into a problem document. What is nobody's input is logged, and told without detail. */
export function answerError(error: FastifyError | Error, request: FastifyRequest, reply: FastifyReply): void {
  const { problem } = asProblem(error, request);
  void reply.status(problem.status).type('application/problem+json').send(problem);
}

function asProblem(error: FastifyError | Error, request: FastifyRequest): ProblemError {
  if (error instanceof ProblemError) return error;
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
  request.log.error(error);
  return problems.internal();
}
