import type { CommandBody } from '@barythm/contract/commands';
import type { JobResource, PumpResource, Round } from '@barythm/contract/resources';
import { planPool, POOL_REASONS } from '@barythm/core/families/pool';
import { plannedTargets, viewJob, type JobView } from '@barythm/core/job';
import { addressOf, inOrderOfWork } from '@barythm/core/profile';
import { stateOf } from '@barythm/core/sheet';
import { v7 } from 'uuid';
import { wordsOfPaper } from '../golden/paper-words';
import { startTestServer, type TestServer } from '../testing/test-server';
import { isContextOf, familyOf } from '@barythm/core/families';

const TODAY = '2026-11-24';
let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ demo: true });
});
afterAll(() => server.stop());

/** A visit to one pump as the phone sends it: each write on the version that is known. */
class Visit {
  readonly jobId = v7();
  view!: JobView;

  constructor(private readonly pumpId: string) {}

  async start(): Promise<this> {
    await this.taken(
      { kind: 'job.start', jobId: this.jobId, pumpId: this.pumpId, visitId: v7(), date: TODAY },
      0,
    );
    return this;
  }
  async load(): Promise<JobView> {
    const { document, today } = (await server.get(`/api/v1/jobs/${this.jobId}`)).body as JobResource;
    this.view = viewJob(document, today);
    return this.view;
  }
  /** sends a write that must be taken */
  async taken(body: CommandBody, version = this.view.document.job.version): Promise<void> {
    const answer = await server.command(body, version);
    if (answer.status !== 200) throw new Error(answer.text);
    await this.load();
  }
  record(record: Extract<CommandBody, { kind: 'job.record' }>['record']): Promise<void> {
    return this.taken({ kind: 'job.record', jobId: this.jobId, recordId: v7(), record });
  }
  check(key: string, seen: string | null, figures: Record<string, number> = {}): Promise<void> {
    return this.record({ kind: 'check', check: key, seen, figures, note: '' });
  }
  async foundAsReported(): Promise<void> {
    const { document } = this.view;
    const held = document.lastLeft?.values ?? {};
    await this.taken({
      kind: 'sheet.enter-many',
      jobId: this.jobId,
      column: 'found',
      entries: inOrderOfWork(document.profile).flatMap((parameter) => {
        const value = held[parameter.key];
        return value === undefined
          ? []
          : [
              {
                entryId: v7(),
                address: addressOf(parameter),
                raw: String(value),
                unit: parameter.unit ?? '',
                value,
                reason: null,
              },
            ];
      }),
    });
  }
  async plan(): Promise<void> {
    const { context, document } = this.view;
    if (!context || !isContextOf('pool', context)) throw new Error('This pump has no pool duty.');
    await this.taken({
      kind: 'plan.accept',
      jobId: this.jobId,
      planId: v7(),
      duty: context.duty,
      targets: plannedTargets(document.profile, planPool(context), POOL_REASONS).map((target) => ({
        ...target,
        entryId: v7(),
      })),
    });
  }
  async set(): Promise<number> {
    let entered = 0;
    for (;;) {
      const row = this.view.rows.find((one) => stateOf(one) === 'to-do');
      const target = row?.target;
      if (!row || !target || target.value === null) return entered;
      entered += 1;
      await this.taken({
        kind: 'sheet.enter',
        jobId: this.jobId,
        entryId: v7(),
        address: row.address,
        column: 'left',
        raw: String(target.value),
        unit: target.unit,
        value: target.value,
        reason: null,
      });
    }
  }
}

