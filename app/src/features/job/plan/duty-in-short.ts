import type { DutyTexts } from './duty-texts';

const STROKE: Record<string, string> = {
  long: 'long stroke',
  middle: 'stroke near 80 %',
  even: 'short stroke',
};

/** A part of the duty on one line, as typed. */
export function inShort(part: string, texts: DutyTexts): string {
  switch (part) {
    case 'signal':
      return `${MODE[texts.mode] ?? ''}${signalInShort(texts)}`;
    case 'water':
      return `${texts.least} to ${texts.greatest} m³/h, usually ${texts.usual}${texts.hourly ? ', by the hour known' : ''}`;
    case 'dose':
      return `${texts.wanted} mg/L, from ${texts.doseLow} to ${texts.doseHigh}`;
    case 'product':
      return `${texts.productName}${texts.measuredOn ? `, measured ${texts.measuredOn}` : ', from the label'}`;
    case 'pump':
      return `${texts.strokeVolume} mL a stroke, ${texts.basis === 'plate' ? 'from the plate' : 'measured'}; ${texts.interlocked === 'yes' ? 'interlocked with the water' : 'no interlock'}`;
    case 'wet': {
      const known = [
        texts.pipe && `suction line ${texts.pipe} m`,
        texts.dead && `dead volume ${texts.dead} mL`,
        texts.pressureGreatest && `back pressure ${texts.pressureLeast} to ${texts.pressureGreatest} bar`,
      ].filter(Boolean);
      return known.length > 0 ? known.join(', ') : 'nothing known yet';
    }
    case 'stock': {
      const known = [
        texts.tankNow && `${texts.tankNow} L in the tank`,
        texts.serviceEvery && `${texts.serviceWhat || 'service'} every ${texts.serviceEvery} strokes`,
        texts.nextVisit && `next visit in ${texts.nextVisit} d`,
      ].filter(Boolean);
      return known.length > 0 ? known.join(', ') : 'nothing known yet';
    }
    default:
      return `${texts.power} after a power cut, ${texts.dry} when dry, ${STROKE[texts.stroke]}`;
  }
}

const MODE: Record<string, string> = {
  manual: 'Manual; ',
  pulse: 'Pulses; ',
  contact: 'Contacts; ',
  batch: 'Batches; ',
  timer: 'Timer; ',
};

function signalInShort(texts: DutyTexts): string {
  switch (texts.source) {
    case 'flow':
      return `transmitter ${texts.low}–20 mA, 20 mA = ${texts.span} m³/h`;
    case 'meter':
      return `meter with ${texts.litres} ${texts.litresAs === 'pulses' ? 'pulses a litre' : 'L a pulse'}, ${texts.contact} contact`;
    default:
      return `${texts.measures} controller ${texts.low}–20 mA ${texts.action}, up to ${texts.feed} L/h`;
  }
}
