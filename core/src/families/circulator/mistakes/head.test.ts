import { BUILDING, contextOf, DUTY, HOME, HOUSE, texts, wordsOf } from '../fixtures';

const withDuty = (change: Partial<typeof DUTY>) => contextOf(BUILDING, { ...DUTY, ...change });

test('the plan of either controller is faulted by none of its own findings', () => {
  expect(texts(contextOf(), {}, 'target')).toEqual([]);
  expect(texts(contextOf(HOME, HOUSE), {}, 'target')).toEqual([]);
});

describe('CIR-03 self-adjusting before the air is out', () => {
  test('mistake: it adjusts itself, and no loop was purged', () => {
    expect(texts(contextOf(BUILDING, DUTY, { purged: null }), { mode: 'self' })).toContain('CIR-03');
    expect(texts(contextOf(BUILDING, DUTY, { purged: false }), { mode: 'self' })).toContain('CIR-03');
  });
  test('near miss: purged until nothing was heard; or another mode', () => {
    expect(texts(contextOf(), { mode: 'self' })).not.toContain('CIR-03');
    expect(texts(contextOf(BUILDING, DUTY, { purged: null }))).not.toContain('CIR-03');
  });
});

describe('CIR-11 the mode does not fit the system', () => {
  test('mistake: constant head on radiators; what it costs is said', () => {
    expect(texts(contextOf(), { mode: 'dpc' })).toContain('CIR-11');
    expect(wordsOf(contextOf(), { mode: 'dpc', head: 3.2 }, 'CIR-11')).toMatch(
      /takes \d+\.\d\d SKR a year more/,
    );
  });
  test('near miss: chosen in the plan; or on the system that it fits', () => {
    expect(texts(withDuty({ choices: { mode: 'constant' } }))).not.toContain('CIR-11');
    expect(texts(withDuty({ system: 'underfloor' }), { mode: 'dpc' })).not.toContain('CIR-11');
  });
});

test('a solar circuit keeps its flow: fixed speed fits, and no valve of it whistles', () => {
  const solar = withDuty({ system: 'solar' });
  expect(texts(solar, { mode: 'fixed' })).not.toContain('CIR-11');
  expect(texts(solar, { mode: 'self' })).toContain('CIR-11');
  expect(texts(solar, { mode: 'dpc', head: 6 })).not.toContain('CIR-18.valves');
});

describe('CIR-12 the duty against the curve', () => {
  test('mistake: more head than full speed gives is a stop; near miss: just what it gives', () => {
    const outside = withDuty({ index: { head_m: 4.6, from: 'stated' } });
    expect(texts(outside)).toContain('CIR-12');
    expect(texts(withDuty({ index: { head_m: 4.1, from: 'stated' } }))).not.toContain('CIR-12');
  });
  test('mistake: set too low for the duty; near miss: a step that carries it', () => {
    expect(texts(contextOf(), { head: 2.6 })).toContain('CIR-12.set');
    expect(texts(contextOf(), { head: 3.2 })).not.toContain('CIR-12.set');
    expect(wordsOf(contextOf(HOME, HOUSE), { mode: 'left', speed: 50 }, 'CIR-12.set')).toContain('is needed');
  });
  test('mistake: a mixture too thick for the curve; near miss: one that is thin enough', () => {
    const mixture = (viscosity_mm2s: number) =>
      withDuty({
        difference_K: 14,
        carrier: { kind: 'mixture', density_kgm3: 1040, heat_kJkgK: 3.75, viscosity_mm2s },
      });
    expect(texts(mixture(12))).toContain('CIR-12.thick');
    expect(texts(mixture(6))).not.toContain('CIR-12.thick');
  });
});

describe('CIR-15 every valve shut', () => {
  test('mistake: no minimum flow is known; near miss: a bypass, or a valve that stays open', () => {
    const valves = (allMayShut: boolean, leastFlow_m3h: number | null) =>
      texts(withDuty({ valves: { allMayShut, leastFlow_m3h } }));
    expect(valves(true, null)).toContain('CIR-15');
    expect(valves(true, 0)).toContain('CIR-15');
    expect(valves(true, 0.2)).not.toContain('CIR-15');
    expect(valves(false, null)).not.toContain('CIR-15');
  });
});

describe('CIR-18 noise', () => {
  test('mistake: the water is too fast for its bore; near miss: the next bore up', () => {
    const bore = (bore_mm: number) => texts(withDuty({ pipe: { bore_mm, material: 'steel' } }));
    expect(bore(25)).toContain('CIR-18.speed');
    expect(bore(27)).not.toContain('CIR-18.speed');
  });
  test('mistake: constant head leaves the valves more than they take quietly; near miss: proportional', () => {
    expect(texts(contextOf(), { mode: 'dpc' })).toContain('CIR-18.valves');
    expect(texts(contextOf(), { mode: 'dpv' })).not.toContain('CIR-18.valves');
    // what loops lose in themselves stays while they are open
    expect(texts(withDuty({ system: 'underfloor' }), { mode: 'dpc' })).not.toContain('CIR-18.valves');
    const known = { head_m: 3.2, from: 'stated', before: 1 } as const;
    expect(texts(withDuty({ system: 'underfloor', index: known }), { mode: 'dpc' })).toContain(
      'CIR-18.valves',
    );
    // a flow that must not vary meets no valve
    expect(texts(withDuty({ system: 'primary' }), { mode: 'dpc' })).not.toContain('CIR-18.valves');
  });
});

describe('CIR-20 pressure at the inlet', () => {
  test('mistake: under the plate’s minimum; near miss: just at it, or not read', () => {
    const at = (inlet_bar: number | null) => texts(contextOf(BUILDING, { ...DUTY, inlet_bar }));
    expect(at(0.4)).toContain('CIR-20');
    expect(at(0.5)).not.toContain('CIR-20');
    expect(at(null)).not.toContain('CIR-20');
  });
});
