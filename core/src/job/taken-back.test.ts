import type { z } from 'zod';
import { familyOf, type JobCommandBody, type JobDocument, type RecordBody } from '../families';
import { SAMPLE_OF } from '../families/suites/samples.fixtures';
import { fingerprintOf } from '../findings';
import { withoutTakenBack } from '../visit';
import { COMMON_RECORDS } from '../visit/wire';
import { lastLeftOf } from './believed';
import { gateOfHandover, gateOfSet } from './gates';
import { refusalOf } from './refusals';
import { summarise } from './hand-over/handover';
import { offeredChecks } from './proof/offered-checks';
import { holdsAlready } from './sheet/merge';
import { bodyOf } from './testing/plain-body.fixtures';
import { seenAt, TODAY, Walk, type Sample } from './testing/walk.fixtures';
import { viewJob } from './view';

/** A slip of the thumb taken back leaves the job as it was before it, whatever was written, on every family. */

/** Everything that a person is told of a job, but for the slips themselves. */
function told(document: JobDocument) {
  const view = viewJob(document, TODAY);
  const { takenBack: _, ...summary } = summarise(view);
  return {
    summary,
    findings: Object.fromEntries(
      (['found', 'target', 'left', 'job'] as const).map((of) => [of, view.findings[of].map(fingerprintOf)]),
    ),
    rows: view.rows,
    gates: [gateOfSet(view), gateOfHandover(view)],
    left: lastLeftOf(document),
  };
}

function proved(sample: Sample): Walk {
  const walk = new Walk(sample);
  walk.arrive();
  walk.found(sample.found);
  walk.plan();
  walk.acceptStops();
  walk.set();
  walk.prove();
  return walk;
}

const slipIn = (walk: Walk, id: string, body: JobCommandBody) => {
  const before = told(walk.document);
  walk.write(body);
  walk.takeBack(id);
  expect(told(walk.document)).toEqual(before);
};

describe.each(SAMPLE_OF)('%s', (name, sample) => {
  const walk = proved(sample);
  const set = walk.view.rows.find((row) => row.left && row.found);

  test.each(['found', 'left'] as const)('a value mistyped in the column of what was %s', (column) => {
    const row = column === 'left' ? set : walk.view.rows.find((one) => one.found && !one.left);
    if (!row) return expect(column).toBe('left');
    slipIn(walk, `slip-${column}`, {
      kind: 'sheet.enter',
      jobId: 'job-1',
      entryId: `slip-${column}`,
      address: row.address,
      column,
      raw: '744',
      unit: '',
      value: 744,
      reason: null,
    });
    expect(walk.document.takenBack?.entries.map(({ raw }) => raw)).toContain('744');
  });

  test('a check answered the wrong way, and seen on the paper as taken back', () => {
    const check = offeredChecks(walk.view)[0];
    slipIn(walk, 'slip-check', {
      kind: 'job.record',
      jobId: 'job-1',
      recordId: 'slip-check',
      record: { kind: 'check', note: '', ...seenAt(check, false) },
    });
    const said = summarise(walk.view).takenBack?.find(({ what }) => what === check.title);
    expect(said?.was).not.toBe('');
  });

  test('a decision written by a slip', () => {
    const finding = walk.view.findings.job[0] ?? walk.view.findings.left[0];
    slipIn(walk, 'slip-decision', {
      kind: 'finding.decide',
      jobId: 'job-1',
      decisionId: 'slip-decision',
      code: finding.code,
      fingerprint: fingerprintOf(finding),
      decision: 'accepted',
      reason: 'Pressed by accident.',
    });
  });

  const kinds = [...COMMON_RECORDS, ...familyOf(name).wire.records]
    .map((schema: z.ZodObject) => [String((schema.shape.kind as z.ZodLiteral).value), schema] as const)
    .filter(([kind]) => !['identify', 'broken-off', 'resumed', 'cancelled', 'taken-back'].includes(kind));

  test.each(kinds)('a record of kind %s', (kind, schema) => {
    const before = told(walk.document);
    walk.written(schema.parse(bodyOf(schema)) as RecordBody);
    const { id } = walk.document.records.at(-1)!;
    walk.takeBack(id);
    expect([kind, told(walk.document)]).toEqual([kind, before]);
  });

  test('what was found stays while it was set since; near miss: it goes once that is taken back', () => {
    if (!set?.found || !set.left) return expect(walk.view.rows.some(({ left }) => left)).toBe(false);
    const back = (id: string): JobCommandBody => ({
      kind: 'job.record',
      jobId: 'job-1',
      recordId: `back-${id}`,
      record: { kind: 'taken-back', id },
    });
    expect(refusalOf(walk.document, back(set.found.id), TODAY)?.words).toMatch(/set since/);
    const own = walk.document.entries.filter(
      ({ kind, address }) => kind === 'left' && address === set.address,
    );
    const other = new Walk(sample);
    other.document = walk.document;
    for (const { id } of own) other.takeBack(id);
    expect(refusalOf(other.document, back(set.found.id), TODAY)).toBeNull();
  });
});

describe('what may be taken back', () => {
  const [, sample] = SAMPLE_OF[0];
  const walk = proved(sample);
  const refusal = (id: string) =>
    refusalOf(
      walk.document,
      { kind: 'job.record', jobId: 'job-1', recordId: 'r', record: { kind: 'taken-back', id } },
      TODAY,
    );

  test('nothing that the job does not hold, no target, no plate', () => {
    expect(refusal('nobody')?.words).toMatch(/no such line/);
    const target = walk.document.entries.find(({ kind }) => kind === 'target')!;
    expect(refusal(target.id)?.words).toMatch(/change the plan/);
    const plate = walk.document.records.find(({ body }) => body.kind === 'identify')!;
    expect(refusal(plate.id)?.words).toMatch(/plate again/);
  });

  test('twice is once, and a write that was sent is known although it was taken back', () => {
    const entry = walk.document.entries.findLast(({ kind }) => kind === 'left')!;
    walk.takeBack(entry.id);
    expect(refusal(entry.id)).toBeNull();
    expect(
      holdsAlready(walk.document, {
        kind: 'sheet.enter',
        jobId: 'job-1',
        entryId: entry.id,
        address: entry.address,
        column: 'left',
        raw: entry.raw,
        unit: entry.unit,
        value: entry.value,
        reason: null,
      }),
    ).toBe(true);
  });

  test('parted once or twice is the same', () => {
    expect(withoutTakenBack(walk.document)).toEqual(walk.document);
  });
});
