import { signatureSchema } from './handover';
import { leavesMark, strokePoints } from './signature';

const taken = (...paths: string[]) => signatureSchema.safeParse({ width: 320, height: 160, paths }).success;

test('a stroke is a move and lines, and nothing else', () => {
  expect(strokePoints('M 1 2 L 3.5 -4')).toEqual([
    [1, 2],
    [3.5, -4],
  ]);
  expect(strokePoints('M1,2L3,4 L .5 6.')).toEqual([
    [1, 2],
    [3, 4],
    [0.5, 6],
  ]);
  for (const path of [
    '',
    'M',
    'M 1',
    'L 1 2',
    'M 1 2 L 3',
    'M 1.2.3 4..5 L',
    '- - -',
    'M 1 2 3 4',
    'M 1 2 M 3 4',
    'M 1 2 L 3 4 L',
  ])
    expect([path, strokePoints(path)]).toEqual([path, null]);
});

test('signed is what leaves a mark', () => {
  expect(taken('M 1 1 L 20 20')).toBe(true);
  expect(taken('M 5 5', 'M 1 1 L 20 20')).toBe(true);
  expect(taken('M 5 5')).toBe(false);
  expect(taken('M 5 5 L 5 5')).toBe(false);
  // one step on either side of what counts for a mark
  expect(leavesMark(['M 0 0 L 4 0'])).toBe(true);
  expect(leavesMark(['M 0 0 L 3.9 0'])).toBe(false);
  for (const path of ['M', 'M 1 2 L 3', 'M 1.2.3 4..5 L', '- - -'])
    expect([path, taken(path, 'M 1 1 L 20 20')]).toEqual([path, false]);
});
