import { contextOf, DUTY, GUIDED, NUMBERED, PLATE, sound, texts, VACUUM, wordsOf } from '../fixtures';
import { benchSheet } from '../bench/bench';
import { sessionDay } from '../bench/session';
import { movesAbove_rpm, pumpOf } from '../effect/pump';
import type { SettingValues } from '../../../profile';
import { shipped } from '../../suites/shipped.fixtures';
import { checkPlan } from '../checks/checks';
import { planTransfer } from '../plan/plan';
import { understand } from '../settings/understand';
import type { TransferDuty } from '../wire/duty';

const context = contextOf();
const on = (duty: TransferDuty, change = {}) => texts(contextOf(GUIDED, duty), change);
const product = (change: Partial<TransferDuty['product']>): TransferDuty => ({
  ...DUTY,
  product: { ...DUTY.product, ...change },
});
const sums = (change: object, session: 'regular' | 'cleaning' = 'regular', of = context) =>
  benchSheet(of, { ...sound(of), ...change }, sessionDay(of, session)).sums;

describe('LEV-01 speeds', () => {
  const moves = movesAbove_rpm(pumpOf(DUTY));
  test('mistake: a minimum speed that moves nothing; near miss: a little above', () => {
    expect(texts(context, { least: Math.floor(moves) })).toContain('LEV-01');
    expect(wordsOf(context, { least: 600 }, 'LEV-01')).toContain(
      'The minimum speed is 600 rev/min; with 4 m to lift nothing moves under',
    );
    expect(texts(context, { least: Math.ceil(moves) + 1 })).not.toContain('LEV-01');
    // at a speed that moves nothing, whatever the level, it floods
    expect(sums({ least: 1300, most: 1350 }).floods).toBeGreaterThan(0);
    expect(sums({}).floods).toBe(0);
  });
  test('mistake: faster than motor or pump may turn; near miss: as fast', () => {
    const weak = contextOf(GUIDED, DUTY, { plate: { ...PLATE, rated_W: 700 } });
    expect(texts(weak, { most: 2900 })).toContain('LEV-01.most');
    expect(texts(weak)).not.toContain('LEV-01.most');
    expect(texts(context, { most: 3201 })).toContain('LEV-01.pump');
    expect(texts(context, { most: 3200 })).not.toContain('LEV-01.pump');
  });
  test('ANY-10: the minimum above the maximum; near miss: under it', () => {
    expect(texts(context, { least: 3200 })).toContain('ANY-10.limits');
    expect(texts(context, { least: 3190 })).not.toContain('ANY-10.limits');
  });
});

describe('LEV-02 levels', () => {
  test('mistake: a slug does not fit between them; near miss: it just does', () => {
    expect(texts(context, { top: 200 })).toContain('LEV-02');
    // 28 L over 0.16 m² are 175 mm
    expect(texts(context, { top: 205 })).not.toContain('LEV-02');
    expect(texts(context, { top: 200, ctrl: 'le' })).not.toContain('LEV-02');
    expect(sums({ top: 60 }).delivered_C).toBeGreaterThan(sums({}).delivered_C);
  });
  test('mistake: the bottom above the top; near miss: under it', () => {
    expect(texts(context, { bottom: 510 })).toContain('LEV-02.order');
    expect(texts(context, { bottom: 100 })).not.toContain('LEV-02.order');
  });
});

describe('levels in per cent of what the float was taught', () => {
  const FLOAT = shipped('vessel-float-page-by-page') as typeof GUIDED;
  const duty = { ...DUTY, choices: { control: 'level' as const } };
  const taught = { zero: 50, full: 550 };
  const known = contextOf(FLOAT, duty, { inForce: taught });
  const read = (values: object) => understand(FLOAT, PLATE, values as SettingValues);

  test('each is a height between the two, and nothing where one of them is not known', () => {
    expect(read({ ...taught, bottom: 10, top: 60, alarm: 90 })).toMatchObject({
      bottom_mm: 100,
      top_mm: 350,
      alarm_mm: 500,
    });
    expect(read({ zero: 50, bottom: 10, top: 60 })).toMatchObject({ bottom_mm: null, top_mm: null });
  });
  test('a plan asks for the same heights, in steps of the display', () => {
    const plain = contextOf(GUIDED, duty);
    const heights = planTransfer(plain).settings;
    const shares = planTransfer(known);
    expect(shares.settings.bottom_mm).toBeGreaterThanOrEqual(heights.bottom_mm! - 5);
    expect(shares.settings.top_mm! - heights.top_mm!).toBeLessThanOrEqual(5);
    const bottom = shares.targets.find(({ key }) => key === 'bottom')?.value as number;
    expect(read({ ...taught, bottom }).bottom_mm).toBeCloseTo(50 + bottom * 5, 9);
  });
  test('PRO-01.unread: where nobody knows what it was taught no level is planned; near miss: both known', () => {
    const unread = contextOf(FLOAT, duty, { inForce: { zero: 50 } });
    const codes = (of: typeof known) => checkPlan(of, planTransfer(of)).map(({ text }) => text);
    expect(codes(unread)).toContain('PRO-01.unread');
    expect(planTransfer(unread).targets.map(({ key }) => key)).not.toContain('top');
    expect(codes(known)).not.toContain('PRO-01.unread');
  });
  test('mistake: taught the wrong way round; near miss: a millimetre apart', () => {
    const on_ = (change: SettingValues) => texts(known, change);
    expect(on_({ zero: 400, full: 400 })).toContain('LEV-02.taught');
    expect(on_({ zero: 399, full: 400 })).not.toContain('LEV-02.taught');
  });
});

