import type { CirculatorDuty, HotWater } from '../wire/duty';
import { circulatorDutySchema } from '../wire/duty';
import { benchSheet, plainDay } from '../bench/bench';
import { checkPlan } from '../checks/checks';
import { standsByTemperature_min } from '../effect/hot-water';
import { lineOf, yearEnergy_kWh } from '../effect/line';
import { loopFlow_m3h, purgeFlow_m3h } from '../effect/purge';
import { pumpOf } from '../effect/pump';
import {
  BUILDING,
  contextOf,
  DUTY,
  HOME,
  HOT,
  HOUSE,
  PLATE,
  RETURN,
  sound,
  texts,
  TWIN,
  TWIN_DUTY,
} from '../fixtures';
import { planCirculator } from '../plan/plan';
import { proofChecks } from '../proof/checks';
import { understand } from '../settings/understand';
import type { CirculatorProfile } from '../wire/job';

const VOLTS = { kind: 'volts', off_V: 1, on_V: 1.5, full_V: 10 } as const;
const SENSOR = { kind: 'sensor', range_bar: 0.6 } as const;
/** The same pump with twice the head. */
const doubled = (pump: CirculatorDuty['pump']): CirculatorDuty['pump'] => ({
  ...pump,
  curve: pump.curve.map(({ flow_m3h, head_m }) => ({ flow_m3h, head_m: 2 * head_m })),
});
const STRONG = doubled(DUTY.pump);
const withDuty = (more: Partial<CirculatorDuty>) => contextOf(BUILDING, { ...DUTY, ...more });
const planTexts = (context: ReturnType<typeof contextOf>) =>
  checkPlan(context, planCirculator(context)).map(({ text }) => text);

describe('CIR-19 in every mode', () => {
  const hot = (more: Partial<HotWater>, rest: Partial<CirculatorDuty> = {}): CirculatorDuty => ({
    ...HOT,
    ...rest,
    hotWater: { ...HOT.hotWater!, ...more },
  });
  test('mistake: self-adjusting may fall so low that the return is too cool; near miss: fixed speed', () => {
    // its lowest line is 1.5 m; 4 m bring the return back at its coolest
    const strong = {
      ...DUTY.pump,
      curve: [
        { flow_m3h: 0, head_m: 7 },
        { flow_m3h: 0.15, head_m: 6.8 },
        { flow_m3h: 0.5, head_m: 3 },
      ],
    };
    const context = contextOf(BUILDING, { ...HOT, pump: strong, index: { head_m: 4, from: 'stated' } });
    expect(texts(context, { mode: 'self' }, 'target')).toContain('CIR-19.cool');
    expect(texts(context, { mode: 'speed', speed: 100 }, 'target')).not.toContain('CIR-19.cool');
  });
  test('mistake: by volts the site may ask for the minimum speed', () => {
    const context = contextOf(BUILDING, { ...HOT, control: VOLTS });
    expect(texts(context, { source: 'volts' })).toContain('CIR-19.cool');
  });
  test('mistake: the probe measures in the flow; near miss: in the return', () => {
    const placed: CirculatorProfile = {
      ...RETURN,
      parameters: [
        ...RETURN.parameters,
        {
          ...RETURN.parameters[0],
          key: 'where',
          role: 'temperature.place',
          label: 'Measures in',
          options: [
            { value: 'f', label: 'Flow', role: 'place.flow' },
            { value: 'r', label: 'Return', role: 'place.return' },
          ],
        },
      ],
    };
    const context = contextOf(placed, hot({ longestPause_min: 120 }, { choices: { mode: 'temperature' } }));
    expect(texts(context, { mode: 'probe', where: 'f', probe: 56 })).toContain('CIR-19.place');
    expect(texts(context, { mode: 'probe', where: 'r', probe: 56 })).not.toContain('CIR-19.place');
  });
  test('mistake: by temperature it stands longer than it may; near miss: as long as that', () => {
    const stands = Math.ceil(standsByTemperature_min(HOT.hotWater!, HOT.pipe?.bore_mm ?? null, 56));
    const at = (longestPause_min: number) =>
      texts(contextOf(RETURN, hot({ longestPause_min }, { choices: { mode: 'temperature' } })), {
        mode: 'probe',
        probe: 56,
      });
    expect(at(stands - 1)).toContain('CIR-19.stands');
    expect(at(stands)).not.toContain('CIR-19.stands');
    // where it may not stand, the plan trusts it to neither clock nor temperature
    for (const mode of ['clock', 'temperature'] as const)
      expect(sound(contextOf(RETURN, hot({ longestPause_min: 0 }, { choices: { mode } }))).mode).toBe('on');
  });
  test('the flow that is typed carries the limit, or is refused at its field', () => {
    const parsed = circulatorDutySchema.safeParse(hot({ coolest_C: 57 }, { difference_K: 5 }));
    expect(parsed.error?.issues[0]).toMatchObject({ path: ['difference_K'] });
    expect(circulatorDutySchema.safeParse(hot({ coolest_C: 57 }, { difference_K: 3 })).success).toBe(true);
  });
});

