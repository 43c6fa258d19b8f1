import { addDays, clockError_min, dateInWords, parseDate, shareOfDay, siteDate, siteTime } from './index';

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
  expect(clockError_min(shows, true_)).toBe(off);
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
