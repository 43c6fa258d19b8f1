import { DUTY, PLATE, SET } from '../../families/drive/fixtures';
import { aboutCheck, gateOfHandover, notesAbout, offeredChecks, summarise } from '../index';
import { plannedDrive as planned } from '../testing/drive-walk.fixtures';
import { Walk } from '../testing/walk.fixtures';

const note = (walk: Walk, about: string, words: string) => walk.record({ kind: 'note', about, words });

test('a note is printed with what it is about as a person names it; one taken back is not', () => {
  const walk = planned();
  const [check] = offeredChecks(walk.view);
  note(walk, '', 'The warden has the key.');
  note(walk, 'press/1/P20', 'The gauge on the wall reads 0.2 bar more.');
  note(walk, aboutCheck(check.key), 'The shaft cannot be seen.');
  note(walk, 'gone/1/gone', 'Of a setting that was there.');
  expect(summarise(walk.view).notes?.map(({ about, words }) => [about, words])).toEqual([
    [null, 'The warden has the key.'],
    ['Set pressure', 'The gauge on the wall reads 0.2 bar more.'],
    [check.title, 'The shaft cannot be seen.'],
    ['gone/1/gone', 'Of a setting that was there.'],
  ]);
  const [own] = notesAbout(walk.view, 'press/1/P20');
  walk.takeBack(own.id);
  expect(notesAbout(walk.view, 'press/1/P20')).toEqual([]);
  expect(summarise(walk.view).notes).toHaveLength(3);
});

test('a note opens no planned job, proves nothing and is no work; without one the paper says nothing of notes', () => {
  const walk = new Walk({ profile: SET, duty: DUTY, plate: PLATE });
  expect(summarise(walk.view)).not.toHaveProperty('notes');
  note(walk, '', 'Bring the long key.');
  expect(walk.document.job.state).toBe('planned');
  expect(gateOfHandover(walk.view).map(({ code }) => code)).toContain('NOTHING');
});
