import type { Ask, AskedFigure, CheckBody, ProofCheck } from './check';

/** The figures that a check is judged by; none where a state is seen. */
export function askedFigures(ask: Ask): readonly AskedFigure[] {
  switch (ask.kind) {
    case 'state':
      return [];
    case 'figure':
      return [ask.figure];
    case 'figures':
      return ask.figures;
    case 'compare':
      return [ask.shown, ask.reference];
  }
}

/** What a record of a check lacks of what the check asks for, in words at its field; null when nothing. */
export function lackingIn(
  check: ProofCheck,
  body: CheckBody,
): { readonly field: string; readonly words: string } | null {
  const { ask } = check;
  if (ask.kind === 'state') {
    const known = ask.states.some(({ value }) => value === body.seen);
    return known ? null : { field: 'seen', words: `${check.title}: say what was seen.` };
  }
  for (const { key, label, optional, least } of askedFigures(ask)) {
    const value = body.figures[key];
    if (value === undefined && optional) continue;
    if (!Number.isFinite(value))
      return { field: `figures.${key}`, words: `${check.title}: enter “${label}”.` };
    if (least === 'more-than-0' && value <= 0)
      return { field: `figures.${key}`, words: `“${label}” must be more than 0.` };
    if (least === 'at-least-0' && value < 0)
      return { field: `figures.${key}`, words: `“${label}” cannot be negative.` };
  }
  return null;
}
