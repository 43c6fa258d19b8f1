import type { AnyFamily, FamilyContext } from '../families';
import { anyFinding, bySeverity, type Finding, type Subject } from '../findings';
import { addressOf, inOrderOfWork, wordsFor } from '../profile';
import { dateInWords } from '../time';
import type { LastLeft } from '../visit';
import { judged } from './judged';

/**
 * Findings on what is believed to be in a controller. Where a report contradicts what was left before, both are judged, and that
 * they differ is said: nobody knows which holds until it is read.
 */
export function judgedAsBelieved(
  family: AnyFamily,
  context: FamilyContext,
  subject: Subject,
  { values, against = {} }: LastLeft,
): Finding[] {
  const found = judged(family, context, subject, values);
  const keys = Object.keys(against);
  if (keys.length === 0) return found;
  const other = { ...values };
  for (const key of keys) other[key] = against[key].value;
  const said = new Set(found.map(sayOf));
  const also = judged(family, context, subject, other).filter((finding) => !said.has(sayOf(finding)));
  return bySeverity([...found, ...also, ...contradictions(context, subject, values, against)]);
}

/** What makes two findings the same slip: its text, how bad it is, and its places. */
function sayOf({ text, severity, addresses }: Finding): string {
  return `${text} ${severity} ${addresses.join(' ')}`;
}

function contradictions(
  { profile }: FamilyContext,
  subject: Subject,
  values: LastLeft['values'],
  against: NonNullable<LastLeft['against']>,
): Finding[] {
  return inOrderOfWork(profile).flatMap((parameter) => {
    const older = against[parameter.key];
    const value = values[parameter.key];
    if (!older || value === undefined) return [];
    const said = {
      parameter: parameter.label,
      reported: wordsFor(parameter, value),
      left: wordsFor(parameter, older.value),
      date: dateInWords(older.date),
    };
    return [anyFinding('ANY-00.differs', subject, said, [addressOf(parameter)])];
  });
}
