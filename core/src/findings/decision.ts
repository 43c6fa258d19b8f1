import { fingerprintOf, type Finding } from './finding';

/** A technician's decision on a finding, tied to what it said then. */
export interface Decision {
  readonly code: string;
  readonly fingerprint: string;
  readonly decision: 'accepted' | 'customer-acts';
  readonly reason: string;
  readonly actor: string;
  readonly recordedAt: string;
}

/** The decision in force on a finding: the last one made on exactly these figures. */
export function decisionOn(finding: Finding, decisions: readonly Decision[]): Decision | null {
  const fingerprint = fingerprintOf(finding);
  const matching = decisions.filter((d) => d.code === finding.code && d.fingerprint === fingerprint);
  return matching[matching.length - 1] ?? null;
}

/** Stops that nobody has accepted in writing: they keep the next stage closed. */
export function undecidedStops(findings: readonly Finding[], decisions: readonly Decision[]): Finding[] {
  return findings.filter((f) => f.severity === 'stop' && decisionOn(f, decisions)?.decision !== 'accepted');
}
