import { readIn, settableOver, type Parameter } from './index';

const of = (more: Partial<Parameter>) =>
  ({ key: 'p', step: 0.1, least: 0, unit: 'bar', ...more }) as Parameter;

test('what advice names can be set: the next step that is not less, in the controller’s own unit', () => {
  expect(settableOver(of({}), 'pressure', 3.68)).toBeCloseTo(3.7, 9);
  expect(settableOver(of({}), 'pressure', 3.7)).toBeCloseTo(3.7, 9);
  // steps count from its least figure
  expect(settableOver(of({ step: 0.5, least: 0.2 }), 'pressure', 3.68)).toBeCloseTo(3.7, 9);
  const psi = of({ unit: 'psi', step: 5 });
  const set = settableOver(psi, 'pressure', 3.68);
  expect(set).toBeGreaterThanOrEqual(3.68);
  expect(set).toBeCloseTo(readIn(psi, 'pressure', 55)!, 6);
});

test('near miss: one that takes any figure, none at all, or a unit that is no pressure’s', () => {
  expect(settableOver(of({ step: undefined }), 'pressure', 3.68)).toBe(3.68);
  expect(settableOver(undefined, 'pressure', 3.68)).toBe(3.68);
  expect(settableOver(of({ unit: 'rev/min' }), 'pressure', 3.68)).toBe(3.68);
});
