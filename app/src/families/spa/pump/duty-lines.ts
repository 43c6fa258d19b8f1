import { connectedSaid, timesSaid, type SpaDuty } from '@barythm/core/families/spa';
import { fig, figureWithUnit, type Quantity, type Reader } from '@barythm/core/units';
import type { Lines } from '../../family-screens';

/** A pack's duty as lines to read. */
export function dutyLines(duty: SpaDuty, reader: Reader): Lines {
  const say = (q: Quantity, value: number) => figureWithUnit(fig(q, value), reader);
  const { supply, tub, wanted, baths, quiet, code } = duty;
  return [
    ['Connected', connectedSaid(duty)],
    [
      'Supply',
      `${supply.phases === 1 ? 'one phase' : `${supply.phases} phases`}, breaker ${say('motorCurrent', supply.breaker_A)}`,
    ],
    [
      'Water',
      `${say('volume', tub.volume_L)}, wanted ${say('temperature', wanted.temperature_C)}; local limit ${say('temperature', wanted.limit_C)}`,
    ],
    ['Coldest air', say('temperature', tub.coldest_C)],
    ['Bathing', baths.length === 0 ? 'no times stated' : timesSaid(baths)],
    ['Quiet hours', quiet.length === 0 ? 'none' : timesSaid(quiet)],
    ['Used by', code ? 'several households, under the code' : 'one household'],
  ];
}
