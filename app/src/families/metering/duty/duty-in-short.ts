import { dateInWords, parseDate } from '@barythm/core/time';
import { typedInWords, type Quantity, type Reader } from '@barythm/core/units';
import type { DutyTexts } from './duty-texts';

/** A date as people read it; as typed while it is none. */
function dated(text: string): string {
  const date = parseDate(text);
  return date === null ? text : dateInWords(date);
}

const STROKE: Record<string, string> = {
  long: 'long stroke',
  middle: 'stroke near 80 %',
  even: 'short stroke',
};

/** A part of the duty on one line, in the reader's units. */
export function inShort(part: string, texts: DutyTexts, reader: Reader): string {
  const said = (text: string, quantity: Quantity) => typedInWords(text, quantity, reader);
  switch (part) {
    case 'signal':
      return `${MODE[texts.mode] ?? ''}${signalInShort(texts, said)}`;
    case 'water':
      return `${said(texts.least, 'waterFlow')} to ${said(texts.greatest, 'waterFlow')}, usually ${said(texts.usual, 'waterFlow')}${texts.hourly ? ', by the hour known' : ''}`;
    case 'dose':
      return `${said(texts.wanted, 'dose')}, from ${said(texts.doseLow, 'dose')} to ${said(texts.doseHigh, 'dose')}`;
    case 'product':
      return `${texts.productName}${texts.measuredOn ? `, measured ${dated(texts.measuredOn)}` : ', from the label'}`;
    case 'pump':
      return `${said(texts.strokeVolume, 'strokeVolume')} a stroke, ${texts.basis === 'plate' ? 'from the plate' : 'measured'}; ${texts.interlocked === 'yes' ? 'interlocked with the water' : 'no interlock'}`;
    case 'wet': {
      const known = [
        texts.pipe && `suction line ${said(texts.pipe, 'length')}`,
        texts.dead && `dead volume ${said(texts.dead, 'strokeVolume')}`,
        texts.pressureGreatest &&
          `back pressure ${said(texts.pressureLeast, 'pressure')} to ${said(texts.pressureGreatest, 'pressure')}`,
      ].filter(Boolean);
      return known.length > 0 ? known.join(', ') : 'nothing known yet';
    }
    case 'stock': {
      const known = [
        texts.tankNow && `${said(texts.tankNow, 'volume')} in the tank`,
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

function signalInShort(texts: DutyTexts, said: (text: string, quantity: Quantity) => string): string {
  switch (texts.source) {
    case 'flow':
      return `transmitter ${texts.low}–20 mA, 20 mA = ${said(texts.span, 'waterFlow')}`;
    case 'meter':
      return `meter with ${texts.litresAs === 'pulses' ? `${texts.litres} pulses a litre` : `${said(texts.litres, 'volume')} a pulse`}, ${texts.contact} contact`;
    default:
      return `${texts.measures} controller ${texts.low}–20 mA ${texts.action}, up to ${said(texts.feed, 'pumpFlow')}`;
  }
}
