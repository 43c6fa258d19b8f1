import { TODAY, TWO_POINT } from '../../families/metering/fixtures';
import { FOUR_SPEEDS, TEN_SLOTS } from '../../families/pool/fixtures';
import { clockShows, contentHash } from '../../profile';
import type { ShownClock } from '../../time';
import { carriedOver } from './carried-over';
import { clockDrift, clockWords, driftInWords } from './clock';
import { BLANK, Writer } from '../testing/fixtures';
import { viewJob } from '..';
import type { AnyProfile, Earlier, JobDocument } from '../../families';

const on = (profile: AnyProfile): JobDocument => ({ ...BLANK, profile, profileHash: contentHash(profile) });
const WITH_CLOCK = on(TWO_POINT);
/** 24 November 2026 is a Tuesday. */
const TUESDAY = { time: '9:05', weekday: 2 };
const clock = (
  error_min: number | null,
  { setRight = false, shown, document = WITH_CLOCK }: Partial<Clock> = {},
) =>
  new Writer(document).record({
    kind: 'clock',
    error_min,
    setRight,
    reason: error_min === null ? 'No display.' : null,
    ...(shown ? { shown } : {}),
  });
interface Clock {
  readonly setRight: boolean;
  readonly shown: ShownClock;
  readonly document: JobDocument;
}
const texts = (writer: Writer) =>
  viewJob(writer.document, TODAY)
    .findings.job.map(({ text }) => text)
    .filter((text) => text.startsWith('ANY-04'));
const left = (error_min: number, setRight: boolean, date = '2026-08-26'): Earlier => ({
  date,
  body: { kind: 'clock', error_min, setRight, reason: null },
});

describe('ANY-04 clock', () => {
  test.each([
    ['never checked', new Writer(WITH_CLOCK), ['ANY-04.unchecked']],
    ['not read', clock(null), ['ANY-04.unchecked']],
    ['6 min off', clock(-6, { shown: TUESDAY }), ['ANY-04.off']],
    ['half a day off', clock(718, { shown: TUESDAY }), ['ANY-04.swapped']],
    ['the weekday not read', clock(0), ['ANY-04.day']],
    ['a day off by the weekday', clock(-1440, { shown: TUESDAY }), ['ANY-04.off']],
  ])('mistake: %s', (_, writer, codes) => {
    expect(texts(writer)).toEqual(codes);
  });
  test('near misses: 5 min off; 60 min off and set right; a date says the weekday too; no clock', () => {
    expect(texts(clock(5, { shown: TUESDAY }))).toEqual([]);
    expect(texts(clock(60, { setRight: true }))).toEqual([]);
    expect(texts(clock(0, { shown: { time: '9:05', date: '2026-11-24' } }))).toEqual([]);
    expect(texts(new Writer())).toEqual([]);
  });
  test('what a clock shows: said by its profile, or by programs that name their days', () => {
    expect([TWO_POINT, TEN_SLOTS, FOUR_SPEEDS, BLANK.profile].map(clockShows)).toEqual([
      'date',
      'weekday',
      'time',
      null,
    ]);
  });
});

describe('drift between two visits', () => {
  const found = (error_min: number, earlier: Earlier[]) =>
    clock(error_min, { document: { ...WITH_CLOCK, earlier } }).document;
  test('90 days after it was set right it is 9 min slow: 3 min a month, and the paper says so', () => {
    const document = found(-9, [left(40, true)]);
    expect(clockDrift(document)?.perMonth_min).toBeCloseTo(-3, 9);
    expect(driftInWords(clockDrift(document))).toBe(
      'It loses 3 min a month, by the readings since 26 Aug 2026.',
    );
    expect(clockWords(document)).toBe(
      '9 min slow at 09:00. It loses 3 min a month, by the readings since 26 Aug 2026',
    );
  });
  test('left as it was found, it counts from there', () => {
    expect(clockDrift(found(-9, [left(-9, false)]))?.perMonth_min).toBe(0);
    expect(driftInWords(clockDrift(found(-9, [left(-9, false)])))).toBe(
      'The clock has kept time since 26 Aug 2026.',
    );
  });
  test.each([
    ['nothing read before', -9, []],
    ['read two weeks ago less a day', -9, [left(0, true, '2026-11-11')]],
    ['an hour apart: somebody set it, or summer time did', 60, [left(0, true)]],
  ])('none is made of: %s', (_, error_min, earlier) => {
    expect(clockDrift(found(error_min, earlier))).toBeNull();
  });
  test('the next job gets the last reading that tells anything, and only that one', () => {
    const document = found(-9, [left(0, true, '2026-05-01')]);
    expect(carriedOver(document)).toMatchObject([{ date: TODAY, body: { kind: 'clock', error_min: -9 } }]);
    const unread = clock(null, { document: { ...WITH_CLOCK, earlier: [left(2, false)] } }).document;
    expect(carriedOver(unread)).toEqual([left(2, false)]);
  });
});
