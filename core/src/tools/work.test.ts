import { runTool, toolById, TOOLS, workTool, type AnyTool } from './index';

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
