import type { Finding } from './finding';

/**
 * Findings that say the same of several places, together: one slip is one finding with its places. In the order in which each is
 * first said; text and severity are alike within a group.
 */
export function grouped(findings: readonly Finding[]): (readonly [Finding, ...Finding[]])[] {
  const groups = new Map<string, [Finding, ...Finding[]]>();
  for (const finding of findings) {
    const key = `${finding.text} ${finding.severity} ${finding.subject}`;
    const known = groups.get(key);
    if (known) known.push(finding);
    else groups.set(key, [finding]);
  }
  return [...groups.values()];
}
