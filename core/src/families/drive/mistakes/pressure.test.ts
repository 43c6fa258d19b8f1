import { BOX, contextOf, DUTY, ONE, SET, SMALL, texts, WHEEL, wordsOf } from '../fixtures';
import { shipped } from '../../suites/shipped.fixtures';
import { planDrive } from '../plan/plan';
import type { DriveDuty } from '../wire/duty';

const withDuty = (change: Partial<DriveDuty>) => contextOf(SET, { ...DUTY, ...change });

test.each([
  ['two pumps under one panel', contextOf()],
  ['a wheel and a text display', contextOf(WHEEL, ONE)],
  ['a wall box', contextOf(BOX, { ...ONE, vessel: null })],
])('the plan of %s is faulted by none of its own findings', (_, context) => {
  expect(texts(context, {}, 'target')).toEqual([]);
});
test('four switches leave open what nobody can set there', () => {
  expect(texts(contextOf(SMALL, { ...ONE, vessel: null }), {}, 'target')).toEqual(['ANY-23.drive']);
});

describe('DRV-01 the range of the sensor', () => {
  test('mistake: not the label’s; what it really holds is said; near miss: the label’s', () => {
    expect(texts(contextOf(), { P21: 16 })).toContain('DRV-01');
    expect(wordsOf(contextOf(), { P20: 4, P21: 16 }, 'DRV-01')).toContain(
      '4 bar on the display is really 2.5 bar',
    );
    expect(texts(contextOf(), { P21: 10 })).not.toContain('DRV-01');
  });
});

describe('DRV-04 it never stops', () => {
  test('mistake: at or below the frequency of a shut valve with minimum pressure at the inlet; near miss: just above it', () => {
    // 3.7 bar less 0.2 are 35.68 m of the 58 at no flow: 39.22 Hz
    expect(texts(contextOf(), { P30: 39.2 })).toContain('DRV-04');
    expect(texts(contextOf(), { P30: 39.3 })).not.toContain('DRV-04');
    expect(wordsOf(contextOf(), { P30: 34 }, 'DRV-04')).toContain('39.2 Hz');
  });
  test('mistake: off; near miss: any frequency above that of the shut valve', () => {
    expect(texts(contextOf(WHEEL, ONE), { fs: 0 })).toContain('DRV-04.off');
    expect(texts(contextOf(WHEEL, ONE))).not.toContain('DRV-04.off');
  });
  test('mistake: its minimum frequency holds it above; near miss: under it', () => {
    expect(texts(contextOf(), { P03: 40, P30: 39.6 })).toContain('DRV-04.least');
    expect(texts(contextOf(), { P03: 39, P30: 39.6 })).not.toContain('DRV-04.least');
  });
  test('a lower pressure read at the inlet counts too: judged over the whole span', () => {
    const lower = contextOf(SET, DUTY, { inlet: { least_bar: 0, greatest_bar: 0.25 } });
    expect(texts(lower, { P30: 39.6 })).toContain('DRV-04');
  });
});

