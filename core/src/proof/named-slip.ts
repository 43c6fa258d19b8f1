import type { CheckBody, CheckVerdict, Pattern, ProofCheck } from './check';
import { judgeFigure, judgeState } from './judge';

/** A known slip as a table keeps it: code, kind, title, what to look at. */
export type NamedSlip = readonly [code: string, kind: Pattern['kind'], title: string, words: string];

/** Judges what was seen against a check that asks for a state or a figure; of a failing one the slip that it points to is named. */
export function judgeNamed(
  check: ProofCheck,
  body: CheckBody,
  slipOf: (check: ProofCheck, body: CheckBody) => NamedSlip | null,
): CheckVerdict {
  const { ask } = check;
  if (ask.kind !== 'figure' && ask.kind !== 'state')
    return { ok: false, seen: 'not asked for', pattern: null };
  const verdict = ask.kind === 'figure' ? judgeFigure(ask, body) : judgeState(ask, body);
  const slip = verdict.ok ? null : slipOf(check, body);
  if (slip === null) return verdict;
  const [code, kind, title, words] = slip;
  return { ...verdict, pattern: { code, kind, title, words } };
}
