import { familyOf } from '../families';
import { touchingKinds } from '../visit';
import { DUTY, PLATE, SAMPLES, SET } from '../families/drive/fixtures';
import { SAMPLE_OF } from '../families/suites/samples.fixtures';
import { believedOf, lastLeftOf, originOf } from './believed';
import { gateOfHandover, isUntouched } from './gates';
import { summarise } from './hand-over/handover';
import { notOnTheHandover, pumpNow } from './pump-now';
import { TODAY, Walk } from './testing/walk.fixtures';

const REPORTED = { date: '2026-12-01', values: { P20: 2.5 } };

function handedOver(): Walk {
  const walk = new Walk({ profile: SET, duty: DUTY, plate: PLATE });
  walk.arrive();
  walk.found(SAMPLES[0].found);
  walk.plan();
  walk.set();
  walk.prove();
  walk.leave();
  return walk;
}

test('before any visit it is what the site reported; nothing reported is nothing', () => {
  expect(believedOf(null, REPORTED)).toEqual({ source: 'reported', ...REPORTED });
  expect(believedOf(null, null)).toBeNull();
});

test('reported after the last visit it counts for what it names, and what was left there is kept against it', () => {
  const { document } = handedOver();
  const left = lastLeftOf(document)!;
  expect(left.values.P20).toBe(3.7);
  const believed = believedOf(document, REPORTED)!;
  expect(believed.values).toEqual({ ...left.values, P20: 2.5 });
  expect(originOf(believed, 'P20')).toEqual({ source: 'reported', date: '2026-12-01' });
  expect(originOf(believed, 'P21')).toEqual({ source: 'left', date: TODAY });
  expect(believed.against).toEqual({ P20: { value: 3.7, source: 'left', date: TODAY } });
});

test('a visit that is as new, or still open, comes first', () => {
  const { document } = handedOver();
  expect(believedOf(document, { ...REPORTED, date: document.job.plannedFor })).toEqual(lastLeftOf(document));
  const open = new Walk({ profile: SET, duty: DUTY, plate: PLATE });
  open.arrive();
  open.found(SAMPLES[0].found);
  expect(believedOf(open.document, REPORTED)!.values.P20).toBe(SAMPLES[0].found.P20);
});

test('what a job did not read stays as it was known before it', () => {
  const walk = new Walk({ profile: SET, duty: DUTY, plate: PLATE });
  const before = { source: 'left', date: '2026-01-01', values: { P21: 10 } } as const;
  walk.document = { ...walk.document, lastLeft: before };
  expect(lastLeftOf(walk.document)).toBe(before);
});