describe('DRV-05 running dry', () => {
  test('mistake: nothing is to tell it; near misses: a sensor or its sums are, or nobody knows', () => {
    const each = contextOf(shipped('drive-panel-each-on-a-line') as typeof WHEEL, ONE);
    expect(texts(each, { by: 'none' })).toContain('DRV-05.none');
    for (const by of ['sensor', 'sums', undefined]) expect(texts(each, { by })).not.toContain('DRV-05.none');
    // where it is not to react at all, that is said instead
    expect(texts(each, { by: 'none', dry: 'off' })).not.toContain('DRV-05.none');
    expect(texts(each, { by: 'none', dry: 'off' })).toContain('DRV-05');
    // what protects it is asked, and never planned
    expect(planDrive(each).targets.map(({ key }) => key)).not.toContain('by');
  });
  test('mistake: off, or only a warning; near miss: it stops, or why not is written', () => {
    expect(texts(contextOf(), { P42: '0' })).toContain('DRV-05');
    expect(texts(contextOf(), { P42: '1' })).toContain('DRV-05');
    expect(texts(contextOf(), { P42: '2' })).not.toContain('DRV-05');
    const written = withDuty({ choices: { dry: { reaction: 'warn', why: 'A person watches it.' } } });
    expect(texts(written, { P42: '1' })).not.toContain('DRV-05');
  });
  test('mistake: later than the seal stands, or sooner than the main fills; near miss: in between', () => {
    expect(texts(contextOf(), { P41: 60 })).toContain('DRV-05.late');
    expect(texts(contextOf(), { P41: 59 })).not.toContain('DRV-05.late');
    expect(texts(contextOf(), { P41: 10 })).toContain('DRV-05.early');
    expect(texts(contextOf())).not.toContain('DRV-05.early');
  });
  test('mistake: filling takes longer than the seal stands; near miss: a controller that fills slowly', () => {
    const long = { ...ONE, main_L: 400 };
    expect(texts(contextOf(WHEEL, long), {}, 'target')).not.toContain('DRV-05.early');
    const { problems } = planDrive(contextOf(SET, { ...DUTY, main_L: 400 }));
    expect(problems.map(({ kind }) => kind)).toContain('fill-or-dry');
  });
  test('mistake: a threshold that an honest dip passes; near miss: half of the cut-in', () => {
    expect(texts(contextOf(), { P40: 3.3 })).toContain('DRV-05.high');
    expect(texts(contextOf())).not.toContain('DRV-05.high');
  });
});

describe('DRV-08 cut-in and starts', () => {
  test('mistake: at the set pressure, boost and all; near miss: a step under it', () => {
    expect(texts(contextOf(), { P24: 3.9, P32: 0.2 })).toContain('DRV-08');
    expect(texts(contextOf(), { P24: 3.4 })).not.toContain('DRV-08');
    expect(texts(contextOf(BOX, { ...ONE, vessel: null }), { under: 0 })).toContain('DRV-08');
  });
  test('mistake: starts more often than the manual allows, at the worst draw it meets; near miss: a larger vessel', () => {
    const small = withDuty({ vessel: { volume_L: 8, precharge_bar: 2.9 } });
    expect(texts(small)).toContain('DRV-08.often');
    expect(texts(withDuty({ vessel: { volume_L: 200, precharge_bar: 2.9 } }))).not.toContain('DRV-08.often');
    expect(wordsOf(small, {}, 'DRV-08.often')).toMatch(/start \d+ times an hour/);
  });
  test('mistake: under what the taps need at no flow; near miss: just that', () => {
    expect(texts(contextOf(), { P24: 3 })).toContain('DRV-08.low');
    expect(texts(contextOf(), { P24: 3.2 })).not.toContain('DRV-08.low');
  });
});

describe('DRV-09 the maximum pressure', () => {
  const rated = (lowest_bar: number, relief_bar: number | null = null) =>
    withDuty({ rating: { lowest_bar, relief_bar } });
  test('mistake: full speed with the valves shut is above a rating; near miss: under it, or relieved', () => {
    // 58 m are 5.69 bar, and 0.25 at the inlet
    expect(texts(rated(5.9), { P04: 50 })).toEqual(expect.arrayContaining(['DRV-09', 'DRV-09.full']));
    expect(texts(rated(6), { P04: 50 })).not.toContain('DRV-09');
    expect(texts(rated(5.9, 5.5), { P04: 50 })).not.toContain('DRV-09');
    expect(texts(rated(5.9, 6.5), { P04: 50 })).toContain('DRV-09');
  });
  test('the plan stays under it by its maximum frequency', () => {
    expect(texts(rated(5.4), {}, 'target')).not.toContain('DRV-09');
  });
  test('a maximum frequency that is not known is said to be taken', () => {
    const { checkSettings } = jest.requireActual<typeof import('../checks/checks')>('../checks/checks');
    const [found] = checkSettings(rated(5.9), 'found', {}).filter(({ text }) => text === 'DRV-09');
    expect(found.given).toContain('is not known');
  });
  test('mistake: what a lost sensor does is not known; near miss: it is', () => {
    const unknown = { ...SET, behaviours: { ...SET.behaviours, sensorFails: 'unknown' as const } };
    expect(texts(contextOf(unknown))).toContain('DRV-09.unknown');
    expect(texts(contextOf())).not.toContain('DRV-09.unknown');
  });
});

