import fc from 'fast-check';
import { ampsOf, besideHeater, HEATER_RULES, mayHeat, statesOf, worstOf, type Board } from './index';

const BOARD: Board = {
  phases: 1,
  pumps: [
    { low_A: 2.2, high_A: 8.4, phase: 1 },
    { low_A: 2.1, high_A: 7.7, phase: 1 },
    { low_A: null, high_A: 6.3, phase: 1 },
  ],
  blower: null,
  always: [{ current_A: 0.6, phase: 1 }],
  heater: [{ current_A: 12.5, phase: 1 }],
  circulates: true,
};

test.each([
  ['no-pump', 23],
  ['none-high', 23],
  ['one-high', 23.7],
  ['any', 35.5],
] as const)('%s: %s A at most', (rule, worst) => {
  expect(worstOf(BOARD, rule).worst_A).toBeCloseTo(worst, 9);
});

test('the rules in words: none, low beside it, one high, all', () => {
  const may = (high: number, low: number) => HEATER_RULES.filter((rule) => mayHeat(rule, high, low));
  expect(may(0, 0)).toEqual(['no-pump', 'none-high', 'one-high', 'any']);
  expect(may(0, 2)).toEqual(['none-high', 'one-high', 'any']);
  expect(may(1, 0)).toEqual(['one-high', 'any']);
  expect(may(2, 0)).toEqual(['any']);
});

test('without a circulation pump the first one at low gives the heater its flow: it does not count beside it', () => {
  const state = { heater: true, pumps: ['low', 'low', 'off'], blower: false } as const;
  expect([besideHeater(state, true), besideHeater(state, false)]).toEqual([
    { high: 0, low: 2 },
    { high: 0, low: 1 },
  ]);
});

test('a milder rule never takes more, and what is on each phase is never more than all there is', () => {
  const amps = fc.double({ min: 0, max: 15, noNaN: true });
  const phase = fc.integer({ min: 1, max: 3 });
  const load = fc.record({ current_A: amps, phase });
  const boards = fc.record({
    phases: fc.constant(3),
    pumps: fc.array(fc.option(fc.record({ low_A: fc.option(amps), high_A: amps, phase })), { maxLength: 4 }),
    blower: fc.option(load),
    always: fc.array(load, { maxLength: 3 }),
    heater: fc.array(load, { maxLength: 3 }),
    circulates: fc.boolean(),
  });
  fc.assert(
    fc.property(boards, (board) => {
      const worst = HEATER_RULES.map((rule) => worstOf(board, rule).worst_A);
      for (let i = 1; i < worst.length; i++) expect(worst[i]).toBeGreaterThanOrEqual(worst[i - 1] - 1e-9);
      for (const { phase: at, worst_A, state } of worstOf(board, 'any').byPhase)
        expect(ampsOf(board, state)[at - 1]).toBeCloseTo(worst_A, 9);
    }),
    { numRuns: 40 },
  );
});

test('states are each there once; a missing output is always off', () => {
  const all = [...statesOf({ ...BOARD, pumps: [BOARD.pumps[0], null] }, 'any')];
  expect(all).toHaveLength(6);
  expect(new Set(all.map((state) => JSON.stringify(state))).size).toBe(6);
  expect(all.every(({ pumps }) => pumps[1] === 'off')).toBe(true);
});
