import { walkCost, walkOrder, type Stop } from './walk';

/** Every order of some things. */
function orders<T>(things: readonly T[]): T[][] {
  if (things.length === 0) return [[]];
  return things.flatMap((one, i) =>
    orders([...things.slice(0, i), ...things.slice(i + 1)]).map((rest) => [one, ...rest]),
  );
}
/** Numbers that look thrown, the same on every day. */
function thrown(seed: number) {
  let state = seed;
  return (most: number) => {
    state = (state * 1103515245 + 12345) % 2147483648;
    return Math.floor((state / 2147483648) * most);
  };
}
const stopsOf = (count: number): Stop[] =>
  Array.from({ length: count }, (_, i) => ({ key: `k${i}`, at: `p${i}`, then: `q${i}` }));

function costs(seed: number) {
  const next = thrown(seed);
  const known = new Map<string, number>();
  return (from: string, to: string) => {
    const name = `${from}>${to}`;
    if (!known.has(name)) known.set(name, 1 + next(12));
    return known.get(name)!;
  };
}

test.each([1, 2, 3, 4, 5, 6, 7, 8])('of up to six stops no order is shorter (%i)', (seed) => {
  for (let count = 0; count <= 6; count += 1) {
    const cost = costs(seed * 31 + count);
    const stops = stopsOf(count);
    // the second waits for the last
    const before = (key: string) => (key === 'k1' ? [`k${count - 1}`] : []);
    const allowed = orders(stops).filter((order) => {
      const at = (key: string) => order.findIndex((stop) => stop.key === key);
      return count < 3 || at('k1') > at(`k${count - 1}`);
    });
    const least = Math.min(...allowed.map((order) => walkCost('start', order, cost)));
    const found = walkOrder('start', stops, cost, count < 3 ? undefined : before);
    expect([...found].sort((a, b) => a.key.localeCompare(b.key))).toEqual(stops);
    expect(walkCost('start', found, cost)).toBe(count === 0 ? 0 : least);
  }
});

test('a longer walk is never longer than as it is listed, keeps to what comes first, and ends', () => {
  const cost = costs(7);
  const stops = stopsOf(40);
  const before = (key: string) => (key === 'k0' ? ['k39'] : []);
  const found = walkOrder('start', stops, cost, before);
  expect(new Set(found)).toEqual(new Set(stops));
  expect(walkCost('start', found, cost)).toBeLessThan(walkCost('start', stops, cost));
  const at = (key: string) => found.findIndex((stop) => stop.key === key);
  expect(at('k0')).toBeGreaterThan(at('k39'));
});

test('what no way leads to stands last; a circle of what comes before what leaves nothing out', () => {
  const cost = (_: string, to: string) => (to === 'p0' ? Infinity : 1);
  expect(walkOrder('start', stopsOf(3), cost).map(({ key }) => key)).toEqual(['k1', 'k2', 'k0']);
  const circle = (key: string) => (key === 'k0' ? ['k1'] : key === 'k1' ? ['k0'] : []);
  expect(walkOrder('start', stopsOf(3), () => 1, circle)).toHaveLength(3);
  expect(walkOrder('start', stopsOf(12), () => 1, circle)).toHaveLength(12);
});

test('two thousand settings are walked as they are listed, at once', () => {
  const stops = stopsOf(2000);
  const asked: string[] = [];
  expect(walkOrder('start', stops, (from) => (asked.push(from), 1))).toBe(stops);
  expect(asked).toEqual([]);
});
