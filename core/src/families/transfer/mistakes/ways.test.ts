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

test('LEV-02.empty: a bottom level of nil; near miss: one step', () => {
  const bottom = parameterWithRole(GUIDED, 'level.bottom')!;
  expect(texts(context, { [bottom.key]: 0 })).toContain('LEV-02.empty');
  expect(texts(context, { [bottom.key]: bottom.step ?? 1 })).not.toContain('LEV-02.empty');
});
