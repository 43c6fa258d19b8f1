import fc from 'fast-check';
import { TOOLS, toolById, workTool, type ToolId } from './index';

/**
 * What a thumb makes of a calculator: figures far too large, far too small, nil, with a comma, with a unit, or none at all. Each field
 * says its own fault, or there is an answer of figures.
 */

const IDS = Object.keys(TOOLS) as ToolId[];
const HOLE = /NaN|undefined|Infinity|\[object/;

const ODD = [
  '',
  ' ',
  '0',
  '-1',
  '-0.5',
  '1e9',
  '0.0001',
  '0,5',
  '7',
  '33,3',
  '120',
  '1 000',
  'warm',
  '12 xyz',
  '1..2',
];

describe.each(IDS)('%s', (id) => {
  const tool = toolById(id)!;
  const initial = Object.fromEntries(tool.fields.map(({ name, initial: text }) => [name, text]));
  const figures = tool.fields.filter(({ options }) => !options).map(({ name }) => name);

  test('whatever is typed, there is an answer of figures, or its fault at a field that is there', () => {
    const changes = fc.array(
      fc.tuple(fc.constantFrom(...(figures.length > 0 ? figures : ['none'])), fc.constantFrom(...ODD)),
      {
        minLength: 1,
        maxLength: 3,
      },
    );
    fc.assert(
      fc.property(changes, (typed) => {
        const texts = { ...initial, ...Object.fromEntries(typed) };
        const { answer, errors } = workTool(tool, texts);
        for (const [field, words] of Object.entries(errors)) {
          expect([field, tool.fields.some(({ name }) => name === field)]).toEqual([field, true]);
          expect(words).toMatch(/\S.*[.:?]$/s);
          expect(words).not.toMatch(HOLE);
        }
        if (answer) expect(JSON.stringify(answer)).not.toMatch(HOLE);
        // it never stands there without a word
        expect(answer !== null || Object.keys(errors).length > 0).toBe(true);
      }),
      { numRuns: 60, seed: 12 },
    );
  });
});
