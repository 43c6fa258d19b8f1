import type { CommandBody } from '@barythm/contract/commands';
import type { Round } from '@barythm/contract/resources';
import { dayFault, dueUnplanned, jobsOf, onDay, weekOf } from './week-plan';

const job = (id: string, date: string, state = 'planned') => ({
  id,
  pumpId: `pump-${id}`,
  tag: id.toUpperCase(),
  pumpName: 'Acid',
  siteName: 'Hostel',
  state,
  date,
  startedAt: '',
  actor: '',
});
const due = (pumpId: string, key: string) => ({
  pumpId,
  tag: pumpId,
  pumpName: 'Acid',
  siteName: 'Hostel',
  key,
  stage: 'as-found',
  openJobId: null,
  words: `${key}.`,
  date: '2026-11-30',
  overdue: false,
});
const ROUND = {
  date: '2026-11-24',
  visits: [{ id: 'v', date: '2026-11-24', jobs: [job('a', '2026-11-24', 'open'), job('b', '2026-11-25')] }],
  due: [due('pump-b', 'clock'), due('pump-c', 'clock'), due('pump-c', 'visit')],
} as unknown as Round;
const unsent = (body: object) => body as CommandBody;

test.each([
  ['a Monday', '2026-11-23'],
  ['a Tuesday', '2026-11-24'],
  ['a Sunday', '2026-11-29'],
])('the week of %s begins on its Monday', (_, date) => {
  const days = weekOf(date);
  expect([days[0], days[6], days.length]).toEqual(['2026-11-23', '2026-11-29', 7]);
});

test('a week over the night the clocks change and over a year has seven days', () => {
  expect(weekOf('2026-10-25')).toEqual(expect.arrayContaining(['2026-10-24', '2026-10-25']));
  expect(weekOf('2027-01-01')[0]).toBe('2026-12-28');
  expect(new Set(weekOf('2026-03-29')).size).toBe(7);
});

test('what is not sent yet counts: moved, planned, and taken back', () => {
  const dates = (written: CommandBody[]) => jobsOf(ROUND, written).map(({ id, date }) => `${id} ${date}`);
  expect(dates([])).toEqual(['a 2026-11-24', 'b 2026-11-25']);
  const moved = unsent({ kind: 'job.move', jobId: 'b', date: '2026-11-27' });
  const begun = unsent({ kind: 'job.start', jobId: 'n', pumpId: 'pump-c', date: '2026-11-26' });
  expect(dates([moved, begun])).toEqual(['a 2026-11-24', 'b 2026-11-27', 'n 2026-11-26']);
  // said twice, unsent and kept here, it counts once
  expect(dates([begun, moved, begun, moved])).toEqual(dates([moved, begun]));
  const back = unsent({ kind: 'job.record', jobId: 'n', record: { kind: 'cancelled' } });
  expect(dates([begun, back])).toEqual(['a 2026-11-24', 'b 2026-11-25']);
  // a pump that is not on the round is not shown without its name
  expect(
    dates([unsent({ kind: 'job.start', jobId: 'x', pumpId: 'pump-x', date: '2026-11-26' })]),
  ).toHaveLength(2);
});

test('what is due and not planned is one of a pump; what is planned is not offered again', () => {
  const jobs = jobsOf(ROUND, []);
  expect(dueUnplanned(ROUND, jobs).map(({ pumpId, words }) => [pumpId, words])).toEqual([
    ['pump-c', 'clock. visit.'],
  ]);
  const begun = unsent({ kind: 'job.start', jobId: 'n', pumpId: 'pump-c', date: '2026-11-26' });
  expect(dueUnplanned(ROUND, jobsOf(ROUND, [begun]))).toEqual([]);
  expect(onDay(jobs, '2026-11-25').map(({ id }) => id)).toEqual(['b']);
});

test('a day that is over takes no visit; near miss: today', () => {
  expect(dayFault('2026-11-23', '2026-11-24')).toContain('over');
  expect(dayFault('2026-11-24', '2026-11-24')).toBeNull();
});
