import { z } from 'zod';
import type { FullCurve, HeadLine } from '../../hydraulics';
import { choice, figure, notNegative, positive } from '../fields';

/** A pump's curve and what it holds, as the calculators take it. */
export const lineInput = {
  mode: z.enum(['fixed', 'constant', 'proportional']),
  set_m: notNegative('The set head'),
  design_m3h: positive('The design flow'),
  zero_share: z
    .number({ error: 'The share must be a number.' })
    .min(0)
    .max(1, 'The share lies between 0 and 1.'),
  closed_m: positive('The head at no flow'),
  curve_a: positive('The fall of the curve'),
};
type Typed = z.infer<z.ZodObject<typeof lineInput>>;

export const lineFields = [
  choice('mode', 'Set head', 'proportional', () => [
    { value: 'fixed', label: 'Full speed' },
    { value: 'constant', label: 'Constant head' },
    { value: 'proportional', label: 'Proportional head' },
  ]),
  figure('set_m', 'Set head', 'length', '4'),
  figure('design_m3h', 'Design flow', 'waterFlow', '2.5'),
  figure('zero_share', 'Left at no flow, of proportional', 'plain', '0.5', {
    unit: '0 to 1',
    hint: 'By the maker; often half',
  }),
  figure('closed_m', 'Curve: head at no flow', 'length', '6.5'),
  figure('curve_a', 'Curve: fall', 'plain', '0.4', { unit: 'm/(m³/h)²' }),
];

export function lineOf({ mode, set_m, design_m3h, zero_share }: Typed): HeadLine {
  switch (mode) {
    case 'fixed':
      return { kind: 'fixed', share: 1 };
    case 'constant':
      return { kind: 'constant', set_m };
    case 'proportional':
      return { kind: 'proportional', set_m, zeroShare: zero_share, design_m3h };
  }
}

export function curveOf({ closed_m, curve_a }: Typed): FullCurve {
  return { closed_m, rise: 0, fall: curve_a };
}
