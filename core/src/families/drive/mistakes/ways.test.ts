import { parameterWithRole } from '../../../profile';
import { contextOf, DUTY, ONE, SET, sound, texts, WHEEL } from '../fixtures';
import type { DriveRole } from '../settings/roles';

/** Too much or too little of one setting, and one step nearer to what is right. */
const keyOf = (role: DriveRole, profile = SET) => parameterWithRole(profile, role)!.key;

test.each<[string, DriveRole, number, number]>([
  ['DRV-14.slow', 'ramp.up', 21, 20],
  ['DRV-13.wait', 'next.delay', 46, 45],
  // 3.7 bar set, and the taps need 3.18 at no flow
  ['DRV-13.next', 'next.below', 0.54, 0.53],
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

test('DRV-16.gain: more gain than a bare pipe stands still with; near misses: a little less, or a vessel', () => {
  const bare = contextOf(WHEEL, { ...ONE, vessel: null });
  const loop = (gain: number) => ({ [keyOf('gain', WHEEL)]: gain, [keyOf('reset', WHEEL)]: 2 });
  expect(texts(bare, loop(90))).toContain('DRV-16.gain');
  expect(texts(bare, loop(89))).not.toContain('DRV-16.gain');
  expect(texts(contextOf(WHEEL, ONE), loop(90))).not.toContain('DRV-16.gain');
});

test('DRV-16.slow: a reset with which the pressure is back after 20 s; near miss: a step less', () => {
  const context = contextOf(WHEEL, ONE);
  const loop = (reset: number) => ({ [keyOf('gain', WHEEL)]: 20, [keyOf('reset', WHEEL)]: reset });
  expect(texts(context, loop(12.9))).toContain('DRV-16.slow');
  expect(texts(context, loop(12.8))).not.toContain('DRV-16.slow');
});

test('DRV-09.second, DRV-13.second: a second set pressure past the system, or under the highest tap', () => {
  // 8 bar is the lowest rating, and 12 m of water are 1.18 bar
  const context = contextOf(WHEEL, ONE);
  const second = keyOf('set.second', WHEEL);
  expect(texts(context, { [second]: 8.1 })).toContain('DRV-09.second');
  expect(texts(context, { [second]: 8 })).not.toContain('DRV-09.second');
  expect(texts(context, { [second]: 1.1 })).toContain('DRV-13.second');
  expect(texts(context, { [second]: 1.2 })).not.toContain('DRV-13.second');
  // a smaller sensor ends before the system does
  const small = contextOf(WHEEL, { ...ONE, sensor: { range_bar: 6 } });
  expect(texts(small, { [second]: 6.1 })).toContain('DRV-09.second');
  expect(texts(small, { [second]: 6 })).not.toContain('DRV-09.second');
});

test.each<[string, number, number]>([
  ['DRV-11.idle', 169, 168],
  ['DRV-08.turns', 1, 2],
])('%s: the lead changes after %d h; near miss: after %d h', (text, slip, near) => {
  const context = contextOf(SET, DUTY);
  expect(texts(context, { [keyOf('next.hours')]: slip })).toContain(text);
  expect(texts(context, { [keyOf('next.hours')]: near })).not.toContain(text);
});

test('DRV-07.silent: it stops when its link is silent; near miss: it goes on by itself', () => {
  const context = contextOf(WHEEL, ONE);
  const silence = keyOf('link.silence', WHEEL);
  expect(texts(context, { [silence]: 'stop' })).toContain('DRV-07.silent');
  expect(texts(context, { [silence]: 'own' })).not.toContain('DRV-07.silent');
});

test('the next pump joins no nearer than what the pressure moves by in itself, however little is to spare', () => {
  // 3.2 bar are held and 3.18 needed at no flow: what is to spare is less than the ripple
  const close = { ...DUTY, holds: { ...DUTY.holds, pipe_bar: 0.02 } as typeof DUTY.holds };
  // a controller that takes hundredths, and starts as soon as the pressure falls at all
  const parameters = SET.parameters.flatMap((parameter) => {
    if (parameter.role === 'cut-in') return [];
    const fine = parameter.role === 'next.below' || parameter.role === 'set';
    return fine ? [{ ...parameter, least: 0.01, step: 0.01 }] : [parameter];
  });
  expect(sound(contextOf(SET, close))[keyOf('next.below')]).toBe(0.1);
  expect(sound(contextOf({ ...SET, parameters }, close))[keyOf('next.below')]).toBeCloseTo(0.1, 9);
});
