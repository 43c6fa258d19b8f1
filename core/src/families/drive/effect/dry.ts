import { flowAgainst_m3h } from '../../../hydraulics';
import type { DriveContext } from '../settings/context';
import type { DriveSettings } from '../settings/understand';
import { headFor_m, mostOf_hz, type DrivenPump } from './pump';
import { neededSet_bar } from './set';

/** While a main fills its pressure rises from nil: half of what is held in the end stands for it. */
const MEAN = 0.5;

/** Time in which one pump at its greatest frequency fills an empty main, s; null where its volume or the flow is not known. */
export function fillTime_s(context: DriveContext, pump: DrivenPump, settings: DriveSettings): number | null {
  const { main_L, holds } = context.duty;
  const set = neededSet_bar(context.duty);
  if (main_L === null || set === null || holds.kind !== 'pressure') return null;
  const head = Math.max(0, headFor_m(context, set * MEAN, context.inlet.least_bar));
  const flow = flowAgainst_m3h(pump.curve, head, mostOf_hz(context, settings) / pump.rated_hz);
  return flow === null || flow <= 0 ? null : (main_L / 1000 / flow) * 3600;
}
