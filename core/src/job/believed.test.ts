import { DUTY, PLATE, SAMPLES, SET } from '../families/drive/fixtures';
import { lastLeftOf, reportedSince } from './believed';
import { Walk } from './testing/walk.fixtures';

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
  expect(reportedSince(null, REPORTED)).toEqual({ source: 'reported', ...REPORTED });
  expect(reportedSince(null, null)).toBeNull();
});

test('reported after the last visit it counts, over what was left there', () => {
  const { document } = handedOver();
  const left = lastLeftOf(document)!;
  expect(left.values.P20).toBe(3.7);
  expect(reportedSince(document, REPORTED)).toEqual({
    source: 'reported',
    date: '2026-12-01',
    values: { ...left.values, P20: 2.5 },
  });
});

test('a visit that is as new, or still open, comes first', () => {
  const { document } = handedOver();
  expect(reportedSince(document, { ...REPORTED, date: document.job.plannedFor })).toBeNull();
  const open = new Walk({ profile: SET, duty: DUTY, plate: PLATE });
  open.arrive();
  expect(reportedSince(open.document, REPORTED)).toBeNull();
});

test('what a job did not read stays as it was known before it', () => {
  const walk = new Walk({ profile: SET, duty: DUTY, plate: PLATE });
  const before = { source: 'left', date: '2026-01-01', values: { P21: 10 } } as const;
  walk.document = { ...walk.document, lastLeft: before };
  expect(lastLeftOf(walk.document)).toBe(before);
});
