import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { InputError } from '../input';
import { TOOLS, toolById, workTool, type ToolId } from './index';

interface Case {
  readonly in: Record<string, unknown>;
  readonly out: Record<string, unknown>;
}

const folder = join(__dirname, '../../cases');
const cases = (id: string) => JSON.parse(readFileSync(join(folder, `${id}.json`), 'utf8')) as Case[];
const ids = Object.keys(TOOLS) as ToolId[];
const withCases = ids.filter((id) => existsSync(join(folder, `${id}.json`)));

/** Within 0.1 % (or 1e-9 at zero), field by field; an answer may have more fields than the example. */
function expectLike(answer: unknown, expected: unknown): void {
  if (typeof expected === 'number') {
    const tolerance = expected === 0 ? 1e-9 : Math.abs(expected) * 0.001;
    expect(Math.abs((answer as number) - expected)).toBeLessThanOrEqual(tolerance);
  } else if (expected !== null && typeof expected === 'object') {
    for (const [field, value] of Object.entries(expected)) {
      expectLike((answer as Record<string, unknown>)[field], value);
    }
  } else expect(answer).toEqual(expected);
}

describe.each(withCases)('worked examples of the tool “%s”', (id) => {
  const tool = toolById(id)!;
  test.each(cases(id).map((one, i) => [i + 1, one] as const))('example %i', (_, one) => {
    expectLike(tool.run(tool.input.parse(one.in)), one.out);
  });
});

test('every file of worked examples is walked', () => {
  expect(withCases).toHaveLength(readdirSync(folder).length);
  expect(withCases).toHaveLength(26);
});

test.each(ids)('the fields of “%s” are those of its input, and what they start with computes', (id) => {
  const tool = toolById(id)!;
  const texts = Object.fromEntries(tool.fields.map((field) => [field.name, field.initial]));
  for (const field of tool.fields) {
    if (field.options) expect(field.options(texts).map((o) => o.value)).toContain(field.initial);
  }
  const { answer, errors } = workTool(tool, texts);
  expect(errors).toEqual({});
  expect(answer?.main.value).toMatch(/\d/);
  expect(JSON.stringify(answer)).not.toMatch(/NaN|undefined|Infinity/);
});

test('input that cannot be computed with is said in words at its field', () => {
  const equal = { x_mA: 5, x1: 8, y1: 0, x2: 8, y2: 100, below: 'stop' as const };
  expect(() => TOOLS.signal.run(equal)).toThrow('same current');
  const zero = TOOLS.dose.input.safeParse({ water_m3h: 0, dose_mgl: 1, weight_pct: 12, density_kgl: 1.2 });
  expect(zero.error?.issues[0]).toMatchObject({
    path: ['water_m3h'],
    message: 'The water flow must be more than 0.',
  });
  const faulty = () => TOOLS.units.run({ value: 1, quantity: 'pressure', from: 'L/h' });
  expect(faulty).toThrow(InputError);
  expect(faulty).toThrow('choose bar, mbar, kPa, MPa, psi');
});
