import { poolFamily } from '@barythm/core/families/pool';
import { render, screen } from '@testing-library/react-native';
import { InputError } from '@barythm/core/input';
import { useState } from 'react';
import { PANEL_DUTY } from '@barythm/core/families/pool/fixtures';
import { FoldedParts } from '../../../form/parts';
import { FormProvider } from '../../../form/scope';
import { textAt, type Texts, withText } from '@barythm/core/describe';
import { press, type, wordsOf } from '../../../testing/touch';
import type { PoolDuty } from '@barythm/core/families/pool';

const { duty: DUTY_FORM } = poolFamily.forms;

const poolTexts = (duty: PoolDuty) => DUTY_FORM.write(duty);
const read = (typed: Texts) => DUTY_FORM.read(typed, { programs: null });

let texts: Texts;
function Stand({ start, fault = null }: { start: Texts; fault?: InputError | null }) {
  const [now, setNow] = useState(start);
  texts = now;
  const { errors } = read(now);
  return (
    <FormProvider value={{ texts: now, errors, change: setNow, name: 'duty' }}>
      <FoldedParts title="Duty" parts={DUTY_FORM.parts} fault={fault} />
    </FormProvider>
  );
}
const stand = (start: Texts = poolTexts(PANEL_DUTY)) => render(<Stand start={start} />);
const duty = () => read(texts).value;
const PARTS = [
  'water',
  'points',
  'limits',
  'circuits',
  'needs',
  'timed',
  'tariff',
  'command',
  'winter',
  'heat',
  'chlorinator',
];

test('a complete duty is folded to a line for each part, with what matters in it', () => {
  stand();
  expect(wordsOf('duty-part-water')).toContain('Seal pool: 41.6 m³, turned over 3 times a day, 124.8 m³.');
  expect(wordsOf('duty-part-points')).toContain('3 points measured');
  expect(wordsOf('duty-part-circuits')).toContain('Filter, Cleaner, Heater, Chlorinator, Roof');
  expect(wordsOf('duty-part-needs')).toContain('1 circuit with its own hours');
  expect(wordsOf('duty-part-timed')).toContain('None that end by themselves.');
  expect(wordsOf('duty-part-tariff')).toContain('4 price windows, in SKR.');
  expect(wordsOf('duty-part-winter')).toContain('Light frosts.');
  expect(screen.queryByTestId('duty-bodies.0.depth_m')).toBeNull();
});

test('a part that is wrong stands open by itself and cannot be folded away', () => {
  stand(DUTY_FORM.blank);
  expect(screen.getByTestId('duty-bodies.0.depth_m')).toBeTruthy();
  press('duty-open-water');
  expect(screen.getByTestId('duty-bodies.0.depth_m')).toBeTruthy();
  expect(screen.getAllByText('This is needed.').length).toBeGreaterThan(4);
  // what has its usual value stays folded
  expect(screen.queryByTestId('duty-winter')).toBeNull();
});

test('a part that becomes right while one types stays open until it is folded by hand, and keeps every digit', () => {
  stand(withText(withText(poolTexts(PANEL_DUTY), 'points.0.power_W', ''), 'bodies.0.depth_m', ''));
  expect(screen.getByTestId('duty-points.0.power_W')).toBeTruthy();
  for (const text of ['1', '10', '101', '1010']) type('duty-points.0.power_W', text);
  for (const text of ['0', '0.', '0.2', '0.24']) type('duty-bodies.0.depth_m', text);
  expect(duty()).toMatchObject({ points: [{ power_W: 1010 }, {}, {}], bodies: [{ depth_m: 0.24 }] });
  press('duty-open-points');
  expect(screen.queryByTestId('duty-points.0.power_W')).toBeNull();
  expect(screen.getByTestId('duty-bodies.0.depth_m')).toBeTruthy();
});

