import { badlySet, Writer, address } from '../testing/fixtures';
import { applyCommand, clashIn, holdsAlready } from '..';
import { TODAY } from '../../families/metering/fixtures';
import type { JobCommand, JobCommandBody } from '../../families';

const command = (body: JobCommandBody, baseVersion: number, actor = 'Workshop'): JobCommand => ({
  id: 'c',
  baseVersion,
  recordedAt: '2026-11-24T10:05:00.000Z',
  device: 'other',
  actor,
  body,
});
const enter = (
  key: string,
  value: number | string,
  column: 'found' | 'left' = 'found',
  entryId = `e-${key}`,
): JobCommandBody => ({
  kind: 'sheet.enter',
  jobId: 'job-1',
  entryId,
  address: address(key),
  column,
  raw: String(value),
  unit: '',
  value,
  reason: null,
});

test('two people, two settings: they stand beside each other whichever comes first', () => {
  const start = new Writer().makeSafe().document;
  const since = start.job.version;
  const one = command(enter('length', 60), since);
  const two = command(enter('rate', 40), since);
  for (const [first, second] of [
    [one, two],
    [two, one],
  ]) {
    const then = applyCommand(start, first, TODAY);
    expect(clashIn(then, second)).toBeNull();
    const both = applyCommand(then, second, TODAY);
    expect(both.entries.map(({ value }) => value).sort()).toEqual([40, 60]);
  }
});

test('one setting, two values: a clash that names both; the same value is none', () => {
  const start = new Writer().makeSafe().document;
  const since = start.job.version;
  const then = applyCommand(start, command(enter('length', 60), since), TODAY);
  const mine = command(enter('length', 65, 'found', 'mine'), since, 'Technician 1');
  expect(clashIn(then, mine)?.words).toBe(
    'Stroke length: Meanwhile, at 10:05, Workshop entered 60; yours is 65.',
  );
  expect(clashIn(then, command(enter('length', 60, 'found', 'mine'), since))).toBeNull();
  // as left is another column, and on the version as it is nothing clashes
  expect(clashIn(then, { ...mine, baseVersion: then.job.version })).toBeNull();
});

test('readings and checks are only added; a plan over a plan, and a signature over anything, are asked', () => {
  const writer = badlySet();
  const since = writer.document.job.version - 1;
  const read: JobCommandBody = {
    kind: 'proof.read',
    jobId: 'job-1',
    readingId: 'r',
    reading: { injected_mA: 12, shown_mA: null, strokes: 48, seconds: 60, flow_lph: null },
    instrumentId: null,
  };
  expect(clashIn(writer.document, command(read, since))).toBeNull();
  const plan: JobCommandBody = {
    kind: 'plan.accept',
    jobId: 'job-1',
    planId: 'p2',
    duty: writer.document.plans[0].duty,
    targets: [],
  };
  expect(clashIn(writer.document, command(plan, since))?.words).toContain('agreed another plan');
  const sign: JobCommandBody = {
    kind: 'job.hand-over',
    jobId: 'job-1',
    handoverId: 'h',
    signedAs: 'Visitor',
    signature: { width: 1, height: 1, paths: ['M 0 0 L 1 1'] },
    nextDue: null,
  };
  expect(clashIn(writer.document, command(sign, since))?.words).toContain('before it is signed');
});

test('a write that the job holds already is known by its own id', () => {
  const start = new Writer().document;
  const body = enter('length', 60);
  expect(holdsAlready(start, body)).toBe(false);
  expect(holdsAlready(applyCommand(start, command(body, 0), TODAY), body)).toBe(true);
});
