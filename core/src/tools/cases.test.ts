import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { TOOLS } from './index';

interface Case {
  readonly in: Record<string, unknown>;
  readonly out: Record<string, number>;
}

function cases(id: string): Case[] {
  return JSON.parse(readFileSync(join(__dirname, '../../cases', `${id}.json`), 'utf8')) as Case[];
}

describe.each(Object.values(TOOLS))('worked examples of the tool “$id”', (tool) => {
  test.each(cases(tool.id).map((one, i) => [i + 1, one] as const))('example %i', (_, one) => {
    const run = tool.run as (input: unknown) => Record<string, number>;
    const answer = run(tool.input.parse(one.in));
    for (const [field, expected] of Object.entries(one.out)) {
      const tolerance = expected === 0 ? 1e-9 : Math.abs(expected) * 0.001;
      expect(Math.abs(answer[field] - expected)).toBeLessThanOrEqual(tolerance);
    }
  });
});

test('input that cannot be computed with is said in words at its field', () => {
  const equal = { x_mA: 5, x1: 8, y1: 0, x2: 8, y2: 100, below: 'stop' as const };
  expect(() => TOOLS.signal.run(equal)).toThrow('same current');
  const zero = TOOLS.dose.input.safeParse({ water_m3h: 0, dose_mgl: 1, weight_pct: 12, density_kgl: 1.2 });
  expect(zero.error?.issues[0]).toMatchObject({
    path: ['water_m3h'],
    message: 'The water flow must be more than 0.',
  });
});
