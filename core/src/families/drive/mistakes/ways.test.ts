import { parameterWithRole } from '../../../profile';
import { contextOf, DUTY, ONE, SET, texts, WHEEL } from '../fixtures';
import type { DriveRole } from '../settings/roles';

/** Too much or too little of one setting, and one step nearer to what is right. */
const keyOf = (role: DriveRole, profile = SET) => parameterWithRole(profile, role)!.key;

test.each<[string, DriveRole, number, number]>([
  ['DRV-14.slow', 'ramp.up', 21, 20],
  ['DRV-13.wait', 'next.delay', 46, 45],
  // 3.7 bar set, and the taps need 3.18 at no flow
  ['DRV-13.next', 'next.below', 0.6, 0.5],
  ['DRV-14.over', 'frequency.greatest', 50.5, 50],
])('%s: mistake %s at %d; near miss at %d', (text, role, slip, near) => {
  const context = contextOf(SET, DUTY);
  expect(texts(context, { [keyOf(role)]: slip })).toContain(text);
  expect(texts(context, { [keyOf(role)]: near })).not.toContain(text);
});

test('DRV-12.churns: it runs on a second over a minute against a shut valve; near miss: a minute', () => {
  const context = contextOf(WHEEL, ONE);
  const delay = keyOf('stop.delay', WHEEL);
  expect(texts(context, { [delay]: 61 })).toContain('DRV-12.churns');
  expect(texts(context, { [delay]: 60 })).not.toContain('DRV-12.churns');
});

test('DRV-14.slow: a large pump may take three times its shortest ramp', () => {
  const large = contextOf(SET, { ...DUTY, pump: { ...DUTY.pump, ramp_s: 10 } });
  expect(texts(large, { [keyOf('ramp.up')]: 30 })).not.toContain('DRV-14.slow');
  expect(texts(large, { [keyOf('ramp.up')]: 31 })).toContain('DRV-14.slow');
});
