import { benchSheet } from '../bench/bench';
import { sessionDay } from '../bench/session';
import { checkPlan } from '../checks/checks';
import {
  ceilings,
  flowAt_m3h,
  movesAbove_rpm,
  powerAt_W,
  pressureBehind_bar,
  pumpOf,
  speedFor_rpm,
} from '../effect/pump';
import { LOBE } from '../example-duties';
import { contextOf, DUTY, PLATE, sound, texts } from '../fixtures';
import { planTransfer } from '../plan/plan';
import { shipped } from '../../suites/shipped.fixtures';
import { understand } from '../settings/understand';
import type { TransferProfile } from '../wire/job';
import type { TransferDuty } from '../wire/duty';

const PAGES = shipped('vessel-float-page-by-page') as TransferProfile;
const TAUGHT = { zero: 20, full: 600 };
const on = (change: Partial<TransferDuty> = {}, context = {}) =>
  contextOf(PAGES, { ...LOBE, ...change }, { inForce: TAUGHT, ...context });
const pumping = (change: Partial<TransferDuty['pump']>) => on({ pump: { ...LOBE.pump, ...change } });
const pump = pumpOf(LOBE);

describe('a pump that displaces', () => {
  // 6 − 5.2 m³/h over 29 m: 0.0276 for each metre; 6.028 against nothing
  test('moves as soon as it gives more than what slips back, far below one that throws', () => {
    expect(movesAbove_rpm(pump)).toBeCloseTo((2860 * (0.8 / 29) * 4) / (6 + 0.8 / 29), 3);
    expect(movesAbove_rpm(pump)).toBeLessThan(movesAbove_rpm(pumpOf(DUTY)) / 5);
  });
  test('its flow goes with its speed, and its power with its speed where its pipe takes nothing', () => {
    const free = pumpOf({ ...LOBE, pump: { ...LOBE.pump, pipe: null } });
    const slip = (0.8 / 29) * 4;
    expect(flowAt_m3h(free, 1430) + slip).toBeCloseTo((flowAt_m3h(free, 2860) + slip) / 2, 6);
    expect(powerAt_W(free, 1430)).toBeCloseTo(powerAt_W(free, 2860) / 2, 6);
    expect(flowAt_m3h(pump, speedFor_rpm(pump, 3))).toBeCloseTo(3, 6);
  });
  test('its motor ends it by torque below the plate’s speed, by power above', () => {
    const little = { ...PLATE, rated_W: 250 };
    const [ceiling] = ceilings({ duty: LOBE, plate: little }, pump);
    expect(ceiling.by).toBe('motor');
    expect(powerAt_W(pump, ceiling.rpm)).toBeCloseTo(250 * Math.min(1, ceiling.rpm / 2860), 3);
  });
  test('its plan stands its own findings, and empties the vessel on the bench', () => {
    const context = on();
    const plan = planTransfer(context);
    expect(
      checkPlan(context, plan).filter(({ code, severity }) => severity !== 'note' && code !== 'PRO-04'),
    ).toEqual([]);
    const { sums } = benchSheet(context, plan.values, sessionDay(context, 'regular'));
    expect([sums.floods, sums.air_min]).toEqual([0, 0]);
    expect(sums.sent_m3).toBeGreaterThan(0.9 * sums.in_m3);
    // what the bench moves at a speed is what the plan says that it moves
    const { most_rpm } = understand(PAGES, PLATE, plan.values);
    const full = benchSheet(context, plan.values, sessionDay(context, 'cleaning'));
    const flows = full.traces.find(({ key }) => key === 'flow')!;
    expect(Math.max(...flows.max)).toBeLessThanOrEqual(flowAt_m3h(pump, most_rpm!) + 1e-6);
  });
});

describe('LEV-14 a relief valve', () => {
  test('mistake: none, or nobody looked; near miss: one is there', () => {
    expect(texts(pumping({ relief: false }))).toContain('LEV-14');
    expect(texts(pumping({ relief: undefined }))).toContain('LEV-14.asked');
    expect(texts(on())).not.toEqual(expect.arrayContaining(['LEV-14']));
    expect(texts(on())).not.toEqual(expect.arrayContaining(['LEV-14.asked']));
    // one that throws is held by a shut valve without harm
    expect(texts(contextOf())).not.toEqual(expect.arrayContaining(['LEV-14.asked']));
  });
  test('mistake: it opens while the pump works; near miss: just above that', () => {
    const fastest = sound(on()).cleanSpeed as number;
    const most = Math.max(fastest, sound(on()).most as number);
    const behind = pressureBehind_bar(pump, most, LOBE.product.density_kgm3);
    expect(texts(pumping({ relief_bar: behind - 0.01 }), { most })).toContain('LEV-14.opens');
    expect(texts(pumping({ relief_bar: behind + 0.01 }), { most })).not.toContain('LEV-14.opens');
  });
});

describe('LEV-09 of a flexible impeller', () => {
  test('sending air is a warning there: it has nothing but the liquid to run on', () => {
    const severity = (pumpKind: TransferDuty['pumpKind']) => {
      const context = on({ pumpKind, pump: { ...LOBE.pump, outlet_L: 2 } });
      const { checkSettings } = jest.requireActual<typeof import('../checks/checks')>('../checks/checks');
      return checkSettings(context, 'found', { ...sound(context), runon: 60 }).find(
        ({ text }) => text === 'LEV-09',
      )?.severity;
    };
    expect([severity('lobe'), severity('flexible')]).toEqual(['note', 'warn']);
  });
});

describe('LEV-07 the cleaning input is asked before it is planned', () => {
  const told = (cleaningInput: boolean | undefined) =>
    contextOf(undefined, { ...DUTY, inflow: { ...DUTY.inflow, cleaningInput } });
  test('nobody said: nothing is planned; a signal: used; none: not used', () => {
    expect(sound(told(undefined)).clean).toBeUndefined();
    expect([sound(told(true)).clean, sound(told(false)).clean]).toEqual(['us', 'no']);
  });
  test('mistake: in use, and nobody gives the signal; near miss: not used', () => {
    expect(texts(told(false), { clean: 'us' })).toContain('LEV-07.nobody');
    expect(texts(told(false))).not.toContain('LEV-07.nobody');
    expect(texts(told(false), { clean: 'no' })).not.toContain('LEV-07.input');
    expect(texts(told(true), { clean: 'no' })).toContain('LEV-07.input');
    expect(texts(told(undefined), { clean: 'no' })).toContain('LEV-07.asked');
    expect(texts(told(undefined), { clean: 'no' })).not.toContain('LEV-07.input');
  });
});

describe('a gain for each per cent of level', () => {
  const even = on({ pumpKind: 'plain', pump: DUTY.pump, choices: { control: 'even' } });
  test('is planned and read in the steps of its display, by what the float was taught', () => {
    const values = sound(even);
    const { gain, bottom_mm, top_mm } = understand(PAGES, PLATE, values);
    // 20 to 600 mm were taught: a per cent is 5.8 mm
    expect(gain).toBeCloseTo((values.gain as number) / 5.8, 9);
    expect(top_mm! - bottom_mm!).toBeGreaterThan(300);
    expect(understand(PAGES, PLATE, { ...values, full: undefined }).gain).toBeNull();
  });
  test('where nobody knows what was taught, it is not planned, and said', () => {
    const untaught = { ...even, inForce: {} };
    const plan = planTransfer(untaught);
    expect(plan.targets.map(({ key }) => key)).not.toContain('gain');
    expect(checkPlan(untaught, plan).map(({ text }) => text)).toContain('PRO-01.unread');
  });
});