describe('DRV-10 the vessel’s gas', () => {
  const gas = (precharge_bar: number | null) => contextOf(SET, DUTY, { precharge_bar });
  test('mistake: above the cut-in, or not measured empty; near miss: a little under it', () => {
    expect(texts(gas(3.3), { P24: 3.2 })).toContain('DRV-10');
    expect(texts(gas(3.2), { P24: 3.2 })).not.toContain('DRV-10');
    expect(texts(gas(null))).toContain('DRV-10.unmeasured');
    expect(texts(gas(2.9))).not.toContain('DRV-10.unmeasured');
  });
  test('mistake: far under it; near miss: not so far', () => {
    expect(texts(gas(2.39), { P24: 3.2 })).toContain('DRV-10.low');
    expect(texts(gas(2.4), { P24: 3.2 })).not.toContain('DRV-10.low');
  });
});

describe('DRV-12 the draw under which it stops', () => {
  test('mistake: above the minimum real draw with the maximum pressure at the inlet; near miss: under it', () => {
    expect(texts(contextOf(), { P30: 41 })).toContain('DRV-12');
    expect(texts(contextOf(), { P30: 39.6 })).not.toContain('DRV-12');
  });
  test('mistake: a leak keeps it running; near miss: a smaller one', () => {
    const leak = (leak_m3h: number) => withDuty({ draw: { ...DUTY.draw, leak_m3h } });
    expect(texts(leak(0.9), { P30: 39.6 })).toContain('DRV-12.leak');
    expect(texts(leak(0.5), { P30: 39.6 })).not.toContain('DRV-12.leak');
  });
  test('where no frequency does both the plan says so, and sets none', () => {
    const swings = planDrive(withDuty({ inlet: { least_bar: 0, greatest_bar: 1 } }));
    expect(swings.problems.map(({ kind }) => kind)).toEqual(['no-stop']);
    expect(swings.targets.some(({ role }) => role === 'stop.frequency')).toBe(false);
  });
});

describe('DRV-13 the set pressure', () => {
  test('mistake: not reached at the maximum draw; near miss: reached', () => {
    const draw = (greatest_m3h: number) => withDuty({ draw: { ...DUTY.draw, greatest_m3h } });
    expect(texts(draw(8.64))).toContain('DRV-13');
    expect(texts(draw(8.63))).not.toContain('DRV-13');
  });
  test('mistake: with one out it is short, and the duty asks for that; near miss: a draw that one carries', () => {
    const out = (greatest_m3h: number) =>
      withDuty({ draw: { ...DUTY.draw, greatest_m3h }, pump: { ...DUTY.pump, oneOut: true } });
    expect(texts(out(4.32))).toContain('DRV-13.out');
    expect(texts(out(4.31))).not.toContain('DRV-13.out');
    expect(texts(contextOf())).not.toContain('DRV-13.out');
  });
  test('mistake: set too low, by a wrong range as well; near miss: within rounding', () => {
    // 3.68 bar are needed, and 2 % less is rounding
    expect(texts(contextOf(), { P20: 3.6 })).toContain('DRV-13.set');
    expect(texts(contextOf(), { P21: 16 })).toContain('DRV-13.set');
    expect(texts(contextOf(), { P20: 3.61 })).not.toContain('DRV-13.set');
  });
});
