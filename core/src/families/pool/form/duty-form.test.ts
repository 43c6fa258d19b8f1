import { DUTY, PANEL_DUTY } from '../fixtures';
import type { PoolDuty } from '../wire/duty';
import { textAt, type Texts, withText } from '../../../describe';
import { DUTY_FORM } from './duty-form';

const poolTexts = (duty: PoolDuty) => DUTY_FORM.write(duty);
const readPoolDuty = (texts: Texts) => {
  const { value: duty, errors } = DUTY_FORM.read(texts, { programs: null });
  return { duty, errors };
};

const WITH_RUNS = { ...DUTY, timedRuns: [{ name: 'After lessons', speed_rpm: 2200, minutes: 45 }] };
test.each([DUTY, PANEL_DUTY, WITH_RUNS])('a duty written as texts is read as it was: %#', (duty) => {
  expect(readPoolDuty(poolTexts(duty))).toEqual({ duty, errors: {} });
});

test.each([
  ['bodies.0.depth_m', '', 'This is needed.'],
  ['bodies.0.shapes.0.width_m', '0', 'The width must be more than 0.'],
  ['points.1.speed_rpm', 'fast', '“fast” is not a figure.'],
  ['beforeWash', '120', 'no more than a clean one'],
  ['tariff.windows.0.to', '26:00', '“26:00” is no time of day.'],
  ['tariff.windows.0.months', 'winter', 'e.g. 10–3'],
  ['otherAddresses', '2, b', 'Whole numbers'],
  ['quiet.from', '', 'This is needed.'],
  ['needs.0.hours', '9', '9 h do not fit between 12:00 and 17:00.'],
  ['timedRuns.0.minutes', '0.5', 'whole minutes'],
  ['timedRuns.0.name', '', 'Give the run a name.'],
  ['circuits.1.name', 'Filter', 'There are two circuits “Filter”.'],
])('what is wrong at %s is said there: “%s”', (path, text, words) => {
  const start = poolTexts({ ...PANEL_DUTY, quiet: DUTY.quiet, timedRuns: WITH_RUNS.timedRuns });
  const { duty, errors } = readPoolDuty(withText(start, path, text));
  expect(duty).toBeNull();
  expect(errors[path]).toContain(words);
});

test('a comma and a pasted unit are understood, a part that is off is left out', () => {
  const typed = withText(
    withText(poolTexts(DUTY), 'bodies.0.depth_m', '1,4'),
    'limits.filter_m3h',
    '4.5 L/s',
  );
  const { duty } = readPoolDuty(withText(typed, 'quiet.on', 'no'));
  expect(duty).toMatchObject({ bodies: [{ depth_m: 1.4 }], quiet: null });
  expect(duty?.limits.filter_m3h).toBeCloseTo(16.2, 9);
});

test('a blank form says what it needs, and nothing else', () => {
  const { duty, errors } = readPoolDuty(DUTY_FORM.blank);
  expect(duty).toBeNull();
  expect(Object.keys(errors)).toEqual(
    expect.arrayContaining([
      'bodies.0.depth_m',
      'points.0.speed_rpm',
      'tariff.windows.0.price',
      'tariff.currency',
    ]),
  );
  expect(Object.keys(errors)).not.toContain('limits.filter_m3h');
});

test('a text deep in a list is changed alone', () => {
  const texts = poolTexts(DUTY);
  const next = withText(texts, 'points.1.power_W', '600');
  expect(textAt(next, 'points.1.power_W')).toBe('600');
  expect(textAt(next, 'points.0')).toBe(textAt(texts, 'points.0'));
  expect(textAt(texts, 'points.1.power_W')).toBe('545');
});
