import type { CheckBody, CheckVerdict, FiguresRead, ProofCheck } from '../../proof';
import { type JudgedCheck, recordsOf, sheetRevision, VOIDED } from '../../visit';
import type { JobDocument } from '../../families';

/**
 * Each check that was tried, judged by what it had to do when it was tried: a later plan gives an old reading no new expectation.
 * One that is asked for no more stays, void. Throttled readings are a row of their own kind.
 *
 * @param offered the checks that are asked for now
 * @param offeredAt those that were asked for at a revision
 */
export function judgedChecks(
  document: JobDocument,
  offered: readonly ProofCheck[],
  offeredAt: (revision: number) => readonly ProofCheck[],
  judgeCheck: (check: ProofCheck, body: CheckBody, first: FiguresRead | null) => CheckVerdict,
): JudgedCheck[] {
  const records = recordsOf(document, 'check');
  return records.map((record): JudgedCheck => {
    const named = (checks: readonly ProofCheck[]) => checks.find(({ key }) => key === record.body.check);
    const now = named(offered);
    const check = named(offeredAt(record.revision)) ?? now ?? unknown(record.body.check);
    const revision = sheetRevision(document, check.voidedBy);
    const same = records.filter((other) => other.body.check === record.body.check);
    const row = check.ask.kind === 'figures' && check.ask.row === true;
    const standing = same.filter((other) => other.revision >= revision);
    const first = row && standing[0] && standing[0] !== record ? standing[0].body.figures : null;
    const voidedWhy = record.revision < revision ? VOIDED.set : now ? null : VOIDED.unasked;
    return {
      record,
      check,
      verdict: judgeCheck(check, record.body, first),
      voided: voidedWhy !== null,
      voidedWhy,
      superseded: !row && same.some((later) => later.revision > record.revision),
    };
  });
}

/** A check that nothing ever asked for: an older version did. It is kept, and proves nothing. */
function unknown(key: string): ProofCheck {
  return {
    key,
    title: `Check “${key}”`,
    method: 'Not described.',
    expected: 'not known',
    tolerance: 'none',
    caution: null,
    pumps: false,
    ask: { kind: 'state', states: [], expected: '' },
  };
}
