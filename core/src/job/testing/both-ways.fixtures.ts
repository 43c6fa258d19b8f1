import type { CheckBody, CheckVerdict, ProofCheck } from '../../proof';
import { seenAt } from './walk.fixtures';

/** For tests only: the checks that take right for wrong, or wrong for right, by their keys. */
export function judgedBothWays(
  checks: readonly ProofCheck[],
  judge: (check: ProofCheck, body: CheckBody) => CheckVerdict,
): string[] {
  return checks
    .filter((check) => !judge(check, seenAt(check, true)).ok || judge(check, seenAt(check, false)).ok)
    .map(({ key }) => key);
}
