import { movedBy } from './program-block';

const program = {
  name: 'Filter',
  days: '1234567',
  start: 420,
  stop: 1020,
  speed_rpm: 1500,
  circuit: 'Filter',
};

test('all of it moves and keeps its length, over midnight too', () => {
  expect(movedBy(program, 'whole', 60, 15)).toMatchObject({ start: 480, stop: 1080 });
  expect(movedBy(program, 'whole', -480, 15)).toMatchObject({ start: 1380, stop: 540 });
  expect(movedBy({ ...program, stop: 420 }, 'whole', 15, 15)).toMatchObject({ start: 435, stop: 435 });
});

test('an end moves alone, in steps, and never past the other', () => {
  expect(movedBy(program, 'start', 37, 15)).toMatchObject({ start: 450, stop: 1020 });
  expect(movedBy(program, 'stop', -60, 15)).toMatchObject({ start: 420, stop: 960 });
  expect(movedBy(program, 'start', 600, 15)).toEqual(program);
  expect(movedBy(program, 'stop', -590, 15)).toEqual(program);
});
