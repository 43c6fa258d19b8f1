import { Walk } from '../../../job/testing/walk.fixtures';
import { transferFamily } from '../family';
import { SAMPLES } from '../fixtures';
import type { TransferView } from '../kind';
import { FIRST_STEPS } from '../wire/records';

const [sample] = SAMPLES;
const codesOf = (walk: Walk) => walk.view.findings.job.map(({ text }) => text);
const planned = () => {
  const walk = new Walk(sample);
  walk.arrive();
  walk.found(sample.found);
  walk.plan();
  return walk;
};
const seen = (walk: Walk, check: string, state: string) =>
  walk.record({ kind: 'check', note: '', check, seen: state, figures: {} });

test('LEV-00: what was not done is named; near miss: all of it was', () => {
  const walk = planned();
  const all = FIRST_STEPS.map(({ key }) => key);
  walk.record({ kind: 'transfer-first', seen: all.slice(1), why: 'It blanked itself.' });
  expect(codesOf(walk)).toContain('LEV-00');
  walk.record({ kind: 'transfer-first', seen: all, why: '' });
  expect(codesOf(walk)).not.toContain('LEV-00');
});

describe('LEV-06 direction', () => {
  test('mistake: not tried; near miss: seen as the arrow', () => {
    const walk = planned();
    walk.set();
    expect(codesOf(walk)).toContain('LEV-06');
    walk.record({ kind: 'discharge-safe', how: 'To the store.' });
    seen(walk, 'direction', 'right');
    expect(codesOf(walk)).not.toContain('LEV-06');
  });
  test('mistake: leads swapped before it was dead; near miss: waited, and proved', () => {
    const swapped = (waited_min: number | null, provedDead: boolean) => {
      const walk = planned();
      walk.record({ kind: 'leads-swapped', waited_min, provedDead });
      return codesOf(walk);
    };
    expect(swapped(2, true)).toContain('LEV-06.live');
    expect(swapped(null, true)).toContain('LEV-06.live');
    expect(swapped(6, false)).toContain('LEV-06.live');
    expect(swapped(5, true)).not.toContain('LEV-06.live');
  });
});

test('LEV-08 and LEV-13: mistake: float and check valve fail; near miss: tried again, and they hold', () => {
  const walk = planned();
  walk.set();
  walk.record({ kind: 'discharge-safe', how: 'To the store.' });
  seen(walk, 'float', 'falls');
  seen(walk, 'holds-back', 'rises');
  expect(codesOf(walk)).toEqual(expect.arrayContaining(['LEV-08', 'LEV-13']));
  seen(walk, 'float', 'rises');
  seen(walk, 'holds-back', 'stands');
  expect(codesOf(walk)).not.toContain('LEV-08');
  expect(codesOf(walk)).not.toContain('LEV-13');
});

describe('LEV-10 kinds', () => {
  const enter = (walk: Walk, key: string, value: string | number) =>
    walk.write({
      kind: 'sheet.enter',
      jobId: 'job-1',
      entryId: `own-${key}-${value}`,
      address: walk.view.rows.find((row) => row.address.endsWith(`/${key}`))!.address,
      column: 'left',
      raw: String(value),
      unit: '',
      value,
      reason: null,
    });
  test('mistake: the kind of plant chosen last; near miss: first, and the speeds after it', () => {
    const walk = planned();
    enter(walk, 'least', 1470);
    enter(walk, 'most', 3200);
    enter(walk, 'plant', 'pr');
    expect(codesOf(walk)).toContain('LEV-10');
    expect(walk.view.values.force.least).toBeUndefined();
    const right = planned();
    right.set();
    expect(codesOf(right)).not.toContain('LEV-10');
    expect(right.view.values.force.least).toBe(1470);
  });
});

test('float and check valve are due half a year after the float was tried; now where nobody did', () => {
  const walk = planned();
  const dueOf = () => transferFamily.due(walk.view as TransferView, '2026-11-24').map(({ date }) => date);
  expect(dueOf()).toEqual([null]);
  walk.set();
  walk.prove();
  expect(dueOf()).toEqual(['2027-05-25']);
});
