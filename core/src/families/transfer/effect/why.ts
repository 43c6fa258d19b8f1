import type { TransferContext } from '../settings/context';
import type { TransferSettings } from '../settings/understand';
import { gulp_L, swing_L } from './vessel';

/** Why the steadier control delivers warmer on these gulps, in words. */
export function whyWarmer({ duty }: TransferContext, settings: TransferSettings): string {
  const swing = swing_L(duty, settings);
  if (swing !== null && gulp_L(duty) > swing)
    return 'What falls at once does not fit between its levels: it runs at its fastest after each fall, as the other does.';
  if ((settings.emptying_min ?? 0) > 0)
    return 'Its timed emptying runs faster than the mean, and these gulps are small enough for the other to run evenly too.';
  return 'These gulps fill the vessel so little that the other one runs near its least speed all the time, slower than the mean.';
}
