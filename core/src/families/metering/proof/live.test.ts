import { SOUND_TWO_POINT, SOUND_PULSE, pulseContext, twoPointContext } from '../fixtures';
import { parameterWithRole } from '../../../profile';
import { judgeLive } from './live';
import { understand } from '../settings/understand';

const context = twoPointContext({
  duty: { ...twoPointContext().duty, signal: { source: 'flow', low_mA: 4, span_m3h: 80 } },
});
// 4 mA: 0, 20 mA: 68 strokes/min
const settings = understand(context.profile, context.plate, SOUND_TWO_POINT);
const judged = (display_m3h: number | null, current_mA: number | null, rate_spm: number | null) =>
  judgeLive(context, settings, { display_m3h, current_mA, rate_spm });

test('the display asks for a current, the current for strokes', () => {
  // 20 of 80 m³/h: 4 + 0.25·16 = 8 mA; (8 − 4)/16·68 = 17 strokes/min
  const verdict = judged(20, 8.1, 17);
  expect(verdict).toMatchObject({ sent_mA: 8, sentOk: true, by_mA: 8.1, rateOk: true });
  expect(judged(20, null, 17)?.expected_spm).toBeCloseTo(17, 9);
});
test('transmitter and loop may be off by a hundredth of the span and a tenth of a milliampere together: 0.26 mA', () => {
  expect(judged(20, 8.26, 17)?.sentOk).toBe(true);
  expect(judged(20, 8.27, 17)?.sentOk).toBe(false);
});
test('on a flat line a count over a minute tells one stroke, and the display half of one', () => {
  // 4 mA: 0, 20 mA: 4 strokes/min; at 8 mA one is expected
  const key = parameterWithRole(context.profile, 'signal.y2')!.key;
  const flat = understand(context.profile, context.plate, { ...SOUND_TWO_POINT, [key]: 4 });
  const read = (rate_spm: number) => judgeLive(context, flat, { display_m3h: null, current_mA: 8, rate_spm });
  expect(read(2.5)).toMatchObject({ expected_spm: 1, rateOk: true });
  expect(read(2.6)).toMatchObject({ rateOk: false });
});
test.each([
  ['a span set wrong', 20, 12, 34, { sentOk: false, rateOk: true }],
  ['strokes that do not follow', 20, 8, 30, { sentOk: true, rateOk: false }],
  ['no rate read', 20, 8, null, { sentOk: true, rateOk: null }],
  ['a display beyond the span', 200, null, 68, { sent_mA: 20, sentOk: null, rateOk: true }],
])('%s', (_, display, current, rate, said) => {
  expect(judged(display, current, rate)).toMatchObject(said);
});
test('nothing to go by is no verdict: nothing read, a meter, settings not known', () => {
  expect(judged(null, null, 17)).toBeNull();
  const pulse = pulseContext();
  const read = { display_m3h: 20, current_mA: 8, rate_spm: 17 };
  expect(judgeLive(pulse, understand(pulse.profile, pulse.plate, SOUND_PULSE), read)).toBeNull();
  expect(judgeLive(context, understand(context.profile, context.plate, {}), read)).toBeNull();
});
