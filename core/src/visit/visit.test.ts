import { BLANK } from '../job/testing/fixtures';
import type { SheetEntry } from '../sheet';
import { asItStood, asOf, brokenOff, lastRecord, plateOf, recordsOf, sheetRevision } from '.';
import type { JobDocument, JobRecord, RecordBody } from '../families';

const written = (revision: number) => ({
  id: `w-${revision}`,
  recordedAt: '2026-11-24T09:00:00.000Z',
  actor: 'Technician 1',
  revision,
});
const record = (revision: number, body: RecordBody): JobRecord => ({ ...written(revision), body });
const entry = (revision: number, address: string, kind: SheetEntry['kind'] = 'left'): SheetEntry =>
  ({ ...written(revision), address, kind, raw: '1', unit: '', value: 1, reason: null }) as SheetEntry;
const job = (change: Partial<JobDocument>): JobDocument => ({ ...BLANK, ...change });

const safe = (revision: number, ...steps: string[]) => record(revision, { kind: 'make-safe', steps });
const off = (revision: number, way: 'put-back' | 'part-changed') =>
  record(revision, { kind: 'broken-off', way, reason: 'Called away.' });
const resumed = (revision: number) => record(revision, { kind: 'resumed', reason: '' });

describe('records of a kind', () => {
  const document = job({ records: [safe(1, 'a'), resumed(2), safe(3, 'a', 'b')] });
  test('stand in the order in which they were written, and the last of them counts', () => {
    expect(recordsOf(document, 'make-safe').map(({ revision }) => revision)).toEqual([1, 3]);
    expect(lastRecord(document, 'make-safe')?.body.steps).toEqual(['a', 'b']);
  });
  test('where none was written there is none, and not an empty one', () => {
    expect(recordsOf(document, 'clock')).toEqual([]);
    expect(lastRecord(document, 'clock')).toBeNull();
  });
  test('another document has its own, though it came of this one', () => {
    const later = job({ records: [...document.records, safe(4)] });
    expect(lastRecord(later, 'make-safe')?.revision).toBe(4);
    expect(lastRecord(document, 'make-safe')?.revision).toBe(3);
  });
});

describe('work that is broken off', () => {
  test('stands so until it is taken up again, and may be broken off anew', () => {
    const at = (...records: JobRecord[]) => brokenOff(job({ records }));
    expect(at()).toBeNull();
    expect(at(off(1, 'part-changed'))).toBe('part-changed');
    expect(at(off(1, 'part-changed'), resumed(2))).toBeNull();
    expect(at(off(1, 'part-changed'), resumed(2), off(3, 'put-back'))).toBe('put-back');
    expect(at(off(1, 'put-back'), off(2, 'part-changed'))).toBe('part-changed');
  });
});

describe('the revision of the sheet that a reading proves', () => {
  const document = job({
    entries: [
      entry(2, 'a/1/x', 'found'),
      entry(5, 'a/1/x'),
      entry(8, 'a/1/y'),
      entry(9, 'a/1/z', 'target' as never),
    ],
  });
  test('is that of the last value entered, of any setting or of those that count', () => {
    expect(sheetRevision(document)).toBe(8);
    expect(sheetRevision(document, ['a/1/x'])).toBe(5);
    expect(sheetRevision(document, ['a/1/x', 'a/1/y'])).toBe(8);
  });
  test('what was found or planned enters nothing', () => {
    expect(sheetRevision(job({ entries: [entry(2, 'a/1/x', 'found')] }))).toBe(0);
    expect(sheetRevision(document, [])).toBe(0);
  });
});

describe('a job as it stood', () => {
  const document = job({
    entries: [entry(2, 'a/1/x', 'found'), entry(5, 'a/1/x')],
    records: [safe(1, 'a'), safe(4, 'a', 'b'), resumed(7)],
  });
  test('has what it had taken by then, the revision itself counted', () => {
    const then = asOf(document, 4);
    expect(then.entries.map(({ revision }) => revision)).toEqual([2]);
    expect(then.records.map(({ revision }) => revision)).toEqual([1, 4]);
    expect(asOf(document, 0).records).toEqual([]);
    expect(asOf(document, 99)).toEqual(document);
  });
  test('is worked out once between two changes, and anew after each', () => {
    const asked: number[] = [];
    const standing = asItStood(document, (then) => {
      const steps = lastRecord(then, 'make-safe')?.body.steps.length ?? 0;
      asked.push(steps);
      return steps;
    });
    // at 0, 2 and 5 something was found or set; what was confirmed or ended changes nothing that is expected
    expect([0, 1, 2, 3, 4, 5, 6, 7, 99].map(standing)).toEqual([0, 0, 1, 1, 1, 2, 2, 2, 2]);
    expect(standing(3)).toBe(1);
    expect(asked).toHaveLength(3);
  });
  test('is worked out a few times however much was tried', () => {
    const check = (revision: number) => ({
      ...safe(revision),
      body: { kind: 'check' as const, check: 'a', seen: null, figures: {}, note: '' },
    });
    const tried = job({
      entries: [entry(2, 'a/1/x', 'found'), entry(40, 'a/1/x')],
      records: Array.from({ length: 60 }, (_, i) => check(i + 3)),
    });
    let worked = 0;
    const standing = asItStood(tried, () => (worked += 1));
    for (const { revision } of tried.records) standing(revision);
    expect(worked).toBe(2);
  });
});

test('a plate is that which was read on the job; before it was, that of the register', () => {
  expect(plateOf(BLANK)).toBe(BLANK.unit.plate);
  const plate = { gear: 'C', greatest_spm: null, rated_bar: 7 };
  const seen: RecordBody = {
    kind: 'identify',
    plate,
    serial: 'MM-9',
    controllerAsProfile: true,
    signalFrom: 'flow',
    note: '',
  };
  const read = job({ records: [record(1, seen)] });
  expect(plateOf(read)).toEqual(plate);
  const again = job({ records: [record(1, seen), record(2, { ...seen, plate: { ...plate, gear: 'A' } })] });
  expect(plateOf(again)).toMatchObject({ gear: 'A' });
});
