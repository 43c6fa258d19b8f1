import type { Finding, Severity, Subject, TextValues } from './finding';
import { ANY_TEXTS } from './texts-any';

/** Makes a finding: its code is the part of the text's name before the dot, its severity the text's own unless it is given. */
export type FindingMaker<Id extends string> = (
  text: Id,
  subject: Subject,
  values: TextValues,
  addresses?: readonly (string | undefined)[],
  severity?: Severity,
  given?: string,
) => Finding;

/** Severities of texts that are not a plain warning. */
export type Severities<Id extends string> = Partial<Record<Id, 'stop' | 'note'>>;

export function findingMaker<Id extends string>(severities: Severities<Id>): FindingMaker<Id> {
  return (text, subject, values, addresses = [], severity, given) => ({
    code: text.split('.')[0],
    text,
    severity: severity ?? severities[text] ?? 'warn',
    subject,
    values,
    addresses: addresses.filter((address) => address !== undefined),
    ...(given === undefined ? {} : { given }),
  });
}

export type AnyTextId = keyof typeof ANY_TEXTS;

export const ANY_SEVERITIES: Severities<AnyTextId> = {
  'ANY-00.duty': 'stop',
  'ANY-00.guard': 'stop',
  'ANY-00.rest': 'note',
  'ANY-00.part': 'note',
  'ANY-21.failed': 'stop',
  'ANY-14.fault': 'note',
  'ANY-14.reminder': 'note',
  'ANY-14.is-fault': 'note',
  'ANY-14.is-reminder': 'note',
  'ANY-16': 'stop',
  'ANY-17': 'stop',
  'ANY-17.link': 'stop',
  'ANY-18': 'note',
  'ANY-19': 'note',
  'ANY-22': 'stop',
  'PRO-03': 'note',
};

/** A finding that any pump can have, whatever its family. */
export const anyFinding = findingMaker<AnyTextId>(ANY_SEVERITIES);
