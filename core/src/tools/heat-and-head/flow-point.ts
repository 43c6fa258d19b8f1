import { z } from 'zod';
import { positive } from '../fields';

/** A measured point of a variable-speed pump, as the tools take it. */
export const pointInput = z.object({
  /** rev/min */
  speed: positive('The measured speed'),
  flow_m3h: positive('The flow there'),
  power_w: positive('The power there'),
});
