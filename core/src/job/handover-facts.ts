import { strengthToday_gpl, type MeteringDuty } from '../families/metering';
import { dateInWords } from '../time';
import { fig, figureWithUnit, presentReader, type Quantity } from '../units';
import type { HandoverFact } from './handover-summary';
import { lastRecord } from './records';
import type { JobView } from './view';

const shown = (q: Quantity, value: number) => figureWithUnit(fig(q, value), presentReader());

/**
 * What the settings rest on, for the paper: product with its strength and age, transmitter or meter, and the readings on arrival,
 * those that could not be read among them.
 */
export function handoverFacts(view: JobView): HandoverFact[] {
  if (view.family === 'pool') return arrivalOfPool(view);
  const { today } = view;
  // with the drawdown that stands in the plate's place
  const duty = view.context?.duty ?? view.duty;
  const facts = duty ? [...productFacts(duty, today), ...signalFacts(duty)] : [];
  return [...facts, ...arrivalOfMetering(view)];
}

function productFacts({ product, strokeVolume }: MeteringDuty, today: string): HandoverFact[] {
  const { name, strength, measuredOn, halfLife_days } = product;
  const stated =
    strength.stated === 'mass'
      ? shown('strength', strength.gpl)
      : `${shown('percent', strength.percent)} by ${strength.stated}`;
  const age = measuredOn === null ? 'its age is not known' : `as of ${dateInWords(measuredOn)}`;
  const used = `; worked out with ${shown('strength', strengthToday_gpl(product, today))} of active substance`;
  const loses = halfLife_days === null ? '' : `, half of it gone in ${shown('days', halfLife_days)}`;
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
          words: `${signal.low_mA} to 20 mA is its demand, of ${signal.measures}; greatest feed ${shown('pumpFlow', signal.greatestFeed_lph)}`,
        },
      ];
  }
}

type Unreadable = Readonly<Record<string, string>>;

/** Readings in words, with why any could not be taken. */
function arrival(
  parts: readonly (readonly [field: string, name: string, q: Quantity, value: number | null])[],
  unreadable: Unreadable,
): HandoverFact[] {
  const words = parts.flatMap(([field, name, q, value]) =>
    value !== null
      ? [`${name} ${shown(q, value)}`]
      : Object.hasOwn(unreadable, field)
        ? [`${name} not read (${unreadable[field].trim().replace(/\.+$/, '')})`]
        : [],
  );
  return words.length === 0 ? [] : [{ label: 'On arrival', words: words.join(', ') }];
}

function arrivalOfMetering({ document }: JobView): HandoverFact[] {
  const read = lastRecord(document, 'readings-now')?.body;
  if (!read) return [{ label: 'On arrival', words: 'no readings were taken' }];
  return arrival(
    [
      ['current_mA', 'signal', 'current', read.current_mA],
      ['display_m3h', 'transmitter', 'waterFlow', read.display_m3h],
      ['rate_spm', 'pump', 'strokeRate', read.rate_spm],
      ['pressure_bar', 'discharge', 'pressure', read.pressure_bar],
      ['counter', 'counter', 'strokes', read.counter],
      ['residual_mgl', 'residual', 'dose', read.residual_mgl],
    ],
    read.unreadable,
  );
}

function arrivalOfPool({ document }: JobView): HandoverFact[] {
  const read = lastRecord(document, 'pool-now')?.body;
  if (!read) return [{ label: 'On arrival', words: 'no readings were taken' }];
  return arrival(
    [
      ['speed_rpm', 'speed', 'speed', read.speed_rpm],
      ['power_W', 'power', 'power', read.power_W],
      ['flow_m3h', 'flow', 'waterFlow', read.flow_m3h],
      ['filter_bar', 'filter', 'pressure', read.filter_bar],
      ['water_C', 'water', 'temperature', read.water_C],
    ],
    read.unreadable,
  );
}
