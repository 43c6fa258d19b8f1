import { anyFinding, type Finding, type TextValues } from '../../findings';
import { limitFor, type Parameter, type SettingValues } from '../../profile';

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

/** What is said of a figure that was kept within limits; null where it was not, beyond what a step rounds away. */
export function clampOf(
  parameter: Parameter,
  address: string,
  wanted: number,
  taken: number,
  values: SettingValues,
): Clamped | null {
  const step = parameter.step ?? 0;
  const near = Math.max(step * (1 + 1e-9), 1e-6 * Math.abs(wanted), 1e-9);
  if (Math.abs(wanted - taken) <= near) return null;
  const limit = limitFor(wanted > taken ? parameter.greatest : parameter.least, values);
  // what a limit did not move was moved by a step that is coarser than what was asked for
  if (limit === null || limit === undefined || Math.abs(limit - taken) > near) return null;
  const unit = parameter.unit && parameter.unit !== '-' ? ` ${parameter.unit}` : '';
  const said = (value: number) => `${Number(value.toPrecision(4))}${unit}`;
  return {
    kind: 'clamped',
    address,
    values: { parameter: parameter.label, wanted: said(wanted), taken: said(taken) },
  };
}

/** PRO-04: the finding of a target that was kept within a controller's limits. */
export function clampedFinding({ values, address }: Clamped): Finding {
  return anyFinding('PRO-04', 'target', values, [address]);
}
