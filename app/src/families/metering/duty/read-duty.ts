import { meteringDutySchema, type MeteringDuty } from '@barythm/core/families/metering';
import { parseDate } from '@barythm/core/time';
import { parseFigure, type Quantity } from '@barythm/core/units';
import { OPTIONAL_FIELD_OF_PATH, readOptional, type Reading } from './duty-optional';
import type { DutyTexts } from './duty-texts';

export interface DutyDraft {
  readonly duty: MeteringDuty | null;
  /** what is wrong, by field, in words */
  readonly errors: Readonly<Partial<Record<keyof DutyTexts, string>>>;
}

/** Said of a figure that the duty cannot do without. */
export const NEEDED = 'This is needed.';

/** Which field a path of the duty's schema is typed in. */
const FIELD_OF_PATH: Readonly<Record<string, keyof DutyTexts & string>> = {
  'signal.span_m3h': 'span',
  'signal.greatestFeed_lph': 'feed',
  'signal.source': 'source',
  'signal.litresPerPulse': 'litres',
  'signal.closedShare': 'closedShare',
  ...OPTIONAL_FIELD_OF_PATH,
  'water.least_m3h': 'least',
  'water.usual_m3h': 'usual',
  'water.greatest_m3h': 'greatest',
  'water.hourly_m3h': 'hourly',
  'dose.wanted_mgl': 'wanted',
  'dose.low_mgl': 'doseLow',
  'dose.high_mgl': 'doseHigh',
  'product.name': 'productName',
  'product.strength.percent': 'strength',
  'product.strength.gpl': 'strength',
  'product.strength.density_kgl': 'density',
  'product.density_kgl': 'density',
  'product.measuredOn': 'measuredOn',
  'product.halfLife_days': 'halfLife',
  'strokeVolume.full_mL': 'strokeVolume',
  'strokeVolume.atLength_pct': 'atLength',
  'place.suctionHead_m': 'suction',
  'place.dischargePressure_bar': 'discharge',
};

/** Reads the texts as a duty; what is wrong is said at the field where it was typed. */
export function readDuty(texts: DutyTexts): DutyDraft {
  const errors: Partial<Record<keyof DutyTexts, string>> = {};
  const figure = (field: keyof DutyTexts & string, quantity: Quantity): number | undefined => {
    const parsed = parseFigure(texts[field], quantity);
    if (parsed.ok) return parsed.value;
    errors[field] = texts[field].trim() === '' ? NEEDED : parsed.words;
    return undefined;
  };
  const optional = (field: keyof DutyTexts & string, quantity: Quantity): number | null =>
    texts[field].trim() === '' ? null : (figure(field, quantity) ?? null);
  const reading: Reading = { texts, figure, optional };

  const density = figure('density', 'density');
  const strength = figure('strength', texts.stated === 'mass' ? 'strength' : 'percent');
  const measured = texts.basis === 'measured';
  const candidate = {
    family: 'metering',
    mode: texts.mode,
    signal: readSignal(reading),
    water: {
      least_m3h: figure('least', 'waterFlow'),
      usual_m3h: figure('usual', 'waterFlow'),
      greatest_m3h: figure('greatest', 'waterFlow'),
      hourly_m3h: readHours(texts.hourly, errors),
    },
    dose: {
      wanted_mgl: figure('wanted', 'dose'),
      low_mgl: figure('doseLow', 'dose'),
      high_mgl: figure('doseHigh', 'dose'),
    },
    product: {
      ...(texts.productId ? { productId: texts.productId } : {}),
      name: texts.productName.trim(),
      strength:
        texts.stated === 'mass'
          ? { stated: 'mass', gpl: strength }
          : texts.stated === 'weight'
            ? { stated: 'weight', percent: strength, density_kgl: density }
            : { stated: 'volume', percent: strength },
      measuredOn: parseDate(texts.measuredOn) ?? (texts.measuredOn.trim() || null),
      halfLife_days: optional('halfLife', 'days'),
      density_kgl: density,
      gassing: texts.gassing === 'yes',
    },
    strokeVolume: {
      full_mL: figure('strokeVolume', 'strokeVolume'),
      basis: texts.basis,
      ...(measured ? { atLength_pct: figure('atLength', 'percent') } : {}),
    },
    ...readOptional(reading),
  };
  if (Object.keys(errors).length > 0) return { duty: null, errors };
  const parsed = meteringDutySchema.safeParse(candidate);
  if (parsed.success) return { duty: parsed.data, errors };
  for (const issue of parsed.error.issues) {
    const path = issue.path.join('.');
    const field = FIELD_OF_PATH[path] ?? FIELD_OF_PATH[issue.path.slice(0, 2).join('.')] ?? 'productName';
    errors[field] ??= issue.message;
  }
  return { duty: null, errors };
}

/** Meters are stated either way; the duty keeps litres for each pulse. */
function litresPerPulse(texts: DutyTexts, figure: Reading['figure']): number | undefined {
  if (texts.litresAs !== 'pulses') return figure('litres', 'volume');
  const pulses = figure('litres', 'plain');
  // zero pulses a litre would be endless litres: the schema says what is wrong with none
  return pulses === undefined ? undefined : pulses > 0 ? 1 / pulses : 0;
}

function readSignal({ texts, figure }: Reading) {
  const low_mA = texts.low === '0' ? 0 : 4;
  switch (texts.source) {
    case 'flow':
      return { source: 'flow', low_mA, span_m3h: figure('span', 'waterFlow') };
    case 'meter':
      return {
        source: 'meter',
        litresPerPulse: litresPerPulse(texts, figure),
        contact: texts.contact,
        closedShare: figure('closedShare', 'plain'),
      };
    default:
      return {
        source: 'controller',
        measures: texts.measures,
        low_mA,
        greatestFeed_lph: figure('feed', 'pumpFlow'),
        action: texts.action,
        onLostSignal: texts.lost,
      };
  }
}

function readHours(typed: string, errors: Partial<Record<keyof DutyTexts, string>>): number[] | null {
  const words = typed
    .trim()
    .split(/[\s;]+/)
    .filter(Boolean);
  if (words.length === 0) return null;
  // one unit behind them all
  const unit = words.length === 25 ? ` ${words.pop()}` : '';
  if (words.length !== 24) {
    errors.hourly = `A day has 24 hours; ${words.length} figures are entered.`;
    return null;
  }
  const hours: number[] = [];
  for (const [hour, word] of words.entries()) {
    const parsed = parseFigure(`${word}${unit}`, 'waterFlow');
    if (!parsed.ok || parsed.value < 0) {
      errors.hourly = `Hour ${hour}: “${word}${unit}” is no water flow.`;
      return null;
    }
    hours.push(parsed.value);
  }
  return hours;
}
