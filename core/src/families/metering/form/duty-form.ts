import { dateInWords, parseDate } from '../../../time';
import { aFigure, fieldsOf, formOf, onlyIf, own, type Saying, textAt, together } from '../../../describe';
import { UNLESS_CHOSEN } from '../wire/choices';
import { choicesOf, meteringDutySchema, strokeVolumeSchema } from '../wire/duty';
import { withDensity } from '../wire/product';
import { broughtUp } from './earlier-duty';
import { PRODUCT_FIELDS } from './product-fields';
import { MODE_SAID, SIGNAL_FIELDS, signalSaid } from './signal-part';

/** What stands in a form that nobody has filled in: what most sites have. */
const START = {
  mode: 'analog',
  signal: {
    source: 'flow',
    low_mA: 4,
    measures: 'residual',
    action: 'rising',
    onLostSignal: 'stop',
    litresAs: 'litres',
    closedShare: 0.5,
  },
  choices: {
    belowFirstPoint: 'stop',
    afterPowerCut: 'wait',
    stroke: 'middle',
    ...UNLESS_CHOSEN,
  },
} as const;

/** Asked once, and kept twice: a strength by weight stands beside its density. */
const TYPED_AT: Readonly<Record<string, string>> = {
  'product.strength.density_kgl': 'product.density_kgl',
};
const TYPED_IN_PULSES: Readonly<Record<string, string>> = {
  'signal.litresPerPulse': 'signal.pulsesPerLitre',
};

const BASIS_SAID: Readonly<Record<string, string>> = { plate: 'from the plate', measured: 'measured' };
const INTERLOCK_SAID: Readonly<Record<string, string>> = {
  yes: 'interlocked with the water',
  no: 'no interlock',
};
const STROKE_SAID: Readonly<Record<string, string>> = {
  long: 'long stroke',
  middle: 'stroke near 80 %',
  even: 'short stroke',
};

function known(...parts: readonly (string | false)[]): string {
  const said = parts.filter((part) => part !== false);
  return said.length > 0 ? said.join(', ') : 'nothing known yet';
}

function measuredSaid(say: Saying<string>): string {
  const typed = say.at('product.measuredOn');
  if (typed === '') return 'from the label';
  const date = parseDate(typed);
  return `measured ${date === null ? typed : dateInWords(date)}`;
}

/** The stroke volume: from its rated flow, or measured at a stroke length. */
const STROKE_VOLUME = together('strokeVolume', [
  ...fieldsOf(strokeVolumeSchema, ['full_mL']),
  own('RatedFlow'),
  ...fieldsOf(strokeVolumeSchema, ['basis']),
  onlyIf(
    (here) => here('basis') === 'measured',
    [aFigure('atLength_pct', 'Measured at a stroke length of', 'percent', { unit: '%' })],
  ),
]);

/** What a metering pump is to do, in the order of work. */
export const DUTY_FORM = formOf(meteringDutySchema, {
  parts: [
    {
      name: 'signal',
      title: 'Signal',
      asks: ['mode', own('ModeSettings'), 'batch', 'timer', 'feed_lph', SIGNAL_FIELDS],
      says: (say) =>
        `${MODE_SAID[say.at('mode')] ?? ''}${say.at('feed_lph') ? `${say.of('feed_lph')} stated by the site; ` : ''}${signalSaid(say)}`,
    },
    {
      name: 'water',
      title: 'Water flow',
      asks: ['water'],
      says: (say) =>
        `${say.of('water.least_m3h')} to ${say.of('water.greatest_m3h')}, usually ${say.of('water.usual_m3h')}${say.at('water.hourly_m3h') ? ', by the hour known' : ''}`,
    },
    {
      name: 'dose',
      title: 'Dose',
      asks: ['dose'],
      says: (say) =>
        `${say.of('dose.wanted_mgl')}, from ${say.of('dose.low_mgl')} to ${say.of('dose.high_mgl')}`,
    },
    {
      name: 'product',
      title: 'Product',
      asks: [own('ProductPick'), PRODUCT_FIELDS],
      says: (say) => `${say.at('product.name')}, ${measuredSaid(say)}`,
    },
    {
      name: 'pump',
      title: 'Pump and place',
      asks: [STROKE_VOLUME, 'place'],
      says: (say) =>
        `${say.of('strokeVolume.full_mL')} a stroke, ${BASIS_SAID[say.at('strokeVolume.basis')] ?? 'from where is not said'}; ${INTERLOCK_SAID[say.at('place.interlocked')] ?? 'interlock not said'}`,
    },
    {
      name: 'wet',
      title: 'Suction, head and pressure',
      asks: ['suction', 'head', 'pressure'],
      says: (say) =>
        known(
          say.at('suction.pipe_m') !== '' && `suction line ${say.of('suction.pipe_m')}`,
          say.at('head.dead_mL') !== '' && `dead volume ${say.of('head.dead_mL')}`,
          say.at('pressure.greatest_bar') !== '' &&
            `back pressure ${say.of('pressure.least_bar')} to ${say.of('pressure.greatest_bar')}`,
        ),
    },
    {
      name: 'stock',
      title: 'Tank, service and next visit',
      asks: ['tank', 'service', 'nextVisit_days'],
      says: (say) =>
        known(
          say.at('tank.now_L') !== '' && `${say.of('tank.now_L')} in the tank`,
          say.at('service.everyStrokes') !== '' &&
            `${say.at('service.what') || 'service'} every ${say.of('service.everyStrokes')}`,
          say.at('nextVisit_days') !== '' && `next visit in ${say.of('nextVisit_days')}`,
        ),
    },
    {
      name: 'choices',
      title: 'Site preferences',
      asks: ['choices'],
      says: (say) =>
        `${say.at('choices.afterPowerCut')} after a power cut, ${say.at('choices.dry')} when dry, ${STROKE_SAID[say.at('choices.stroke')]}`,
    },
  ],
  start: START,
  finish: (read) => {
    const { signal, product, service } = read as Record<string, Record<string, unknown> | null>;
    return {
      ...read,
      signal: withLitres(signal ?? {}),
      product: withDensity(product ?? {}),
      service: service && { ...service, what: service.what || 'Diaphragm' },
    };
  },
  begin: (duty) => ({
    ...duty,
    signal: { ...START.signal, ...duty.signal },
    choices: choicesOf(duty),
  }),
  typedAt: (path, texts) => {
    const inPulses = textAt(texts, 'signal.litresAs') === 'pulses';
    return (inPulses ? TYPED_IN_PULSES[path] : undefined) ?? TYPED_AT[path] ?? path;
  },
  broughtUp,
});

/** Meters are stated either way; the duty keeps litres for each pulse. */
function withLitres({ litresAs, pulsesPerLitre, ...signal }: Record<string, unknown>) {
  if (signal.source !== 'meter' || litresAs !== 'pulses' || typeof pulsesPerLitre !== 'number') return signal;
  // zero pulses a litre would be endless litres: the schema says what is wrong with none
  return { ...signal, litresPerPulse: pulsesPerLitre > 0 ? 1 / pulsesPerLitre : 0 };
}
