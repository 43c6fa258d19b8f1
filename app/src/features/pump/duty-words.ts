import { dateInWords } from '@barythm/core/time';
import type { Duty } from '@barythm/core/families';
import type { MeteringDuty } from '@barythm/core/families/metering';
import {
  neededPerDay_m3,
  totalVolume_m3,
  wallsOf,
  WALL_WORDS,
  type PoolDuty,
} from '@barythm/core/families/pool';
import { fig, figureWithUnit, type Reader } from '@barythm/core/units';

/** A duty as lines to read: name and words. */
export function dutyLines(duty: Duty, reader: Reader): DutyLines {
  return duty.family === 'pool' ? poolLines(duty, reader) : meteringLines(duty, reader);
}

type DutyLines = readonly (readonly [string, string])[];

function meteringLines(duty: MeteringDuty, reader: Reader): DutyLines {
  const water = (value: number) => figureWithUnit(fig('waterFlow', value), reader);
  const dose = (value: number) => figureWithUnit(fig('dose', value), reader);
  const { product } = duty;
  return [
    ['Signal', signalWords(duty, reader)],
    [
      'Water',
      `${water(duty.water.least_m3h)} to ${water(duty.water.greatest_m3h)}, usually ${water(duty.water.usual_m3h)}`,
    ],
    ['Dose', `${dose(duty.dose.wanted_mgl)}, from ${dose(duty.dose.low_mgl)} to ${dose(duty.dose.high_mgl)}`],
    [
      'Product',
      `${product.name}${product.measuredOn ? `, measured ${dateInWords(product.measuredOn)}` : ', strength from the label'}`,
    ],
    [
      'Stroke volume',
      `${figureWithUnit(fig('strokeVolume', duty.strokeVolume.full_mL), reader)} at full length, ${duty.strokeVolume.basis === 'measured' ? 'measured' : 'from the plate'}`,
    ],
    ['Interlock', duty.place.interlocked ? 'dosing stops when the water stops' : 'none'],
  ];
}

function signalWords({ signal }: MeteringDuty, reader: Reader): string {
  switch (signal.source) {
    case 'flow':
      return `flow transmitter, ${signal.low_mA}–20 mA for 0 to ${figureWithUnit(fig('waterFlow', signal.span_m3h), reader)}`;
    case 'meter':
      return `meter, ${figureWithUnit(fig('volume', signal.litresPerPulse), reader)} a pulse, ${signal.contact} contact`;
    case 'controller':
      return `${signal.measures} controller, ${signal.low_mA}–20 mA ${signal.action}, up to ${figureWithUnit(fig('pumpFlow', signal.greatestFeed_lph), reader)}`;
  }
}

const COMMANDED = { own: 'its own programs', relay: 'relay contacts', link: 'a data link' } as const;

function poolLines(duty: PoolDuty, reader: Reader): DutyLines {
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
