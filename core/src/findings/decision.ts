import { fingerprintOf, type Finding, type Subject } from './finding';

/** A technician's decision on a finding, tied to what it said then. */
export interface Decision {
  readonly code: string;
  readonly fingerprint: string;
  readonly decision: 'accepted' | 'customer-acts';
  readonly reason: string;
  readonly actor: string;
  readonly recordedAt: string;
}

/** What is planned and what is left are one thing to a customer, where both say the same in the same figures. */
const ALIKE: readonly Subject[] = ['target', 'left'];

/**
 * The decision in force on a finding: the last one made on exactly these figures. What was decided on the plan is decided on what
 * is left by it, and is not asked again.
 */
export function decisionOn(finding: Finding, decisions: readonly Decision[]): Decision | null {
  const own = decisions.filter((decision) => decision.code === finding.code);
  if (own.length === 0) return null;
  const subjects = ALIKE.includes(finding.subject) ? ALIKE : [finding.subject];
  const prints = subjects.map((subject) => fingerprintOf({ ...finding, subject }));
  return own.findLast(({ fingerprint }) => prints.includes(fingerprint)) ?? null;
}

/** Stops that nobody has accepted in writing: they keep the next stage closed. */
export function undecidedStops(findings: readonly Finding[], decisions: readonly Decision[]): Finding[] {
  return findings.filter((f) => f.severity === 'stop' && decisionOn(f, decisions)?.decision !== 'accepted');
}
