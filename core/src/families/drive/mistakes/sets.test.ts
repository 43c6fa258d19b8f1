import { BOX, contextOf, DUTY, ONE, PLATE, SET, SMALL, texts, WHEEL, wordsOf } from '../fixtures';
import type { DriveDuty } from '../wire/duty';

const withDuty = (change: Partial<DriveDuty>) => contextOf(SET, { ...DUTY, ...change });

describe('DRV-02 the motor', () => {
  test('mistake: another current than the plate’s; near miss: rounded', () => {
    // 4.6 A on the plate
    for (const slip of [4.74, 4.46]) expect(texts(contextOf(), { P02: slip })).toContain('DRV-02');
    for (const near of [4.73, 4.47]) expect(texts(contextOf(), { P02: near })).not.toContain('DRV-02');
  });
  test('mistake: as delivered, and nobody read the plate; near miss: another value', () => {
    const unread = contextOf(WHEEL, ONE, { plate: { ...PLATE, current_A: null } });
    expect(texts(unread, { amps: 3.4 })).toContain('DRV-02.default');
    expect(texts(unread, { amps: 4.6 })).not.toContain('DRV-02.default');
  });
  test('mistake: its sensor of heat does nothing; near miss: used', () => {
    expect(texts(contextOf(WHEEL, ONE), { heat: 'off' })).toContain('DRV-02.thermal');
    expect(texts(contextOf(WHEEL, ONE))).not.toContain('DRV-02.thermal');
  });
});

describe('DRV-06 addresses', () => {
  test('mistake: two alike under one panel, or one that another drive has; near miss: each its own', () => {
    expect(texts(contextOf(), { 'addr/2': 1 })).toContain('DRV-06');
    expect(texts(contextOf(WHEEL, { ...DUTY, others: [2] }), { own: 2 })).toContain('DRV-06');
    expect(texts(contextOf(WHEEL, { ...DUTY, others: [2] }))).not.toContain('DRV-06');
    expect(texts(contextOf())).not.toContain('DRV-06');
  });
});

describe('DRV-07 what starts by itself', () => {
  const hose = withDuty({ surprise: 'a hose in the yard' });
  test('mistake: after a cut or a fault where it may surprise; near miss: it waits, nobody is there, or it was chosen', () => {
    expect(texts(hose, { P60: '1', P61: '1' })).toEqual(expect.arrayContaining(['DRV-07', 'DRV-07.fault']));
    expect(texts(hose)).not.toContain('DRV-07');
    expect(texts(contextOf(), { P60: '1', P61: '1' })).not.toContain('DRV-07');
    const chosen = withDuty({ surprise: 'a hose', choices: { afterCut: 'resume' } });
    expect(texts(chosen, { P60: '1' })).not.toContain('DRV-07');
    expect(wordsOf(hose, { P60: '1' }, 'DRV-07')).toContain('a hose in the yard');
  });
  test('mistake: open keys at its front; near miss: locked, or no such keys', () => {
    expect(texts(contextOf(), { P62: '0' })).toContain('DRV-07.keys');
    expect(texts(contextOf(), { P62: '1' })).not.toContain('DRV-07.keys');
    expect(texts(contextOf(BOX, ONE), { code: 'off' })).not.toContain('DRV-07.keys');
  });
  test('ANY-12 and ANY-23: what nobody knows is said; near miss: it can be set', () => {
    const bare = { ...SMALL, behaviours: { ...SMALL.behaviours, afterPowerCut: 'unknown' as const } };
    const small = { ...ONE, vessel: null };
    const { checkSettings } = jest.requireActual<typeof import('../checks/checks')>('../checks/checks');
    const found = checkSettings(contextOf(bare, small), 'found', {}).map(({ text }) => text);
    expect(found).toEqual(expect.arrayContaining(['ANY-12.drive', 'ANY-23.drive']));
    expect(texts(contextOf())).not.toContain('ANY-12.drive');
  });
});

describe('DRV-11 units and set-up', () => {
  test('mistake: fewer seen than fitted; near miss: as many', () => {
    expect(texts(contextOf(), { P01: 1 })).toContain('DRV-11');
    expect(texts(contextOf())).not.toContain('DRV-11');
  });
  test('mistake: set-up not complete; near miss: marked', () => {
    expect(texts(contextOf(), { P69: '0' })).toContain('DRV-11.set-up');
    expect(texts(contextOf(SMALL, { ...ONE, vessel: null }), { s4: 'on' })).toContain('DRV-11.set-up');
    expect(texts(contextOf())).not.toContain('DRV-11.set-up');
  });
});

describe('DRV-14 motor and bearings', () => {
  const plate = (rated_W: number) => contextOf(SET, DUTY, { plate: { ...PLATE, rated_W } });
  test('mistake: over its plate where it runs out furthest; near miss: just under, and the plan turns slower', () => {
    expect(texts(plate(1450), { P04: 50 })).toContain('DRV-14.plate');
    expect(texts(plate(1550), { P04: 50 })).not.toContain('DRV-14.plate');
    expect(texts(plate(1450), {}, 'target')).not.toContain('DRV-14.plate');
  });
  test('above its rated frequency it takes more', () => {
    expect(texts(plate(1700), { P04: 55 })).toContain('DRV-14.plate');
    expect(texts(plate(1700), { P04: 50 })).not.toContain('DRV-14.plate');
  });
  test('mistake: slower than bearings and cooling allow; near miss: just as slow', () => {
    expect(texts(contextOf(), { P03: 20 })).toContain('DRV-14.least');
    expect(texts(contextOf(), { P03: 25 })).not.toContain('DRV-14.least');
  });
  test('mistake: from standing too fast; near miss: as fast as allowed', () => {
    expect(texts(contextOf(), { P05: 1 })).toContain('DRV-14.ramp');
    expect(texts(contextOf(), { P05: 2 })).not.toContain('DRV-14.ramp');
  });
});

describe('DRV-15 head at the inlet', () => {
  const lifts = (least_bar: number, altitude_m = 20) =>
    withDuty({ inlet: { least_bar, greatest_bar: 0.25 }, water: { temperature_C: 12, altitude_m } });
  test('mistake: a deep well, or a thin air; near miss: half a metre to spare', () => {
    // 1.01 bar less 0.014 of vapour are 10.2 m; 3.5 are asked for
    expect(texts(lifts(-0.7))).toContain('DRV-15');
    expect(texts(lifts(-0.6))).not.toContain('DRV-15');
    expect(texts(lifts(-0.6, 1500))).toContain('DRV-15');
  });
});

describe('ANY-10 limits', () => {
  const speed = contextOf(WHEEL, { ...ONE, holds: { kind: 'speed', set_hz: 42 } });
  test('mistake: the minimum frequency at the maximum; near miss: under it', () => {
    expect(texts(contextOf(), { P03: 40, P04: 40 })).toContain('ANY-10.limits');
    expect(texts(contextOf(), { P03: 40, P04: 41 })).not.toContain('ANY-10.limits');
  });
  test('mistake: a set frequency outside them; near miss: at the limit, or where another thing is held', () => {
    expect(texts(speed, { hz: 51 })).toContain('ANY-10.outside');
    expect(texts(speed, { hz: 20 })).toContain('ANY-10.outside');
    expect(texts(speed, { hz: 50 })).not.toContain('ANY-10.outside');
    expect(texts(contextOf(WHEEL, ONE), { hz: 51 })).not.toContain('ANY-10.outside');
  });
});
