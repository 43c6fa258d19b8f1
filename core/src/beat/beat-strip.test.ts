import fc from 'fast-check';
import { beatStrip, type BeatCause } from './index';

const SIZE = { width: 288, height: 30 };
const CAUSES: readonly BeatCause[] = ['program', 'prime', 'frost', 'hand'];
const days = fc.array(fc.tuple(fc.double({ min: 0, max: 200, noNaN: true }), fc.constantFrom(...CAUSES)), {
  minLength: 1,
  maxLength: 96,
});

test('the whole day is on it, from edge to edge, and nothing stands out of it', () => {
  fc.assert(
    fc.property(days, fc.constantFrom(60, 100, 144), (day, greatest) => {
      const { beats } = beatStrip(
        SIZE,
        day.map(([rate]) => rate),
        greatest,
        0.5,
        day.map(([, cause]) => cause),
      );
      for (const { x, width, height } of beats) {
        expect(x).toBeGreaterThanOrEqual(-0.75 - 1e-9);
        expect(x + width).toBeLessThanOrEqual(SIZE.width + 0.75 + 1e-9);
        expect(height).toBeLessThanOrEqual(SIZE.height);
      }
      // bands and rests tile it; separate beats stand in the slots between
      const slot = SIZE.width / day.length;
      const tiled = beats.filter(({ kind }) => kind !== 'beats').reduce((sum, { width }) => sum + width, 0);
      const beating = day.filter(([rate]) => rate / greatest > 0 && rate / greatest < 0.12).length;
      expect(tiled + beating * slot).toBeCloseTo(SIZE.width, 6);
    }),
  );
});

test('a pump that stands all day is at rest, and one of whose maximum nothing is known too', () => {
  expect(beatStrip(SIZE, [0, 0, 0, 0], 100, null).beats.map(({ kind }) => kind)).toEqual(
    Array(4).fill('rest'),
  );
  expect(beatStrip(SIZE, [5, 5], 0, null).beats.every(({ kind }) => kind === 'rest')).toBe(true);
});

test('a steady run is one band, however many slots it takes; another reason begins a new one', () => {
  const rates = Array(24).fill(50);
  expect(beatStrip(SIZE, rates, 100, null).beats).toEqual([
    { x: 0, width: SIZE.width, height: 15, kind: 'band', cause: 'program' },
  ]);
  const causes = rates.map((_, hour): BeatCause => (hour < 6 ? 'frost' : 'program'));
  expect(beatStrip(SIZE, rates, 100, null, causes).beats.map(({ cause, width }) => [cause, width])).toEqual([
    ['frost', 72],
    ['program', 216],
  ]);
});

test('more strokes are more beats, each wide enough to be seen', () => {
  const count = (rate: number) => beatStrip(SIZE, [rate], 100, null).beats.length;
  expect([count(1), count(4), count(8), count(11)]).toEqual([1, 1, 3, 4]);
  for (const { height, width } of beatStrip(SIZE, [1], 100, null).beats)
    expect([height >= 4, width]).toEqual([true, 1.5]);
});

test('now stands where it is in the day, or nowhere', () => {
  expect(beatStrip(SIZE, [1], 1, 0.25).now).toBe(72);
  expect(beatStrip(SIZE, [1], 1, null).now).toBeNull();
});
