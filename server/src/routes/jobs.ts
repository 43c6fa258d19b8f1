import { commandAnswerSchema, commandSchema } from '@barythm/contract/commands';
import { jobFileSchema, type JobFile } from '@barythm/contract/formats';
import { jobResourceSchema } from '@barythm/contract/resources';
import { leavingFiles } from '@barythm/core/job';
import { JOB_FORMAT_VERSION, type Handover } from '@barythm/core/visit';
import { siteDate } from '@barythm/core/time';
import type { FastifyReply } from 'fastify';
import type { FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import type { Clock } from '../clock';
import type { Database } from '../db';
import { firmNow, logoOf } from '../firm';
import { carryOut, importJob, loadJob } from '../jobs';
import type { Press } from '../press';
import { problems } from '../problems';
import { keepState, keepStateAfter, type WorkOut } from '../register';
import { goneWith } from './gone';
import { calendarOf, csvOf } from '../report';
import type { JobDocument } from '@barythm/core/families';

const byId = z.object({ id: z.string() });
const fileOfJob = byId.extend({ file: z.string().max(80) });

/** Jobs: read, written by commands, and what leaves of them. */
export function jobRoutes(
  database: Database,
  clock: Clock,
  press: Press,
  workOut?: WorkOut,
): FastifyPluginAsyncZod {
  const load = async (id: string): Promise<JobDocument> => {
    // with what it could name next, so that a phone without signal can
    const document = await loadJob(database.models, id, { instruments: 'offered' });
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
        const { answer, document } = await carryOut(database, clock, request.body);
        // what the round shows of this pump follows from what was written
        if (document) await keepStateAfter(database, clock, document, workOut);
        else await keepStateOfJob(database, clock, answer.jobId, workOut);
        return answer;
      },
    );

    app.get('/jobs/:id/hand-over.pdf', { schema: { params: byId } }, async (request, reply) => {
      const document = await load(request.params.id);
      const handover = handoverOf(document);
      const { firm } = handover.summary;
      const logo = firm ? await logoOf(database, firm) : null;
      const order = { paper: 'hand-over', document, handover, logo } as const;
      const pdf = await press.print(order, goneWith(reply));
      return attach(reply, document, 'hand-over.pdf', 'application/pdf').send(pdf);
    });

    app.get('/jobs/:id/owner.pdf', { schema: { params: byId } }, async (request, reply) => {
      const document = await load(request.params.id);
      const createdAt = document.handover?.recordedAt ?? clock();
      const today = siteDate(clock(), document.site.zone);
      const firm = await firmNow(database.models);
      const order = { paper: 'owner', document, today, createdAt, firm } as const;
      const pdf = await press.print(order, goneWith(reply));
      return attach(reply, document, 'owner.pdf', 'application/pdf').send(pdf);
    });

    app.get(
      '/jobs/:id/work-order.pdf',
      {
        schema: {
          params: byId,
          querystring: z.object({ units: z.enum(['metric', 'us', 'both']).optional() }),
        },
      },
      async (request, reply) => {
        const document = await load(request.params.id);
        const now = clock();
        const order = {
          paper: 'work-order',
          document,
          today: siteDate(now, document.site.zone),
          createdAt: now,
          units: request.query.units ?? 'metric',
          firm: await firmNow(database.models),
        } as const;
        return attach(reply, document, 'work-order.pdf', 'application/pdf').send(
          await press.print(order, goneWith(reply)),
        );
      },
    );

    app.get('/jobs/:id/job.json', { schema: { params: byId } }, async (request, reply) => {
      const document = await load(request.params.id);
      const file: JobFile = { format: 'barythm-job', formatVersion: JOB_FORMAT_VERSION, document };
      return attach(reply, document, 'job.json', 'application/json').send(JSON.stringify(file, null, 2));
    });

    // tables and programs: whatever its family leaves, under the name that the family gave it
    app.get('/jobs/:id/:file', { schema: { params: fileOfJob } }, async (request, reply) => {
      const document = await load(request.params.id);
      const files = leavingFiles(document, siteDate(clock(), document.site.zone));
      const wanted = files.find(({ file }) => file === request.params.file);
      if (!wanted) {
        throw problems.noFile(request.params.file, [
          'hand-over.pdf',
          'owner.pdf',
          'work-order.pdf',
          'job.json',
          ...files.map(({ file }) => file),
        ]);
      }
      return wanted.kind === 'calendar'
        ? attach(reply, document, wanted.file, 'text/calendar; charset=utf-8').send(
            calendarOf(document, wanted.events),
          )
        : attach(reply, document, wanted.file, 'text/csv; charset=utf-8').send(csvOf(wanted));
    });

    app.post('/jobs/import', { schema: { body: jobFileSchema } }, async (request, reply) => {
      const jobId = await importJob(database, request.body as JobFile, 'Workshop');
      await keepStateOfJob(database, clock, jobId, workOut);
      return reply.status(201).send({ jobId });
    });
  };
}

async function keepStateOfJob(
  database: Database,
  clock: Clock,
  jobId: string,
  workOut?: WorkOut,
): Promise<void> {
  const job = await database.models.jobs.findByPk(jobId, { attributes: ['pumpId'] });
  if (job) await keepState(database, clock, job.get('pumpId') as string, workOut);
}

function handoverOf(document: JobDocument): Handover {
  if (!document.handover) throw problems.notHandedOver();
  return document.handover;
}

function attach(reply: FastifyReply, { pump, job }: JobDocument, file: string, type: string): FastifyReply {
  const name = `${pump.tag}-${job.plannedFor}-${file}`.replace(/[^\w.-]+/g, '-');
  return reply.type(type).header('content-disposition', `attachment; filename="${name}"`);
}
