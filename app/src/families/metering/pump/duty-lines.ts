import type { MeteringDuty } from '@barythm/core/families/metering';
import { dateInWords } from '@barythm/core/time';
import { fig, figureWithUnit, type Reader } from '@barythm/core/units';
import type { Lines } from '../../family-screens';

/** A metering duty as lines to read. */
export function dutyLines(duty: MeteringDuty, reader: Reader): Lines {
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
