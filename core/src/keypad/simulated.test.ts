import type { KeyStep, MenuHabits, Parameter } from '../profile';
import { menuGraph } from './graph';
import { Keypad } from './keypad';
import { menuPlaces } from './places';

/**
 * Ways against a controller that is pressed: small menus are thrown, each key does what it does on such a display, and every state is
 * tried press by press. No way may be longer than the shortest that is found so, and pressed it must end where it says.
 */

interface Item {
  readonly name: string;
  readonly items: readonly Item[];
}

/** Numbers that look thrown, the same on every day. */
function thrown(seed: number) {
  let state = seed;
  return (most: number) => {
    state = (state * 1103515245 + 12345) % 2147483648;
    return Math.floor((state / 2147483648) * most);
  };
}
function menuOf(next: (most: number) => number, depth: number, name: string): Item[] {
  return Array.from({ length: 2 + next(3) }, (_, i) => {
    const own = `${name}${i}`;
    return { name: own, items: depth > 1 && next(2) === 0 ? menuOf(next, depth - 1, own) : [] };
  });
}

/** Cursors from the first list to the one on the display; −1 at the end: the value is open. Nothing: the home display. */
type State = readonly number[];
const OPEN = -1;

function listAt(root: readonly Item[], state: State): readonly Item[] {
  return state.slice(0, -1).reduce((items, at) => items[at].items, root);
}
function pressed(root: readonly Item[], state: State, key: string): State {
  const at = state.at(-1);
  if (key === 'hold Exit') return [];
  if (at === undefined) return key === 'Menu' ? [0] : state;
  if (key === 'Exit') return state.slice(0, -1);
  if (at === OPEN) return state;
  const items = listAt(root, state);
  const rest = state.slice(0, -1);
  if (key === 'Down') return [...rest, Math.min(at + 1, items.length - 1)];
  if (key === 'Up') return [...rest, Math.max(at - 1, 0)];
  if (key === 'Open') return [...state, items[at].items.length > 0 ? 0 : OPEN];
  return state;
}
const KEYS = ['Menu', 'Down', 'Up', 'Open', 'Exit', 'hold Exit'];

/** Presses from a state to every other, the fewest of each. */
function fewest(root: readonly Item[], from: State): ReadonlyMap<string, number> {
  const known = new Map([[from.join(), 0]]);
  const waiting: State[] = [from];
  for (let state = waiting.shift(); state; state = waiting.shift())
    for (const key of KEYS) {
      const to = pressed(root, state, key);
      if (known.has(to.join())) continue;
      known.set(to.join(), known.get(state.join())! + 1);
      waiting.push(to);
    }
  return known;
}

interface Leaf {
  readonly key: string;
  readonly state: State;
}
function leavesOf(items: readonly Item[], above: State = []): Leaf[] {
  return items.flatMap(({ name, items: own }, i) =>
    own.length > 0 ? leavesOf(own, [...above, i]) : [{ key: name, state: [...above, i, OPEN] }],
  );
}
const step = (key: string, times = 1): KeyStep => ({ key, press: 'short', times });
const rowOf = ({ key, state }: Leaf) =>
  ({
    key,
    entry: 'soft-keys',
    route: [
      step('Menu'),
      ...state.slice(0, -1).flatMap((at) => [...(at > 0 ? [step('Down', at)] : []), step('Open')]),
    ],
  }) as unknown as Parameter;

const HABITS: MenuHabits = {
  moves: [{ key: 'Down', back: 'Up' }],
  leave: { key: 'Exit', press: 'short' },
  home: { keys: [{ key: 'Exit', press: 'hold', times: 1 }], shows: 'home' },
  afterStoring: 'value',
  acts: [],
};

test.each(Array.from({ length: 40 }, (_, i) => i + 1))(
  'no way is longer than any, and each ends there (%i)',
  (seed) => {
    const root = menuOf(thrown(seed * 7919), 3, 'm');
    const leaves = leavesOf(root);
    const keypad = new Keypad(HABITS, leaves.map(rowOf));
    const starts = [
      { at: keypad.home.id, state: [] as State },
      ...leaves.map(({ key, state }) => ({ at: keypad.after(key, 'set')!, state })),
    ];
    for (const { at, state } of starts) {
      const shortest = fewest(root, state);
      for (const leaf of leaves) {
        const way = keypad.way(at, leaf.key, 'set')!;
        expect(way.presses).toBe(shortest.get(leaf.state.join()));
        const ends = way.steps
          .flatMap(({ key, press, times }) =>
            Array<string>(times).fill(press === 'hold' ? `hold ${key}` : key),
          )
          .reduce((now, key) => pressed(root, now, key), state);
        expect(ends).toEqual(leaf.state);
      }
    }
  },
);

test('a wheel of eight hundred settings has a few ways each, not one to every other', () => {
  const rows = Array.from({ length: 800 }, (_, i) => ({
    key: `k${i}`,
    entry: 'wheel',
    route: [
      { key: 'Wheel', press: 'hold', times: 1 },
      { key: 'Wheel', press: 'turn', times: 1, shows: `row ${i}` },
    ],
  })) as unknown as Parameter[];
  const places = menuPlaces(rows);
  const { graph } = menuGraph(places, HABITS);
  expect(graph.size).toBeLessThan(6 * places.all.size);
  const keypad = new Keypad(HABITS, rows);
  expect(keypad.way(keypad.after('k3', 'set'), 'k799', 'set')).toMatchObject({
    presses: 1,
    steps: [{ key: 'Wheel', press: 'turn', until: 'row 799' }],
  });
});
