import type { Ask, AskedFigure, CheckBody, ProofCheck } from './check';

const PULSES: readonly AskedFigure[] = [
  { key: 'pulses', label: 'Pulses in', quantity: 'strokes' },
  { key: 'strokes', label: 'Strokes out', quantity: 'strokes' },
  { key: 'seconds', label: 'Over', quantity: 'seconds', optional: true },
];
const THROTTLE: readonly AskedFigure[] = [
  { key: 'pressure_bar', label: 'Pressure', quantity: 'pressure' },
  { key: 'rate_spm', label: 'Rate', quantity: 'strokeRate' },
  { key: 'flow_lph', label: 'Flow', quantity: 'pumpFlow' },
];
const COUNT: readonly AskedFigure[] = [
  { key: 'strokes', label: 'Strokes counted', quantity: 'strokes' },
  { key: 'seconds', label: 'Over', quantity: 'seconds' },
];

/** The figures that a check is judged by; none where a state is seen. */
export function askedFigures(ask: Ask): readonly AskedFigure[] {
  switch (ask.kind) {
    case 'state':
      return [];
    case 'pulses':
      return PULSES;
    case 'throttle':
      return THROTTLE;
    case 'count':
      return COUNT;
    case 'figure':
      return [ask.figure];
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
  for (const { key, label, optional } of askedFigures(ask)) {
    const value = body.figures[key];
    if (value === undefined && optional) continue;
    if (!Number.isFinite(value))
      return { field: `figures.${key}`, words: `${check.title}: enter “${label}”.` };
    const counted = key === 'seconds' || key === 'pulses';
    if (counted && value <= 0) return { field: `figures.${key}`, words: `“${label}” must be more than 0.` };
    if (value < 0 && (key === 'strokes' || key === 'rate_spm' || key === 'flow_lph')) {
      return { field: `figures.${key}`, words: `“${label}” cannot be negative.` };
    }
  }
  return null;
}
