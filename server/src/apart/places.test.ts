import { Places } from './places';

const places = () => new Places(2, 3, (waiting) => new Error(`full with ${waiting}`));
/** Work that ends when it is told to. */
function held() {
  let end = (): void => undefined;
  const done = new Promise<void>((resolve) => (end = resolve));
  return { work: () => done, end };
}

test('as much runs as there are places; the rest waits in its order', async () => {
  const line = places();
  const begun: string[] = [];
  const [a, b, c] = [held(), held(), held()];
  const run = (name: string, { work }: ReturnType<typeof held>) =>
    line.take(() => (begun.push(name), work()));
  const all = [run('a', a), run('b', b), run('c', c)];
  await Promise.resolve();
  expect([begun, line.waiting]).toEqual([['a', 'b'], 1]);
  a.end();
  await all[0];
  await Promise.resolve();
  expect(begun).toEqual(['a', 'b', 'c']);
  b.end();
  c.end();
  await Promise.all(all);
});

test('a full line turns away in words; who leaves it makes room, and a failing run frees its place', async () => {
  const line = places();
  const [a, b] = [held(), held()];
  const running = [line.take(a.work), line.take(b.work)];
  const gone = new AbortController();
  const left = line.take(async () => 'never', gone.signal);
  const failing = line.take(async () => {
    throw new Error('broke');
  });
  const last = line.take(async () => 'last');
  await expect(line.take(async () => 'late')).rejects.toThrow('full with 3');
  gone.abort();
  await expect(left).rejects.toThrow('was given up');
  expect(line.waiting).toBe(2);
  a.end();
  b.end();
  await Promise.all(running);
  await expect(failing).rejects.toThrow('broke');
  await expect(last).resolves.toBe('last');
});
