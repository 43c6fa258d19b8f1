import {
  judgeCheck as judged,
  slip,
  type CheckBody,
  type CheckVerdict,
  type FiguresRead,
  type Pattern,
  type ProofCheck,
} from '../../../proof';

/** Judges what was seen against a check; what a rise points to is known by how much it was. */
export function judgeCheck(
  check: ProofCheck,
  body: CheckBody,
  first: FiguresRead | null = null,
): CheckVerdict {
  // a reminder is no fault
  const seen = check.key === 'no-fault' && body.seen === 'reminder' ? { ...body, seen: 'none' } : body;
  return judged(check, seen, first, ({ about }, { figures }) =>
    about?.kind === 'heat' && figures.rise_K !== undefined ? heatSlip(figures.rise_K) : null,
  );
}

function heatSlip(rise_K: number): Pattern {
  if (rise_K < 0.1)
    return slip(
      'SPA-12',
      'standing',
      'Does not warm',
      'Heating mode, set point and range first; then flow, limiter and element, by a licensed electrician.',
    );
  if (rise_K < 1)
    return slip(
      'SPA-08',
      'standing',
      'It warms too slowly',
      'A part of the heater is out or scaled, the cover is open, or the heat loss is greater than calculated.',
    );
  return slip(
    'SPA-08',
    'sensor',
    'It warms faster than it can',
    'Less water than was entered, or another heater: read plate and litres again.',
  );
}
