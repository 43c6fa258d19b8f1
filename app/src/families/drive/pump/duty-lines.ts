import { HOLDS_WORDS, neededSet_bar, type DriveDuty } from '@barythm/core/families/drive';
import { fig, figureWithUnit, type Quantity, type Reader } from '@barythm/core/units';
import type { Lines } from '../../family-screens';

/** A drive’s duty as lines to read. */
export function dutyLines(duty: DriveDuty, reader: Reader): Lines {
  const say = (q: Quantity, value: number) => figureWithUnit(fig(q, value), reader);
  const { holds, draw, pump, vessel, inlet, surprise } = duty;
  const needed = neededSet_bar(duty);
  return [
    [
      'Holds',
      needed === null ? HOLDS_WORDS[holds.kind] : `${HOLDS_WORDS[holds.kind]}: ${say('pressure', needed)}`,
    ],
    ['Drawn', `${say('waterFlow', draw.least_m3h)} to ${say('waterFlow', draw.greatest_m3h)}`],
    ['Inlet', `${say('pressure', inlet.least_bar)} to ${say('pressure', inlet.greatest_bar)}`],
    ['Pumps', `${pump.count}${pump.oneOut ? ', one may be out' : ''}`],
    ['Vessel', vessel ? say('volume', vessel.volume_L) : 'none'],
    ['A start may surprise', surprise === '' ? 'nobody' : surprise],
  ];
}
