import { lastLeftOf } from '../../../job';
import { Walk } from '../../../job/testing/walk.fixtures';
import { spaFamily } from '../family';
import { KEYS, SAMPLES, SMALL, SOFT } from '../fixtures';
import { changeSteps, wipedBy } from '../settings/change-steps';
import type { SpaView } from '../kind';
import { FIRST_STEPS, type SpaRecord } from '../wire/records';

const [sample, , little] = SAMPLES;
const codesOf = (walk: Walk) => walk.view.findings.job.map(({ text }) => text);
const ALL = FIRST_STEPS.map(({ key }) => key);
const begun = (of = sample as (typeof SAMPLES)[number]) => {
  const walk = new Walk(of);
  walk.arrive();
  return walk;
};
const planned = () => {
  const walk = begun();
  walk.found(sample.found);
  walk.plan();
  return walk;
};
type Change = Extract<SpaRecord, { kind: 'number-change' }>;
const change = (more: Partial<Change> = {}): Change => ({
  kind: 'number-change',
  from: 3,
  readBack: 6,
  moved: 'dead',
  licensed: false,
  switchOff: true,
  pageGone: true,
  clockSet: false,
  shows: '',
  ...more,
});

describe('SPA-11 and the order of work', () => {
  test('mistake: protection and covers not seen; near miss: both', () => {
    const walk = begun();
    expect(codesOf(walk)).toContain('SPA-11');
    walk.record({ kind: 'spa-first', seen: ALL.filter((key) => key !== 'covers'), why: 'Dark.' });
    expect(codesOf(walk)).toContain('SPA-11');
    walk.record({ kind: 'spa-first', seen: ALL, why: '' });
    expect(codesOf(walk)).not.toContain('SPA-11');
  });
  test('the test key that was proved counts', () => {
    const walk = planned();
    walk.set();
    walk.record({ kind: 'spa-first', seen: ['covers'], why: 'Later.' });
    expect(codesOf(walk)).toContain('SPA-11');
    walk.prove();
    expect(codesOf(walk)).not.toContain('SPA-11');
  });
  test('SPA-00: what was not done is named; near miss: all of it was', () => {
    const walk = begun();
    walk.record({ kind: 'spa-first', seen: ALL.filter((key) => key !== 'keys'), why: 'No panel.' });
    expect(codesOf(walk)).toContain('SPA-00');
    walk.record({ kind: 'spa-first', seen: ALL, why: '' });
    expect(codesOf(walk)).not.toContain('SPA-00');
  });
});

describe('SPA-02 and SPA-03 at the board', () => {
  test('mistake: moved on a live board that reads it at power-up; near miss: dead', () => {
    const walk = begun();
    walk.record(change({ moved: 'live', licensed: true }));
    expect(codesOf(walk)).toContain('SPA-03');
    walk.record(change());
    expect(codesOf(walk)).not.toContain('SPA-03');
  });
  test('mistake: one that is read live, moved by somebody else; near miss: a licensed electrician', () => {
    const walk = begun(little);
    expect(SMALL.behaviours.readAt).toBe('live');
    walk.record(change({ moved: 'live' }));
    expect(codesOf(walk)).toContain('SPA-03');
    walk.record(change({ moved: 'live', licensed: true }));
    expect(codesOf(walk)).not.toContain('SPA-03');
  });
  test('mistake: not seen off, or the page not seen gone; near miss: both seen', () => {
    const walk = begun();
    walk.record(change({ pageGone: false }));
    expect(codesOf(walk)).toContain('SPA-02.page');
    walk.record(change());
    expect(codesOf(walk)).not.toContain('SPA-02.page');
  });
});

