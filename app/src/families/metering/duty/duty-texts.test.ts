import { meteringDutySchema } from '@barythm/core/families/metering';
import { dutyTexts, EMPTY_DUTY, type DutyTexts } from './duty-texts';
import { readDuty } from './read-duty';

const GOOD: DutyTexts = {
  ...EMPTY_DUTY,
  span: '50',
  least: '6',
  usual: '20',
  greatest: '40',
  wanted: '1,2',
  doseLow: '1',
  doseHigh: '1.5 mg/L',
  productName: 'Hypochlorite',
  strength: '12.5',
  density: '1.21',
  measuredOn: '2026-11-04',
  halfLife: '120',
  strokeVolume: '0.1',
};

test('what is typed becomes a duty, decimal comma and pasted unit understood', () => {
  const { duty, errors } = readDuty(GOOD);
  expect(errors).toEqual({});
  expect(duty).toMatchObject({
    dose: { wanted_mgl: 1.2, low_mgl: 1, high_mgl: 1.5 },
    product: { strength: { stated: 'weight', percent: 12.5, density_kgl: 1.21 } },
  });
});

test('a duty comes back from its texts as it went', () => {
  const { duty } = readDuty({ ...GOOD, hourly: Array(24).fill('12.5').join(' '), suction: '-0.8' });
  const again = readDuty(dutyTexts(duty!));
  expect(again.duty).toEqual(duty);
  expect(meteringDutySchema.parse(again.duty)).toEqual(duty);
});

test.each<[string, Partial<DutyTexts>, keyof DutyTexts, string]>([
  ['nothing typed', { span: '' }, 'span', 'This is needed.'],
  ['zero strength', { strength: '0' }, 'strength', 'more than 0'],
  ['more than all of it', { strength: '120' }, 'strength', '100 %'],
  ['text', { wanted: 'some' }, 'wanted', 'is not a figure'],
  ['least above greatest', { least: '60' }, 'least', 'above the greatest'],
  ['usual outside', { usual: '2' }, 'usual', 'outside the least and the greatest'],
  ['flow above the span', { greatest: '55' }, 'span', 'above the transmitter’s span'],
  ['a band without the dose', { doseHigh: '1.1' }, 'doseHigh', 'below the wanted'],
  ['a short day', { hourly: '1 2 3' }, 'hourly', '3 figures are entered'],
  ['an hour of text', { hourly: `x ${Array(23).fill('1').join(' ')}` }, 'hourly', 'Hour 0'],
  ['a date that is none', { measuredOn: 'May' }, 'measuredOn', '2026-05-31'],
])('%s is said at its field, and nothing is planned', (_, change, field, words) => {
  const { duty, errors } = readDuty({ ...GOOD, ...change } as DutyTexts);
  expect(duty).toBeNull();
  expect(errors[field]).toContain(words);
});

test('a controller’s signal asks for feed, direction and lost signal instead of a span', () => {
  const { duty } = readDuty({ ...GOOD, source: 'controller', span: '', feed: '250 ml/h', action: 'falling' });
  expect(duty?.signal).toEqual({
    source: 'controller',
    measures: 'residual',
    low_mA: 4,
    greatestFeed_lph: 0.25,
    action: 'falling',
    onLostSignal: 'stop',
  });
});

const PULSES: DutyTexts = {
  ...GOOD,
  mode: 'pulse',
  source: 'meter',
  litres: '10',
  contact: 'electronic',
  closedShare: '0,4',
};

test('a meter asks for its pulses instead of a span; everything that may be left out comes back as it went', () => {
  const { duty, errors } = readDuty({
    ...PULSES,
    stopWired: 'yes',
    pipe: '3',
    bore: '4',
    dead: '0.2',
    injection: '0',
    pressureLeast: '1',
    pressureGreatest: '4',
    loss: '2',
    tankNow: '120',
    tankWarn: '20',
    tankStop: '5',
    serviceEvery: '4000000',
    serviceMade: '0',
    nextVisit: '60',
    dry: 'warn',
    dryBy: 'flow',
    dryReason: 'A second pump takes over.',
  });
  expect(errors).toEqual({});
  expect(duty).toMatchObject({
    signal: { source: 'meter', litresPerPulse: 10, contact: 'electronic', closedShare: 0.4 },
    suction: { pipe_m: 3, bore_mm: 4, friction_m: null, vapour_bar: null, tank_bar: null, needed_m: null },
    pressure: { lossPer_bar: 0.02 },
    service: { what: 'Diaphragm' },
  });
  expect(readDuty(dutyTexts(duty!)).duty).toEqual(duty);
});

test('a meter that is stated in pulses a litre is the same meter', () => {
  const { duty } = readDuty({ ...PULSES, litres: '4', litresAs: 'pulses' });
  expect(duty?.signal).toMatchObject({ litresPerPulse: 0.25 });
  expect(readDuty({ ...PULSES, litres: '0', litresAs: 'pulses' }).errors.litres).toContain('more than 0');
});

test.each<[string, Partial<DutyTexts>, keyof DutyTexts, string]>([
  ['no litres', { litres: '' }, 'litres', 'This is needed.'],
  ['no water in a pulse', { litres: '0' }, 'litres', 'more than 0'],
  ['always closed', { closedShare: '1' }, 'closedShare', 'between 0 and 1'],
  ['half a suction line', { pipe: '3' }, 'bore', 'This is needed.'],
  ['a friction loss of no pipe', { friction: '0.4' }, 'pipe', 'This is needed.'],
  ['a head of which half is known', { dead: '0.2' }, 'injection', 'This is needed.'],
  [
    'a stop level above the warn level',
    { tankNow: '9', tankWarn: '2', tankStop: '5' },
    'tankStop',
    'before it warns',
  ],
  ['pressures crossed', { pressureLeast: '5', pressureGreatest: '2' }, 'pressureLeast', 'above the greatest'],
  ['a dry run with no reason', { dry: 'ignore' }, 'dryReason', 'Say why'],
  [
    'a batch of nothing',
    { mode: 'batch', batchVolume: '0', batchSpacing: '60' },
    'batchVolume',
    'more than 0',
  ],
  ['a timer of text', { mode: 'timer', timerEvery: 'often' }, 'timerEvery', 'is not a figure'],
  ['a current from a meter', { mode: 'analog' }, 'source', 'sends pulses, no current'],
])('%s is said at its field too', (_, change, field, words) => {
  const { duty, errors } = readDuty({ ...PULSES, ...change } as DutyTexts);
  expect(duty).toBeNull();
  expect(errors[field]).toContain(words);
});
