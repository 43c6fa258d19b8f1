import { contentHash } from '../profile';
import type { Figure } from '../units';

/** *stop*: do not start; *warn*: will hurt, sooner or later; *note*: worth knowing. */
export type Severity = 'stop' | 'warn' | 'note';

/** Which column of the sheet (or which part of the job) a finding is about. */
export type Subject = 'found' | 'target' | 'left' | 'job';

export type TextValues = Readonly<Record<string, Figure | string>>;

/**
 * One thing a check says. Derived from the sheet every time and never stored; the texts are templates, so that screen
 * and paper say the same in the reader's units.
 */
export interface Finding {
  readonly code: string;
  /** which of the code's texts fits */
  readonly text: string;
  readonly severity: Severity;
  readonly subject: Subject;
  readonly values: TextValues;
  /** addresses on the sheet that it is about */
  readonly addresses: readonly string[];
  /** what it takes for granted, in a sentence: an answer that nobody gave */
  readonly given?: string;
}

/** What a finding says: what is so, with the figures; what that will do; what to do. */
export interface FindingText {
  readonly title: string;
  readonly so: string;
  readonly will: string;
  readonly todo: string;
}

/**
 * Ties a decision to exactly what was decided on: code, text, subject and figures. When a figure changes, so does
 * the fingerprint, and the finding is open again.
 */
export function fingerprintOf(finding: Finding): string {
  const { code, text, subject, severity, values, given } = finding;
  // what is taken for granted belongs to what was decided on; without it the print is that of always
  const all = { code, text, subject, severity, values, ...(given === undefined ? {} : { given }) };
  return contentHash(all).slice(0, 16);
}

const ORDER: Record<Severity, number> = { stop: 0, warn: 1, note: 2 };

/** Stops first, then warnings, then notes; by code within. */
export function bySeverity(findings: readonly Finding[]): Finding[] {
  return [...findings].sort((a, b) => ORDER[a.severity] - ORDER[b.severity] || a.code.localeCompare(b.code));
}
