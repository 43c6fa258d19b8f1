import { DUTY, PLATE, SET } from '../families/drive/fixtures';
import { applyCommand, clashIn, holdsAlready, refusalOf } from './index';
import { TODAY, Walk } from './testing/walk.fixtures';

const planned = () => new Walk({ profile: SET, duty: DUTY, plate: PLATE });
const move = (date: string) => ({ kind: 'job.move', jobId: 'job-1', visitId: 'visit-2', date }) as const;
const command = (date: string, baseVersion = 0) => ({
  id: 'c-1',
  baseVersion,
  recordedAt: `${TODAY}T09:00:00.000Z`,
  device: 'test',
  actor: 'Technician 1',
  body: move(date),
});

test('a planned job gets another day and stays planned; what it says stays', () => {
  const walk = planned();
  walk.plan();
  const next = applyCommand(walk.document, command('2026-12-03'), TODAY);
  expect(next.job).toMatchObject({
    plannedFor: '2026-12-03',
    state: 'planned',
    version: walk.document.job.version + 1,
  });
  expect(next.plans).toEqual(walk.document.plans);
  expect([holdsAlready(walk.document, move('2026-12-03')), holdsAlready(next, move('2026-12-03'))]).toEqual([
    false,
    true,
  ]);
  // two days chosen at once: the later choice counts
  expect(clashIn(next, command('2026-12-04'))).toBeNull();
});

test('a day that is over is refused, and so is moving what was begun; near miss: today', () => {
  const walk = planned();
  expect(refusalOf(walk.document, move('2026-11-23'), TODAY)).toMatchObject({ field: 'date', code: 'past' });
  expect(refusalOf(walk.document, move(TODAY), TODAY)).toBeNull();
  walk.arrive();
  expect(walk.document.job.state).toBe('open');
  expect(refusalOf(walk.document, move('2026-12-03'), TODAY)).toMatchObject({ field: 'date', code: 'begun' });
});
