import { fig, figureWithUnit, presentReader } from '../units';
import type { Ask, CheckBody, CheckVerdict } from './check';

type State = Extract<Ask, { kind: 'state' }>;
type Figure = Extract<Ask, { kind: 'figure' }>;
type Compare = Extract<Ask, { kind: 'compare' }>;

/** A reading at its very limit is in it, in whatever unit it was typed. */
const dust = (limit: number) => 1e-9 * (1 + Math.abs(limit));

/** Judges a state that was seen, without naming a slip. */
export function judgeState(ask: State, body: CheckBody): CheckVerdict {
  const seen = ask.states.find((state) => state.value === body.seen)?.label ?? 'not said';
  return { ok: body.seen === ask.expected, seen, pattern: null };
}

/** Judges a figure against its limits, both included. A figure that is missing proves nothing. */
export function judgeFigure(ask: Figure, { figures }: CheckBody): CheckVerdict {
  const value = figures[ask.figure.key];
  if (value === undefined) return { ok: false, seen: 'not read', pattern: null };
  const seen = figureWithUnit(fig(ask.figure.quantity, value), presentReader());
  const { least, greatest } = ask;
  const ok = value >= least - dust(least) && value <= greatest + dust(greatest);
  return { ok, seen, pattern: null };
}

/** Judges what a controller shows against a reference. */
export function judgeCompare(ask: Compare, { figures }: CheckBody): CheckVerdict {
  const shown = figures[ask.shown.key];
  const reference = figures[ask.reference.key];
  if (shown === undefined || reference === undefined) return { ok: false, seen: 'not read', pattern: null };
  const words = (value: number) => figureWithUnit(fig(ask.shown.quantity, value), presentReader());
  return {
    ok: Math.abs(shown - reference) <= ask.within + dust(shown),
    seen: `shows ${words(shown)}, reference ${words(reference)}`,
    pattern: null,
  };
}
