import { choicesOf, meteringDutySchema, type MeteringDuty } from '../wire/duty';
import { makeForm, textAt, type Texts, withText } from '../../../describe';
import { CHOICES_PART } from './choices-part';
import { broughtUp } from './earlier-duty';
import { PUMP_PART, STOCK_PART, WET_END_PART } from './pump-parts';
import { SIGNAL_PART } from './signal-part';
import { DOSE_PART, PRODUCT_PART, WATER_PART } from './water-parts';

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
    stopContact: 'permits',
    dry: 'stop',
    dryBy: 'level',
    dryReason: '',
    afterFault: 'wait',
    calibrateBy: 'strokes',
    memory: 'off',
  },
};

type Read = Record<string, Record<string, unknown> | null>;

/** Asked once, and kept twice: a strength by weight stands beside its density. */
const TYPED_AT: Readonly<Record<string, string>> = {
  'product.strength.density_kgl': 'product.density_kgl',
};
const TYPED_IN_PULSES: Readonly<Record<string, string>> = {
  'signal.litresPerPulse': 'signal.pulsesPerLitre',
};

/** What a metering pump is to do, in the order of work. */
export const DUTY_FORM = makeForm<MeteringDuty>({
  parts: [
    SIGNAL_PART,
    WATER_PART,
    DOSE_PART,
    PRODUCT_PART,
    PUMP_PART,
    WET_END_PART,
    STOCK_PART,
    CHOICES_PART,
  ],
  schema: meteringDutySchema,
  start: START,
  finish: (read) => {
    const { signal, product, service } = read as Read;
    return {
      family: 'metering',
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

function withDensity(product: Record<string, unknown>) {
  const strength = product.strength as Record<string, unknown>;
  if (strength.stated !== 'weight') return product;
  return { ...product, strength: { ...strength, density_kgl: product.density_kgl } };
}

/** Pulses and contacts come from a meter. */
const METERED: readonly string[] = ['pulse', 'contact'];

/** A form that nobody has filled in yet, in the mode that the controller was found in. */
export function blankDuty(mode: MeteringDuty['mode'] | null): Texts {
  if (mode === null) return DUTY_FORM.blank;
  const inMode = withText(DUTY_FORM.blank, 'mode', mode);
  return METERED.includes(mode) ? withText(inMode, 'signal.source', 'meter') : inMode;
}
