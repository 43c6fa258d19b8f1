import { lately } from './lately';

const counted = (most: number) => {
  const asked: string[] = [];
  const square = lately(most, (of: { n: number | null }, by: number | undefined) => {
    asked.push(`${of.n}/${by}`);
    return { n: (of.n ?? 0) * (by ?? 1) };
  });
  return { asked, square };
};

test('the same figures are worked out once, whichever object they come in', () => {
  const { asked, square } = counted(3);
  expect(square({ n: 3 }, 2)).toEqual({ n: 6 });
  expect(square({ n: 3 }, 2)).toBe(square({ n: 3 }, 2));
  expect(asked).toEqual(['3/2']);
});

test('anything else is another question: a figure, one that is missing, one that is not known', () => {
  const { asked, square } = counted(9);
  for (const n of [3, 4, null]) square({ n }, 2);
  square({ n: 3 }, undefined);
  square({ n: 3 }, 1);
  expect(asked).toEqual(['3/2', '4/2', 'null/2', '3/undefined', '3/1']);
});

test('the one asked for longest ago goes first', () => {
  const { asked, square } = counted(2);
  square({ n: 1 }, 1);
  square({ n: 2 }, 1);
  square({ n: 1 }, 1);
  square({ n: 3 }, 1);
  square({ n: 1 }, 1);
  expect(asked).toEqual(['1/1', '2/1', '3/1']);
  square({ n: 2 }, 1);
  expect(asked.at(-1)).toBe('2/1');
});
