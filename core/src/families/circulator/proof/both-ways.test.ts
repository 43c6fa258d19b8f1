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
    ['volts-up', 'volts-down', 'wire-off'],
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
    ['contact', 'fault-contact', 'air', 'flow', 'power', 'supply-cut'],
  ],
  ['a return', contextOf(RETURN, HOT), ['far-end']],
  ['a twin', contextOf(TWIN, TWIN_DUTY), ['twin-runs', 'twin-change', 'flap-1', 'flap-2']],
])('%s: what is tried is told right from wrong', (_, context, keys) => {
  const checks = proofChecks(context, understand(context.profile, context.plate, sound(context)));
  expect(checks.map(({ key }) => key)).toEqual(expect.arrayContaining(keys));
  expect(judgedBothWays(checks, judgeCheck)).toEqual([]);
});
