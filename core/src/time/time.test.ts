import {
  addDays,
  clockError_min,
  clockErrorInWords,
  dateInWords,
  halfADayOff,
  parseDate,
  shareOfDay,
  siteDate,
  siteTime,
} from './index';

test('a site’s date and time are its own, summer and winter', () => {
  expect(siteDate('2026-11-24T23:30:00Z', 'Europe/Athens')).toBe('2026-11-25');
  expect(siteTime('2026-07-01T12:00:00Z', 'Atlantic/Faroe')).toBe('13:00');
  expect(siteTime('2026-12-01T12:00:00Z', 'Atlantic/Faroe')).toBe('12:00');
  expect(shareOfDay('2026-12-01T06:00:00Z', 'Atlantic/Faroe')).toBe(0.25);
  expect(addDays('2026-12-31', 1)).toBe('2027-01-01');
  expect(addDays('2026-10-25', -1)).toBe('2026-10-24');
  expect(dateInWords('2026-05-31')).toBe('31 May 2026');
});

test.each([
  ['14:10', '14:05', 5],
  ['23:58', '00:03', -5],
  ['00:03', '23:58', 5],
  ['9.30', '09:30', 0],
  ['25:00', '09:30', null],
  ['soon', '09:30', null],
])('a clock that shows %s at %s is %s min off', (shows, true_, off) => {
  expect(clockError_min({ time: shows }, { date: '2026-11-24', time: true_ })).toBe(off);
});

// 24 November 2026 is a Tuesday
test.each([
  ['the right day', { time: '14:05', weekday: 2 }, '14:00', 5],
  ['just after midnight, still Tuesday for us', { time: '00:03', weekday: 3 }, '23:58', 5],
  ['midnight not yet come', { time: '23:58', weekday: 1 }, '00:03', -5],
  ['a day late', { time: '14:00', weekday: 1 }, '14:00', -1440],
  ['Sunday is two days before Tuesday, not five after', { time: '14:00', weekday: 7 }, '14:00', -2880],
  ['evening for morning', { time: '19:00', weekday: 2 }, '7:00', 720],
  ['a date counts every day', { time: '14:00', date: '2026-11-10' }, '14:00', -14 * 1440],
  ['a date says more than a weekday', { time: '14:00', date: '2026-11-24', weekday: 5 }, '14:00', 0],
])('%s', (_, shown, time, off) => {
  expect(clockError_min(shown, { date: '2026-11-24', time })).toBe(off);
});

test.each([
  [0, 'right to the minute', false],
  [-7, '7 min slow', false],
  [62, '62 min fast', false],
  [125, '2 h 5 min fast', false],
  [-1440, '1 day slow', false],
  [2 * 1440 + 65, '2 days 1 h 5 min fast', false],
  [705, '11 h 45 min fast', true],
  [-750, '12 h 30 min slow', true],
  [-751, '12 h 31 min slow', false],
  [1440 + 720, '1 day 12 h fast', true],
])('%s min are said as: %s', (off, words, swapped) => {
  expect(clockErrorInWords(off)).toBe(words);
  expect(halfADayOff(off)).toBe(swapped);
});

test.each([
  ['2027-05-31', '2027-05-31'],
  ['31.5.2027', '2027-05-31'],
  [' 01. 02. 2027 ', '2027-02-01'],
  ['31 May 2027', '2027-05-31'],
  ['29.2.2028', '2028-02-29'],
  // no such days, and what could be read two ways
  ['29.2.2027', null],
  ['2027-13-01', null],
  ['31 Mayhem 2027x', null],
  ['5/6/2027', null],
  ['', null],
])('the date %p is %p', (text, date) => {
  expect(parseDate(text)).toBe(date);
});