describe('CIR-13 and CIR-04: what commands it is what is wired', () => {
  test.each([
    ['own', VOLTS],
    ['own', SENSOR],
    ['volts', { kind: 'own' }],
    ['sensor', { kind: 'own' }],
    ['bus', VOLTS],
  ] as const)('mistake: it goes by %s and wired is %j; near miss: by that', (source, control) => {
    const context = withDuty({ control: control as CirculatorDuty['control'] });
    expect(texts(context, { source })).toContain('CIR-13');
    expect(texts(context)).not.toContain('CIR-13');
  });
  test('mistake: a start contact is used that is not there; near miss: not used', () => {
    const context = withDuty({ contact: 'none' });
    expect(texts(context, { start: 'start' })).toContain('CIR-04.none');
    expect(texts(context, { start: 'off' })).not.toContain('CIR-04.none');
  });
  test('on the bench it stands without a voltage, and runs at full speed without a sensor', () => {
    const context = withDuty({ control: { kind: 'own' } });
    const sums = (source: string) => benchSheet(context, { ...sound(context), source }, plainDay()).sums;
    expect(sums('volts').moved_m3).toBe(0);
    expect(sums('sensor').kWh).toBeGreaterThan(sums('own').kWh);
  });
});

describe('CIR-16: thresholds', () => {
  const context = withDuty({ control: VOLTS });
  test('of the plan lie between rest and start: the bench stands at rest, and with the wire off', () => {
    const { volts } = understand(BUILDING, PLATE, sound(context));
    expect(volts.off_V).toBeGreaterThan(VOLTS.off_V);
    expect(volts.off_V).toBeLessThan(VOLTS.on_V);
    for (const rest of [0, 0.5, 1]) {
      const at = withDuty({ control: { ...VOLTS, off_V: rest } });
      const run = (kind: string) =>
        benchSheet(at, sound(at), {
          ...plainDay(),
          events: [{ kind, at_s: 3600, until_s: 10_800, amount: null } as never],
        }).sums.short_h;
      expect([rest, run('at-rest') > 1.9, run('wire-off') > 1.9]).toEqual([rest, true, true]);
    }
  });
  test('what the site sends is its own on the bench, whatever the pump takes it for', () => {
    const right = benchSheet(context, sound(context), plainDay()).sums.kWh;
    const wrong = benchSheet(context, { ...sound(context), vOn: 5, vOff: 4 }, plainDay()).sums.kWh;
    expect(wrong).toBeLessThan(right);
  });
});

describe('CIR-06', () => {
  const context = withDuty({ control: SENSOR });
  test('mistake: a head past the end of the sensor; near miss: one step under it', () => {
    // 0.6 bar are 6.12 m of water
    expect(texts(context, { source: 'sensor', head: 6.2 })).toContain('CIR-06.over');
    expect(texts(context, { source: 'sensor', head: 6 })).not.toContain('CIR-06.over');
  });
});

