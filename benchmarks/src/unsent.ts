import { v7 } from 'uuid';
import type { JobCommand, JobDocument } from '@barythm/core/families';
import { refusalOf, viewJob, withUnsent } from '@barythm/core/job';

const UNSENT = 200;

/** A write of a day without signal: what was seen of the pump. */
const write = (jobId: string, n: number): JobCommand => ({
  id: v7(),
  baseVersion: n,
  recordedAt: '2026-11-24T10:30:00.000Z',
  device: 'bench',
  actor: 'Technician 1',
  body: {
    kind: 'job.record',
    jobId,
    recordId: v7(),
    record: { kind: 'automatic', seen: `Looked at, ${n}.` },
  },
});

/** What a tap asks for: whether the job takes it, and what then follows from the job. */
function tap(base: JobDocument, today: string, pending: JobCommand[], command: JobCommand): number {
  const start = performance.now();
  const document = withUnsent(base, today, pending);
  if (refusalOf(document, command.body, today)) throw new Error('The job does not take it.');
  const { rows, findings, checks } = viewJob(withUnsent(base, today, [...pending, command]), today);
  if (rows.length + findings.job.length + checks.length < 0) throw new Error('Nothing was worked out.');
  return performance.now() - start;
}

const middle = (all: number[]) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)];

/** Milliseconds of a tap on a job with no unsent write, and with two hundred of them: medians of twenty each. */
export function tapWithUnsent(base: JobDocument, today: string): { none_ms: number; many_ms: number } {
  const taps: number[] = [];
  const pending: JobCommand[] = [];
  for (let n = 0; n < UNSENT + 20; n++) {
    const command = write(base.job.id, n);
    taps.push(tap(base, today, pending, command));
    pending.push(command);
  }
  // the first ones warm the engine up as well: a tap on a job of its own stands for them
  const none: number[] = [];
  for (let n = 0; n < 20; n++) none.push(tap({ ...base }, today, [], write(base.job.id, n)));
  return { none_ms: middle(none), many_ms: middle(taps.slice(UNSENT)) };
}
