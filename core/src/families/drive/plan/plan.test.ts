import { BOX, contextOf, DUTY, ONE, SET, WHEEL } from '../fixtures';
import { closed_hz, pumpOf, stopsUnder_m3h } from '../effect/pump';
import { neededSet_bar } from '../effect/set';
import { sharingDay_kWh } from '../effect/sharing';
import { understand } from '../settings/understand';
import { planDrive } from './plan';

const targetsOf = (context: ReturnType<typeof contextOf>) =>
  Object.fromEntries(planDrive(context).targets.map(({ role, value }) => [role, value]));

test('the set pressure: tap, height and pipe, the next step up', () => {
  // 2 + 12 m (1.177 bar) + 0.5
  expect(neededSet_bar(DUTY)).toBeCloseTo(3.6772, 4);
  expect(targetsOf(contextOf()).set).toBe(3.7);
});

test('lifted with the draw it begins with what is enough at no flow', () => {
  const targets = targetsOf(contextOf(WHEEL, { ...ONE, choices: { lift: true } }));
  // 3.18 are enough; a cut-in pressure of 3.2 fits above that and under it
  expect(targets).toMatchObject({ set: 3.3, lift: 0.4, 'cut-in': 3.2 });
});

test('the stop frequency lies above that of the shut valve, and gives up no real draw', () => {
  const context = contextOf();
  const { values } = planDrive(context);
  const settings = understand(SET, context.plate, values);
  const pump = pumpOf(DUTY);
  expect(settings.stop_hz!).toBeGreaterThan(closed_hz(context, pump, settings, 0.2)!);
  const [surely, most] = [0.2, 0.25].map((inlet) => stopsUnder_m3h(context, pump, settings, inlet)!);
  expect(surely).toBeGreaterThan(DUTY.draw.leak_m3h!);
  expect(most).toBeLessThan(DUTY.draw.least_m3h);
});

test('the cut-in stays above the vessel’s gas, and under what is held', () => {
  expect(targetsOf(contextOf())['cut-in']).toBe(3.2);
  // half a bar under what is held, where that is enough at no flow
  const long = { ...DUTY, vessel: null, holds: { ...DUTY.holds, pipe_bar: 1.5 } as typeof DUTY.holds };
  const held = targetsOf(contextOf(SET, long));
  expect(Number(held.set) - Number(held['cut-in'])).toBeCloseTo(0.5, 9);
  expect(targetsOf(contextOf(SET, DUTY, { precharge_bar: 3.1 }))['cut-in']).toBe(3.4);
  expect(targetsOf(contextOf(SET, DUTY, { precharge_bar: 5 }))['cut-in']).toBe(3.6);
});

test('the way of sharing that the curves make cheaper over the day, or the one that was chosen', () => {
  const context = contextOf();
  const { values } = planDrive(context);
  const day = sharingDay_kWh(context, pumpOf(DUTY), understand(SET, context.plate, values));
  expect(day['all-vary']!).toBeLessThan(day['one-varies']!);
  expect(targetsOf(context).sharing).toBe('1');
  expect(targetsOf(contextOf(SET, { ...DUTY, choices: { sharing: 'one-varies' } })).sharing).toBe('0');
});

test('what was not asked for is not planned: a plate that nobody read, a seal that nobody knows', () => {
  const bare = contextOf(
    SET,
    { ...DUTY, pump: { ...DUTY.pump, dry_s: null } },
    {
      plate: { family: 'drive', rated_W: null, current_A: null, speed_rpm: null, volts_V: null },
    },
  );
  const targets = targetsOf(bare);
  expect(targets).not.toHaveProperty('motor.current');
  expect(targets).not.toHaveProperty('dry.delay');
});

test('addresses that stand apart stay, one that stands twice gives way', () => {
  const plan = (inForce: Record<string, number>) =>
    planDrive(contextOf(SET, DUTY, { inForce })).targets.flatMap(({ role, value }) =>
      role === 'address' ? [value] : [],
    );
  expect(plan({ addr: 3, 'addr/2': 5 })).toEqual([3, 5]);
  expect(plan({ addr: 3, 'addr/2': 3 })).toEqual([3, 1]);
});

test('what does not hold a pressure has neither cut-in nor stop frequency', () => {
  const speed = targetsOf(contextOf(WHEEL, { ...ONE, holds: { kind: 'speed', set_hz: 42 } }));
  expect(speed).toMatchObject({ 'set.frequency': 42, holds: 'n' });
  for (const role of ['set', 'cut-in', 'stop.frequency']) expect(speed).not.toHaveProperty(role);
  const difference = targetsOf(contextOf(WHEEL, { ...ONE, holds: { kind: 'difference', set_bar: 1.2 } }));
  expect(difference).toMatchObject({ set: 1.2, 'sensor.kind': 'diff' });
  expect(difference).not.toHaveProperty('cut-in');
});

test('a draw beyond all that the pumps move is told where it was made', () => {
  const much = { ...DUTY, draw: { ...DUTY.draw, greatest_m3h: 15 } };
  expect(() => planDrive(contextOf(SET, much))).toThrow('beyond all that 2 pumps move');
});

test('a curve that never meets the set pressure is told where it was made', () => {
  const high = { ...ONE, holds: { kind: 'pressure', tap_bar: 5, above_m: 12, pipe_bar: 0.5 } } as const;
  expect(() => planDrive(contextOf(BOX, high))).toThrow('The curve never meets the set pressure');
});

test('it stops a fifth above the leak, and a tenth under the minimum draw; where nothing lies between them that is said', () => {
  const leaks = (leak_m3h: number) => {
    const duty = {
      ...DUTY,
      inlet: { least_bar: 0.2, greatest_bar: 0.2 },
      draw: { ...DUTY.draw, least_m3h: 2.4, leak_m3h },
    };
    return planDrive(contextOf(SET, duty)).problems.map(({ kind }) => kind);
  };
  // 1.2 × 1.75 m³/h is 2.1, 0.9 × 2.4 is 2.16
  expect(leaks(1.75)).not.toContain('no-stop');
  expect(leaks(1.85)).toContain('no-stop');
});
