import fc from 'fast-check';
import { familyOf, type JobCommandBody, type JobDocument, type RecordBody } from '../families';
import { TODAY } from '../families/metering/fixtures';
import { addressOf, inOrderOfWork } from '../profile';
import { BLANK } from './testing/fixtures';
import { applyCommand, leavingFindings, refusalOf, summarise, viewJob } from '.';

/**
 * Writes in an order that no technician would choose. Each is refused in words, or is taken; whatever was taken, the job can be looked
 * at, says the same once it was filed and read again, and forgets nothing that was written.
 */

const PARAMETERS = inOrderOfWork(BLANK.profile).map((parameter) => addressOf(parameter));
const STEPS = familyOf('metering').arrival.makeSafe.map(({ key }) => key);

const records: fc.Arbitrary<RecordBody> = fc.oneof(
  fc.subarray(STEPS).map((steps): RecordBody => ({ kind: 'make-safe', steps })),
  fc.constantFrom<RecordBody>(
    { kind: 'discharge-safe', how: 'Into a bucket.' },
    { kind: 'clock', error_min: 7, setRight: false, reason: null },
    { kind: 'automatic', seen: 'It runs.', leaving: ['covers'] },
    { kind: 'broken-off', way: 'part-changed', reason: 'Called away.' },
    { kind: 'broken-off', way: 'put-back', reason: 'Called away.' },
    { kind: 'resumed', reason: '' },
    { kind: 'looked-at', why: 'A look.' },
    { kind: 'messages', shows: 'E 1', takenFor: 'fault', pump: 'runs', lastFaults: null },
    { kind: 'reset', what: 'counter', why: 'New part.', seen: null },
    { kind: 'reset', what: 'settings', why: 'Unknown.', seen: 'Default.' },
    { kind: 'check', check: 'no-such-check', seen: null, figures: {}, note: '' },
    {
      kind: 'identify',
      plate: { gear: 'B', greatest_spm: 96, rated_bar: 10 },
      serial: 'MM-2',
      controllerAsProfile: false,
      signalFrom: 'flow',
      note: '',
    },
  ),
);

const writes: fc.Arbitrary<JobCommandBody> = fc.oneof(
  {
    weight: 3,
    arbitrary: records.map((record): JobCommandBody => ({
      kind: 'job.record',
      jobId: 'job-1',
      recordId: '-',
      record,
    })),
  },
  {
    weight: 4,
    arbitrary: fc
      .tuple(
        fc.constantFrom(...PARAMETERS, 'none/1/none'),
        fc.constantFrom('found', 'left'),
        fc.constantFrom<number | string | null>(0, 60, 71, 250, '0-20', '4-20', 'ext', 'B', null),
        fc.constantFrom('', 'Not readable.'),
      )
      .map(([address, column, value, reason]): JobCommandBody => ({
        kind: 'sheet.enter',
        jobId: 'job-1',
        entryId: '-',
        address,
        column: column as 'found',
        raw: String(value ?? ''),
        unit: '',
        value,
        reason: reason || null,
      })),
  },
  {
    weight: 1,
    arbitrary: fc.constantFrom('accepted', 'customer-acts').map(
      (decision): JobCommandBody =>
        ({
          kind: 'finding.decide',
          jobId: 'job-1',
          decisionId: '-',
          code: 'ANY-22',
          subject: 'job',
          fingerprint: 'x',
          decision,
          reason: 'So it was wanted.',
        }) as JobCommandBody,
    ),
  },
);

/** The ids of all that a job keeps. */
const kept = ({ entries, records: all, decisions }: JobDocument) =>
  [...entries, ...all, ...decisions].map(({ id }) => id);

test('whatever is written in whatever order, the job can be looked at and forgets nothing', () => {
  let taken = 0;
  fc.assert(
    fc.property(fc.array(writes, { minLength: 3, maxLength: 14 }), (bodies) => {
      let document: JobDocument = BLANK;
      bodies.forEach((wanted, i) => {
        const id = `c-${i}`;
        const body = { ...wanted, recordId: id, entryId: id, decisionId: id } as unknown as JobCommandBody;
        const refusal = refusalOf(document, body, TODAY);
        if (refusal) {
          expect(refusal.words).toMatch(/^\S.*[.:?]$/s);
          expect(refusal.field).not.toBe('');
          return;
        }
        const before = kept(document);
        const next = applyCommand(
          document,
          { id, baseVersion: i, recordedAt: '2026-11-24T09:00:00.000Z', device: 'd', actor: 'a', body },
          TODAY,
        );
        expect(next.job.version).toBe(document.job.version + 1);
        expect(kept(next)).toEqual(expect.arrayContaining(before));
        expect(kept(document)).toEqual(before);
        document = next;
        taken += 1;
      });
      const view = viewJob(document, TODAY);
      const filed = viewJob(JSON.parse(JSON.stringify(document)) as JobDocument, TODAY);
      expect(filed.findings).toEqual(view.findings);
      expect(filed.rows).toEqual(view.rows);
      expect(leavingFindings(filed).length).toBe(leavingFindings(view).length);
      expect(JSON.stringify(summarise(view))).not.toMatch(/undefined|NaN|Infinity/);
    }),
    { numRuns: 150, seed: 21 },
  );
  // most of what was tried was taken: the property is about something
  expect(taken).toBeGreaterThan(300);
});
