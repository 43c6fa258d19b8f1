import { z } from 'zod';
import { inPlainWords } from './plain-words';

const told = (schema: z.ZodType, value: unknown) => {
  const [issue] = schema.safeParse(value).error?.issues ?? [];
  return inPlainWords(issue);
};

test.each<[z.ZodType, unknown, string]>([
  [z.string().min(1), '', 'This is needed.'],
  [z.string().max(4), 'abcde', 'At most 4 characters.'],
  [z.number().positive(), 0, 'This must be more than 0.'],
  [z.number().min(2), 1, 'This must be 2 at least.'],
  [z.int().max(99), 100, 'This can be 99 at most.'],
  [z.int(), 1.5, 'This must be a whole number.'],
  [z.number(), undefined, 'This is needed.'],
  [z.array(z.string()).min(1), [], 'At least 1 of them.'],
  [z.array(z.string()).max(1), ['a', 'b'], 'At most 1 of them.'],
  [z.enum(['a', 'b']), 'c', 'Choose one.'],
  [z.string().regex(/^a/), 'b', 'This is needed.'],
  [z.int().min(2, 'A group repeats twice at least.'), 1, 'A group repeats twice at least.'],
])('%#: what a schema says of its own accord is said in plain words', (schema, value, words) => {
  expect(told(schema, value)).toBe(words);
});
