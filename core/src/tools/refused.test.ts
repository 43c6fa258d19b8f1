import { TOOLS, toolById, workTool, type ToolId } from './index';

/** Figures that are each in order and do not go together are refused at the field where the slip is; one step on they are taken. */

const worked = (id: ToolId, typed: Readonly<Record<string, string>>) => {
  const tool = toolById(id)!;
  const initial = Object.fromEntries(tool.fields.map(({ name, initial: text }) => [name, text]));
  return workTool(tool, { ...initial, ...typed });
};

test.each<[ToolId, string, Record<string, string>, Record<string, string>, string]>([
  ['stop-frequency', 'stop_hz', { stop_hz: '50.1' }, { stop_hz: '50' }, 'above the rated'],
  ['vessel-starts', 'precharge_bar', { precharge_bar: '3.8' }, { precharge_bar: '3.7' }, 'no water enters'],
  ['season', 'design_m3h', { design_m3h: '4.1' }, { design_m3h: '4' }, 'beyond the curve'],
  ['spa-load', 'pumps_a', { pumps_a: '5.1 5' }, { pumps_a: '5 5' }, 'no more at low speed'],
  [
    'control-voltage',
    'least_rpm',
    { least_rpm: '4001', greatest_rpm: '4000' },
    { least_rpm: '4000', greatest_rpm: '4000' },
    'above the maximum',
  ],
])('%s at %s', (id, field, slip, near, words) => {
  expect(worked(id, slip).errors[field]).toContain(words);
  expect(worked(id, near).errors).toEqual({});
  expect(worked(id, near).answer).not.toBeNull();
});

describe('what a run costs', () => {
  const { tariff } = TOOLS;
  const flat: [number, number, number][] = [[0, 1440, 0.2]];
  const cost = (runs: [number, number][]) => tariff.run({ power_w: 1000, runs, prices: flat });

  test('runs that overlap are paid once, one that ends as it begins is none', () => {
    const once = cost([[420, 660]]).cost_day;
    expect(once).toBeCloseTo(4 * 0.2, 9);
    expect(
      cost([
        [420, 600],
        [540, 660],
      ]).cost_day,
    ).toBeCloseTo(once, 9);
    expect(
      cost([
        [420, 660],
        [420, 420],
      ]).cost_day,
    ).toBeCloseTo(once, 9);
    // past midnight, over one of the morning
    expect(
      cost([
        [1320, 120],
        [60, 180],
      ]).energy_kwh,
    ).toBeCloseTo(5, 9);
  });
  test('one price all day has no dearest hours', () => {
    expect(cost([[420, 660]]).dear_share).toBeNull();
    const two = tariff.run({
      power_w: 1000,
      runs: [[420, 660]],
      prices: [
        [0, 480, 0.1],
        [480, 1440, 0.3],
      ],
    });
    expect(two.dear_share).toBeCloseTo(0.9 / (0.1 + 0.9), 9);
  });
});

test('an answer that no figure of the trade reaches is no answer', () => {
  const { answer, errors } = worked('stop-frequency', { curve_a: '0.0000000000000000000000001' });
  expect(answer).toBeNull();
  expect(Object.values(errors).join()).toContain('too large to work with');
});
