import { familyOf } from '@barythm/core/families';
import { fig, figureWithUnit, METRIC } from '../../units';
import type { Field, FigureField } from '../../describe';
import { Walk } from '../../job/testing/walk.fixtures';
import { SAMPLE_OF } from './samples.fixtures';

/** A figure of a duty that names a reading on arrival names one that its family takes, of the same quantity. */

function figuresOf(fields: readonly Field[]): FigureField[] {
  return fields.flatMap((field) =>
    field.kind === 'figure' ? [field] : 'fields' in field ? figuresOf(field.fields) : [],
  );
}

const named = SAMPLE_OF.map(([name, sample]) => {
  const { document } = new Walk(sample);
  const taken = familyOf(name).arrival.readings.fields(document);
  const asked = figuresOf(familyOf(name).forms.duty.parts.flatMap(({ fields }) => fields));
  return { name, taken, asked: asked.filter(({ asRead }) => asRead !== undefined) };
});

test.each(named)('$name: what it asks as read is read there', ({ taken, asked }) => {
  for (const { asRead, quantity, unit } of asked) {
    const reading = taken.find(({ key }) => key === asRead);
    expect(reading).toBeDefined();
    if (quantity) expect(reading).toMatchObject({ quantity });
    // a figure that everybody types in one unit is kept in it
    else expect(figureWithUnit(fig(reading!.quantity, 1), METRIC)).toMatch(new RegExp(`1\\D*${unit}`));
  }
});

test('every family that ships asks for something that was just read', () => {
  expect(named.filter(({ asked }) => asked.length > 0).map(({ name }) => name)).toEqual([
    'metering',
    'pool',
    'circulator',
    'drive',
    'spa',
    'transfer',
  ]);
});
