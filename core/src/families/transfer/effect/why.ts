import type { TransferContext } from '../settings/context';
import type { TransferSettings } from '../settings/understand';
import { flowAt_m3h, pumpOf } from './pump';
import { gulp_L, meanInflow_m3h, swing_L } from './vessel';

/** A mean of so much of its greatest flow leaves no room to be steady in. */
const NEARLY_ALL = 0.7;

/** Why the steadier control delivers warmer on these gulps, in words. */
export function whyWarmer({ duty }: TransferContext, settings: TransferSettings): string {
  const most = settings.most_rpm === null ? null : flowAt_m3h(pumpOf(duty), settings.most_rpm);
  if (most !== null && meanInflow_m3h(duty) > most * NEARLY_ALL)
    return 'What comes in the mean is nearly all that it can send: either way it runs at its maximum speed.';
  const swing = swing_L(duty, settings);
  if (swing !== null && gulp_L(duty) > swing)
    return 'What falls at once does not fit between its levels: it runs at its fastest after each fall, as the other does.';
  if ((settings.emptying_min ?? 0) > 0)
    return 'Its timed emptying runs faster than the mean, and these slugs are small enough for the other to run evenly too.';
  return 'These slugs fill the vessel so little that the other one runs near its minimum speed all the time, slower than the mean.';
}