describe('CIR-12: what this controller can carry', () => {
  test('mistake: self-adjusting ends under the duty; near miss: a duty that it reaches', () => {
    const highest = BUILDING.behaviours.self!.highest_m;
    const at = (head_m: number) =>
      texts(withDuty({ index: { head_m, from: 'stated' }, heat_kW: 10, pump: STRONG }), { mode: 'self' });
    expect(at(highest * 1.03)).toContain('CIR-12.self');
    expect(at(highest * 1.01)).not.toContain('CIR-12.self');
  });
  test('a mode that cannot be set so high is not proposed where another carries it, and its clamp is said', () => {
    const high = contextOf(HOME, {
      ...HOUSE,
      pump: doubled(HOUSE.pump),
      system: 'underfloor',
      index: { head_m: 4.6, from: 'stated' },
    });
    const { mode } = understand(HOME, PLATE, sound(high));
    expect(mode).toBe('fixed');
    const chosen = contextOf(HOME, {
      ...HOUSE,
      pump: doubled(HOUSE.pump),
      system: 'underfloor',
      index: { head_m: 4.6, from: 'stated' },
      choices: { mode: 'constant' },
    });
    const found = planTexts(chosen);
    expect(found).toContain('PRO-04');
    expect(found).toContain('CIR-12.mode');
    expect(found).not.toContain('CIR-12.set');
  });
  test('mistake: the heads of a twin alternate though only both carry it: no larger pump is asked for', () => {
    const great = contextOf(TWIN, { ...TWIN_DUTY, heat_kW: 48, choices: { twin: 'alternate' } });
    const found = planTexts(great);
    if (found.includes('CIR-12.way')) expect(found).not.toContain('CIR-12');
    const demand = contextOf(TWIN, { ...TWIN_DUTY, heat_kW: 48, choices: { twin: 'on-demand' } });
    expect(planTexts(demand)).not.toContain('CIR-12.way');
  });
});

test('the minimum speed counts in the year as on the bench: the pump gives more than its line, and takes more', () => {
  const at = (leastShare: number) => {
    const context = withDuty({ pump: { ...DUTY.pump, leastShare } });
    const pump = pumpOf(context.duty);
    const line = lineOf(
      context,
      pump,
      understand(BUILDING, PLATE, { ...sound(context), mode: 'dpc', head: 2 }),
    )!;
    const day = benchSheet(context, { ...sound(context), mode: 'dpc', head: 2 }, plainDay()).sums;
    return { year: yearEnergy_kWh(context, pump, line), noisy: day.noisy_h };
  };
  expect(at(0.7).year).toBeGreaterThan(at(0.28).year * 1.05);
  expect(at(0.7).noisy).toBeGreaterThanOrEqual(at(0.28).noisy);
});

test('beyond its curve a pump takes no more than at full speed', () => {
  const context = withDuty({ heat_kW: 400 });
  const pump = pumpOf(context.duty);
  const most = (DUTY.pump.power.at(-1)!.power_W * 3 * DUTY.season_h) / 1000;
  expect(yearEnergy_kWh(context, pump, { kind: 'fixed', share: 1 })).toBeLessThan(most);
});

test('CIR-03: a loop of a floor is purged by the flow of a loop, and one that was timed too short is not purged', () => {
  const floor = { ...DUTY, system: 'underfloor' } as const;
  expect(loopFlow_m3h(floor)).toBeLessThan(0.3);
  expect(loopFlow_m3h(DUTY)).toBe(purgeFlow_m3h(DUTY));
});

test('proofs by volts say which signal is to be given, and ask for no head that is not held', () => {
  const context = withDuty({ control: VOLTS });
  const checks = proofChecks(
    context,
    understand(BUILDING, PLATE, { ...sound(context), mode: 'dpc', head: 3.2 }),
  );
  expect(checks.find(({ key }) => key === 'flow')!.method).toContain('the signal of full speed');
  expect(checks.map(({ key }) => key)).not.toContain('head');
});
