import { pumpOf, SYSTEM_WORDS, type CirculatorDuty } from '@barythm/core/families/circulator';
import { orElse } from '@barythm/core/input';
import { fig, figureWithUnit, type Quantity, type Reader } from '@barythm/core/units';
import type { Lines } from '../../family-screens';

const CONTROL = {
  own: 'itself',
  volts: '0–10 V',
  sensor: 'a differential sensor',
  link: 'a link',
} as const;

const FLAP = {
  tight: 'is tight',
  leaks: 'leaks',
  missing: 'is missing',
  unknown: 'is not known',
} as const;

/** A circulator’s duty as lines to read. */
export function dutyLines(duty: CirculatorDuty, reader: Reader): Lines {
  const figure = (q: Quantity, value: number) => figureWithUnit(fig(q, value), reader);
  const flow = orElse(() => pumpOf(duty).flow_m3h, null);
  return [
    ['Serves', SYSTEM_WORDS[duty.system]],
    ['Carries', `${figure('heat', duty.heat_kW)} at ${figure('difference', duty.difference_K)}`],
    [
      'Needs',
      `${flow === null ? 'a flow not known' : figure('waterFlow', flow)} at ${figure('length', duty.index.head_m)}`,
    ],
    ['Told by', CONTROL[duty.control.kind]],
    ...(duty.twin ? [['Twin', `two heads; the flap ${FLAP[duty.twin.flap]}`] as const] : []),
  ];
}
