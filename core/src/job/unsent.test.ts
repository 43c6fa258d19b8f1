import type { JobCommand, JobCommandBody } from '../families';
import { TODAY } from '../families/metering/fixtures';
import { applyCommand } from './apply';
import { BLANK } from './testing/fixtures';
import { withSent, withUnsent } from './unsent';

const base = BLANK;
const command = (n: number, body: Partial<JobCommandBody> = {}): JobCommand => ({
  id: `c-${n}`,
  baseVersion: n,
  recordedAt: '2026-11-24T09:00:00.000Z',
  device: 'test',
  actor: 'Technician 1',
  body: {
    kind: 'job.record',
    jobId: 'job-1',
    recordId: `r-${n}`,
    record: { kind: 'automatic', seen: `note ${n}` },
    ...body,
  } as JobCommandBody,
});
const shown = (...pending: JobCommand[]) => withUnsent(base, TODAY, pending);

test('unsent writes stand on the job in their order', () => {
  const document = shown(command(1), command(2));
  expect(document.records.map(({ id }) => id)).toEqual(['r-1', 'r-2']);
  expect(document.job.version).toBe(2);
  expect(shown()).toBe(base);
});

test('a further write goes onto the job as it was shown: what is behind it is not worked out again', () => {
  const first = shown(command(1));
  const second = shown(command(1), command(2));
  expect(shown(command(1), command(2))).toBe(second);
  expect(second.records[0]).toBe(first.records[0]);
  // taken back, and another in its place
  expect(shown(command(1))).toBe(first);
  expect(shown(command(1), command(3)).records.map(({ id }) => id)).toEqual(['r-1', 'r-3']);
});

test('once the server took the first, the others stand on it as they did', () => {
  const all = shown(command(1), command(2), command(3));
  const sent = withSent(base, TODAY, command(1));
  expect(sent.records.map(({ id }) => id)).toEqual(['r-1']);
  expect(withUnsent(sent, TODAY, [command(2), command(3)])).toBe(all);
});

test('a write that was not shown, or that the job refuses here, is put onto what the server has', () => {
  shown(command(1));
  expect(withSent(base, TODAY, command(2)).records.map(({ id }) => id)).toEqual(['r-2']);
  const cancelled = applyCommand(
    base,
    command(1, {
      record: { kind: 'cancelled', reason: 'Called away' },
    } as Partial<JobCommandBody>),
    TODAY,
  );
  expect(withUnsent(cancelled, TODAY, [command(2)])).toBe(cancelled);
  expect(withSent(cancelled, TODAY, command(2)).records).toHaveLength(2);
});

test('on another day it is worked out anew', () => {
  const today = shown(command(1));
  expect(withUnsent(base, '2026-11-25', [command(1)])).not.toBe(today);
});
