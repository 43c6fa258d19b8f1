import { headAt_m, noHeadFlow_m3h } from '../../../hydraulics';
import type { CirculatorBehaviours } from '../wire/behaviours';
import type { PumpInSystem } from './pump';

type Proportional = NonNullable<CirculatorBehaviours['proportional']>;

/**
 * The flow at which a proportional line gives the head that is set, m³/h: where full speed gives that head, a flow of the controller’s
 * own, or the flow of the duty, as its profile says. A head that full speed gives nowhere is met at the flow of the duty.
 */
export function designFlow_m3h(
  { meetsFullSpeed, refersTo_m3h }: Proportional,
  { curve, flow_m3h }: PumpInSystem,
  set_m: number,
): number {
  if (!meetsFullSpeed) return refersTo_m3h ?? flow_m3h;
  const met = noHeadFlow_m3h({ ...curve, closed_m: curve.closed_m - set_m });
  return met > 0 ? met : flow_m3h;
}

/** The head to be set so that the line gives a head at the flow of the duty, m. */
export function setHead_m(proportional: Proportional, pump: PumpInSystem, needed_m: number): number {
  const { zeroShare, meetsFullSpeed, refersTo_m3h } = proportional;
  const { curve, flow_m3h } = pump;
  const left = (design_m3h: number) => zeroShare + (1 - zeroShare) * (flow_m3h / design_m3h);
  if (!meetsFullSpeed) return needed_m / left(refersTo_m3h ?? flow_m3h);
  // the farther out the line meets full speed, the less it leaves at the flow of the duty
  const gives = (met_m3h: number) => headAt_m(curve, met_m3h) * left(met_m3h);
  if (gives(flow_m3h) <= needed_m) return needed_m;
  let [near, far] = [flow_m3h, noHeadFlow_m3h(curve)];
  for (let i = 0; i < BISECTIONS; i++) {
    const middle = (near + far) / 2;
    if (gives(middle) > needed_m) near = middle;
    else far = middle;
  }
  return headAt_m(curve, (near + far) / 2);
}
const BISECTIONS = 60;