test('the therapy pool from arrival to a frozen hand-over, each step gated and each figure kept', async () => {
  const visit = await new Visit('pool-therapy').start();
  const state = async () => (await visit.load()).document.job.state;
  expect(await state()).toBe('planned');
  // nothing is set before it is made safe, read and planned
  const early = await server.command(
    {
      kind: 'sheet.enter',
      jobId: visit.jobId,
      entryId: v7(),
      address: 'motor/1/limit',
      column: 'left',
      raw: '2630',
      unit: 'rev/min',
      value: 2630,
      reason: null,
    },
    visit.view.document.job.version,
  );
  expect(early.body).toMatchObject({
    status: 422,
    errors: [{ words: expect.stringContaining('as found first') }],
  });
  await visit.record({ kind: 'make-safe', steps: familyOf('pool').arrival.makeSafe.map(({ key }) => key) });
  await visit.record({
    kind: 'identify',
    plate: { family: 'pool', greatest_rpm: 3260, rated_W: 1500, kind: 'M' },
    serial: 'PD-40122',
    controllerAsProfile: true,
    command: 'own',
    note: '',
  });
  expect(await state()).toBe('open');
  await visit.record({ kind: 'clock', error_min: 7, setRight: true, reason: null });
  await visit.foundAsReported();
  expect(visit.view.findings.found.map(({ code }) => code)).toEqual(
    expect.arrayContaining(['POO-01', 'POO-02', 'POO-03', 'POO-08', 'POO-27']),
  );
  await visit.plan();
  expect(visit.view.findings.target.filter(({ severity }) => severity !== 'note')).toEqual([]);
  expect(await visit.set()).toBe(18);
  await visit.check('power-1400', null, { power_W: 205 });
  await visit.check('flow-filter', null, { flow_m3h: 7.8 });
  await visit.check('timed-boost', 'ends');
  await visit.check('linked-1', 'fits');
  await visit.record({ kind: 'automatic', seen: 'The program of this hour runs.', leaving: ['covers'] });
  const handOver: CommandBody = {
    kind: 'job.hand-over',
    jobId: visit.jobId,
    handoverId: v7(),
    signedAs: 'Visitor',
    signature: { width: 100, height: 50, paths: ['M 1 1 L 20 20'] },
    nextDue: '2027-05-24',
  };
  await visit.taken(handOver);
  expect(await state()).toBe('handed-over');
  const { summary } = visit.view.document.handover!;
  expect(summary.proof).toMatchObject({
    points: 0,
    says: [{ words: 'Flow measured.', sound: true }],
    automatic: true,
  });
  const [week] = summary.blocks.first.filter((block) => block.kind === 'before-after');
  const [before, after] = week.sides.map(({ items }) =>
    items.flatMap((item) => ('words' in item ? [item] : [])),
  );
  expect(parseFloat(after[0].words)).toBeLessThan(parseFloat(before[0].words) / 2);
  expect(after).toContainEqual({
    kind: 'verdict',
    words: expect.stringMatching(/m³ on its weakest day$/),
    good: true,
  });

  const late = await server.command(handOver, visit.view.document.job.version);
  expect(late.body).toMatchObject({ errors: [{ words: expect.stringContaining('handed over') }] });

  const { rawPayload } = await server.app.inject(`/api/v1/jobs/${visit.jobId}/hand-over.pdf`);
  const words = wordsOfPaper(rawPayload);
  expect(words).toContain('4 of 4 checks as expected');
  expect(words).not.toContain('signal points');
  expect(words).toContain('The week, before and after');
  expect(words).toContain('After lessons');

  // the next job starts from what was left, and the round has it no more among the worst
  const pump = (await server.get('/api/v1/pumps/pool-therapy')).body as PumpResource;
  expect(pump.latest?.job.id).toBe(visit.jobId);
  const round = (await server.get('/api/v1/round')).body as Round;
  expect(round.pumps.find(({ tag }) => tag === 'CLI-PP-01')?.counts.stop ?? 0).toBe(0);
  expect(round.due.find(({ tag, key }) => tag === 'CLI-PP-01' && key === 'visit')?.date ?? null).toBeNull();
});

test('a stop that is left is handed over only with a decision in writing', async () => {
  const visit = await new Visit('pool-seals').start();
  await visit.load();
  await visit.record({ kind: 'make-safe', steps: familyOf('pool').arrival.makeSafe.map(({ key }) => key) });
  await visit.foundAsReported();
  const handOver: CommandBody = {
    kind: 'job.hand-over',
    jobId: visit.jobId,
    handoverId: v7(),
    signedAs: 'Workshop',
    signature: { width: 100, height: 50, paths: ['M 1 1 L 20 20'] },
    nextDue: null,
  };
  const refused = await server.command(handOver, visit.view.document.job.version);
  expect(refused.body).toMatchObject({
    status: 422,
    errors: [{ words: expect.stringContaining('Stop on what is left') }],
  });
  expect((await visit.load()).document.handover).toBeNull();
});
