import type { AnyFamily, AnyKind, JobGround } from '../families';
import type { Finding } from '../findings';
import type { ProofCheck } from '../proof';
import type { JudgedCheck } from '../visit';

/**
 * What a family finds on a job of a few settings. What it only misses (an order of work, a direction, an output that nobody tried) belongs to
 * a whole job, and is left out, unless a check that this one asks for would settle it.
 */
export function openOfSmall(
  family: AnyFamily,
  job: JobGround<AnyKind>,
  offered: readonly ProofCheck[],
): Finding[] {
  const saidBy = (part: Partial<JobGround<AnyKind>>) =>
    new Set(family.open({ ...job, ...part }).map(({ text, values }) => `${text} ${JSON.stringify(values)}`));
  const { document, rows } = job;
  const untouched = saidBy({
    // that it was worked on is no finding yet
    document: { ...document, records: [] } as typeof document,
    rows: rows.map(({ address }) => ({ address, found: null, target: null, left: null })),
    checks: [],
    readings: [],
  });
  const settled = saidBy({ checks: [...job.checks, ...offered.map(asPassed)] });
  return family.open(job).filter(({ text, values }) => {
    const own = `${text} ${JSON.stringify(values)}`;
    return !untouched.has(own) || !settled.has(own);
  });
}

/** A check as if it had been tried, and all was well. */
function asPassed(check: ProofCheck): JudgedCheck {
  const body = { kind: 'check', check: check.key, seen: null, figures: {}, note: '' } as const;
  return {
    record: { id: '', recordedAt: '', actor: '', revision: Infinity, body },
    check,
    verdict: { ok: true, seen: '', pattern: null },
    voided: false,
    voidedWhy: null,
    superseded: false,
  };
}
