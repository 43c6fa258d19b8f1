import type { AnyFamily, FamilyContext } from '../families';
import { anyFinding, type Finding, type Subject } from '../findings';
import { InputError } from '../input';
import { withFixed, type SettingValues } from '../profile';

/**
 * Findings of a family on one column of the sheet. Where it cannot be judged (a duty whose curve never meets the system,
 * say), that is a finding too (ANY-00): a column without findings is one that was looked at and found sound.
 */
export function judged(
  family: AnyFamily,
  context: FamilyContext,
  subject: Subject,
  column: SettingValues,
): Finding[] {
  try {
    return family.check(context, subject, withFixed(context.profile, column));
  } catch (error) {
    if (error instanceof InputError) return [anyFinding('ANY-00', subject, { why: error.message })];
    throw error;
  }
}