describe('LEV-03 emptying', () => {
  test('mistake: none with even-flow, or too seldom; near miss: in time, or product that may stand', () => {
    expect(texts(context, { empty: 0 })).toContain('LEV-03');
    expect(texts(context, { empty: 65 })).toContain('LEV-03.late');
    expect(texts(context, { empty: 60 })).not.toContain('LEV-03.late');
    expect(on(product({ stands_min: null }), { empty: 0 })).not.toContain('LEV-03');
    expect(texts(context, { empty: 0, ctrl: 'le' })).not.toContain('LEV-03');
    expect(sums({ empty: 0 }).longest_min).toBeGreaterThan(sums({}).longest_min * 4);
  });
});

describe('LEV-04 foam and surges', () => {
  test('mistake: even-flow with foam; near miss: the level followed', () => {
    expect(on(product({ foams: true }), { ctrl: 'ev' })).toContain('LEV-04');
    expect(on(product({ foams: true }))).not.toContain('LEV-04');
  });
  test('mistake: surges that it cannot hold back; near miss: it is told of cleaning', () => {
    const surges = product({ surges: true });
    const wild = { ...surges, inflow: { ...surges.inflow, cleaning_m3h: 5.5 } };
    expect(on(wild, { ctrl: 'ev', clean: 'no' })).toContain('LEV-04.surges');
    expect(on(wild, { ctrl: 'ev', clean: 'us' })).not.toContain('LEV-04.surges');
  });
});

test('LEV-05: mistake: left at what the kind comes with; near miss: rounded', () => {
  expect(texts(context, { rpm: 1400 })).toContain('LEV-05');
  expect(texts(context, { rpm: 2850 })).not.toContain('LEV-05');
});

describe('LEV-07 cleaning', () => {
  const flood = { ...DUTY, inflow: { ...DUTY.inflow, cleaning_m3h: 6.5 } };
  test('mistake: more than the maximum flow, or than its speed for cleaning; near miss: carried', () => {
    expect(on(flood)).toContain('LEV-07');
    expect(texts(context, { cspeed: 2000 })).toContain('LEV-07');
    expect(texts(context)).not.toContain('LEV-07');
  });
  test('on the bench it floods', () => {
    expect(sums({}, 'cleaning', contextOf(GUIDED, flood)).floods).toBeGreaterThan(0);
    expect(sums({}, 'cleaning').floods).toBe(0);
  });
});

test('LEV-09: mistake: a run-on that draws more than stands behind the outlet; near miss: as much', () => {
  expect(texts(context, { runon: 90 })).toContain('LEV-09');
  expect(texts(context)).not.toContain('LEV-09');
  expect(sums({ runon: 120 }).air_min).toBeGreaterThan(0);
  expect(sums({}).air_min).toBe(0);
});

test('LEV-11: mistake: it runs at its fastest and delivers warm; near miss: even', () => {
  const strict = product({ wanted_C: 11.9 });
  expect(on(strict, { ctrl: 'le', top: 60 })).toContain('LEV-11');
  expect(on(strict)).not.toContain('LEV-11');
  const poor = { ...DUTY, cooler: { ...DUTY.cooler!, coolant_m3h: 1 } };
  expect(wordsOf(contextOf(GUIDED, poor), {}, 'LEV-11')).toContain('Even a steady stream would be too warm');
});

test('LEV-12: mistake: the vacuum forgotten; near miss: a pump that needs less', () => {
  const vacuum = (npsh_m: number) =>
    texts(contextOf(NUMBERED, { ...VACUUM, pump: { ...VACUUM.pump, npsh_m } }), { P6: 3200 });
  expect(vacuum(6)).toContain('LEV-12');
  expect(vacuum(3)).not.toContain('LEV-12');
  const noise = (npsh_m: number) =>
    sums(
      { P5: 3190, P6: 3200 },
      'regular',
      contextOf(NUMBERED, { ...VACUUM, pump: { ...VACUUM.pump, npsh_m } }),
    ).cavitates_min;
  expect(noise(6)).toBeGreaterThan(1);
  expect(noise(3)).toBe(0);
  expect(on({ ...DUTY, pump: { ...DUTY.pump, npsh_m: 6 } }, { most: 3200 })).not.toContain('LEV-12');
});

test('ANY-12: mistake: an unknown source a cut does; near miss: set', () => {
  const { cut: _, ...unread } = sound(context);
  expect(
    texts({
      ...context,
      profile: { ...GUIDED, behaviours: { ...GUIDED.behaviours, afterPowerCut: 'unknown' } },
    }),
  ).not.toContain('ANY-12.transfer');
  const unknown = { ...NUMBERED, behaviours: { ...NUMBERED.behaviours, afterPowerCut: 'unknown' as const } };
  expect(texts(contextOf(unknown, VACUUM))).toContain('ANY-12.transfer');
  expect(unread).not.toHaveProperty('cut');
});
