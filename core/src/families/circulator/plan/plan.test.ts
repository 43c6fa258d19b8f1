import { CARRIES_AIR_MS, purgeTime_s, purgeVelocity_ms } from '../effect/purge';
import fc from 'fast-check';
import { parameterWithRole } from '../../../profile';
import { circulatorDutySchema } from '../wire/duty';
import { checkPlan } from '../checks/checks';
import { atDuty_m, lineOf } from '../effect/line';
import { pumpOf } from '../effect/pump';
import { BUILDING, contextOf, DUTY, HOME, HOUSE, PLATE } from '../fixtures';
import { understand } from '../settings/understand';
import { planCirculator } from './plan';
import { modesOffered, proposedMode } from './propose';

test('flow from heat: 38 kW at 12 K in warm water', () => {
  expect(pumpOf(DUTY).flow_m3h).toBeCloseTo(2.76, 2);
});

test.each([
  ['radiators', 'proportional'],
  ['underfloor', 'constant'],
  ['primary', 'fixed'],
  ['cooling', 'constant'],
  ['unknown', 'self'],
] as const)('%s: %s is proposed, and says why', (system, mode) => {
  const context = contextOf(BUILDING, { ...DUTY, system });
  expect(proposedMode(context)).toBe(mode);
  const target = planCirculator(context).targets.find(({ role }) => role === 'mode')!;
  expect(target.reason.text).toBe(`mode.${system}`);
});

test('a controller without the best mode takes the next best', () => {
  expect(proposedMode(contextOf(HOME, { ...HOUSE, system: 'unknown' }))).toBe('constant');
});

test('the smallest step that carries the duty, whatever the duty: never less, never a whole step more', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 6, max: 45, noNaN: true }),
      fc.double({ min: 1.2, max: 5, noNaN: true }),
      fc.constantFrom('constant', 'proportional', 'fixed'),
      (heat_kW, head_m, mode) => {
        const context = contextOf(BUILDING, {
          ...DUTY,
          heat_kW,
          index: { head_m, from: 'stated' },
          choices: { mode },
        });
        const pump = pumpOf(context.duty);
        const plan = planCirculator(context);
        if (checkPlan(context, plan).some(({ code }) => code === 'CIR-12')) return;
        const settings = understand(BUILDING, PLATE, plan.values);
        const gives = atDuty_m(pump, lineOf(context, pump, settings)!);
        expect(gives).toBeGreaterThanOrEqual(head_m * (1 - 1e-9));
        const step = parameterWithRole(BUILDING, 'head')!.step!;
        if (mode === 'constant') expect(gives).toBeLessThan(head_m + step);
      },
    ),
    { numRuns: 60 },
  );
});

test('a proportional head that refers to the pump’s own flow is set higher than the duty needs', () => {
  const plan = planCirculator(contextOf(HOME, HOUSE));
  expect(plan.settings.mode).toBe('proportional');
  expect(plan.settings.head_m).toBeGreaterThan(HOUSE.index.head_m);
});

test('every mode carries the duty in the comparison; proportional takes minimum', () => {
  const context = contextOf();
  const offered = modesOffered(context, pumpOf(DUTY));
  const energy = Object.fromEntries(offered.map(({ mode, energy_kWh }) => [mode, energy_kWh[1]]));
  expect(energy.fixed).toBeGreaterThan(energy.constant);
  expect(energy.constant).toBeGreaterThan(energy.proportional);
  // one that finds its own is a span, not a forecast
  const self = offered.find(({ mode }) => mode === 'self')!;
  expect(self.energy_kWh[0]).toBeLessThan(self.energy_kWh[1]);
});

test.each([
  [{ difference_K: 0 }, 'difference_K', 'must be more than 0'],
  [{ heat_kW: -1 }, 'heat_kW', 'must be more than 0'],
  [{ system: 'cooling', difference_K: 30 }, 'difference_K', 'seldom has more than 20 K'],
  [{ control: { kind: 'volts', off_V: 2, on_V: 1, full_V: 10 } }, 'control.off_V', 'at or below'],
  [{ control: { kind: 'volts', off_V: 1, on_V: 10, full_V: 10 } }, 'control.full_V', 'above the voltage'],
  [{ control: { kind: 'sensor', range_bar: 0 } }, 'control.range_bar', 'must be more than 0'],
  [{ currency: '' }, 'currency', 'Which currency?'],
])('%j is refused in words at its place', (change, path, words) => {
  const parsed = circulatorDutySchema.safeParse({ ...DUTY, ...change });
  const issue = parsed.error?.issues.find((one) => one.path.join('.') === path);
  expect(issue?.message).toContain(words);
});

test('points that rise, or a curve of one flow, are refused by the plan at the curve', () => {
  const curve = [
    { flow_m3h: 0, head_m: 3 },
    { flow_m3h: 2, head_m: 5 },
  ];
  const context = contextOf(BUILDING, { ...DUTY, pump: { ...DUTY.pump, curve } });
  expect(() => planCirculator(context)).toThrow('The head must fall as the flow grows');
});

test('a loop is purged three times its water over the flow; in a wide pipe the air stays', () => {
  expect(purgeTime_s(DUTY, 40)).toBeCloseTo(((3 * 0.04) / 3.3) * 3600, -2);
  expect(purgeVelocity_ms(DUTY)!).toBeGreaterThan(CARRIES_AIR_MS);
  expect(purgeVelocity_ms({ ...DUTY, pipe: { bore_mm: 60, material: 'steel' } })!).toBeLessThan(
    CARRIES_AIR_MS,
  );
  expect(purgeVelocity_ms({ ...DUTY, pipe: null })).toBeNull();
});
