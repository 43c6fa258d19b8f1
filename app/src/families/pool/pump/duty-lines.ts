import {
  neededPerDay_m3,
  totalVolume_m3,
  wallsOf,
  WALL_WORDS,
  type PoolDuty,
} from '@barythm/core/families/pool';
import { fig, figureWithUnit, type Reader } from '@barythm/core/units';
import type { Lines } from '../../family-screens';

const COMMANDED = { own: 'its own programs', relay: 'relay contacts', link: 'a data link' } as const;

/** A pool’s duty as lines to read. */
export function dutyLines(duty: PoolDuty, reader: Reader): Lines {
  const figure = (q: 'waterVolume' | 'waterFlow', value: number) => figureWithUnit(fig(q, value), reader);
  const walls = wallsOf(duty);
  return [
    [
      'Water',
      `${duty.bodies.map(({ name }) => name).join(', ')}: ${figure('waterVolume', totalVolume_m3(duty))}`,
    ],
    ['To move each day', figure('waterVolume', neededPerDay_m3(duty))],
    ['Circuits', duty.circuits.map(({ name }) => name).join(', ')],
    [
      'Flow limits',
      walls.length === 0
        ? 'none known'
        : walls
            .map(({ what, flow_m3h }) => `${WALL_WORDS[what]}, ${figure('waterFlow', flow_m3h)}`)
            .join('; '),
    ],
    ['Commanded by', COMMANDED[duty.command]],
    ['Linked', duty.linked.length === 0 ? 'nothing' : duty.linked.map(({ name }) => name).join(', ')],
  ];
}
