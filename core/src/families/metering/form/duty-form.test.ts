import { meteringDutySchema, type MeteringDuty } from '../wire/duty';
import { textAt, type Texts, textsOver, withText } from '../../../describe';
import { DUTY_FORM } from './duty-form';

/** Texts by the paths where they are typed. */
type Typed = Readonly<Record<string, string>>;
const typed = (all: Typed): Texts =>
  Object.entries(all).reduce((texts, [path, text]) => withText(texts, path, text), DUTY_FORM.blank);
const read = (all: Typed) => {
  const { value: duty, errors } = DUTY_FORM.read(typed(all));
  return { duty, errors };
};
const again = (duty: MeteringDuty) => DUTY_FORM.read(DUTY_FORM.write(duty)).value;

const GOOD: Typed = {
  'signal.span_m3h': '50',
  'water.least_m3h': '6',
  'water.usual_m3h': '20',
  'water.greatest_m3h': '40',
  'dose.wanted_mgl': '1,2',
  'dose.low_mgl': '1',
  'dose.high_mgl': '1.5 mg/L',
  'product.name': 'Hypochlorite',
  'product.strength.stated': 'weight',
  'product.strength.percent': '12.5',
  'product.density_kgl': '1.21',
  'product.gassing': 'no',
  'strokeVolume.basis': 'plate',
  'place.interlocked': 'no',
  'product.measuredOn': '2026-11-04',
  'product.halfLife_days': '120',
  'strokeVolume.full_mL': '0.1',
};

test('what is typed becomes a duty, decimal comma and pasted unit understood', () => {
  const { duty, errors } = read(GOOD);
  expect(errors).toEqual({});
  expect(duty).toMatchObject({
    dose: { wanted_mgl: 1.2, low_mgl: 1, high_mgl: 1.5 },
    product: { strength: { stated: 'weight', percent: 12.5, density_kgl: 1.21 } },
  });
});

test('a duty comes back from its texts as it went', () => {
  const { duty } = read({
    ...GOOD,
    'water.hourly_m3h': Array(24).fill('12.5').join(' '),
    'place.suctionHead_m': '-0.8',
  });
  expect(again(duty!)).toEqual(duty);
  expect(meteringDutySchema.parse(again(duty!))).toEqual(duty);
});

test.each(['product.strength.stated', 'product.gassing', 'strokeVolume.basis', 'place.interlocked'])(
  '%s: what nobody said stands nowhere, and is asked for at its field',
  (path) => {
    expect(textAt(DUTY_FORM.blank, path)).toBe('');
    const { duty, errors } = read({ ...GOOD, [path]: '' });
    expect(duty).toBeNull();
    expect(['This is needed.', 'Choose one.']).toContain(errors[path]);
  },
);

test('what may stay open stays so: neither yes nor no is written', () => {
  expect(read(GOOD).duty?.place).not.toHaveProperty('othersReachKeys');
  expect(read({ ...GOOD, 'place.othersReachKeys': 'no' }).duty?.place.othersReachKeys).toBe(false);
});

test.each<[string, Typed, string, string]>([
  ['nothing typed', { 'signal.span_m3h': '' }, 'signal.span_m3h', 'This is needed.'],
  ['zero strength', { 'product.strength.percent': '0' }, 'product.strength.percent', 'more than 0'],
  ['more than all of it', { 'product.strength.percent': '120' }, 'product.strength.percent', '100 %'],
  ['text', { 'dose.wanted_mgl': 'some' }, 'dose.wanted_mgl', 'is not a figure'],
  ['minimum above maximum', { 'water.least_m3h': '60' }, 'water.least_m3h', 'above the maximum'],
  ['usual outside', { 'water.usual_m3h': '2' }, 'water.usual_m3h', 'outside the minimum and the maximum'],
  ['flow above the span', { 'water.greatest_m3h': '55' }, 'signal.span_m3h', 'above the transmitter’s span'],
  ['a band without the dose', { 'dose.high_mgl': '1.1' }, 'dose.high_mgl', 'below the required'],
  ['a short day', { 'water.hourly_m3h': '1 2 3' }, 'water.hourly_m3h', '3 figures are entered'],
  [
    'an hour of text',
    { 'water.hourly_m3h': `x ${Array(23).fill('1').join(' ')}` },
    'water.hourly_m3h',
    'Hour 0',
  ],
  ['a date that is none', { 'product.measuredOn': 'May' }, 'product.measuredOn', '2026-05-31'],
])('%s is said at its field, and nothing is planned', (_, change, field, words) => {
  const { duty, errors } = read({ ...GOOD, ...change });
  expect(duty).toBeNull();
  expect(errors[field]).toContain(words);
});

test('a controller’s signal asks for feed, direction and lost signal instead of a span', () => {
  const { duty } = read({
    ...GOOD,
    'signal.source': 'controller',
    'signal.span_m3h': '',
    'signal.greatestFeed_lph': '250 ml/h',
    'signal.action': 'falling',
  });
  expect(duty?.signal).toEqual({
    source: 'controller',
    measures: 'residual',
    low_mA: 4,
    greatestFeed_lph: 0.25,
    action: 'falling',
    onLostSignal: 'stop',
  });
});

const PULSES: Typed = {
  ...GOOD,
  mode: 'pulse',
  'signal.source': 'meter',
  'signal.litresPerPulse': '10',
  'signal.contact': 'electronic',
  'signal.closedShare': '0,4',
};

