import { judgedBothWays } from '../../../job/testing/both-ways.fixtures';
import { contextOf, NUMBERED, sound, VACUUM } from '../fixtures';
import { understand } from '../settings/understand';
import { proofChecks } from './checks';
import { judgeCheck } from '../../../proof';

const ALWAYS = ['direction', 'starts-stops', 'holds-back', 'greatest-flow', 'alarm', 'supply-cut', 'float'];

test.each([
  ['even-flow with a cooler', contextOf(), [...ALWAYS, 'delivered', 'empties']],
  ['under vacuum, following the level', contextOf(NUMBERED, VACUUM), ALWAYS],
])('%s: what is tried is told right from wrong; the float comes last', (_, context, keys) => {
  const checks = proofChecks(context, understand(context.profile, context.plate, sound(context)));
  expect(checks.map(({ key }) => key).sort()).toEqual([...keys].sort());
  expect(checks.at(-1)?.key).toBe('float');
  expect(judgedBothWays(checks, judgeCheck)).toEqual([]);
});

test('what fails names its slip', () => {
  const context = contextOf();
  const checks = proofChecks(context, understand(context.profile, context.plate, sound(context)));
  const judged = (key: string, seen: string | null, figures = {}) =>
    judgeCheck(
      checks.find((check) => check.key === key)!,
      { check: key, seen, figures },
    ).pattern?.code;
  expect([judged('float', 'falls'), judged('holds-back', 'rises'), judged('direction', 'wrong')]).toEqual([
    'LEV-08',
    'LEV-13',
    'LEV-06',
  ]);
  expect(judged('greatest-flow', null, { flow_m3h: 1 })).toBe('LEV-01');
  expect([judged('delivered', null, { delivered_C: 16 }), judged('starts-stops', 'late')]).toEqual([
    'LEV-11',
    'LEV-09',
  ]);
});
