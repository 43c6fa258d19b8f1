import { runTool, toolById, TOOLS, toolsByGroup, workTool, type AnyTool } from './index';

const texts = (id: string, changed: Record<string, string> = {}) => {
  const tool = toolById(id)!;
  return { ...Object.fromEntries(tool.fields.map((field) => [field.name, field.initial])), ...changed };
};
const work = (id: string, changed: Record<string, string>) => workTool(toolById(id)!, texts(id, changed));

test('lines of figures take times of the day; empty lines do not count', () => {
  const { answer } = work('programs', { programs: '7:00 17:00 1500\n\n22:00 6:00 1100\n' });
  expect(answer?.lines.map(({ label, value }) => `${label} ${value}`)).toEqual(
    expect.arrayContaining(['0:00 to 6:00 slot 2', '6:00 to 7:00 stands', '7:00 to 17:00 slot 1']),
  );
});

test('a program that never has the pump is named', () => {
  const { answer } = work('programs', {
    rule: 'first-slot',
    programs: '7:00 17:00 1500\n12:00 14:00 2600',
  });
  expect(answer?.verdict).toEqual({ good: false, words: 'Never has the pump: slot 2.' });
});

test.each([
  ['programs', { programs: '7:00 17:00' }, 'programs', 'Line 1 has 2 figures and needs 3.'],
  ['programs', { programs: '7:00 17:00 fast' }, 'programs', 'Line 1: “fast” is not a figure'],
  ['programs', { programs: '7:00 25:00 1500' }, 'programs', 'Line 1: “25:00” is no time of a day.'],
  ['programs', { programs: '7:00 17:00 0' }, 'programs', 'Each speed must be more than 0.'],
  ['programs', { programs: '24:00 6:00 1500' }, 'programs', 'A start lies before 24:00.'],
  ['programs', { prices: '0:00 7:00 0.19' }, 'prices', 'No price from 7:00 to 24:00.'],
  ['programs', { 'point.speed': '0' }, 'point.speed', 'The measured speed must be more than 0.'],
  ['cheapest-two-price', { hours_dear: '12' }, 'hours_dear', 'more than a day'],
  ['cheapest-two-price', { price_cheap: '0.5' }, 'price_cheap', 'above the high one'],
  ['speed-power', { points: '1200 112\n1200 115' }, 'points', 'All points are at one speed'],
  ['solar', { stop_k: '5' }, 'stop_k', 'Stop must be below start'],
  ['fault-age', { stamp_h: '3400' }, 'stamp_h', 'later than the counter shows now'],
  ['fault-age', { daily_h: '30' }, 'daily_h', 'A day has 24 hours.'],
  ['heat-flow', { difference_k: '0' }, 'difference_k', 'The difference must be more than 0.'],
  ['control-voltage', { off_v: '2' }, 'off_v', 'at or below the voltage at which it starts'],
  ['control-voltage', { full_v: '1.5' }, 'full_v', 'must lie above the voltage'],
  ['sensor-range', { range_set: '0' }, 'range_set', 'must be more than 0'],
  ['vessel-starts', { stop_bar: '2.8' }, 'stop_bar', 'a higher pressure than it starts at'],
  ['vessel-starts', { draw_m3h: '2.5' }, 'draw_m3h', 'the vessel never fills'],
  ['tariff', { prices: '0:00 6:00 0.2' }, 'prices', 'No price from 6:00 to 24:00.'],
  ['turnover', { length_m: '0' }, 'length_m', 'The length must be more than 0.'],
] as const)('%s with %j says at “%s” what is wrong', (id, changed, field, words) => {
  const { answer, errors } = work(id, changed);
  expect(answer).toBeNull();
  expect(errors[field]).toContain(words);
});

test('a solar stop close to its start is said to cycle', () => {
  expect(work('solar', { stop_k: '3.5' }).answer?.verdict?.words).toContain('it will cycle');
  expect(work('solar', { stop_k: '3' }).answer?.verdict?.good).toBe(true);
});

describe('figures that lead nowhere', () => {
  test('an overflow is refused in words, not answered with nothing', () => {
    const tool = {
      ...TOOLS.units,
      run: () => ({ from: 'm', values: { m: Infinity } }),
    } as unknown as AnyTool;
    expect(() => runTool(tool, {})).toThrow('too large to work with');
    expect(
      workTool(TOOLS.units as unknown as AnyTool, { value: '1e12', quantity: 'length', from: 'm' }).answer,
    ).toBeNull();
  });
  test('nothing is colder than nothing', () => {
    const at = (value: string) =>
      workTool(TOOLS.units as unknown as AnyTool, { value, quantity: 'temperature', from: '°C' });
    expect(at('-300').errors.value).toContain('−273.15');
    expect(at('-40').errors).toEqual({});
  });
  test('a quarter of a million figures are refused, not spread', () => {
    const parsed = TOOLS.calibration.input.safeParse({
      volumes_ml: Array.from({ length: 250_000 }, () => 10),
      strokes: 10,
      division_ml: 1,
      assumed_ml_per_stroke: 1,
    });
    expect(parsed.success).toBe(false);
  });
});

test('what a search names is found by name, by what it is about and by its group', () => {
  const found = (search: string) => toolsByGroup(search).flatMap(({ tools }) => tools.map(({ id }) => id));
  expect(found('')).toHaveLength(Object.keys(TOOLS).length);
  expect(found('vessel')).toEqual(['stop-frequency', 'vessel-starts']);
  expect(found('Heat  circulator')).toEqual(['mode-line', 'season']);
  expect(found('kettle')).toEqual([]);
});

test('a run past midnight is priced on both sides of it', () => {
  const over = TOOLS.tariff.run({
    power_w: 1000,
    runs: [[1320, 120]],
    prices: [
      [0, 360, 0.1],
      [360, 1440, 0.3],
    ],
  });
  expect(over).toMatchObject({
    energy_kwh: 4,
    cost_day: 2 * 0.3 + 2 * 0.1,
    dear_share: expect.closeTo(0.75, 9),
  });
});

test('what a second pump adds is told: a reserve on tight pipes, flow on wide ones', () => {
  expect(work('two-pumps', {}).answer).toMatchObject({
    main: { value: '18' },
    verdict: { good: false },
  });
  expect(work('two-pumps', { pipes_m: '1' }).answer?.verdict?.good).toBe(true);
  expect(work('two-pumps', { pipes_m: '0' }).errors.pipes_m).toContain('must be more than 0');
});

test('what never stops, and gas above the start, are told', () => {
  expect(work('stop-frequency', { stop_hz: '38' }).answer?.verdict?.words).toContain('The pump never stops');
  expect(work('vessel-starts', { precharge_bar: '3' }).answer?.verdict?.words).toContain('drops at a stroke');
  expect(work('sensor-range', {}).answer?.verdict?.good).toBe(false);
});

test('a fault stamped with running hours: how long ago, in hours, and in days where it counts less', () => {
  expect(work('fault-age', {}).answer?.main).toMatchObject({ value: '18', unit: 'h' });
  expect(work('fault-age', { daily_h: '6' }).answer?.main).toMatchObject({ value: '3', unit: 'd' });
});
