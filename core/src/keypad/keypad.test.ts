import type { KeyStep, MenuHabits, Parameter } from '../profile';
import { Keypad } from './keypad';
import type { Way } from './way';

const step = (key: string, shows?: string, times = 1, press: KeyStep['press'] = 'short'): KeyStep => ({
  key,
  press,
  times,
  ...(shows === undefined ? {} : { shows }),
});
const row = (key: string, route: readonly KeyStep[], more: Partial<Parameter> = {}): Parameter =>
  ({ key, label: key, entry: 'soft-keys', route, ...more }) as Parameter;

const MENU: MenuHabits = {
  moves: [
    { key: 'Down', back: 'Up' },
    { key: 'Next', back: 'Previous' },
  ],
  leave: { key: 'Exit', press: 'short' },
  home: { keys: [{ key: 'Exit', press: 'hold', times: 1 }], shows: 'the rate' },
  afterStoring: 'value',
  acts: [],
};
const ROWS = [
  row('mode', [step('Menu', 'Settings'), step('Down', 'Operation'), step('Open')]),
  row('currentA', [step('Menu', 'Settings'), step('Down', 'Signal', 2), step('Open', 'Point 1', 2)]),
  row('rateA', [
    step('Menu', 'Settings'),
    step('Down', 'Signal', 2),
    step('Open', 'Point 1', 2),
    step('Next', 'rate'),
  ]),
  row('wire', [
    step('Menu', 'Settings'),
    step('Down', 'Signal', 2),
    step('Open'),
    step('Down', 'Broken wire', 3),
  ]),
  row('limit', [step('Menu', 'Settings'), step('Down', 'Limits', 3), step('Open')]),
  row('length', [step('Stroke knob', 'scale in %', 1, 'turn')], { entry: 'knob' }),
];
const said = (way: Way | null) =>
  way?.steps.map(({ key, press, times, until }) =>
    [
      press === 'hold' ? 'hold ' : '',
      key,
      times > 1 ? ` ×${times}` : '',
      until ? ` until ${until}` : '',
    ].join(''),
  ) ?? null;

describe('the shortest way', () => {
  const keypad = new Keypad(MENU, ROWS);
  const at = (key: string) => keypad.after(key, 'set');

  test('from the home display it is the route of the profile', () => {
    for (const { key, route, entry } of ROWS) {
      const way = keypad.way(keypad.home.id, key, 'set');
      if (entry === 'knob') expect(way).toBeNull();
      else expect(way?.presses).toBe(route.reduce((sum, { times }) => sum + Number(times), 0));
    }
  });
  test('from the setting before it is what lies between: on, back, one level up', () => {
    expect(said(keypad.way(at('currentA'), 'rateA', 'set'))).toEqual(['Next']);
    expect(said(keypad.way(at('mode'), 'limit', 'set'))).toEqual(['Exit', 'Down ×2', 'Open']);
    expect(said(keypad.way(at('limit'), 'mode', 'set'))).toEqual(['Exit', 'Up ×2', 'Open']);
    // one level up is where the list was left, and not its top
    expect(said(keypad.way(at('wire'), 'limit', 'set'))).toEqual(['Exit', 'Down', 'Open']);
  });
  test('where nobody knows what the display shows the safe way home comes first', () => {
    const way = keypad.way(null, 'mode', 'set');
    expect(said(way)).toEqual(['hold Exit', 'Menu', 'Down', 'Open']);
    expect(way?.presses).toBe(4);
    expect(way?.steps[0].shows).toBe('the rate');
  });
  test('places are called by what the display shows on the way, not by what was passed', () => {
    expect(keypad.named.map(({ words }) => words)).toEqual([
      'the rate',
      'Settings',
      'Settings, Operation',
      'Settings, Signal',
      'Settings, Signal, Broken wire',
      'Settings, Signal, Point 1',
      'Settings, Signal, Point 1, rate',
      'Settings, Limits',
    ]);
  });
  test('a value that is seen before it is opened is read there', () => {
    const opened = [step('Menu', 'Settings'), step('Down', 'Operation'), step('Open')];
    const seen = new Keypad(MENU, [row('mode', opened, { readAt: 2 })]);
    expect(said(seen.way(seen.home.id, 'mode', 'read'))).toEqual(['Menu', 'Down']);
    expect(said(seen.way(seen.home.id, 'mode', 'set'))).toEqual(['Menu', 'Down', 'Open']);
    expect(said(seen.way(seen.after('mode', 'read'), 'mode', 'set'))).toEqual(['Open']);
  });
  test('once a value is stored the display stands where the profile says', () => {
    const from = (afterStoring: MenuHabits['afterStoring']) => {
      const one = new Keypad({ ...MENU, afterStoring }, ROWS);
      return said(one.way(one.after('mode', 'set'), 'limit', 'set'));
    };
    expect(from('value')).toEqual(['Exit', 'Down ×2', 'Open']);
    expect(from('list')).toEqual(['Down ×2', 'Open']);
    expect(from('home')).toEqual(['Menu', 'Down ×3', 'Open']);
  });
});

