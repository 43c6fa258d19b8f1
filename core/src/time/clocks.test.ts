import fc from 'fast-check';
import {
  addDays,
  addMonths,
  clockError_min,
  clockErrorInWords,
  dateInWords,
  DAY_MIN,
  DAYS,
  daysInWords,
  halfADayOff,
  minuteOfDay,
  onDay,
  parseDate,
  shareOfDay,
  siteDate,
  siteTime,
  spanInWords,
  timeOfDay,
  WEEK_MIN,
  weekday,
} from './index';

const minute = fc.integer({ min: 0, max: DAY_MIN - 1 });
const date = fc
  .date({ min: new Date('1990-01-01T00:00:00Z'), max: new Date('2099-12-31T00:00:00Z'), noInvalidDate: true })
  .map((at) => at.toISOString().slice(0, 10));

describe('a time of day', () => {
  test('is read as it is written, whichever way people write it', () => {
    fc.assert(
      fc.property(minute, (at) => {
        const written = timeOfDay(at);
        const [hour, rest] = written.split(':');
        const half = Number(hour) % 12 || 12;
        const ways = [written, written.replace(':', '.'), `${half}:${rest} ${at < 720 ? 'am' : 'PM'}`];
        for (const way of ways) expect([way, minuteOfDay(way)]).toEqual([way, at]);
      }),
    );
  });
  test.each(['24:00', '7:60', '13 pm', '0:30 am', 'noon', '', '7:5'])('“%s” is none', (text) => {
    expect(minuteOfDay(text)).toBeNull();
  });
});

describe('a clock that is off', () => {
  const moved = (at: number, by: number) => (((at + by) % WEEK_MIN) + WEEK_MIN) % WEEK_MIN;
  test('with a weekday: what it is off by comes back, up to half a week either way', () => {
    const off = fc.integer({ min: -WEEK_MIN / 2 + 1, max: WEEK_MIN / 2 - 1 });
    fc.assert(
      fc.property(date, minute, off, (today, now, error) => {
        const shows = moved((weekday(today) - 1) * DAY_MIN + now, error);
        const shown = { time: timeOfDay(shows % DAY_MIN), weekday: Math.floor(shows / DAY_MIN) + 1 };
        expect(clockError_min(shown, { date: today, time: timeOfDay(now) })).toBe(error);
      }),
    );
  });
  test('with the time alone: never more than half a day, by which it may be either way', () => {
    fc.assert(
      fc.property(minute, minute, (shows, now) => {
        const error = clockError_min(
          { time: timeOfDay(shows) },
          { date: '2026-11-24', time: timeOfDay(now) },
        )!;
        expect(Math.abs(error)).toBeLessThanOrEqual(DAY_MIN / 2);
        expect((((now + error) % DAY_MIN) + DAY_MIN) % DAY_MIN).toBe(shows);
      }),
    );
  });
  test('with a date: years count, and leap days with them', () => {
    const shown = { time: '12:00', date: '2000-01-01' };
    const error = clockError_min(shown, { date: '2026-11-24', time: '12:00' })!;
    expect(error / DAY_MIN).toBe(-9824);
    expect(clockErrorInWords(error)).toBe('9824 days slow');
  });
  test('what is no time of day is no clock', () => {
    expect(clockError_min({ time: '--:--' }, { date: '2026-11-24', time: '12:00' })).toBeNull();
  });
  test('half a day off is what swapping morning and evening makes of it, on whatever day', () => {
    for (const off of [720, -720, 700, -745, 720 + DAY_MIN])
      expect([off, halfADayOff(off)]).toEqual([off, true]);
    for (const off of [0, 600, 689, 751, DAY_MIN]) expect([off, halfADayOff(off)]).toEqual([off, false]);
  });
  test('is said in days, hours and minutes, none of which is zero', () => {
    expect([spanInWords(62), spanInWords(90), spanInWords(91), spanInWords(180)]).toEqual([
      '62 min',
      '90 min',
      '1 h 31 min',
      '3 h',
    ]);
    expect(spanInWords(DAY_MIN)).toBe('1 day');
    expect(spanInWords(2 * DAY_MIN + 65)).toBe('2 days 1 h 5 min');
    expect([clockErrorInWords(0), clockErrorInWords(-7)]).toEqual(['right to the minute', '7 min slow']);
  });
});

