import type { RateAxis } from '@barythm/core/chart';
import { isSetInFlow, rateToSetting, type MeteringContext } from '@barythm/core/families/metering';
import { parameterWithRole, type SettingValues } from '@barythm/core/profile';

/** A drive that is set in flow is drawn in L/h, as its display shows; the others in strokes/min. */
export function rateAxis({
  context,
  values,
}: {
  readonly context: MeteringContext;
  readonly values: SettingValues;
}): RateAxis | undefined {
  if (!isSetInFlow(context.profile)) return undefined;
  const parameter = parameterWithRole(context.profile, 'signal.y2');
  if (!parameter) return undefined;
  const perStroke = rateToSetting(context.profile, parameter, 1, values);
  return { title: `Flow, ${parameter.unit ?? ''}`, perStroke };
}
