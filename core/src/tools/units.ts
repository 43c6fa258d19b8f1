import { z } from 'zod';
import { formatNumber, inEveryUnit, TABLE_QUANTITIES, UNITS_OF, type TableQuantity } from '../units';
import { choice, figure, number } from './fields';
import type { Tool } from './tool';

const NAMES: Readonly<Record<TableQuantity, string>> = {
  waterFlow: 'Water flow',
  pumpFlow: 'Pump flow',
  volume: 'Volume',
  pressure: 'Pressure',
  strength: 'Strength',
  density: 'Density',
  length: 'Length',
  temperature: 'Temperature',
};

export const unitsInput = z.object({
  value: number('The value'),
  quantity: z.enum(TABLE_QUANTITIES as [TableQuantity, ...TableQuantity[]], { error: 'Choose a quantity.' }),
  from: z.string({ error: 'Choose a unit.' }),
});

export interface UnitsOutput {
  from: string;
  /** the value in every unit of the quantity */
  values: Record<string, number>;
}

export const unitsTool: Tool<typeof unitsInput, UnitsOutput> = {
  id: 'units',
  group: 'units',
  name: 'Convert units',
  about: 'A figure in every unit of the trade.',
  input: unitsInput,
  fields: [
    figure('value', 'Value', 'plain', '10'),
    choice('quantity', 'What it is', 'waterFlow', () =>
      TABLE_QUANTITIES.map((value) => ({ value, label: NAMES[value] })),
    ),
    choice('from', 'Given in', 'm³/h', (texts) =>
      (UNITS_OF[texts.quantity as TableQuantity] ?? []).map((unit) => ({ value: unit, label: unit })),
    ),
  ],
  run: ({ value, quantity, from }) => ({ from, values: inEveryUnit(quantity, value, from) }),
  answer: ({ from, values }) => {
    const lines = Object.entries(values)
      .filter(([unit]) => unit !== from)
      .map(([unit, value]) => ({ label: '', value: significant(value), unit }));
    return { main: lines[0], lines: lines.slice(1) };
  },
};

/** Five figures are more than any instrument shows. */
function significant(value: number): string {
  return formatNumber(Number(value.toPrecision(5)), 8, '.');
}