describe('days', () => {
  const some = fc.subarray([1, 2, 3, 4, 5, 6, 7], { minLength: 1 }).map((all) => all.join(''));
  test('every choice of them is one that a program takes, and is said so that each can be told', () => {
    fc.assert(
      fc.property(some, (days) => {
        expect(DAYS.test(days)).toBe(true);
        const words = daysInWords(days);
        const ends = [days[0], days.at(-1)!].map(
          (day) => ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'][Number(day) - 1],
        );
        if (words !== 'every day') for (const end of ends) expect(words).toContain(end);
        for (let day = 1; day <= 7; day++) expect(onDay(days, day)).toBe(days.includes(String(day)));
      }),
    );
  });
  test.each(['', '8', '21', '11', '0', 'Mon'])('“%s” is no choice of days', (text) => {
    expect(DAYS.test(text)).toBe(false);
  });
  test('two neighbours are named, three are a span', () => {
    expect([daysInWords('12'), daysInWords('123'), daysInWords('1357'), daysInWords('1234567')]).toEqual([
      'Mon, Tue',
      'Mon–Wed',
      'Mon, Wed, Fri, Sun',
      'every day',
    ]);
  });
});

describe('dates', () => {
  test('are read as they are said, and in the ways that people write them', () => {
    fc.assert(
      fc.property(date, (at) => {
        const [year, month, day] = at.split('-').map(Number);
        for (const way of [at, dateInWords(at), `${day}.${month}.${year}`])
          expect([way, parseDate(way)]).toEqual([way, at]);
      }),
    );
  });
  test.each(['31.4.2026', '29 Feb 2026', '5/6/2026', '2026-13-01', 'tomorrow', ''])(
    '“%s” is none',
    (text) => {
      expect(parseDate(text)).toBeNull();
    },
  );
  test('a day later is the next day of the week, over months, years and leap days', () => {
    fc.assert(
      fc.property(date, fc.integer({ min: -800, max: 800 }), (from, days) => {
        const to = addDays(from, days);
        expect(addDays(to, -days)).toBe(from);
        expect((((weekday(to) - weekday(from) - days) % 7) + 7) % 7).toBe(0);
      }),
    );
  });
  test('a month later is the same day, or the last where that month is shorter', () => {
    expect([addMonths('2026-01-31', 1), addMonths('2028-01-31', 1), addMonths('2026-11-30', 3)]).toEqual([
      '2026-02-28',
      '2028-02-29',
      '2027-02-28',
    ]);
    fc.assert(
      fc.property(date, fc.integer({ min: 0, max: 60 }), (from, months) => {
        const to = addMonths(from, months);
        expect(parseDate(to)).toBe(to);
        expect(Number(to.slice(8))).toBeLessThanOrEqual(Number(from.slice(8)));
      }),
    );
  });
});

describe('an instant at a site', () => {
  const instants = fc
    .date({
      min: new Date('2020-01-01T00:00:00Z'),
      max: new Date('2035-01-01T00:00:00Z'),
      noInvalidDate: true,
    })
    .map((at) => at.toISOString());
  test.each(['Atlantic/Faroe', 'America/St_Johns', 'Australia/Lord_Howe', 'Asia/Kolkata', 'UTC'])(
    'in %s its share of the day is its time, and its date is one day at most from that in UTC',
    (zone) => {
      fc.assert(
        fc.property(instants, (at) => {
          const time = siteTime(at, zone).slice(-5).trim();
          const read = minuteOfDay(time)!;
          expect(read).not.toBeNull();
          expect(Math.abs(shareOfDay(at, zone) * DAY_MIN - read)).toBeLessThanOrEqual(1);
          const days = (Date.parse(siteDate(at, zone)) - Date.parse(at.slice(0, 10))) / 86_400_000;
          expect(Math.abs(days)).toBeLessThanOrEqual(1);
        }),
        { numRuns: 40 },
      );
    },
  );
});
