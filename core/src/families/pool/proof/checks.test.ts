import { contextOf, DUTY, FOUR_SPEEDS, LINK, PANEL, PANEL_DUTY, sound } from '../fixtures';
import { judgeCheck, powerPattern } from './patterns';
import { proofChecks } from './checks';
import { pumpOf } from '../effect/hydraulics';
import { understand } from '../settings/understand';

const checksOf = (context = contextOf(), change = {}) =>
  proofChecks(context, understand(context.profile, context.plate, { ...sound(context), ...change }));
const check = (key: string, context = contextOf(), change = {}) => {
  const found = checksOf(context, change).find((one) => one.key === key);
  if (!found) throw new Error(`There is no check ${key}.`);
  return found;
};
const body = (key: string, seen: string | null, figures: Record<string, number> = {}) => ({
  check: key,
  seen,
  figures,
});

test('a drive is proved by prime, power at each speed, flow of each circuit, limit, each start, the hold, and what hangs on it', () => {
  expect(checksOf().map(({ key }) => key)).toEqual([
    'prime',
    'power-1270',
    'flow-filter',
    'limit',
    'start-5',
    'start-6',
    'hold',
    'dry-prime',
    'locked-stop',
    'supply-cut',
    'linked-1',
  ]);
});

test('a program that runs all day by start = stop has its power read too, one that never gets the pump has not', () => {
  const four = contextOf(FOUR_SPEEDS);
  const unused = Object.fromEntries(
    [3, 4].flatMap((slot) => [
      [`from/${slot}`, 'none'],
      [`until/${slot}`, 'none'],
    ]),
  );
  // the highest speed wins: the second is below the first all the while
  const values = {
    ...{ from: 0, until: 0, share: 50 },
    ...{ 'from/2': 600, 'until/2': 720, 'share/2': 30 },
    ...unused,
  };
  const checks = proofChecks(four, understand(FOUR_SPEEDS, four.plate, values));
  expect(checks.map(({ key }) => key).filter((key) => key.startsWith('power-'))).toEqual(['power-1350']);
});

test('a panel’s sensors are compared first', () => {
  const keys = checksOf(contextOf(PANEL, PANEL_DUTY)).map(({ key }) => key);
  expect(keys.slice(0, 3)).toEqual(['sensor-water', 'sensor-air', 'sensor-roof']);
  expect(keys).toContain('flow-roof');
});

test('a pump that a link commands has no starts of its own to see', () => {
  const linked = contextOf(LINK, { ...DUTY, command: 'link' });
  expect(checksOf(linked).filter(({ key }) => key.startsWith('start-'))).toEqual([]);
});

test('power within the fit passes, beyond it fails', () => {
  const power = check('power-1270');
  const expected = pumpOf(DUTY).power_W(1270);
  expect(judgeCheck(power, body(power.key, null, { power_W: expected * 1.09 })).ok).toBe(true);
  expect(judgeCheck(power, body(power.key, null, { power_W: expected * 1.12 })).ok).toBe(false);
  expect(judgeCheck(power, body(power.key, null)).seen).toBe('not read');
});

test('POO-20 mistake: one factor at every speed; near miss: one speed alone, or factors apart', () => {
  const pump = pumpOf(DUTY);
  const read = (factors: number[]) =>
    factors.map((factor, i) => ({
      speed_rpm: 1000 + 500 * i,
      power_W: pump.power_W(1000 + 500 * i) * factor,
    }));
  expect(powerPattern(read([1.4, 1.41, 1.39]), contextOf())?.code).toBe('POO-20');
  expect(powerPattern(read([1.4]), contextOf())).toBeNull();
  expect(powerPattern(read([1.4, 1.0]), contextOf())).toBeNull();
  expect(powerPattern(read([1.05, 1.04]), contextOf())).toBeNull();
  // six hundredths to either side of their mean are one factor still
  expect(powerPattern(read([1.4 * 1.059, 1.4 * 0.941]), contextOf())?.code).toBe('POO-20');
  expect(powerPattern(read([1.4 * 1.061, 1.4 * 0.939]), contextOf())).toBeNull();
});

test('a flow below the circuit’s minimum fails, though it is what the speed gives', () => {
  const flow = check('flow-filter', contextOf(), { 'speed/5': 620, 'speed/6': 620 });
  expect(judgeCheck(flow, body(flow.key, null, { flow_m3h: 3.4 })).ok).toBe(false);
  const sound_ = check('flow-filter');
  expect(judgeCheck(sound_, body(sound_.key, null, { flow_m3h: 7 })).ok).toBe(true);
});

test.each([
  ['start-5', 'stands', 'POO-01'],
  ['start-5', 'other-speed', 'POO-02'],
  ['limit', 'passed', 'POO-08'],
  ['hold', 'stays', 'POO-24'],
  ['linked-1', 'apart', 'POO-26'],
])('%s that %s points to %s', (key, seen, code) => {
  const one = check(key);
  const verdict = judgeCheck(one, body(key, seen));
  expect(verdict).toMatchObject({ ok: false, pattern: { code } });
  if (one.ask.kind === 'state')
    expect(judgeCheck(one, body(key, one.ask.expected))).toMatchObject({ ok: true, pattern: null });
});

test('POO-10 mistake: it does not prime in its time; near miss: just in time', () => {
  const prime = check('prime');
  expect(judgeCheck(prime, body('prime', null, { minutes: 6.5 }))).toMatchObject({
    ok: false,
    pattern: { code: 'POO-10' },
  });
  expect(judgeCheck(prime, body('prime', null, { minutes: 6 })).ok).toBe(true);
});

test('POO-19 mistake: a sensor 2 K off says which offset; near miss: within a kelvin', () => {
  const sensor = check('sensor-water', contextOf(PANEL, PANEL_DUTY));
  const off = judgeCheck(sensor, body(sensor.key, null, { shown_C: 29, reference_C: 27 }));
  expect(off).toMatchObject({
    ok: false,
    pattern: { code: 'POO-19', words: expect.stringContaining('−2.0 K') },
  });
  expect(judgeCheck(sensor, body(sensor.key, null, { shown_C: 28, reference_C: 27 })).ok).toBe(true);
});
