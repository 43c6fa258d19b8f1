import { contextOf, DUTY, SET, sound } from '../fixtures';
import { understand } from '../settings/understand';
import { proofChecks } from './checks';

/** How far a gauge may be off the set pressure, with a sensor of a range. */
function within_bar(range_bar: number): number {
  const context = contextOf(SET, { ...DUTY, sensor: { ...DUTY.sensor!, range_bar } });
  const settings = { ...understand(context.profile, context.plate, sound(contextOf())), set_bar: 2 };
  const { ask } = proofChecks(context, settings).find(({ key }) => key === 'set-pressure')!;
  return ask.kind === 'figure' ? ask.greatest - 2 : NaN;
}

test('gauge and sensor are no better than 2 % of the range together, and never than a tenth of a bar', () => {
  expect(within_bar(10)).toBeCloseTo(0.2, 9);
  expect(within_bar(5.1)).toBeCloseTo(0.102, 9);
  expect(within_bar(4.9)).toBeCloseTo(0.1, 9);
  expect(within_bar(2.5)).toBeCloseTo(0.1, 9);
});
