import { motorContext, pulseContext } from '../../families/metering/fixtures';
import { contextOf, LINK, PANEL, TEN_SLOTS } from '../../families/pool/fixtures';
import { eventsFor, thrownAtATap } from '..';

describe('what can happen to a pump on the bench', () => {
  test('a timed run only where the controller ends one by itself', () => {
    expect(eventsFor(contextOf(TEN_SLOTS))).toContain('timed-run');
    expect(eventsFor(contextOf(PANEL))).toContain('timed-run');
    expect(eventsFor(contextOf(LINK))).not.toContain('timed-run');
    expect(eventsFor(contextOf(LINK))).toContain('suction-blocked');
  });
  test('a meter bounces where there is one, a current breaks where there is one', () => {
    expect(eventsFor(pulseContext())).toContain('meter-bounce');
    expect(eventsFor(pulseContext())).not.toContain('broken-wire');
    expect(eventsFor(motorContext())).toContain('broken-wire');
    expect(eventsFor(motorContext())).not.toContain('meter-bounce');
  });
  test('a stop contact only where one is wired', () => {
    const { duty } = motorContext();
    const wired = motorContext({ duty: { ...duty, place: { ...duty.place, stopContact: true } } });
    const stops = ['stop-asked', 'stop-open', 'wire-pulled'];
    expect(eventsFor(wired)).toEqual(expect.arrayContaining(stops));
    const bare = motorContext({ duty: { ...duty, place: { ...duty.place, stopContact: false } } });
    for (const stop of stops) expect(eventsFor(bare)).not.toContain(stop);
  });
  test('a tap is enough for what needs no figure', () => {
    expect(thrownAtATap(contextOf(TEN_SLOTS))).toEqual(['power-cut', 'suction-blocked', 'timed-run', 'hold']);
    expect(thrownAtATap(motorContext())).not.toContain('pressure');
  });
});
