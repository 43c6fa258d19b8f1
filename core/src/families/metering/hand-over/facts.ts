import { dateInWords } from '../../../time';
import type { HandoverFact } from '../../../visit';
import { arrivalFacts, shown } from '../../parts/arrival-facts';
import { readings } from '../arrival/readings';
import type { MeteringView } from '../kind';
import { strengthToday_gpl } from '../settings/context';
import type { MeteringDuty } from '../wire/duty';
import { demandLine, statesLine } from '../wire/signal-source';

/**
 * What the settings rest on, for the paper: product with its strength and age, transmitter or meter, and the readings on arrival,
 * those that could not be read among them.
 */
export function factsOf({ document, context, duty: planned, today }: MeteringView): HandoverFact[] {
  // with the drawdown that stands in the plate's place
  const duty = context?.duty ?? planned;
  const facts = duty ? [...productFacts(duty, today), ...signalFacts(duty)] : [];
  return [...facts, ...arrivalFacts(document, readings)];
}

function productFacts({ product, strokeVolume }: MeteringDuty, today: string): HandoverFact[] {
  const { name, strength, measuredOn, halfLife_days } = product;
  const stated =
    strength.stated === 'mass'
      ? shown('strength', strength.gpl)
      : `${shown('percent', strength.percent)} by ${strength.stated}`;
  const age = measuredOn === null ? 'its age is not known' : `as of ${dateInWords(measuredOn)}`;
  const used = `; calculated with ${shown('strength', strengthToday_gpl(product, today))} of active substance`;
  const loses = halfLife_days === null ? '' : `, half-life ${shown('days', halfLife_days)}`;
  return [
    { label: 'Product', words: `${name}, ${stated}, ${age}${loses}${used}` },
    {
      label: 'Stroke volume',
      words: `${shown('strokeVolume', strokeVolume.full_mL)} at full stroke, ${strokeVolume.basis === 'plate' ? 'from the plate, not measured' : `measured${strokeVolume.atLength_pct === undefined ? '' : ` at ${shown('percent', strokeVolume.atLength_pct)}`}`}`,
    },
  ];
}

function signalFacts({ signal }: MeteringDuty): HandoverFact[] {
  switch (signal.source) {
    case 'flow':
      return [
        {
          label: 'Flow transmitter',
          words: `${signal.low_mA} to 20 mA for 0 to ${shown('waterFlow', signal.span_m3h)}`,
        },
      ];
    case 'meter':
      return [
        {
          label: 'Pulse meter',
          words: `${shown('volume', signal.litresPerPulse)} for each pulse, ${signal.contact} contact`,
        },
      ];
    case 'controller':
      return [
        {
          label: 'Controller',
          words: statesLine(signal)
            ? lineSaid(signal)
            : `${signal.low_mA} to 20 mA is its demand, of ${signal.measures}; maximum feed ${shown('pumpFlow', signal.greatestFeed_lph)}`,
        },
      ];
  }
}

/** The two points that the site states. */
function lineSaid(signal: Parameters<typeof demandLine>[0]): string {
  const { from_mA, to_mA, atFrom_lph, atTo_lph } = demandLine(signal);
  return `stated by the site: ${shown('pumpFlow', atFrom_lph)} at ${shown('current', from_mA)}, ${shown('pumpFlow', atTo_lph)} at ${shown('current', to_mA)}`;
}
