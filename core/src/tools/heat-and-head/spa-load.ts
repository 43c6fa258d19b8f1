import { z } from 'zod';
import { HEATER_RULES, worstOf, type Board, type BoardState } from '../../electric';
import { choice, figure, line, notNegative, positive, rows } from '../fields';
import type { Tool } from '../tool';

/** Current at low and at high speed; none or nil at low on a pump of one speed. */
const pumpInput = z
  .tuple([notNegative('The current at low speed').nullable(), positive('The current at high speed')], {
    error: 'A line for each pump: low, then high.',
  })
  .refine(([low, high]) => low === null || low <= high, {
    message: 'A pump takes no more at low speed than at high: a line for each pump, low, then high.',
  });

export const spaLoadInput = z.object({
  heater_a: notNegative('The heater'),
  pumps_a: z.array(pumpInput).min(1, 'Enter one pump at least.').max(4, 'Four pumps at most.'),
  blower_a: notNegative('The blower'),
  circulation_a: notNegative('The circulation pump'),
  heater_rule: z.enum(HEATER_RULES, { error: 'Choose when the heater may run.' }),
});

export interface SpaLoadOutput {
  worst_a: number;
  state: string;
}

export const spaLoadTool: Tool<typeof spaLoadInput, SpaLoadOutput> = {
  id: 'spa-load',
  group: 'heads',
  name: 'Current of a spa pack',
  about: 'The most that a pack takes on one phase, over every state that its heater rule allows.',
  input: spaLoadInput,
  fields: [
    figure('heater_a', 'Heater', 'motorCurrent', '12.5'),
    rows(
      'pumps_a',
      'Pumps',
      2,
      '2.2 8.4\n2.1 7.7\n0 6.3',
      'A line each: A at low, A at high; 0 at low for one speed.',
    ),
    figure('blower_a', 'Blower', 'motorCurrent', '0'),
    figure('circulation_a', 'Circulation pump', 'motorCurrent', '0.6', { hint: '0 where there is none' }),
    choice('heater_rule', 'The heater runs', 'none-high', () => [
      { value: 'no-pump', label: 'beside no pump' },
      { value: 'none-high', label: 'beside low speed' },
      { value: 'one-high', label: 'beside one at high speed' },
      { value: 'any', label: 'beside everything' },
    ]),
  ],
  run: ({ heater_a, pumps_a, blower_a, circulation_a, heater_rule }) => {
    const board: Board = {
      phases: 1,
      pumps: pumps_a.map(([low, high_A]) => ({ low_A: low === 0 ? null : low, high_A, phase: 1 })),
      blower: blower_a > 0 ? { current_A: blower_a, phase: 1 } : null,
      always: [{ current_A: circulation_a, phase: 1 }],
      heater: [{ current_A: heater_a, phase: 1 }],
      circulates: circulation_a > 0,
    };
    const { worst_A, state } = worstOf(board, heater_rule);
    return { worst_a: worst_A, state: said(state) };
  },
  answer: ({ worst_a, state }) => ({
    main: line('At most', worst_a, 'A'),
    lines: [{ label: 'With', value: state, unit: '' }],
  }),
};

function said({ heater, pumps, blower }: BoardState): string {
  const running = pumps.flatMap((runs, i) => (runs === 'off' ? [] : [`pump ${i + 1} ${runs}`]));
  return [...(heater ? ['heater'] : []), ...running, ...(blower ? ['blower'] : [])].join(', ');
}
