import { answersIn, asWhole, type Answers } from '../describe';
import { familyOf, type AnyProfile, type Duty, type Earlier, type JobDocument } from '../families';
import { siteDate } from '../time';
import { isSmall, lastRecord } from '../visit';

/**
 * What is answered of a job's duty while it is not whole: on this job, else before it. Null where nobody answered anything, or the duty is
 * whole.
 */
export function answersOf(document: JobDocument): Answers | null {
  const { profile } = document;
  if (isDutyWhole(document)) return null;
  const before = (document.earlier ?? []).flatMap(({ body }) =>
    body.kind === 'duty-part' ? [body.duty] : [],
  );
  const answers = lastRecord(document, 'duty-part')?.body.duty ?? before.at(-1);
  return answers?.family === profile.family ? answersIn(familyOf(profile.family).wire.duty, answers) : null;
}

/** True where the whole duty is known: planned with on this job, or before it. */
export function isDutyWhole({ profile, plans, dutyBefore }: JobDocument): boolean {
  return (plans.at(-1)?.duty ?? dutyBefore)?.family === profile.family;
}

/** Answers in the place of the whole duty: what needs more of it says so. */
export function dutyInParts({ family }: AnyProfile, answers: Answers): Duty {
  return asWhole<Duty>(familyOf(family).wire.duty, { ...answers, family });
}

/**
 * The duty that settings are judged by while it is not whole: what is answered of it; on a job of a few settings nothing of it where
 * nobody answered, since plate and controller say something by themselves. Null where there is nothing to judge by.
 */
export function judgedBy(document: JobDocument): Duty | null {
  const answers = answersOf(document) ?? (isSmall(document) ? {} : null);
  return answers && dutyInParts(document.profile, answers);
}

/** Answers that a job hands on to the next one, while its duty is not whole. */
export function answersLeft(document: JobDocument): readonly Earlier[] {
  const answers = answersOf(document);
  if (answers === null || Object.keys(answers).length === 0) return [];
  const own = lastRecord(document, 'duty-part');
  const date = own
    ? siteDate(own.recordedAt, document.site.zone)
    : ((document.earlier ?? []).findLast(({ body }) => body.kind === 'duty-part')?.date ?? '');
  const duty = { ...answers, family: document.profile.family };
  return [{ date, body: { kind: 'duty-part', duty } }];
}
