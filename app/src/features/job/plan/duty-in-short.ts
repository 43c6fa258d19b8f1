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
      return texts.source === 'flow'
        ? `${texts.mode === 'manual' ? 'Manual; t' : 'T'}ransmitter ${texts.low}–20 mA, 20 mA = ${texts.span} m³/h`
        : `${texts.measures} controller ${texts.low}–20 mA ${texts.action}, up to ${texts.feed} L/h`;
    case 'water':
      return `${texts.least} to ${texts.greatest} m³/h, usually ${texts.usual}${texts.hourly ? ', by the hour known' : ''}`;
    case 'dose':
      return `${texts.wanted} mg/L, from ${texts.doseLow} to ${texts.doseHigh}`;
    case 'product':
      return `${texts.productName}${texts.measuredOn ? `, measured ${texts.measuredOn}` : ', from the label'}`;
    case 'pump':
      return `${texts.strokeVolume} mL a stroke, ${texts.basis === 'plate' ? 'from the plate' : 'measured'}; ${texts.interlocked === 'yes' ? 'interlocked with the water' : 'no interlock'}`;
    default:
      return `${texts.below === 'stop' ? 'Stop' : 'Hold'} below the first point, ${texts.power} after a power cut, ${STROKE[texts.stroke]}`;
  }
}
