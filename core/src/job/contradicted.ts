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

/** More of them than this are counted and not listed. */
const NAMED = 4;

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
  const places = inOrderOfWork(profile).flatMap((parameter) => {
    const older = against[parameter.key];
    const value = values[parameter.key];
    if (!older || value === undefined) return [];
    const words = `${parameter.label} ${wordsFor(parameter, older.value)} → ${wordsFor(parameter, value)}`;
    return [
      { address: addressOf(parameter), words: `${words} ${parameter.unit ?? ''}`.trim(), date: older.date },
    ];
  });
  if (places.length === 0) return [];
  const more = places.length - NAMED;
  const settings = places
    .slice(0, NAMED)
    .map(({ words }) => words)
    .join('; ');
  const dates = [...new Set(places.map(({ date }) => date))].sort();
  const said = {
    count: places.length === 1 ? 'one setting' : `${places.length} settings`,
    settings: more > 0 ? `${settings}; and ${more} more` : settings,
    date: dateInWords(dates[dates.length - 1]),
  };
  return [
    anyFinding(
      'ANY-00.differs',
      subject,
      said,
      places.map(({ address }) => address),
    ),
  ];
}
