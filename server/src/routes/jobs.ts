import { commandAnswerSchema, commandSchema } from '@barythm/contract/commands';
import { jobFileSchema, type JobFile } from '@barythm/contract/formats';
import { jobResourceSchema } from '@barythm/contract/resources';
import { JOB_FORMAT_VERSION, type Handover, type JobDocument } from '@barythm/core/visit';
import { siteDate } from '@barythm/core/time';
import type { FastifyReply } from 'fastify';
import type { FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import type { Clock } from '../clock';
import type { Database } from '../db';
import { carryOut, importJob, loadJob } from '../jobs';
import type { Press } from '../press';
import { problems } from '../problems';
import { keepState } from '../register';
import { goneWith } from './gone';
import { checksCsv, readingsCsv, sheetCsv, programsCalendar } from '../report';

const byId = z.object({ id: z.string() });

/** Jobs: read, written by commands, and what leaves of them. */
export function jobRoutes(database: Database, clock: Clock, press: Press): FastifyPluginAsyncZod {
  const load = async (id: string): Promise<JobDocument> => {
    const document = await loadJob(database.models, id);
    if (!document) throw problems.notFound('job', id);
    return document;
  };

  return async (app) => {
    app.get(
      '/jobs/:id',
      { schema: { params: byId, response: { 200: jobResourceSchema } } },
      async (request) => {
        const document = await load(request.params.id);
        const now = clock();
        return { document, now, today: siteDate(now, document.site.zone) };
      },
    );

    app.post(
      '/commands',
      { schema: { body: commandSchema, response: { 200: commandAnswerSchema } } },
      async (request) => {
        const answer = await carryOut(database, clock, request.body);
        // what the round shows of this pump follows from what was written
        await keepStateOfJob(database, clock, answer.jobId);
        return answer;
      },
    );

    app.get('/jobs/:id/hand-over.pdf', { schema: { params: byId } }, async (request, reply) => {
      const document = await load(request.params.id);
      const order = { paper: 'hand-over', document, handover: handoverOf(document) } as const;
      const pdf = await press.print(order, goneWith(reply));
      return attach(reply, document, 'hand-over', 'pdf', 'application/pdf').send(pdf);
    });

    app.get('/jobs/:id/job.json', { schema: { params: byId } }, async (request, reply) => {
      const document = await load(request.params.id);
      const file: JobFile = { format: 'barythm-job', formatVersion: JOB_FORMAT_VERSION, document };
      return attach(reply, document, 'job', 'json', 'application/json').send(JSON.stringify(file, null, 2));
    });

    app.get('/jobs/:id/sheet.csv', { schema: { params: byId } }, async (request, reply) => {
      const document = await load(request.params.id);
      return attach(reply, document, 'sheet', 'csv', 'text/csv; charset=utf-8').send(sheetCsv(document));
    });

    app.get('/jobs/:id/readings.csv', { schema: { params: byId } }, async (request, reply) => {
      const document = await load(request.params.id);
      return attach(reply, document, 'readings', 'csv', 'text/csv; charset=utf-8').send(
        readingsCsv(document),
      );
    });

    app.get('/jobs/:id/checks.csv', { schema: { params: byId } }, async (request, reply) => {
      const document = await load(request.params.id);
      const today = siteDate(clock(), document.site.zone);
      return attach(reply, document, 'checks', 'csv', 'text/csv; charset=utf-8').send(
        checksCsv(document, today),
      );
    });

    app.get('/jobs/:id/programs.ics', { schema: { params: byId } }, async (request, reply) => {
      const document = await load(request.params.id);
      const calendar = programsCalendar(document);
      if (calendar === null) throw problems.notFound('programs of the job', request.params.id);
      return attach(reply, document, 'programs', 'ics', 'text/calendar; charset=utf-8').send(calendar);
    });

    app.post('/jobs/import', { schema: { body: jobFileSchema } }, async (request, reply) => {
      const jobId = await importJob(database, request.body as JobFile, 'Workshop');
      await keepStateOfJob(database, clock, jobId);
      return reply.status(201).send({ jobId });
    });
  };
}

async function keepStateOfJob(database: Database, clock: Clock, jobId: string): Promise<void> {
  const job = await database.models.jobs.findByPk(jobId, { attributes: ['pumpId'] });
  if (job) await keepState(database, clock, job.get('pumpId') as string);
}

function handoverOf(document: JobDocument): Handover {
  if (!document.handover) throw problems.notHandedOver();
  return document.handover;
}

function attach(
  reply: FastifyReply,
  { pump, job }: JobDocument,
  what: string,
  ending: string,
  type: string,
): FastifyReply {
  const name = `${pump.tag}-${job.plannedFor}-${what}.${ending}`.replace(/[^\w.-]+/g, '-');
  return reply.type(type).header('content-disposition', `attachment; filename="${name}"`);
}