describe('a wheel, and keys that are pressed until something stands there', () => {
  const WHEEL = [
    row('head', [step('Wheel', 'menu', 1, 'hold'), step('Wheel', 'Mode', 1, 'turn'), step('Wheel', 'Head')]),
    row('port', [step('Wheel', 'menu', 1, 'hold'), step('Wheel', 'Bus', 1, 'turn'), step('Wheel', 'Port')]),
  ];
  test('a wheel is turned from one to the other without going home', () => {
    const keypad = new Keypad({ ...MENU, moves: [] }, WHEEL);
    expect(said(keypad.way(keypad.after('head', 'set'), 'port', 'set'))).toEqual([
      'Exit',
      'Wheel until Bus',
      'Wheel',
    ]);
  });
  test('a key goes on, and its counterpart back', () => {
    const numbered = ['P01', 'P02', 'P03'].map((key) =>
      row(key, [step('Set', 'code', 1, 'hold'), step('▲', key)]),
    );
    const keypad = new Keypad({ ...MENU, moves: [{ key: '▲', back: '▼' }] }, numbered);
    expect(said(keypad.way(keypad.after('P01', 'set'), 'P03', 'set'))).toEqual(['▲ until P03']);
    expect(said(keypad.way(keypad.after('P03', 'set'), 'P01', 'set'))).toEqual(['▼ until P01']);
  });
});

describe('keys that set something going', () => {
  const act = { key: 'Menu', press: 'short', does: 'primes', words: 'It primes.' } as const;
  test('are passed by where another way is longer', () => {
    const rows = [
      row('a', [step('Menu'), step('Open', 'A')]),
      // the same page by another key, further round
      row('b', [step('Info'), step('Info'), step('Open', 'B')]),
    ];
    const keypad = new Keypad({ ...MENU, acts: [act] }, rows);
    expect(keypad.way(keypad.home.id, 'b', 'set')?.acts).toEqual([]);
    // where nothing else leads there it is named, to be confirmed before the key is shown
    expect(keypad.way(keypad.home.id, 'a', 'set')?.acts).toEqual([act]);
  });
  test('a hold of a key whose short press acts counts as one', () => {
    const held = [row('a', [step('Menu', 'A', 1, 'hold')])];
    const keypad = new Keypad({ ...MENU, acts: [act] }, held);
    expect(keypad.way(keypad.home.id, 'a', 'set')?.acts).toEqual([act]);
    const other = new Keypad({ ...MENU, acts: [{ ...act, key: 'Prime' }] }, held);
    expect(other.way(other.home.id, 'a', 'set')?.acts).toEqual([]);
    // the other way about: where the hold acts, the short press does not
    const short = new Keypad({ ...MENU, acts: [{ ...act, press: 'hold' }] }, [row('a', [step('Menu', 'A')])]);
    expect(short.way(short.home.id, 'a', 'set')?.acts).toEqual([]);
  });
});

describe('over several settings', () => {
  const keypad = new Keypad(MENU, ROWS);
  test('in the order that takes the fewest presses, a knob before them', () => {
    const order = keypad.order(keypad.home.id, ['limit', 'rateA', 'length', 'mode', 'currentA'], 'set');
    expect(order[0]).toBe('length');
    // mode 3, then 4, 1 and 4 or 4, 4 and 1
    expect(keypad.presses(keypad.home.id, order, 'set')).toBe(12);
    expect(keypad.presses(keypad.home.id, order, 'set')).toBeLessThan(
      keypad.presses(keypad.home.id, ['limit', 'rateA', 'mode', 'currentA'], 'set'),
    );
  });
  test('what must come before something stays before it', () => {
    const before = (key: string) => (key === 'mode' ? ['limit'] : []);
    const order = keypad.order(keypad.home.id, ['mode', 'currentA', 'limit'], 'set', before);
    expect(order.indexOf('limit')).toBeLessThan(order.indexOf('mode'));
  });
});

test('the menu is a tree of displays; a value that is open for change is none of them', () => {
  const flashes = [step('Menu', 'Settings'), step('Down', 'Operation'), step('Open', 'it flashes')];
  const tree = (rows: readonly Parameter[]) =>
    new Keypad(MENU, rows).tree.map(({ under, shows, by }) => [...under, shows, by].join(' / '));
  expect(tree([row('mode', flashes, { readAt: 2 })])).toEqual([
    'Settings / Menu',
    'Settings / Operation / Down',
  ]);
  expect(tree([row('mode', flashes)])).toHaveLength(3);
});
