import { contextOf, DUTY, KEYS, LITTLE, SHARED, SMALL, SOFT, sound, texts, wordsOf } from '../fixtures';
import { benchSheet, plainDay } from '../bench/bench';
import { planSpa } from '../plan/plan';
import { checkPlan } from '../checks/checks';
import type { SpaDuty } from '../wire/duty';

const context = contextOf();

describe('SPA-01 the number', () => {
  test('mistake: a row without the second speed and the blower; near miss: the row that fits', () => {
    expect(texts(context, { num: 3 })).toContain('SPA-01');
    expect(wordsOf(context, { num: 3 }, 'SPA-01')).toContain(
      'Number 3: one speed for pump 2, which has two; no output for the blower.',
    );
    expect(wordsOf(context, { num: 3 }, 'SPA-01')).toContain('Set number 6.');
    expect(texts(context, { num: 6 })).not.toContain('SPA-01');
  });
  test('an output with nothing on it is a note; one that it counts on to move water a stop', () => {
    const without: SpaDuty = { ...DUTY, blower: null };
    const found = (num: number) =>
      checkPlan(contextOf(KEYS, without), { ...planSpa(contextOf(KEYS, without)), values: { num } }).find(
        ({ text }) => text === 'SPA-01',
      );
    expect(found(6)?.severity).toBe('note');
    expect(found(12)?.severity).toBe('stop');
    expect(found(5)).toBeUndefined();
  });
  test('mistake: a number in no row; near miss: one that is in it', () => {
    expect(texts(context, { num: 35 })).toContain('SPA-01.none');
    expect(texts(context, { num: 30 })).not.toContain('SPA-01.none');
  });
  test('mistake: no row fits; what is in the way is named; near miss: one fits', () => {
    const found = (duty: SpaDuty) => checkPlan(contextOf(SMALL, duty), planSpa(contextOf(SMALL, duty)));
    const [wrong] = found({ ...LITTLE, lights: null, ozone: { current_A: 1, power_W: 10, phase: 1 } });
    expect(wrong).toMatchObject({
      text: 'SPA-01.no-row',
      values: { near: '6', blocks: 'each by itself, but never all together' },
    });
    expect(found(LITTLE).map(({ text }) => text)).not.toContain('SPA-01.no-row');
  });
  test('on the bench: under a wrong number jets stand, and nothing heats where it counts on another pump', () => {
    const sums = (num: number) => benchSheet(context, { ...sound(context), num }, plainDay(context)).sums;
    expect(sums(1).jets_kWh).toBeLessThan(sums(6).jets_kWh);
    expect(sums(12).turnovers).toBeLessThan(sums(6).turnovers / 2);
  });
});

describe('SPA-02 the set-up switch', () => {
  test('mistake: it is on; near miss: another one is', () => {
    expect(texts(context, { sw: 'on' })).toContain('SPA-02');
    expect(texts(context, { sw: 'off', 'sw/7': 'on' })).not.toContain('SPA-02');
  });
});

describe('SPA-04 current', () => {
  test('mistake: the heater beside the jets on a small breaker; near miss: a breaker that carries it', () => {
    expect(texts(context, { num: 18 })).toContain('SPA-04');
    expect(wordsOf(context, { num: 18 }, 'SPA-04')).toContain(
      'With heater, pump 1 high, pump 2 high, blower phase 1 takes 31.8 A; the breaker is 25 A.',
    );
    const strong: SpaDuty = { ...DUTY, supply: { ...DUTY.supply, breaker_A: 32 } };
    expect(texts(contextOf(KEYS, strong), { num: 18 })).not.toContain('SPA-04');
  });
  test('mistake: less than any row takes; near miss: one row is carried', () => {
    const on = (breaker_A: number) => {
      const duty: SpaDuty = { ...DUTY, supply: { ...DUTY.supply, breaker_A } };
      return checkPlan(contextOf(KEYS, duty), planSpa(contextOf(KEYS, duty))).map(({ text }) => text);
    };
    expect(on(19.9)).toContain('SPA-04.none');
    expect(on(20)).not.toContain('SPA-04.none');
  });
  test('mistake: more than board or output carry; near miss: as much as they do', () => {
    const board = (current_A: number, num?: number) =>
      texts(contextOf(KEYS, DUTY, { plate: { ...context.plate, current_A } }), num ? { num } : {});
    expect(board(19, 6)).toContain('SPA-04.board');
    expect(board(20, 6)).not.toContain('SPA-04.board');
    // the plan takes none that breaks the board
    expect(board(19)).not.toContain('SPA-04.board');
    const jets = (current_A: number) =>
      texts(contextOf(KEYS, { ...DUTY, blower: { current_A, power_W: 700, phase: 1 } }));
    expect(jets(6.1)).toContain('SPA-04.output');
    expect(jets(6)).not.toContain('SPA-04.output');
  });
  test('on the bench: the breaker trips in the bath', () => {
    const cold: SpaDuty = {
      ...DUTY,
      tub: { ...DUTY.tub, open_WK: 900, loss: { kind: 'stated', covered_WK: 50 } },
    };
    const run = (num: number) => {
      const tub = contextOf(KEYS, cold);
      return benchSheet(tub, { ...sound(tub), num }, plainDay(tub)).sums;
    };
    expect([run(18).trips, run(6).trips]).toEqual([1, 0]);
  });
});

describe('SPA-07 and SPA-09', () => {
  const shared = contextOf(SOFT, SHARED);
  test('mistake: a pump without a key; near miss: each has one', () => {
    expect(texts(shared, { 'fn/2': 'no' })).toContain('SPA-07');
    expect(texts(shared, { 'fn/2': 'p2' })).not.toContain('SPA-07');
    // what runs by itself needs none
    expect(texts(shared)).not.toContain('SPA-07');
  });
  test('mistake: a link that the row needs is open; near miss: plugged, or not read', () => {
    expect(texts(shared, { br: 'off' })).toContain('SPA-09');
    expect(wordsOf(shared, { br: 'off' }, 'SPA-09')).toContain('Row 14 needs link 1 on');
    expect(texts(shared, { br: 'on' })).not.toContain('SPA-09');
    const { br: _, ...unread } = sound(shared);
    expect(checkPlan(shared, { ...planSpa(shared), values: unread }).map(({ text }) => text)).not.toContain(
      'SPA-09',
    );
  });
});

test('ANY-11 and ANY-12: an open panel for many, and a cut that nobody tried', () => {
  const shared = contextOf(SOFT, SHARED);
  expect(texts(shared, { pin: 'off' })).toContain('ANY-11.spa');
  expect(texts(shared, { pin: 'on' })).not.toContain('ANY-11.spa');
  expect(texts(context, { lock: 'off' })).not.toContain('ANY-11.spa');
  expect(texts(contextOf(SMALL, LITTLE))).toContain('ANY-12.spa');
  expect(texts(context)).not.toContain('ANY-12.spa');
});