describe('SPA-06 entered again', () => {
  const enter = (walk: Walk, key: string, value: string | number) => {
    const address = walk.view.rows.find((row) => row.address.endsWith(`/1/${key}`))!.address;
    walk.write({
      kind: 'sheet.enter',
      jobId: 'job-1',
      entryId: `own-${key}-${value}`,
      address,
      column: 'left',
      raw: String(value),
      unit: '',
      value,
      reason: null,
    });
  };
  test('mistake: the number alone; near miss: everything that it put back, and the clock', () => {
    const walk = planned();
    enter(walk, 'num', 6);
    expect(codesOf(walk)).toEqual(expect.arrayContaining(['SPA-06', 'SPA-06.clock']));
    // what was put back is not known, and its targets are open although some were found so
    expect(walk.view.values.force.set).toBeUndefined();
    walk.set();
    expect(codesOf(walk)).not.toContain('SPA-06');
    walk.record({ kind: 'clock', error_min: 700, setRight: true, reason: null });
    expect(codesOf(walk)).not.toContain('SPA-06.clock');
    const guided = planned();
    enter(guided, 'num', 6);
    guided.record(change({ clockSet: true }));
    expect(codesOf(guided)).not.toContain('SPA-06.clock');
  });
  test('broken off there, what was put back is not taken for what it holds, and putting back puts all of it back', () => {
    const walk = planned();
    enter(walk, 'num', 6);
    expect(lastLeftOf(walk.document)?.values).toMatchObject({ num: 6, sw: 'on' });
    expect(lastLeftOf(walk.document)?.values).not.toHaveProperty('set');
    walk.record({ kind: 'broken-off', way: 'put-back', reason: 'No time.' });
    // the number first; it puts everything back once more, and each gets what was found
    enter(walk, 'num', 3);
    expect(walk.set()).toBeGreaterThan(12);
    const { sw: _, ...found } = sample.found as Record<string, unknown>;
    expect(walk.view.values.force).toMatchObject(found);
  });
  test('changed before anything was planned, the plan enters all of it again, as it was found', () => {
    const walk = begun();
    walk.found(sample.found);
    walk.record(change({ clockSet: true }));
    expect(codesOf(walk)).toContain('SPA-06');
    walk.plan();
    walk.set();
    expect(codesOf(walk)).not.toContain('SPA-06');
    const back = wipedBy(walk.document.profile as SpaView['profile']).map(({ key }) => key);
    expect(Object.keys(walk.view.values.force)).toEqual(expect.arrayContaining(back));
  });
  test('near miss: the number stays', () => {
    const walk = planned();
    enter(walk, 'num', 3);
    expect(codesOf(walk)).not.toContain('SPA-06');
    expect(codesOf(walk)).not.toContain('SPA-06.clock');
  });
});

test('SPA-05: mistake: not every output tried; near miss: each of them', () => {
  const walk = planned();
  walk.set();
  expect(codesOf(walk)).toContain('SPA-05');
  walk.prove();
  expect(codesOf(walk)).not.toContain('SPA-05');
});

test('a table that was copied inside the pack counts over its profile’s, and goes with the unit', () => {
  const walk = begun();
  const [row] = SMALL.behaviours.rows;
  walk.record({
    kind: 'pack-table',
    rows: [{ ...row, pumps: [...row.pumps], needs: [], number: 77, circulation: false }],
  });
  expect((walk.view as SpaView).context?.table.map(({ number }) => number)).toEqual([77]);
  const [copied] = spaFamily.earlier((walk.view as SpaView).document);
  const next = begun();
  next.document = { ...next.document, earlier: [copied] };
  expect((next.view as SpaView).context?.table.map(({ number }) => number)).toEqual([77]);
});

test('the protection is due half a year after it was tried; now where nobody did', () => {
  const walk = begun();
  const dueOf = () => spaFamily.due(walk.view as SpaView, '2026-11-24').map(({ date }) => date);
  expect(dueOf()).toEqual([null]);
  walk.record({ kind: 'spa-first', seen: ALL, why: '' });
  expect(dueOf()).toEqual(['2027-05-25']);
});

test('the number is changed in the profile’s own moment; what it puts back is written down first', () => {
  const keys = (profile: typeof KEYS) => changeSteps(profile, '6').map(({ key }) => key);
  const dead = ['written', 'dead', 'on', 'shut', 'page', 'choose', 'dead-again', 'off', 'gone'];
  expect([keys(KEYS), keys(SOFT)]).toEqual([[...dead, 'clock'], dead]);
  expect(changeSteps(SOFT, '14').find(({ key }) => key === 'page')?.words).toContain('start-up message');
  expect(keys(SMALL)).toEqual(['written', 'on', 'choose', 'off', 'gone', 'clock']);
  expect(changeSteps(SMALL, '1').filter(({ caution }) => caution?.includes('licensed'))).toHaveLength(2);
  const none = { ...KEYS, behaviours: { ...KEYS.behaviours, bank: [] } };
  expect(keys(none)).toEqual(['written', 'choose', 'gone', 'clock']);
  // each place of a cycle too
  expect(wipedBy(KEYS).map(({ key }) => key)).toEqual(
    expect.arrayContaining(['set', 'start', 'start/2', 'unit']),
  );
});

test('mistake: changed to the number that stands already, its settings are to be entered again; near miss: a step seen later', () => {
  const walk = planned();
  walk.set();
  expect(codesOf(walk)).not.toContain('SPA-06');
  const number = walk.view.rows.find(({ address }) => address.endsWith('/num'))!;
  const { version } = walk.document.job;
  walk.record(change({ readBack: Number(number.left?.value ?? number.found?.value), amends: true }));
  expect(codesOf(walk)).not.toContain('SPA-06');
  walk.record(change({ readBack: Number(number.left?.value ?? number.found?.value), shows: 'SET' }));
  expect(codesOf(walk)).toContain('SPA-06');
  expect(walk.document.job.version).toBe(version + 2);
  const open = walk.view.rows.filter(({ rewrittenBy }) => rewrittenBy !== undefined);
  expect(open.length).toBe(wipedBy(KEYS).length);
  // and nothing of them is handed on as known
  const left = lastLeftOf(walk.document)!;
  for (const { key } of wipedBy(KEYS)) expect(left.values[key]).toBeUndefined();
});
