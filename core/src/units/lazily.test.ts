import { inWordsFor, presentReader } from './index';
import { lazily } from './lazily';

test('a part is worked out when it is first asked for, once, however often it is asked for', () => {
  const made: string[] = [];
  const both: { a: number; b: number } = lazily({
    a: () => made.push('a'),
    b: () => made.push('b') + both.a,
  });
  expect(made).toEqual([]);
  expect(both.b).toBe(3);
  expect([both.b, both.a, made]).toEqual([3, 2, ['b', 'a']]);
  expect({ ...both }).toEqual({ a: 2, b: 3 });
});

test('what could not be worked out is tried again, and takes nothing else down', () => {
  let broken = true;
  const parts = lazily<{ bad: number; good: number }>({
    bad: () => {
      if (broken) throw new Error('not yet');
      return 1;
    },
    good: () => 2,
  });
  expect(() => parts.bad).toThrow('not yet');
  expect(parts.good).toBe(2);
  broken = false;
  expect(parts.bad).toBe(1);
});

test('a part speaks to whoever asked for the whole, though it is worked out later', () => {
  const words = inWordsFor('us', () => lazily({ system: () => presentReader().system }));
  expect(presentReader().system).toBe('metric');
  expect(words.system).toBe('us');
});