describe.each(SAMPLE_OF)('%s: a job overlays only what it read', (_, sample) => {
  const { profile, plate, duty } = sample;
  const values = Object.fromEntries(
    Object.entries(sample.found).filter(
      (entry): entry is [string, string | number] => entry[1] !== undefined,
    ),
  );
  const reported = { date: '2026-11-01', values };
  const pump = { profile, unit: { plate }, duty, signalFrom: null, today: TODAY, zone: 'Atlantic/Faroe' };
  const before = pumpNow({ ...pump, reported, latest: null });
  const begun = (): Walk => {
    const walk = new Walk(sample);
    walk.document = { ...walk.document, lastLeft: believedOf(null, reported) };
    return walk;
  };
  const stopsOf = ({ findings }: Pick<typeof before, 'findings'>) =>
    findings.filter(({ severity }) => severity === 'stop').map(({ text }) => text);

  test('readings and the clock wipe no stop, and the stops keep the hand-over closed', () => {
    const walk = begun();
    walk.arrive();
    const now = pumpNow({ ...pump, reported, latest: walk.document });
    expect(stopsOf(now)).toEqual(expect.arrayContaining(stopsOf(before)));
    expect(isUntouched(walk.document)).toBe(true);
    expect(gateOfHandover(walk.view)[0].code).toBe('NOTHING');
    walk.record({ kind: 'looked-at', why: 'The plant was shut.' });
    const codes = gateOfHandover(walk.view).map(({ code }) => code);
    for (const stop of stopsOf(before)) expect(codes).toContain(stop.split('.')[0]);
  });

  test('signed, the settings are still as reported, and say so on paper and after', () => {
    const walk = begun();
    walk.arrive();
    walk.record({ kind: 'looked-at', why: 'The plant was shut.' });
    walk.leave();
    const { handover } = walk.document;
    const named = handover!.summary.settings.filter(({ left }) => left !== null);
    expect(named.length).toBeGreaterThan(0);
    expect(new Set(named.map(({ leftBy }) => leftBy))).toEqual(new Set(['reported']));
    const left = lastLeftOf(walk.document)!;
    for (const key of Object.keys(values)) expect(originOf(left, key).source).toBe('reported');
    const now = pumpNow({ ...pump, reported, latest: walk.document });
    expect(stopsOf(now)).toEqual(expect.arrayContaining(stopsOf(before)));
    expect(notOnTheHandover(walk.document, TODAY)).toEqual([]);
    // one that was signed before the settings were judged so
    const silent = { ...handover!, summary: { ...handover!.summary, open: [], accepted: [] } };
    const missing = notOnTheHandover({ ...walk.document, handover: silent }, TODAY).map(({ text }) => text);
    expect(missing).toEqual(expect.arrayContaining(stopsOf(before)));
  });

  test('one setting read is its own, the rest stays reported', () => {
    const walk = begun();
    walk.arrive();
    const parameter = walk.view.parameters.find(({ key }) => values[key] !== undefined)!;
    const value = values[parameter.key];
    walk.write({
      kind: 'sheet.enter',
      jobId: 'job-1',
      entryId: 'e-1',
      address: `${parameter.group}/1/${parameter.key}`,
      column: 'found',
      raw: String(value),
      unit: parameter.unit ?? '',
      value,
      reason: null,
    });
    const left = lastLeftOf(walk.document)!;
    expect(originOf(left, parameter.key)).toEqual({ source: 'left', date: TODAY });
    const others = Object.keys(left.values).filter((key) => key !== parameter.key);
    expect(others.every((key) => originOf(left, key).source === 'reported')).toBe(true);
    expect(stopsOf(pumpNow({ ...pump, reported, latest: walk.document }))).toEqual(
      expect.arrayContaining(stopsOf(before)),
    );
    expect(summarise(walk.view).settings.find(({ left: by }) => by !== null)?.leftBy).toBe('as found');
  });
});

test('stops of the job before stand while the next one has not touched the pump', () => {
  const walk = new Walk({ profile: SET, duty: DUTY, plate: PLATE });
  walk.arrive();
  walk.found(SAMPLES[0].found);
  walk.plan();
  const row = walk.view.rows.find(({ target, found }) => target && target.value !== found?.value)!;
  walk.write({
    kind: 'sheet.enter',
    jobId: 'job-1',
    entryId: 'e-9',
    address: row.address,
    column: 'left',
    raw: String(row.target!.value),
    unit: row.target!.unit,
    value: row.target!.value,
    reason: null,
  });
  walk.record({ kind: 'broken-off', way: 'part-changed', reason: 'The plant was needed.' });
  const next = new Walk({ profile: SET, duty: DUTY, plate: PLATE });
  const jobs = { latest: next.document, before: walk.document };
  const pump = { profile: SET, unit: { plate: PLATE }, duty: DUTY, signalFrom: null, reported: null };
  const { findings } = pumpNow({ ...pump, ...jobs, today: TODAY, zone: 'Atlantic/Faroe' });
  expect(findings.map(({ code }) => code)).toContain('ANY-22');
});

test('every record of a family either touches the pump or is only looked at', () => {
  const SEEN_ONLY = [
    'readings-now',
    'live-reading',
    // a slip of the pen put right: nobody goes to the pump for it
    'calibration-withdrawn',
    'pool-now',
    'salt',
    'circulator-now',
    'seen-first',
    'drive-now',
    'drive-first',
    'spa-now',
    'spa-first',
    'pack-table',
    'transfer-now',
    'transfer-first',
  ];
  for (const [name] of SAMPLE_OF) {
    const family = familyOf(name);
    const kinds = family.wire.records.map((schema) => (schema.shape.kind as { value: string }).value);
    expect(kinds.length).toBeGreaterThan(0);
    for (const kind of kinds)
      expect([name, kind, touchingKinds(family.wire.records).has(kind)]).toEqual([
        name,
        kind,
        !SEEN_ONLY.includes(kind),
      ]);
  }
});
