import type { HandoverSummary } from '../../visit';

/** One line on what was proved: its words, and whether all of it was as expected. */
export interface ProvedLine {
  readonly words: string;
  readonly sound: boolean;
  /** titles of the checks that it is about; none for signal points */
  readonly titles: readonly string[];
}

/** What was tried at the pump and still stands, in a line each for signal points and checks; none where nothing was. */
export function provedLines({ proof, checks }: Pick<HandoverSummary, 'proof' | 'checks'>): ProvedLine[] {
  const standing = checks.filter((check) => !check.voided && !check.superseded);
  const passed = standing.filter((check) => check.ok).length;
  const line = (good: number, all: number, what: string, titles: readonly string[]): ProvedLine[] =>
    all > 0 ? [{ words: `${good} of ${all} ${what} as expected`, sound: good === all, titles }] : [];
  return [
    ...line(proof.passed, proof.points, 'signal points', []),
    ...line(
      passed,
      standing.length,
      proof.points > 0 ? 'other checks' : 'checks',
      standing.filter((check) => check.ok).map(({ title }) => title),
    ),
    ...(passed === standing.length
      ? []
      : [
          {
            words: 'Not as expected',
            sound: false,
            titles: standing.filter((check) => !check.ok).map(({ title }) => title),
          },
        ]),
  ];
}
