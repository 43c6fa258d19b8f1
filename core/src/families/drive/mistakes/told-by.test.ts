import { shareTaken } from '../../../signal';
import { signalEnds_hz, withoutSignal } from '../effect/outside-signal';
import { ASKED, DIFFERENCE } from '../example-duties';
import { contextOf, PAGES, PLATE, sound, texts, wordsOf } from '../fixtures';
import { proofChecks } from '../proof/checks';
import { judgeCheck } from '../proof/patterns';
import { understand } from '../settings/understand';
import { driveDutySchema, type DriveDuty } from '../wire/duty';

const asked = contextOf(PAGES, ASKED);
const difference = contextOf(PAGES, DIFFERENCE);
const holding = (change: Partial<Extract<DriveDuty['holds'], { kind: 'signal' }>>) =>
  contextOf(PAGES, { ...ASKED, holds: { ...ASKED.holds, ...change } as DriveDuty['holds'] });
const settingsOf = (context: typeof asked, change = {}) =>
  understand(PAGES, PLATE, { ...sound(context), ...change });
const checkOf = (context: typeof asked, key: string, change = {}) =>
  proofChecks(context, settingsOf(context, change)).find((one) => one.key === key);
const judged = (context: typeof asked, key: string, seen: string, change = {}) =>
  judgeCheck(checkOf(context, key, change)!, { check: key, seen, figures: {} });

describe('DRV-01 the range of the signal', () => {
  test('mistake: 0–20 mA set for a source of 4–20 mA runs at a fifth of the span already; near miss: the source’s own', () => {
    expect(shareTaken('0-20', '4-20', 0)).toBeCloseTo(0.2);
    const [low, high] = signalEnds_hz(asked, settingsOf(asked, { span: 'b' }))!;
    // a fifth of the span from 30 to 50 Hz makes 4 Hz
    expect([low, high]).toEqual([34, 50]);
    expect(texts(asked, { span: 'b' })).toContain('DRV-01.signal');
    expect(wordsOf(asked, { span: 'b' }, 'DRV-01.signal')).toContain('34 Hz');
    expect(texts(asked)).not.toContain('DRV-01.signal');
  });
  test('mistake: the other way round the lowest fifth does nothing', () => {
    const source = holding({ source: '0-20' });
    expect(signalEnds_hz(source, settingsOf(source, { span: 'a' }))).toEqual([30, 50]);
    expect(shareTaken('4-20', '0-20', 0.2)).toBe(0);
    expect(texts(source, { span: 'a' })).toContain('DRV-01.signal');
  });
  test('mistake: a current on an input for volts is not read at all', () => {
    expect(signalEnds_hz(asked, settingsOf(asked, { span: 'c' }))).toBeNull();
    expect(texts(asked, { span: 'c' })).toContain('DRV-01.signal-kind');
  });
  test('nobody knows what the source gives: nothing is said of it, and nothing is planned', () => {
    const unknown = holding({ source: undefined });
    expect(texts(unknown, { span: 'b' })).not.toContain('DRV-01.signal');
    expect(sound(unknown).span).toBeUndefined();
  });
});

describe('DRV-09 without the signal', () => {
  test('mistake: another than the site decided; near miss: what it decided', () => {
    for (const slip of ['s', 'k', 'h']) expect(texts(asked, { lost: slip })).toContain('DRV-09.lost');
    expect(texts(asked)).not.toContain('DRV-09.lost');
  });
  test('nobody decided it: said, and as a warning where it goes to its maximum', () => {
    const open = holding({ lost: undefined });
    expect(texts(open, { lost: 's' })).toContain('DRV-09.lost-open');
    expect(texts(open, { lost: 'h' })).toContain('DRV-09.lost-full');
    expect(sound(open).lost).toBeUndefined();
  });
  test('without a live zero a broken wire is the minimum signal, whatever is set for a lost one', () => {
    const volts = holding({ source: '0-10' });
    expect(texts(volts)).toContain('DRV-09.wire');
    expect(withoutSignal(settingsOf(volts, { lost: 'h' }))).toBe('least');
    expect(wordsOf(volts, { lost: 'h' }, 'DRV-09.wire')).toContain('never happens');
    expect(texts(asked)).not.toContain('DRV-09.wire');
  });
  test('the wire is taken off, and what is seen is judged by what is set', () => {
    expect(checkOf(asked, 'signal-off')!.expected).toContain('minimum frequency');
    expect(judged(asked, 'signal-off', 'least').ok).toBe(true);
    expect(judged(asked, 'signal-off', 'greatest')).toMatchObject({ ok: false });
    expect(judged(asked, 'signal-off', 'stop', { lost: 's' }).ok).toBe(true);
    // what nobody knows is expected by nobody
    const unread = { ...sound(asked), lost: undefined };
    expect(proofChecks(asked, understand(PAGES, PLATE, unread)).map(({ key }) => key)).not.toContain(
      'signal-off',
    );
  });
  test('both ends are given in the source’s own words', () => {
    expect(checkOf(asked, 'signal-ends')).toMatchObject({
      method: 'Give 4 mA and 20 mA, and read the frequency at each.',
    });
  });
});

describe('DRV-01 a difference by two sensors', () => {
  test('mistake: one range set for both; near miss: each its own', () => {
    expect(texts(difference, { rangeB: 10 })).toContain('DRV-01.second');
    expect(texts(difference, { rangeB: 6.5 })).toContain('DRV-01.second');
    expect(texts(difference)).not.toContain('DRV-01.second');
    expect(sound(difference)).toMatchObject({ sense: 'two', rangeA: 10, rangeB: 6 });
  });
  test('mistake: a differential sensor chosen; near miss: two', () => {
    for (const slip of ['one', 'diff']) expect(texts(difference, { sense: slip })).toContain('DRV-01.kind');
    expect(texts(difference)).not.toContain('DRV-01.kind');
  });
  test('each is vented by itself, and swapped sides show the difference below 0', () => {
    const keys = proofChecks(difference, settingsOf(difference)).map(({ key }) => key);
    expect(keys).toEqual(expect.arrayContaining(['zero', 'zero-inlet', 'sensor-sides']));
    expect(judged(difference, 'sensor-sides', 'more').ok).toBe(true);
    expect(judged(difference, 'sensor-sides', 'swapped').pattern?.code).toBe('DRV-01');
  });
  test('two without the range of the second: told at its place', () => {
    const read = driveDutySchema.safeParse({ ...DIFFERENCE, sensor: { range_bar: 10, by: 'two' } });
    expect(read.error?.issues[0].path).toEqual(['sensor', 'second_bar']);
  });
});

describe('DRV-02 a power in hp', () => {
  test('mistake: another than the plate’s 2.2 kW, which are 2.95 hp; near miss: the nearest that its display has', () => {
    expect(sound(asked).power).toBe(3);
    for (const slip of [2.5, 3.5]) expect(texts(asked, { power: slip })).toContain('DRV-02');
    expect(texts(asked)).not.toContain('DRV-02');
    expect(settingsOf(asked).motor.power_kW).toBeCloseTo(3 * 0.7457, 3);
  });
});
