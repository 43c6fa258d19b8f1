import {
  checkedZone,
  clockChanges,
  daysInWords,
  minuteOfDay,
  timesOnClock,
  weekday,
  wordsOfNight,
} from './index';

test('the nights the clocks change, and what they do to a time', () => {
  expect(clockChanges('Atlantic/Faroe', '2026-11-24').map(({ date, by_min }) => [date, by_min])).toEqual([
    ['2027-03-28', 60],
    ['2027-10-31', -60],
  ]);
  expect(clockChanges('Atlantic/Reykjavik', '2026-11-24')).toEqual([]);
  expect(
    [59, 60, 90, 119, 120].map((minute) => timesOnClock('Atlantic/Faroe', '2027-03-28', minute)),
  ).toEqual([1, 0, 0, 0, 1]);
  expect([59, 60, 119, 120].map((minute) => timesOnClock('Atlantic/Faroe', '2027-10-31', minute))).toEqual([
    1, 2, 2, 1,
  ]);
  expect(timesOnClock('Atlantic/Faroe', '2027-06-01', 90)).toBe(1);
});

test('the words for a program at such a time', () => {
  expect(wordsOfNight('Atlantic/Faroe', '2026-11-24', 90)).toBe(
    'On 28 Mar 2027 there is no 1:30: the clock skips it.',
  );
  expect(wordsOfNight('Atlantic/Faroe', '2027-04-24', 90)).toBe('On 31 Oct 2027 1:30 comes twice.');
  expect(wordsOfNight('Atlantic/Faroe', '2026-11-24', 420)).toBeNull();
});

test('an unknown zone is said in words', () => {
  expect(() => checkedZone('Skerrow/North')).toThrow('“Skerrow/North” is no time zone.');
  expect(checkedZone('Atlantic/Faroe')).toBe('Atlantic/Faroe');
});

test.each([
  ['7', 420],
  ['7:05', 425],
  ['0705', 425],
  ['7.05 pm', 1145],
  ['12 am', 0],
  ['24:00', null],
  ['7:60', null],
  ['noon', null],
])('%s is minute %s of the day', (text, minute) => {
  expect(minuteOfDay(text)).toBe(minute);
});

test('days in words, and the day of a date', () => {
  expect(['1234567', '12345', '67', '135', '1267'].map(daysInWords)).toEqual([
    'every day',
    'Mon–Fri',
    'Sat, Sun',
    'Mon, Wed, Fri',
    'Mon, Tue, Sat, Sun',
  ]);
  expect([weekday('2026-11-23'), weekday('2026-11-29')]).toEqual([1, 7]);
});
