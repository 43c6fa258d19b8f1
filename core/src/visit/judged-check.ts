import type { CheckVerdict, Pattern, ProofCheck } from '../proof';
import type { RecordedAs } from './document';
import type { CommonRecord } from './wire/records';

/** A check that was tried, as it is judged. */
export interface JudgedCheck {
  readonly record: RecordedAs<CommonRecord, 'check'>;
  readonly check: ProofCheck;
  readonly verdict: CheckVerdict;
  readonly voided: boolean;
  /** why it proves nothing any more, in words; null while it stands */
  readonly voidedWhy: string | null;
  readonly superseded: boolean;
}

/** True where a check or a reading still says something: not voided by a change since, nor tried again. */
export function standsAs({ voided, superseded }: Pick<JudgedCheck, 'voided' | 'superseded'>): boolean {
  return !voided && !superseded;
}

/** True where the check of a key stands, and what was seen was as expected. */
export function passedBy(checks: readonly JudgedCheck[], key: string): boolean {
  return checks.some((judged) => judged.check.key === key && judged.verdict.ok && standsAs(judged));
}

/** Why a check proves nothing any more. */
export const VOIDED = {
  set: 'set again since',
  unasked: 'no longer asked for with these settings',
} as const;

/** Revision of the sheet that a check stood on which was set again since, where none proves the settings of now; null otherwise. */
export function voidedRevision(checks: readonly JudgedCheck[]): number | null {
  const voided = checks.find(({ voidedWhy }) => voidedWhy === VOIDED.set);
  const proved = checks.some((check) => !check.voided && check.verdict.ok);
  return voided && !proved ? voided.record.revision : null;
}

/** The slips that the standing checks point to. */
export function patternsSeen(checks: readonly JudgedCheck[]): Pattern[] {
  return checks.filter(standsAs).flatMap(({ verdict }) => (verdict.pattern ? [verdict.pattern] : []));
}
