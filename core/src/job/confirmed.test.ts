import type { JobCommandBody } from '../families';
import { SAMPLE_OF } from '../families/suites/samples.fixtures';
import { addressOf, type SettingValue } from '../profile';
import { isReadFirst, sameValue } from '../sheet';
import { lastLeftOf, originOf } from './believed';
import { gateOfHandover, isUntouched } from './gates';
import { refusalOf } from './refusals';
import { summarise } from './hand-over/handover';
import { clashIn } from './sheet/merge';
import { TODAY, Walk, type Sample } from './testing/walk.fixtures';

/** What a site reported and somebody confirmed in one go stays a report, whoever signs, on every family. */

const DATE = '2026-05-04';

function reportedAs({ found, ...sample }: Sample): Walk {
  const walk = new Walk(sample);
  const values = Object.fromEntries(
    Object.entries(found).flatMap(([key, value]) => (value === undefined ? [] : [[key, value]])),
  ) as Record<string, SettingValue>;
  walk.document = { ...walk.document, lastLeft: { source: 'reported', date: DATE, values } };
  return walk;
}

function confirm(walk: Walk): void {
  const entries = walk.view.parameters.flatMap((parameter, i) => {
    const value = walk.document.lastLeft?.values[parameter.key];
    const { unit = '' } = parameter;
    return value === undefined
      ? []
      : [
          {
            entryId: `confirmed-${i}`,
            address: addressOf(parameter),
            raw: String(value),
            unit,
            value,
            reason: null,
            confirmed: true as const,
          },
        ];
  });
  walk.write({ kind: 'sheet.enter-many', jobId: 'job-1', column: 'found', entries });
}

const read = (address: string, value: SettingValue, column: 'found' | 'left' = 'found'): JobCommandBody => ({
  kind: 'sheet.enter',
  jobId: 'job-1',
  entryId: `read-${address}-${column}`,
  address,
  column,
  raw: String(value),
  unit: '',
  value,
  reason: null,
});

describe.each(SAMPLE_OF)('%s', (_name, sample) => {
  test('confirmed is no reading: the source stays, the paper says so, nothing was looked at', () => {
    const walk = reportedAs(sample);
    confirm(walk);
    const { lastLeft } = walk.document;
    expect(lastLeftOf(walk.document)).toEqual(lastLeft);
    const known = summarise(walk.view).settings.filter(({ left }) => left !== null);
    expect(known.length).toBeGreaterThan(0);
    expect(new Set(known.map(({ leftBy }) => leftBy))).toEqual(new Set(['reported, confirmed']));
    expect(new Set(known.map(({ foundBy }) => foundBy))).toEqual(new Set(['reported, confirmed']));
    expect(isUntouched(walk.document)).toBe(true);
    expect(gateOfHandover(walk.view).map(({ code }) => code)).toContain('NOTHING');
  });

  test('near miss: one that was read is read', () => {
    const walk = reportedAs(sample);
    confirm(walk);
    const [row] = walk.view.rows.filter(({ found }) => found?.confirmed);
    walk.write(read(row.address, row.found!.value!));
    const left = lastLeftOf(walk.document)!;
    const parameter = walk.view.parameters.find((one) => addressOf(one) === row.address)!;
    expect(originOf(left, parameter.key).source).toBe('left');
    expect(summarise(walk.view).settings.find(({ address }) => address === row.address)).toMatchObject({
      leftBy: 'as found',
    });
    expect(isUntouched(walk.document)).toBe(false);
  });

  test('a row that is to change is read before it is changed', () => {
    const walk = reportedAs(sample);
    walk.arrive();
    confirm(walk);
    const unread = walk.view.parameters.filter(
      (parameter) => !walk.view.rows.find((row) => row.address === addressOf(parameter))?.found,
    );
    for (const parameter of unread) {
      walk.write({
        ...read(addressOf(parameter), 0),
        value: null,
        reason: 'Its display is broken.',
      } as never);
    }
    walk.plan();
    walk.acceptStops();
    const row = walk.view.rows.find(isReadFirst);
    if (!row) {
      // a sample that is set as it is to be: nothing of it changes
      return expect(
        walk.view.rows.every(
          ({ target, found }) => !target || !found?.confirmed || sameValue(target.value, found.value),
        ),
      ).toBe(true);
    }
    const set = read(row.address, row.target!.value!, 'left');
    expect(refusalOf(walk.document, set, TODAY)?.words).toMatch(/read it before it is changed/);
    walk.write(read(row.address, row.found!.value!));
    expect(refusalOf(walk.document, set, TODAY)).toBeNull();
  });
});

test('what was read meanwhile stands beside what was only confirmed; near miss: two readings are two opinions', () => {
  const walk = reportedAs(SAMPLE_OF[0][1]);
  confirm(walk);
  const row = walk.view.rows.find(({ found }) => typeof found?.value === 'number')!;
  const envelope = { id: 'c', recordedAt: '2026-11-24T09:00:00Z', device: 'd', actor: 'Workshop' };
  const mine = read(row.address, Number(row.found!.value) + 1);
  expect(clashIn(walk.document, { ...envelope, baseVersion: 0, body: mine })).toBeNull();
  walk.write(read(row.address, row.found!.value!));
  expect(clashIn(walk.document, { ...envelope, baseVersion: 0, body: mine })).not.toBeNull();
});
