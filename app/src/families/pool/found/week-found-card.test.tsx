import { screen } from '@testing-library/react-native';
import { DUTY, FOUR_SPEEDS, TEN_SLOTS } from '@barythm/core/families/pool/fixtures';
import { standJob } from '../../../testing/job-stand';
import { WeekFoundCard } from './week-found-card';
import { press, type } from '../../../testing/touch';

const foundIn = (job: ReturnType<typeof standJob>, address: string) =>
  job.view().rows.find((row) => row.address === address)?.found?.value;

test('a slot is recorded whole, the next copied from it; a wrong time is said and nothing is lost', () => {
  const job = standJob(TEN_SLOTS, <WeekFoundCard />, [], { dutyBefore: DUTY });
  for (const digit of '12345') press(`slot-1-days-${digit}`);
  type('slot-1-start', '7:00');
  type('slot-1-stop', 'noon');
  type('slot-1-speed', '1500');
  press('slot-1-enable-on');
  press('slot-1-save');
  expect(screen.getByText(/“noon” is no time of day/)).toBeTruthy();
  expect(screen.getByTestId('slot-1-start').props.value).toBe('7:00');
  type('slot-1-stop', '17:00');
  press('slot-1-save');
  expect(screen.getByText('1 of 10 programs recorded')).toBeTruthy();
  expect(foundIn(job, 'programs/1/days')).toBe('12345');
  expect(foundIn(job, 'programs/1/stop')).toBe(1020);
  press('slot-2-copy');
  type('slot-2-speed', '2600');
  press('slot-2-save');
  expect(['days', 'start', 'speed'].map((key) => foundIn(job, `programs/2/${key}`))).toEqual([
    '12345',
    420,
    2600,
  ]);
  press('week-rest-empty');
  expect(screen.getByText('10 of 10 programs recorded')).toBeTruthy();
  expect(foundIn(job, 'programs/10/enable')).toBe('off');
});

test('an empty slot is recorded as empty and nothing else: days, times and speed that nobody read stay unknown', () => {
  const job = standJob(TEN_SLOTS, <WeekFoundCard />, [], { dutyBefore: DUTY });
  press('slot-1-empty');
  expect(screen.getByText('1 of 10 programs recorded')).toBeTruthy();
  expect(
    ['enable', 'days', 'start', 'stop', 'speed'].map((key) => foundIn(job, `programs/1/${key}`)),
  ).toEqual(['off', undefined, undefined, undefined, undefined]);
  expect(screen.getByTestId('slot-1-row')).toHaveTextContent(/empty$/);
});

test('days alone are copied from above; an empty slot shows what an empty one shows here', () => {
  const job = standJob(TEN_SLOTS, <WeekFoundCard />, [], { dutyBefore: DUTY });
  press('slot-1-days-6');
  press('slot-1-days-7');
  type('slot-1-start', '10');
  type('slot-1-stop', '18');
  type('slot-1-speed', '2600 rpm');
  press('slot-1-enable-on');
  press('slot-1-save');
  expect(foundIn(job, 'programs/1/speed')).toBe(2600);
  press('slot-2-days-above');
  type('slot-2-start', '19');
  type('slot-2-stop', '20');
  type('slot-2-speed', '1000');
  press('slot-2-enable-off');
  press('slot-2-save');
  expect(foundIn(job, 'programs/2/days')).toBe('67');
});

test('times that a controller shows as dashes are taken by a tap', () => {
  const job = standJob(FOUR_SPEEDS, <WeekFoundCard />, [], { dutyBefore: DUTY });
  press('slot-1-from-instead-none');
  press('slot-1-until-instead-none');
  type('slot-1-share', '60');
  press('slot-1-save');
  expect(foundIn(job, 'programs/1/from')).toBe('none');
  expect(screen.getByText('--:-- · --:-- · 60\u00a0%')).toBeTruthy();
});

test('all as last left, in one go', () => {
  const values = Object.fromEntries(
    TEN_SLOTS.parameters.flatMap(({ key, default: value }) => (value === undefined ? [] : [[key, value]])),
  );
  const job = standJob(TEN_SLOTS, <WeekFoundCard />, [], {
    dutyBefore: DUTY,
    lastLeft: { source: 'left', date: '2026-09-01', values },
  });
  press('week-as-left');
  expect(screen.getByText('1 of 10 programs recorded')).toBeTruthy();
  expect(foundIn(job, 'programs/1/enable')).toBe('off');
});

test('a slot that is a key says so: one for timed runs has a length and no schedule', () => {
  const job = standJob(FOUR_SPEEDS, <WeekFoundCard />, [], { dutyBefore: DUTY });
  expect(screen.queryByTestId('slot-1-key')).toBeNull();
  press('slot-5-row');
  // this controller has no weekdays to copy
  expect(screen.queryByTestId('slot-5-days-above')).toBeNull();
  expect(screen.getByTestId('slot-5-key')).toHaveTextContent(/Its stop is how long it runs/);
  press('slot-5-from-instead-none');
  type('slot-5-until', '0:45');
  type('slot-5-share', '80');
  press('slot-5-save');
  expect(foundIn(job, 'programs/5/until')).toBe(45);
  expect(job.view().settings).toMatchObject({
    programs: expect.arrayContaining([expect.objectContaining({ slot: 5, timed: true, stop: 45 })]),
  });
});

test('a front key is named as one', () => {
  standJob(TEN_SLOTS, <WeekFoundCard />, [], { dutyBefore: DUTY });
  expect(screen.getByTestId('slot-1-key')).toHaveTextContent('This program is a front key too.');
  press('slot-7-row');
  expect(screen.queryByTestId('slot-7-key')).toBeNull();
});