test('a meter asks for its pulses instead of a span; everything that may be left out comes back as it went', () => {
  const { duty, errors } = read({
    ...PULSES,
    'place.stopContact': 'yes',
    'suction.pipe_m': '3',
    'suction.bore_mm': '4',
    'head.dead_mL': '0.2',
    'head.injection_bar': '0',
    'pressure.least_bar': '1',
    'pressure.greatest_bar': '4',
    'pressure.lossPer_bar': '2',
    'tank.now_L': '120',
    'tank.warn_L': '20',
    'tank.stop_L': '5',
    'service.everyStrokes': '4000000',
    'service.madeStrokes': '0',
    nextVisit_days: '60',
    'choices.dry': 'warn',
    'choices.dryBy': 'flow',
    'choices.dryReason': 'A second pump takes over.',
  });
  expect(errors).toEqual({});
  expect(duty).toMatchObject({
    signal: { source: 'meter', litresPerPulse: 10, contact: 'electronic', closedShare: 0.4 },
    suction: { pipe_m: 3, bore_mm: 4, friction_m: null, vapour_bar: null, tank_bar: null, needed_m: null },
    pressure: { lossPer_bar: 0.02 },
    service: { what: 'Diaphragm' },
  });
  expect(again(duty!)).toEqual(duty);
});

test('a meter that is stated in pulses a litre is the same meter', () => {
  const { duty } = read({ ...PULSES, 'signal.pulsesPerLitre': '4', 'signal.litresAs': 'pulses' });
  expect(duty?.signal).toMatchObject({ litresPerPulse: 0.25 });
  const none = { ...PULSES, 'signal.pulsesPerLitre': '0', 'signal.litresAs': 'pulses' };
  expect(read(none).errors['signal.pulsesPerLitre']).toContain('more than 0');
});

test.each<[string, Typed, string, string]>([
  ['no litres', { 'signal.litresPerPulse': '' }, 'signal.litresPerPulse', 'This is needed.'],
  ['no water in a pulse', { 'signal.litresPerPulse': '0' }, 'signal.litresPerPulse', 'more than 0'],
  ['always closed', { 'signal.closedShare': '1' }, 'signal.closedShare', 'between 0 and 1'],
  ['half a suction line', { 'suction.pipe_m': '3' }, 'suction.bore_mm', 'This is needed.'],
  ['a friction loss of no pipe', { 'suction.friction_m': '0.4' }, 'suction.pipe_m', 'This is needed.'],
  ['a head of which half is known', { 'head.dead_mL': '0.2' }, 'head.injection_bar', 'This is needed.'],
  [
    'a stop level above the warn level',
    { 'tank.now_L': '9', 'tank.warn_L': '2', 'tank.stop_L': '5' },
    'tank.stop_L',
    'before it warns',
  ],
  [
    'pressures crossed',
    { 'pressure.least_bar': '5', 'pressure.greatest_bar': '2' },
    'pressure.least_bar',
    'above the maximum',
  ],
  ['a dry run with no reason', { 'choices.dry': 'ignore' }, 'choices.dryReason', 'Say why'],
  [
    'a batch of nothing',
    { mode: 'batch', 'batch.volume_mL': '0', 'batch.spacing_s': '60' },
    'batch.volume_mL',
    'more than 0',
  ],
  ['a timer of text', { mode: 'timer', 'timer.every_min': 'often' }, 'timer.every_min', 'is not a figure'],
  ['a current from a meter', { mode: 'analog' }, 'signal.source', 'sends pulses, no current'],
])('%s is said at its field too', (_, change, field, words) => {
  const { duty, errors } = read({ ...PULSES, ...change });
  expect(duty).toBeNull();
  expect(errors[field]).toContain(words);
});

/** A form that was kept on a device when it had a name for each field and no groups. */
const FLAT = {
  mode: 'pulse',
  source: 'meter',
  low: '4',
  least: '6',
  usual: '20',
  greatest: '40',
  wanted: '1,2',
  doseLow: '1',
  doseHigh: '1.5',
  productName: 'Hypochlorite',
  stated: 'mass',
  strength: '150',
  density: '1.21',
  gassing: 'no',
  strokeVolume: '0.1',
  basis: 'plate',
  interlocked: 'no',
  litres: '4',
  litresAs: 'pulses',
  contact: 'electronic',
  closedShare: '0.5',
  pipe: '3',
  bore: '4',
  serviceEvery: '4000000',
  serviceMade: '0',
  below: 'hold',
};

test('a duty that was being typed when its form was flat goes on with every text', () => {
  const kept = textsOver(DUTY_FORM.blank, DUTY_FORM.broughtUp(FLAT));
  expect(DUTY_FORM.read(kept)).toMatchObject({
    errors: {},
    value: {
      mode: 'pulse',
      signal: { source: 'meter', litresPerPulse: 0.25, contact: 'electronic' },
      water: { least_m3h: 6, usual_m3h: 20, greatest_m3h: 40 },
      dose: { wanted_mgl: 1.2 },
      product: { strength: { stated: 'mass', gpl: 150 }, density_kgl: 1.21 },
      suction: { pipe_m: 3, bore_mm: 4 },
      service: { everyStrokes: 4_000_000, madeStrokes: 0 },
      choices: { belowFirstPoint: 'hold', afterPowerCut: 'wait' },
    },
  });
  // what is of today is left as it is
  expect(DUTY_FORM.broughtUp(kept)).toBe(kept);
});
