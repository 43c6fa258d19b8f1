import { contextOf, DUTY, KEYS, LITTLE, SHARED, SMALL, SOFT, sound, texts, wordsOf } from '../fixtures';
import { benchSheet, plainDay, weatherOf } from '../bench/bench';
import type { SpaDuty } from '../wire/duty';

const context = contextOf();
const tub = (change: Partial<SpaDuty['tub']>): SpaDuty => ({ ...DUTY, tub: { ...DUTY.tub, ...change } });
const wanted = (change: Partial<SpaDuty['wanted']>): SpaDuty => ({
  ...DUTY,
  wanted: { ...DUTY.wanted, ...change },
});
const on = (duty: SpaDuty, change = {}) => texts(contextOf(KEYS, duty), change);

describe('SPA-08 warm, in time, and clean', () => {
  test('mistake: a heater that cannot keep up in the cold; near miss: one that just can', () => {
    // 3.48 kW over 41 K are 84.9 W/K
    const poor = (covered_WK: number) => tub({ loss: { kind: 'stated', covered_WK } });
    expect(on(poor(86))).toContain('SPA-08');
    expect(wordsOf(contextOf(KEYS, poor(86)), {}, 'SPA-08')).toContain(
      'In air of −4 °C heater and pump hold 36.5 °C at most under the cover; 37 °C are required.',
    );
    expect(on(poor(84))).not.toContain('SPA-08');
    // on the bench the water falls in the cold though it heats all day; with a better cover it stays
    const coldest = (covered_WK: number) => {
      const one = contextOf(KEYS, poor(covered_WK));
      return benchSheet(one, sound(one), { ...plainDay(one), weather: weatherOf(one, 'coldest') }).sums
        .coldest_C;
    };
    expect(coldest(120)).toBeLessThan(34);
    expect(coldest(20)).toBeGreaterThan(36);
  });
  test('mistake: promised sooner than it warms; near miss: an hour later', () => {
    expect(on(wanted({ within_h: 12 }))).toContain('SPA-08.time');
    expect(on(wanted({ within_h: 13 }))).not.toContain('SPA-08.time');
    expect(on(wanted({ within_h: null }))).not.toContain('SPA-08.time');
  });
  test('mistake: less flow than the heater needs; near miss: as much, or nobody knows', () => {
    const least = (leastFlow_m3h: number | null): SpaDuty => ({
      ...DUTY,
      heater: { ...DUTY.heater, leastFlow_m3h },
    });
    expect(on(least(9.5))).toContain('SPA-08.flow');
    expect(on(least(9))).not.toContain('SPA-08.flow');
    expect(on(least(null))).not.toContain('SPA-08.flow');
  });
  test('mistake: fewer hours than the turnovers need; near miss: as many, clean-up runs counted', () => {
    expect(texts(context, { long: 150, 'long/2': 180 })).toContain('SPA-08.filter');
    expect(texts(context, { long: 180, 'long/2': 180 })).not.toContain('SPA-08.filter');
    expect(texts(context, { long: 150, 'long/2': 180, clean: 30 })).not.toContain('SPA-08.filter');
  });
  test('mistake: many use it, and it circulates in cycles alone; near miss: a pump that never stands', () => {
    const many: SpaDuty = { ...DUTY, code: SHARED.code };
    expect(texts(contextOf(KEYS, many), { long: 180, 'long/2': 180 })).toContain('SPA-08.code');
    expect(texts(contextOf(SOFT, SHARED))).not.toContain('SPA-08.code');
  });
  test('mistake: cycles in the quiet hours; near miss: where as many hours as are needed leave no room', () => {
    expect(texts(context, { 'start/2': 120 })).toContain('SPA-08.quiet');
    expect(texts(context)).not.toContain('SPA-08.quiet');
    expect(on({ ...DUTY, wanted: { ...DUTY.wanted, turnovers: 150 } })).not.toContain('SPA-08.quiet');
  });
});

describe('SPA-10 the local limit', () => {
  test('mistake: half a degree above; near miss: at it', () => {
    expect(texts(context, { set: 40.5 })).toContain('SPA-10');
    expect(texts(context, { set: 40 })).not.toContain('SPA-10');
  });
});

describe('SPA-12 it does not heat', () => {
  test('mistake: heats in its one short cycle alone; near miss: a cycle long enough before the bath', () => {
    const small = contextOf(SMALL, {
      ...LITTLE,
      tub: { ...LITTLE.tub, loss: { kind: 'stated', covered_WK: 40 } },
    });
    expect(texts(small, { heats: 'h2', from: 0, for: 2 })).toContain('SPA-12');
    expect(texts(small, { heats: 'h2', from: 600, for: 9 })).not.toContain('SPA-12');
    const cool = (change: object) =>
      benchSheet(
        small,
        { ...sound(small), ...change },
        { ...plainDay(small), weather: weatherOf(small, 'coldest') },
      ).sums.cool_h;
    expect(cool({ heats: 'h2', from: 0, for: 2 })).toBeGreaterThan(0);
    expect(cool({ heats: 'h1' })).toBe(0);
  });
  test('mistake: it stands low; near miss: it is meant to', () => {
    expect(texts(context, { heat: 'low' })).toContain('SPA-12.low');
    expect(on({ ...DUTY, choices: { heating: 'low' } })).not.toContain('SPA-12.low');
  });
  test('mistake: the low range ends below; near miss: the high one', () => {
    expect(texts(context, { range: 'lo' })).toContain('SPA-12.range');
    expect(texts(context, { range: 'hi' })).not.toContain('SPA-12.range');
  });
  test('mistake: set lower than was agreed; near miss: half a degree', () => {
    expect(texts(context, { set: 36 })).toContain('SPA-12.set');
    expect(texts(context, { set: 36.5 })).not.toContain('SPA-12.set');
  });
});

describe('SPA-13 frost', () => {
  test('mistake: no guard at all in frost; near miss: no frost', () => {
    const small = (coldest_C: number) =>
      texts(contextOf(SMALL, { ...LITTLE, tub: { ...LITTLE.tub, coldest_C } }));
    expect(small(-1)).toContain('SPA-13');
    expect(small(0)).not.toContain('SPA-13');
  });
  test('mistake: its guard runs the circulation pump alone; near miss: it runs them all', () => {
    const cold: SpaDuty = { ...SHARED, tub: { ...SHARED.tub, coldest_C: -3 } };
    expect(texts(contextOf(SOFT, cold))).toContain('SPA-13.trusted');
    expect(texts(context)).not.toContain('SPA-13.trusted');
  });
  test('mistake: standing low in winter, where a cut freezes it; near miss: it is held warm', () => {
    expect(texts(context, { heat: 'low' })).toContain('SPA-13.off');
    expect(texts(context)).not.toContain('SPA-13.off');
  });
  test('on the bench: without a guard water stands in the frost, with one it moves', () => {
    const night = (profile: typeof KEYS) => {
      const one = contextOf(profile, { ...LITTLE, tub: { ...LITTLE.tub, coldest_C: -6 } });
      const day = { ...plainDay(one), weather: weatherOf(one, 'coldest') };
      return benchSheet(one, sound(one), day).sums.frost_h;
    };
    expect(night(SMALL)).toBeGreaterThan(2);
    expect(night(KEYS)).toBe(0);
  });
});
