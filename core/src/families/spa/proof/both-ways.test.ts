import { judgedBothWays } from '../../../job/testing/both-ways.fixtures';
import { contextOf, LITTLE, SHARED, SMALL, SOFT, sound } from '../fixtures';
import { understand } from '../settings/understand';
import { proofChecks } from './checks';
import { judgeCheck } from './patterns';

const ALWAYS = ['number-back', 'page-gone', 'output-pump-1', 'clamp', 'warms', 'rcd', 'no-fault'];

test.each([
  [
    'four keys',
    contextOf(),
    [...ALWAYS, 'output-pump-2', 'output-blower', 'output-lights', 'cycle-starts', 'supply-cut'],
  ],
  ['a text panel', contextOf(SOFT, SHARED), [...ALWAYS, 'output-circulation', 'output-ozone', 'supply-cut']],
  ['two keys', contextOf(SMALL, LITTLE), [...ALWAYS, 'cycle-starts']],
])('%s: what is tried is told right from wrong', (_, context, keys) => {
  const checks = proofChecks(context, understand(context.profile, context.plate, sound(context)));
  expect(checks.map(({ key }) => key)).toEqual(expect.arrayContaining(keys));
  expect(judgedBothWays(checks, judgeCheck)).toEqual([]);
});

test('what fails names its slip; a reminder is no fault', () => {
  const context = contextOf();
  const checks = proofChecks(context, understand(context.profile, context.plate, sound(context)));
  const judged = (key: string, seen: string | null, figures = {}) =>
    judgeCheck(
      checks.find((check) => check.key === key)!,
      { check: key, seen, figures },
    );
  expect(judged('output-pump-2', 'one').pattern?.code).toBe('SPA-01');
  expect(judged('page-gone', 'page').pattern?.code).toBe('SPA-02');
  expect(judged('rcd', 'not').pattern?.code).toBe('SPA-11');
  expect(judged('warms', null, { rise_K: 0 }).pattern?.code).toBe('SPA-12');
  expect(judged('warms', null, { rise_K: 0.5 }).pattern?.code).toBe('SPA-08');
  expect(judged('number-back', null, { number: 4 }).pattern?.code).toBe('SPA-01');
  expect(judged('no-fault', 'reminder').ok).toBe(true);
  expect(judged('no-fault', 'unknown').ok).toBe(false);
});