test('a winter that nobody spoke of is not known, and several waters name what turns them over', () => {
  expect(textAt(DUTY_FORM.blank, 'winter')).toBe('');
  stand(withText(poolTexts(PANEL_DUTY), 'winter', ''));
  expect(wordsOf('duty-part-winter')).toContain('Not said');
  expect(duty()!.winter).toBeNull();
  press('duty-open-water');
  expect(screen.queryByTestId('duty-bodies.0.circuits-Filter')).toBeNull();
  press('duty-bodies-add');
  press('duty-bodies.0.circuits-Filter');
  press('duty-bodies.0.circuits-Cleaner');
  press('duty-bodies.1-remove');
  expect(duty()!.bodies[0].circuits).toEqual(['Filter', 'Cleaner']);
});

test('every part opens, and what is changed in it is read', () => {
  stand();
  for (const part of PARTS) press(`duty-open-${part}`);
  type('duty-bodies.0.depth_m', '1.5');
  type('duty-limits.cover_m3h', '');
  press('duty-circuits.0.exposed');
  type('duty-longestPause_min', '180');
  press('duty-command-link');
  press('duty-winter-hard');
  press('duty-heat.on');
  expect(duty()).toMatchObject({
    bodies: [{ depth_m: 1.5 }],
    limits: { cover_m3h: null },
    circuits: expect.arrayContaining([expect.objectContaining({ name: 'Filter', exposed: true })]),
    longestPause_min: 180,
    command: 'link',
    winter: 'hard',
    heat: null,
  });
});

test('shapes, circuits and prices are added and taken away', () => {
  stand();
  press('duty-open-water');
  press('duty-bodies.0.shapes-add');
  press('duty-bodies.0.shapes.1.shape-round');
  type('duty-bodies.0.shapes.1.length_m', '2.4');
  expect(duty()?.bodies[0].shapes).toHaveLength(2);
  // what is added counts at once
  expect(wordsOf('duty-part-water')).toContain('Seal pool: 47.5 m³');
  type('duty-bodies.0.depth_m', '');
  expect(wordsOf('duty-part-water')).not.toContain('turned over');
  type('duty-bodies.0.depth_m', '1.3');
  // a round one has no width to ask for
  expect(screen.queryByTestId('duty-bodies.0.shapes.1.width_m')).toBeNull();
  press('duty-open-tariff');
  press('duty-tariff.windows.3-remove');
  expect((textAt(texts, 'tariff.windows') as readonly Texts[]).length).toBe(3);
  press('duty-open-circuits');
  press('duty-circuits-add');
  expect(duty()).toBeNull();
  expect(screen.getByText('Give the circuit a name.')).toBeTruthy();
  type('duty-circuits.5.name', 'Slide');
  press('duty-circuits.5.kind-own');
  expect(duty()?.circuits.at(-1)).toMatchObject({ name: 'Slide', kind: 'own', leastFlow_m3h: 0 });
});

test('the body, the point and the circuit that must be there cannot be taken away', () => {
  stand(
    poolTexts({
      ...PANEL_DUTY,
      points: [PANEL_DUTY.points[0]],
      circuits: [PANEL_DUTY.circuits[0]],
      needs: [],
    }),
  );
  for (const part of ['water', 'points', 'circuits']) press(`duty-open-${part}`);
  expect(screen.queryByTestId('duty-bodies.0-remove')).toBeNull();
  expect(screen.queryByTestId('duty-points.0-remove')).toBeNull();
  expect(screen.queryByTestId('duty-circuits.0-remove')).toBeNull();
});

test('what a computation could not take is said at the part it came from', () => {
  render(
    <Stand
      start={poolTexts(PANEL_DUTY)}
      fault={new InputError('prices', 'Mon in Jan: No price from 6:00 to 6:30.')}
    />,
  );
  expect(wordsOf('duty-part-tariff')).toContain('No price from 6:00 to 6:30.');
  expect(screen.getByTestId('duty-tariff.windows.0.from')).toBeTruthy();
  expect(wordsOf('duty-part-points')).not.toContain('No price');
});
