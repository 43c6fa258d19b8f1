import fc from 'fast-check';
import { DUTY, KEYS, SHARED, SOFT } from '../fixtures';
import type { SpaDuty } from '../wire/duty';
import { HEATER_RULES } from '../../../electric';
import { type TableRow } from '../wire/table';
import { ampsOf, bathing_min, heatingLost_kWh, partsOf, stateSaid, worstLoad } from './load';
import { rowOf } from './match';

const six = rowOf(KEYS.behaviours.rows, 6)!;

test('one phase: the worst state is named, with what is left of the supply', () => {
  const load = worstLoad(DUTY, six);
  expect(load).toMatchObject({ worst_A: 20, phase: 1 });
  expect(load.margin).toBeCloseTo(0.2, 9);
  expect(stateSaid(DUTY, load.state)).toBe('heater, pump 1 low, pump 2 low, blower');
  expect(worstLoad(DUTY, six, 'any').margin).toBeLessThan(0);
});

test('three phases: each has its own worst, the heater on all of them', () => {
  const { byPhase, phase } = worstLoad(SHARED, rowOf(SOFT.behaviours.rows, 16)!);
  // a third of 6 kW at 230 V is 8.7 A on each: with pump 1, with pump 2 and the blower, with what always runs
  const heater_A = 2000 / 230;
  [8.4 + 0.2, 7.7 + 3, 0.6 + 0.1].forEach((others, i) =>
    expect(byPhase[i].worst_A).toBeCloseTo(heater_A + others, 9),
  );
  expect(phase).toBe(2);
  expect(stateSaid(SHARED, byPhase[2].state)).toBe('heater');
});

test('heating that is lost while jets run in the times of bathing', () => {
  expect(bathing_min(DUTY)).toBe(120);
  expect(bathing_min({ baths: [{ from: 1380, to: 60 }] })).toBe(120);
  expect(HEATER_RULES.map((rule) => heatingLost_kWh(DUTY, six, rule))).toEqual([6, 6, 6, 0]);
  const one: SpaDuty = { ...DUTY, pumps: [DUTY.pumps[0]] };
  expect(heatingLost_kWh(one, rowOf(KEYS.behaviours.rows, 2)!, 'one-high')).toBe(0);
});

/** The worst of every way that things can run, without the way in which the product walks them. */
function bruteWorst(duty: SpaDuty, row: TableRow, rule: string): number {
  let worst = 0;
  const count = duty.pumps.length;
  for (let code = 0; code < 3 ** count * 4; code++) {
    const blower = code % 2 === 1;
    const heater = Math.floor(code / 2) % 2 === 1;
    const states = duty.pumps.map((_, i) => Math.floor(code / 4 / 3 ** i) % 3);
    const speeds = states.map((_, i) => row.pumps[i] ?? 0);
    if (states.some((state, i) => state > 0 && (speeds[i] === 0 || (state === 1 && speeds[i] === 1))))
      continue;
    if (blower && !row.blower) continue;
    const high = states.filter((state) => state === 2).length;
    const low = states.filter((state, i) => state === 1 && (row.circulation || i > 0)).length;
    const allowed =
      rule === 'any' ||
      (rule === 'one-high' ? high < 2 : rule === 'none-high' ? high === 0 : high + low === 0);
    if (heater && !allowed) continue;
    const amps = [0, 0, 0];
    states.forEach((state, i) => {
      const pump = duty.pumps[i];
      if (state > 0) amps[pump.phase - 1] += (state === 1 ? (pump.low ?? pump.high) : pump.high).current_A;
    });
    if (blower && duty.blower) amps[duty.blower.phase - 1] += duty.blower.current_A;
    for (const key of ['circulation', 'ozone', 'lights'] as const) {
      const load = duty[key];
      if (load && (key === 'lights' || row[key])) amps[load.phase - 1] += load.current_A;
    }
    if (heater)
      for (let i = 0; i < duty.heater.phases; i++)
        amps[(duty.heater.phase - 1 + i) % duty.supply.phases] +=
          (duty.heater.power_kW * 1000) / duty.heater.volts_V / duty.heater.phases;
    worst = Math.max(worst, ...amps);
  }
  return worst;
}

test('the worst is the worst of every state there is', () => {
  const amps = fc.double({ min: 0.1, max: 12, noNaN: true });
  const load = fc.record({ current_A: amps, power_W: fc.constant(100) });
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          low: fc.option(load),
          high: load,
          phase: fc.integer({ min: 1, max: 3 }),
          low_m3h: fc.constant(null),
        }),
        { minLength: 1, maxLength: 4 },
      ),
      fc.array(fc.integer({ min: 0, max: 2 }), { maxLength: 4 }),
      fc.boolean(),
      fc.boolean(),
      fc.constantFrom(...HEATER_RULES),
      (pumps, speeds, blower, circulation, rule) => {
        const duty: SpaDuty = { ...SHARED, pumps };
        const row: TableRow = { ...six, pumps: speeds, blower, circulation };
        expect(worstLoad(duty, row, rule).worst_A).toBeCloseTo(bruteWorst(duty, row, rule), 9);
      },
    ),
    { numRuns: 60 },
  );
});

test('thing by thing it comes to what the whole takes, on each phase', () => {
  for (const row of SOFT.behaviours.rows)
    for (const rule of HEATER_RULES)
      for (const { phase, worst_A, state } of worstLoad(SHARED, row, rule).byPhase) {
        const own = partsOf(SHARED, row, state).filter((part) => part.phase === phase);
        expect(own.reduce((sum, { current_A }) => sum + current_A, 0)).toBeCloseTo(worst_A, 9);
        expect(ampsOf(SHARED, row, state)[phase - 1]).toBeCloseTo(worst_A, 9);
      }
});
