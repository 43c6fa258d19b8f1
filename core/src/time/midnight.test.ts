import { clockChanges, timesOnClock } from './index';

describe('clocks that change at midnight', () => {
  test('the Azores: forward from 0:00 on the Sunday, back to 0:00 from 1:00', () => {
    const [forward, back] = clockChanges('Atlantic/Azores', '2026-11-24');
    expect(forward).toEqual({ date: '2027-03-28', at_min: 0, by_min: 60 });
    expect(back).toEqual({ date: '2027-10-31', at_min: 60, by_min: -60 });
    expect(timesOnClock('Atlantic/Azores', '2027-03-28', 30)).toBe(0);
    expect(timesOnClock('Atlantic/Azores', '2027-10-31', 30)).toBe(2);
    expect(timesOnClock('Atlantic/Azores', '2027-03-27', 1430)).toBe(1);
  });
  test('Cairo: two changes a year, the one back repeats the last hour of the day that ends', () => {
    const changes = clockChanges('Africa/Cairo', '2026-01-01');
    expect(changes).toHaveLength(2);
    const [forward, back] = changes;
    expect(forward).toMatchObject({ at_min: 0, by_min: 60 });
    expect(back).toMatchObject({ at_min: 1440, by_min: -60 });
    expect(timesOnClock('Africa/Cairo', back.date, 23 * 60 + 30)).toBe(2);
  });
  test('Santiago: the hour after midnight that is skipped belongs to the new day', () => {
    const forward = clockChanges('America/Santiago', '2026-01-01').find(({ by_min }) => by_min > 0)!;
    expect(forward.at_min).toBe(0);
    expect(timesOnClock('America/Santiago', forward.date, 10)).toBe(0);
    expect(timesOnClock('America/Santiago', forward.date, 60)).toBe(1);
  });
  test('no change is told twice, whatever day it is asked from', () => {
    for (const zone of [
      'Africa/Cairo',
      'America/Santiago',
      'Atlantic/Azores',
      'Atlantic/Faroe',
      'Pacific/Auckland',
    ]) {
      const dates = clockChanges(zone, '2026-06-15').map(({ date }) => date);
      expect(new Set(dates).size).toBe(dates.length);
      expect(dates.length).toBe(2);
    }
  });
});
