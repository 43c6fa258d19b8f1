import { judgedBothWays } from '../../../job/testing/both-ways.fixtures';
import { BOX, contextOf, DUTY, ONE, sound, WHEEL } from '../fixtures';
import { understand } from '../settings/understand';
import { proofChecks } from './checks';
import { judgeCheck } from './patterns';

const PRESSURE = [
  'zero',
  'set-pressure',
  'steady',
  'closed-valve',
  'stops',
  'stop-flow',
  'cut-in',
  'dry',
  'supply-cut',
  'nothing-shut',
];

test.each([
  [
    'a set',
    contextOf(),
    ['direction-1', 'direction-2', ...PRESSURE, 'each-answers', 'change-over', 'one-out', 'sensor-off'],
  ],
  ['a wall box', contextOf(BOX, DUTY), ['cut-in', 'one-out', 'sensor-off']],
  ['at one speed', contextOf(WHEEL, { ...ONE, holds: { kind: 'speed', set_hz: 42 } }), ['frequency']],
  [
    'by a signal',
    contextOf(WHEEL, { ...ONE, holds: { kind: 'signal', least_hz: 25, most_hz: 45 } }),
    ['signal-ends'],
  ],
  [
    'a difference',
    contextOf(WHEEL, { ...ONE, holds: { kind: 'difference', set_bar: 1.2 } }),
    ['zero', 'set-pressure'],
  ],
])('%s: what is tried is told right from wrong, and what fails names its slip', (_, context, keys) => {
  const settings = understand(context.profile, context.plate, {
    ...sound(context),
    proto: 'serial-1',
    bus: 3,
  });
  const checks = proofChecks(context, settings);
  expect(checks.map(({ key }) => key)).toEqual(expect.arrayContaining(keys));
  expect(judgedBothWays(checks, judgeCheck)).toEqual([]);
});
