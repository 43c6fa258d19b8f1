import { anyFinding, type Finding, type TextValues } from '../../findings';
import { addressOf, limitFor, type Parameter, type SettingValues } from '../../profile';

/** What the duty asks of a setting lies outside what this controller takes. */
export interface Clamped {
  readonly kind: 'clamped';
  readonly address: string;
  readonly values: TextValues;
}

/** The reason of a target that was kept within a controller's limits: whatever was asked for is not what is set. */
export const CLAMPED_REASON = {
  clamped: '{wanted} is required; {taken} is the nearest that this controller takes.',
} as const;

/** Which way a figure goes on the steps of a display: up where less would not do, down where more would not. */
export type Way = 'up' | 'near' | 'down';

/** How far a figure may lie off what is wanted, over and under it in steps: what rounding alone leaves. */
const LEAVES: Readonly<Record<Way, readonly [over: number, under: number]>> = {
  up: [1, 0],
  near: [0.5, 0.5],
  down: [0, 1],
};

/** What is said of a figure that a limit keeps from what is wanted, beyond what rounding leaves; null where none does. */
export function clampOf(
  parameter: Parameter,
  { wanted, taken, way }: { readonly wanted: number; readonly taken: number; readonly way: Way },
  values: SettingValues,
): Clamped | null {
  const dust = Math.max(1e-9, 1e-6 * Math.abs(wanted));
  const [over, under] = LEAVES[way].map((steps) => steps * (parameter.step ?? 0) + dust);
  if (taken - wanted <= over && wanted - taken <= under) return null;
  const limit = limitFor(wanted > taken ? parameter.greatest : parameter.least, values);
  // what a limit did not move was moved by a step that is coarser than what was asked for
  if (limit === undefined || Math.abs(limit - taken) > dust) return null;
  const unit = parameter.unit && parameter.unit !== '-' ? ` ${parameter.unit}` : '';
  const said = (value: number) => `${Number(value.toPrecision(4))}${unit}`;
  return {
    kind: 'clamped',
    address: addressOf(parameter),
    values: { parameter: parameter.label, wanted: said(wanted), taken: said(taken) },
  };
}

/** PRO-04: the finding of a target that was kept within a controller's limits. */
export function clampedFinding({ values, address }: Clamped): Finding {
  return anyFinding('PRO-04', 'target', values, [address]);
}
