import { shipped } from '../families/suites/shipped.fixtures';
import { profileSchema } from '../families';
import { contentHash } from './hash';

const SOFT = shipped('two-point-soft-keys');
const menu = SOFT.menu!;
const prime = { key: 'Prime', press: 'short', does: 'primes', words: 'It primes.' } as const;

/** What is wrong with a profile that has this, by place. */
function faults(change: object): Record<string, string> {
  const parsed = profileSchema.safeParse({ ...SOFT, ...change });
  return Object.fromEntries(
    (parsed.error?.issues ?? []).map(({ path, message }) => [path.join('.'), message]),
  );
}

test.each<[string, object, Record<string, string>]>([
  ['as it ships', { menu }, {}],
  ['nothing of it', { menu: undefined, pages: undefined }, {}],
  [
    'a way home over a key that primes',
    {
      menu: {
        ...menu,
        home: { ...menu.home, keys: [{ key: 'Prime', press: 'short', times: 1 }] },
        acts: [prime],
      },
    },
    { 'menu.home.keys.0': '“Prime” does more than move: it is no safe way home.' },
  ],
  [
    'a way home that holds a key which primes when it is pressed',
    {
      menu: {
        ...menu,
        home: { ...menu.home, keys: [{ key: 'Prime', press: 'hold', times: 1 }] },
        acts: [prime],
      },
    },
    { 'menu.home.keys.0': '“Prime” does more than move: it is no safe way home.' },
  ],
  [
    'one that presses a key which only primes while it is held',
    {
      menu: {
        ...menu,
        home: { ...menu.home, keys: [{ key: 'Prime', press: 'short', times: 1 }] },
        acts: [{ ...prime, press: 'hold' }],
      },
    },
    {},
  ],
  [
    'a key one level up that starts the plant',
    { menu: { ...menu, acts: [{ ...prime, key: 'Exit', does: 'starts' }] } },
    {
      'menu.home.keys.0': '“Exit” does more than move: it is no safe way home.',
      'menu.leave': '“Exit” does more than leave.',
    },
  ],
  [
    'a key that takes itself back, and one that stands twice',
    {
      menu: {
        ...menu,
        moves: [
          { key: 'Down', back: 'Down' },
          { key: 'Down', back: 'Up' },
        ],
      },
    },
    { 'menu.moves.0': 'A key does not take itself back.', 'menu.moves.1': '“Down” stands twice.' },
  ],
  [
    'a page that stands twice',
    { pages: [SOFT.pages![0], SOFT.pages![0]] },
    { 'pages.1.of': 'This page stands twice.' },
  ],
])('%s', (_, change, expected) => {
  expect(faults(change)).toEqual(expected);
});

test('a value cannot be seen after more steps than its way has', () => {
  const [first, ...others] = SOFT.parameters;
  const { length } = first.route;
  expect(faults({ parameters: [{ ...first, readAt: length }, ...others] })).toEqual({});
  expect(faults({ parameters: [{ ...first, readAt: length + 1 }, ...others] })).toEqual({
    'parameters.0.readAt': `Its way has ${length} steps: it cannot be seen after ${length + 1}.`,
  });
});

test('a profile that says nothing of it keeps its fingerprint', () => {
  const { menu: _, pages: __, ...plain } = SOFT;
  expect(contentHash(profileSchema.parse(plain))).toBe(contentHash(plain as typeof SOFT));
  expect(contentHash(plain as typeof SOFT)).not.toBe(contentHash(SOFT));
});
