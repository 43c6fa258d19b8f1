import { familyOf, KEYS_ONLY, type JobDocument, type MakeSafeStep, type RecordBody } from '../families';
import { lastRecord, recordsOf, type RecordedAs } from '../visit';

const stepsOf = ({ profile }: JobDocument): readonly MakeSafeStep[] =>
  familyOf(profile.family).arrival.makeSafe;

/** Steps that were confirmed, whatever came after them. */
export function confirmedSteps(document: JobDocument): readonly string[] {
  return lastRecord(document, 'make-safe')?.body.steps ?? [];
}

/**
 * ANY-02: every make-safe step has been confirmed; those that are for hands alone, or that no hands go in. What was made safe once
 * stays so for keys and eyes when the power returns.
 */
export function isMadeSafe(document: JobDocument): boolean {
  const done = confirmedSteps(document);
  return stepsOf(document).every(
    ({ key, hands }) => done.includes(key) || (hands === true && done.includes(KEYS_ONLY.key)),
  );
}

/** Steps that hold now: those by which the supply is off hold no more once the power has returned, until they are confirmed anew. */
export function stepsHolding(document: JobDocument): readonly string[] {
  const done = confirmedSteps(document);
  const back = lastRecord(document, 'power-back');
  if (!back) return done;
  const since = recordsOf(document, 'make-safe').filter(({ revision }) => revision > back.revision);
  const anew = (step: string) => since.some(({ body }) => body.changed?.on.includes(step));
  const power = powerSteps(document);
  return done.filter((step) => !power.includes(step) || anew(step));
}

/** The record by which the power returned, where it is not locked off again; null otherwise. */
export function powerBack(document: JobDocument): RecordedAs<RecordBody, 'power-back'> | null {
  return isLockedOff(document) ? null : lastRecord(document, 'power-back');
}

/** Steps by which the supply is off: no more so once the power returns. */
export function powerSteps(document: JobDocument): string[] {
  return stepsOf(document).flatMap(({ key, power }) => (power ? [key] : []));
}

/** Whether the pump is isolated and locked off as far as is recorded: displays are dead, and hands may go in. */
export function isLockedOff(document: JobDocument): boolean {
  const holding = stepsHolding(document);
  const steps = powerSteps(document);
  return steps.length > 0 && steps.every((key) => holding.includes(key));
}

/** Whether hands may not go in just now: the power is back, or no hands were to go in. What was never asked is not answered. */
export function isOpenToPower(document: JobDocument): boolean {
  if (isLockedOff(document)) return false;
  return powerBack(document) !== null || confirmedSteps(document).includes(KEYS_ONLY.key);
}
