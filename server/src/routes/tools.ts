import { runTool, TOOLS, toolById } from '@barythm/core/tools';
import type { FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import { problems } from '../problems';

/** The calculators by themselves. The fields are those of the worked examples and of the app. */
export const toolRoutes: FastifyPluginAsyncZod = async (app) => {
  app.get('/tools', () =>
    Object.values(TOOLS).map(({ id, group, name, about }) => ({ id, group, name, about })),
  );

  app.post(
    '/tools/:id',
    { schema: { params: z.object({ id: z.string() }), body: z.record(z.string(), z.unknown()) } },
    (request) => {
      const tool = toolById(request.params.id);
      if (!tool) throw problems.notFound('tool', request.params.id);
      return runTool(tool, parse(tool.input, request.body));
    },
  );
};

function parse<T extends z.ZodType>(schema: T, body: unknown): z.output<T> {
  const parsed = schema.safeParse(body);
  if (parsed.success) return parsed.data;
  throw problems.invalid(
    parsed.error.issues.map((issue) => ({ field: issue.path.join('.') || 'body', words: issue.message })),
  );
}
