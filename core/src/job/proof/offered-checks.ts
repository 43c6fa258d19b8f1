import { familyOf, type JobView } from '../../families';
import { orElse } from '../../input';
import type { ProofCheck } from '../../proof';

/** What this pump needs tried with the settings in force; nothing before there is a duty. */
export function offeredChecks({ family, context, settings }: JobView): ProofCheck[] {
  return context ? orElse(() => familyOf(family).proof.checks(context, settings), []) : [];
}
