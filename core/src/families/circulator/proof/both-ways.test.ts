import { judgedBothWays } from '../../../job/testing/both-ways.fixtures';
import { BUILDING, contextOf, DUTY, HOT, RETURN, sound, TWIN, TWIN_DUTY } from '../fixtures';
import { understand } from '../settings/understand';
import type { CirculatorDuty } from '../wire/duty';
import { proofChecks } from './checks';
import { judgeCheck } from './patterns';

const told = (control: CirculatorDuty['control'], more: Partial<CirculatorDuty> = {}) =>
  contextOf(BUILDING, { ...DUTY, control, ...more });

test.each([
  [
    'by volts',
    told({ kind: 'volts', off_V: 1, on_V: 1.5, full_V: 10 }),
    ['volts-up', 'volts-down', 'volts-line-1', 'volts-line-2', 'volts-line-3', 'wire-off'],
  ],
  [
    'by a sensor',
    told({ kind: 'sensor', range_bar: 0.6 }),
    ['sensor-rest', 'sensor-off', 'mode-after-wiring'],
  ],
  [
    'over a link',
    told({ kind: 'link', others: [], silent: 'stop' }),
    ['link-answers', 'link-silent', 'menu-taken'],
  ],
  [
    'with contact and fault contact',
    told({ kind: 'own' }, { contact: 'wired', alarm: { volts_V: 24, amps_A: 0.1, onFault: 'opens' } }),
    ['contact', 'fault-contact', 'air', 'flow', 'head', 'power', 'supply-cut'],
  ],
  ['a return', contextOf(RETURN, HOT), ['far-end']],
  ['a twin', contextOf(TWIN, TWIN_DUTY), ['twin-runs', 'twin-change', 'flap-1', 'flap-2']],
])('%s: what is tried is told right from wrong', (_, context, keys) => {
  const checks = proofChecks(context, understand(context.profile, context.plate, sound(context)));
  expect(checks.map(({ key }) => key)).toEqual(expect.arrayContaining(keys));
  expect(judgedBothWays(checks, judgeCheck)).toEqual([]);
});

test('a head that is off by a ratio of ranges names the range; short by another share, air or direction; near it, nothing', () => {
  const context = told({ kind: 'sensor', range_bar: 0.6 });
  const checks = proofChecks(context, understand(context.profile, context.plate, sound(context)));
  const head = checks.find(({ key }) => key === 'head')!;
  const at = (share: number) =>
    judgeCheck(head, { check: 'head', seen: null, figures: { head_m: head.about!.at! * share } });
  expect(at(1.5).pattern).toMatchObject({ code: 'CIR-06', kind: 'range' });
  expect(at(0.8).pattern).toMatchObject({ code: 'CIR-03' });
  expect(at(1.2).pattern).toBeNull();
  expect(at(0.95)).toMatchObject({ ok: true, pattern: null });
});
