import type { CheckBody, CheckVerdict, FiguresRead, Pattern, ProofCheck } from './check';
import { judgeCompare, judgeFigure, judgeState } from './judge';

/** A known slip: code, kind, what is wrong, and what to look at. */
export function slip(code: string, kind: Pattern['kind'], title: string, words: string): Pattern {
  return { code, kind, title, words };
}

/** A state that is not the expected one, with the slip that it points to. */
export interface WrongState {
  readonly label: string;
  readonly slip: Pattern;
}

export function wrong(label: string, ...named: Parameters<typeof slip>): WrongState {
  return { label, slip: slip(...named) };
}

/**
 * Judges what was seen against a check that asks for a state, a figure or a comparison; a failing one names the slip that it carries.
 *
 * @param first the first of a row of readings that are judged against each other; null where it is the first itself
 * @param special the slip that only its family can tell, from what was read; the check's own counts where it answers null
 */
export function judgeCheck(
  check: ProofCheck,
  body: CheckBody,
  first: FiguresRead | null = null,
  special: (check: ProofCheck, body: CheckBody) => Pattern | null = () => null,
): CheckVerdict {
  const verdict = verdictOn(check, body, first);
  if (verdict.ok) return verdict;
  return { ...verdict, pattern: special(check, body) ?? verdict.pattern ?? carriedBy(check, body) };
}

function verdictOn({ ask }: ProofCheck, body: CheckBody, first: FiguresRead | null): CheckVerdict {
  switch (ask.kind) {
    case 'state':
      return judgeState(ask, body);
    case 'figure':
      return judgeFigure(ask, body);
    case 'figures':
      return ask.judge(body.figures, first);
    case 'compare':
      return judgeCompare(ask, body);
  }
}

function carriedBy({ ask, ...check }: ProofCheck, { seen, figures }: CheckBody): Pattern | null {
  const off = check.off ?? null;
  if (ask.kind === 'state') return ask.states.find(({ value }) => value === seen)?.slip ?? off;
  if (ask.kind !== 'figure') return off;
  const figure = figures[ask.figure.key];
  if (figure === undefined) return off;
  return (figure < ask.least ? ask.below : ask.above) ?? ask.off ?? off;
}
