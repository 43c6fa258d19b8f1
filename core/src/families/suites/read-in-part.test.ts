import { bareContext, benchSheet, summarise, viewJob } from '../../job';
import { renderFinding } from '../../findings';
import type { SettingValues } from '../../profile';
import { METRIC } from '../../units';
import { TODAY, Walk, type Sample } from '../../job/testing/walk.fixtures';
import { ALL_TEXTS, familyOf } from '../index';
import { SAMPLES as DRIVES } from '../drive/fixtures';
import { SAMPLES as METERING } from '../metering/fixtures';
import { SAMPLES as POOLS } from '../pool/fixtures';
import { SAMPLES as SPAS } from '../spa/fixtures';

/** What was read in part, or stands where no display should show it: a page that speaks of it stands all the same. */

const jobOn = (sample: Sample, found: SettingValues) => {
  const walk = new Walk(sample);
  walk.arrive();
  walk.found(found);
  return viewJob(walk.document, TODAY);
};
const said = (view: ReturnType<typeof jobOn>, code: string) =>
  view.findings.found
    .filter((one) => one.code === code)
    .map((one) => JSON.stringify(renderFinding(one, ALL_TEXTS, METRIC)));
const sampleOf = (samples: readonly object[], id: string): Sample =>
  (samples as readonly Sample[]).find(({ profile }) => profile.id === id)!;

test('a program that runs all day at a speed that was not read is said so, and handed over', () => {
  const view = jobOn(sampleOf(POOLS, 'pool-drive-four-speeds'), { from: 420, until: 420, primeTime: 3 });
  expect(said(view, 'POO-04').join()).toContain('The program runs 24 hours, at a speed that was not read.');
  expect(summarise(view).open.map(({ code }) => code)).toContain('POO-04');
});

test('a prime that reads less than nothing primes no shorter than not at all', () => {
  const sample = sampleOf(POOLS, 'pool-drive-four-speeds');
  const view = jobOn(sample, { ...sample.found, primeTime: -1 });
  expect(view.findings.found.map(({ code }) => code)).not.toContain('ANY-00');
});

test('a stroke length of zero has no dose and no days of stock, and the hand-over says so', () => {
  const [sample] = METERING;
  const view = jobOn(sample, { ...sample.found, length: 0 });
  expect(view.findings.found.map(({ code }) => code)).toEqual(['ANY-00']);
  const [dose] = summarise(view).blocks.first;
  expect(JSON.stringify(dose)).toContain('not known');
  expect(
    familyOf('metering')
      .due(view as never, TODAY)
      .filter(({ key }) => key === 'tank'),
  ).toEqual([]);
});

describe('a pressure sensor that is set to a range of zero', () => {
  const sample = sampleOf(DRIVES, 'drive-wall-box');
  const { profile, duty, plate } = sample;
  const sums = (change: SettingValues) => {
    const values: SettingValues = { ...sample.found, ...change };
    const context = bareContext({
      duty,
      profile,
      plate,
      today: TODAY,
      zone: 'Atlantic/Faroe',
      inForce: values,
    });
    return benchSheet(context, values, { ...familyOf('drive').bench.plain(context as never), days: 1 }).sums;
  };
  test('shows nothing whatever the pressure: it runs, and each figure of the day is one', () => {
    const day = sums({ range: 0 });
    expect(Object.values(day).every(Number.isFinite)).toBe(true);
    expect(day.kWh).toBeGreaterThan(0);
  });
  test('and with the set value unread too it stands, at no pressure', () => {
    const day = sums({ range: 0, p: undefined });
    expect(Object.values(day).every(Number.isFinite)).toBe(true);
    expect(day.kWh).toBe(0);
    // what its inlet pushes through, and no more
    expect(day.greatest_bar).toBeLessThan(0.5);
  });
});

test('a vessel that gives no water starts it anew each time, in words and not in figures without end', () => {
  const sample = sampleOf(DRIVES, 'drive-wall-box');
  const view = jobOn(sample, { ...sample.found, under: 0 });
  const words = said(view, 'DRV-07').join() + said(view, 'DRV-06').join() + said(view, 'DRV-08').join();
  expect(`${words}${JSON.stringify(view.findings)}`).not.toMatch(/Infinity|NaN|null times/);
});

test('what a change of number wipes is entered again as its display can show it; what it cannot show is not', () => {
  const sample = sampleOf(SPAS, 'spa-pack-soft-keys');
  const plan = (found: SettingValues) => {
    const { profile, duty, plate } = sample;
    const inForce: SettingValues = { ...sample.found, ...found };
    const context = bareContext({ duty, profile, plate, today: TODAY, zone: 'Atlantic/Faroe', inForce });
    const { targets } = familyOf('spa').plan(context as never);
    return Object.fromEntries(targets.map(({ key, value }) => [key, value]));
  };
  expect(plan({ every: 0 }).every).toBeGreaterThanOrEqual(3);
  expect(plan({ light: 10.4 }).light).toBe(10);
});
