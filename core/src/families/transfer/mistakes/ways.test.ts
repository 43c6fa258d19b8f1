import { optionWithRole, parameterWithRole } from '../../../profile';
import { contextOf, DUTY, GUIDED, texts } from '../fixtures';
import type { TransferOptionRole, TransferRole } from '../settings/roles';

/** Set for another plant than this one, and the same set for it. */
const keyOf = (role: TransferRole) => parameterWithRole(GUIDED, role)!.key;
const option = (role: TransferRole, of: TransferOptionRole) => ({
  [keyOf(role)]: optionWithRole(parameterWithRole(GUIDED, role)!, of)!,
});
const context = contextOf(GUIDED, DUTY);

test.each<[string, TransferRole, TransferOptionRole]>([
  ['LEV-05.kind', 'plant', 'plant.vacuum'],
  ['LEV-07.input', 'cleaning.input', 'cleaning.off'],
  ['ANY-12.waits', 'power.after-cut', 'after-cut.wait'],
])('%s: mistake %s stands on %s; near miss: as planned', (text, role, wrong) => {
  expect(texts(context, option(role, wrong))).toContain(text);
  expect(texts(context)).not.toContain(text);
});

test('ANY-12.waits: nothing is said where a person chose it', () => {
  const chosen = contextOf(GUIDED, { ...DUTY, choices: { afterCut: 'wait' } });
  expect(texts(chosen, option('power.after-cut', 'after-cut.wait'))).not.toContain('ANY-12.waits');
});

test('LEV-05.inlets: one more or one less than there are; near miss: as many', () => {
  const { inlets } = DUTY.inflow;
  for (const off of [-1, 1])
    expect(texts(context, { [keyOf('inlets')]: inlets + off })).toContain('LEV-05.inlets');
  expect(texts(context, { [keyOf('inlets')]: inlets })).not.toContain('LEV-05.inlets');
});

test('LEV-02.empty: a bottom level of zero; near miss: one step', () => {
  const bottom = parameterWithRole(GUIDED, 'level.bottom')!;
  expect(texts(context, { [bottom.key]: 0 })).toContain('LEV-02.empty');
  expect(texts(context, { [bottom.key]: bottom.step ?? 1 })).not.toContain('LEV-02.empty');
});

test('LEV-05: 3 % and a little off the plate of 2.6 A, either way; near misses: a hundredth nearer', () => {
  for (const slip of [2.68, 2.52])
    expect(texts(context, { [keyOf('motor.current')]: slip })).toContain('LEV-05');
  for (const near of [2.67, 2.53])
    expect(texts(context, { [keyOf('motor.current')]: near })).not.toContain('LEV-05');
});

test('LEV-04.surges: half a swing that does not hold 20 s of a surge; near miss: a step of level more', () => {
  // 2 m³/h of cleaning come at twice that for a while: 22.2 L, above the middle of 0.16 m²
  const surging = contextOf(GUIDED, {
    ...DUTY,
    inflow: { ...DUTY.inflow, cleaning_m3h: 2 },
    product: { ...DUTY.product, surges: true },
  });
  const level = (top_mm: number) => ({
    ...option('cleaning.input', 'cleaning.off'),
    ...option('control', 'control.even'),
    [keyOf('level.bottom')]: 30,
    [keyOf('level.top')]: top_mm,
  });
  expect(texts(surging, level(305))).toContain('LEV-04.surges');
  expect(texts(surging, level(310))).not.toContain('LEV-04.surges');
});

test('LEV-11: delivered more than a tenth of a degree too warm; near miss: a hundredth on', () => {
  const wanting = (wanted_C: number) =>
    contextOf(GUIDED, { ...DUTY, product: { ...DUTY.product, wanted_C } });
  expect(texts(wanting(11.64))).toContain('LEV-11');
  expect(texts(wanting(11.65))).not.toContain('LEV-11');
});
