import type { Scenario } from '../../../bench';
import { benchSheet, plainWeek, weatherOf } from '../bench/bench';
import { checkSettings } from '../checks/checks';
import { contextOf, PANEL, PANEL_DUTY, sound, texts, wordsOf } from '../fixtures';
import { planPool } from '../plan/plan';
import { NOT_COMPARED, sensorsInUse, shownTooMuch_K } from './sensors';
import { understand } from '../settings/understand';

const SOUND = sound(contextOf(PANEL, PANEL_DUTY));
const off = (errors: Partial<typeof NOT_COMPARED>) =>
  contextOf(PANEL, PANEL_DUTY, { inForce: SOUND, sensorErrors: { ...NOT_COMPARED, ...errors } });
const settingsOf = (values = SOUND) => understand(PANEL, contextOf(PANEL).plate, values);

test('the sensors that count are those that something goes by', () => {
  expect(sensorsInUse(PANEL_DUTY, settingsOf())).toEqual(['water', 'air', 'roof']);
  expect(sensorsInUse(PANEL_DUTY, settingsOf({ ...SOUND, source: 'heater' }))).toEqual(['water', 'air']);
  expect(sensorsInUse(PANEL_DUTY, settingsOf({ ...SOUND, source: 'heater', frost: 'off' }))).toEqual([
    'water',
  ]);
  const idle = { ...PANEL_DUTY, heat: null, chlorinator: null, winter: 'none' as const };
  expect(sensorsInUse(idle, settingsOf())).toEqual([]);
});

test('what is shown too much is the sensor’s own error and the offset together; unknown where nobody compared', () => {
  const set = settingsOf({ ...SOUND, waterOffset: -1.5 });
  expect(shownTooMuch_K({ ...NOT_COMPARED, water: 2 }, set, 'water')).toBeCloseTo(0.5, 10);
  expect(shownTooMuch_K(NOT_COMPARED, set, 'water')).toBeNull();
});

describe('POO-19 a sensor that is off', () => {
  test('mistake: it says by how much, which way, and the offset that puts it right', () => {
    const context = off({ water: 2.3 });
    const finding = checkSettings(context, 'found', { ...SOUND, waterOffset: 0.5 }).find(
      ({ text }) => text === 'POO-19.off',
    );
    expect(wordsOf(finding)).toContain('Water sensor shows 2.8 K too much');
    expect(wordsOf(finding)).toContain('Set its offset to −2.3 K');
    expect(finding?.addresses).toEqual(['sensors/1/waterOffset']);
    expect(texts(off({ air: -1.4 }), { airOffset: 0 })).toContain('POO-19.off');
  });
  test('near miss: within a kelvin; put right by its offset; not compared; a sensor that nothing goes by', () => {
    expect(texts(off({ water: 0.9 }), { waterOffset: 0 })).not.toContain('POO-19.off');
    expect(texts(off({ water: 2.3 }), { waterOffset: -2.5 })).not.toContain('POO-19.off');
    expect(texts(off({}), { waterOffset: 3 })).not.toContain('POO-19.off');
    expect(texts(off({ roof: 4 }), { source: 'heater', roofOffset: 0 })).not.toContain('POO-19.off');
  });
});

test('the plan sets the offset that a comparison asks for, in the controller’s step, and leaves the others alone', () => {
  const plan = planPool(off({ water: 2.3, roof: -1.1 }));
  const planned = new Map(plan.targets.map(({ key, value, reason }) => [key, { value, text: reason.text }]));
  expect(planned.get('waterOffset')).toEqual({ value: -2.5, text: 'sensor.offset' });
  expect(planned.get('roofOffset')).toEqual({ value: 1, text: 'sensor.offset' });
  expect(planned.has('airOffset')).toBe(false);
  expect(checkSettings(off({ water: 2.3 }), 'target', plan.values).map(({ text }) => text)).not.toContain(
    'POO-19.off',
  );
});

test('an error beyond what the controller can be set against stays a finding', () => {
  const context = off({ water: 7 });
  const plan = planPool(context);
  expect(plan.values.waterOffset).toBe(-5);
  expect(checkSettings(context, 'target', plan.values).map(({ text }) => text)).toContain('POO-19.off');
});

describe('the bench runs by what the controller shows', () => {
  const day = (weather: 'mild' | 'frosty'): Scenario => ({
    ...plainWeek(),
    days: 1,
    weather: weatherOf(weather),
  });
  const warmed = { ...SOUND, source: 'heater', body: 'pool' };

  test('a water sensor that shows too little heats on past the set point', () => {
    const heated = { ...PANEL_DUTY, water_C: 26, heat: { ...PANEL_DUTY.heat!, heater_kW: 60 } };
    const warmest = (water: number, waterOffset: number) =>
      benchSheet({ ...off({ water }), duty: heated }, { ...warmed, waterOffset }, day('mild')).sums.water_C;
    expect(warmest(0, 0)).toBeLessThan(27.1);
    expect(warmest(-2, 0) - warmest(0, 0)).toBeGreaterThan(1);
    expect(warmest(-2, 2)).toBe(warmest(0, 0));
  });

  test('an air sensor that shows too much guards against frost later, one that shows too little earlier', () => {
    const hours = (air: number) => benchSheet(off({ air }), SOUND, day('frosty')).sums.frost_h;
    expect(hours(5)).toBeLessThan(hours(0));
    expect(hours(-5)).toBeGreaterThan(hours(5));
  });

  test('a roof sensor that shows too little starts the roof late', () => {
    const run = (roof: number) => benchSheet(off({ roof }), { ...SOUND, source: 'solar' }, day('mild'));
    const first = (roof: number) =>
      run(roof).happenings.find(({ words }) => words === 'The roof heats the water.')?.at_s ?? Infinity;
    expect(first(-6)).toBeGreaterThan(first(0));
  });
});
