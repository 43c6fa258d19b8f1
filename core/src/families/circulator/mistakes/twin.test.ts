import { viewJob } from '../../../job';
import { Walk } from '../../../job/testing/walk.fixtures';
import { contextOf, DUTY, TWIN, TWIN_DUTY, TWIN_FOUND, PLATE, texts, wordsOf } from '../fixtures';
import { pumpOf } from '../effect/pump';
import { proposedWay, twinGain } from '../effect/twin';
import { planCirculator } from '../plan/plan';
import type { CirculatorDuty } from '../wire/duty';

const twin = (change: Partial<CirculatorDuty> = {}) => contextOf(TWIN, { ...TWIN_DUTY, ...change });
const planned = (change: Partial<CirculatorDuty> = {}, inForce = {}) =>
  planCirculator({ ...twin(change), inForce }).targets.map(({ key, value }) => [key, value]);
/** More than one of them carries alone. */
const GREAT: Partial<CirculatorDuty> = { heat_kW: 62, index: { head_m: 3.2, from: 'stated' } };

test('the plan of a twin is faulted by none of its own findings', () => {
  expect(texts(twin(), {}, 'target')).toEqual([]);
  expect(texts(twin(GREAT), {}, 'target').filter((text) => text.startsWith('CIR-09'))).toEqual([]);
});

test('one leads and the other follows; a lead that stands alone stays', () => {
  expect(planned()).toEqual(
    expect.arrayContaining([
      ['part', 'lead'],
      ['part/2', 'follow'],
    ]),
  );
  expect(planned({}, { part: 'follow', 'part/2': 'lead' })).toEqual(
    expect.arrayContaining([
      ['part', 'follow'],
      ['part/2', 'lead'],
    ]),
  );
});

test('they take turns where one carries the duty; else the second joins on demand, and carries it', () => {
  expect(proposedWay(TWIN_DUTY)).toBe('alternate');
  expect(planned()).toEqual(
    expect.arrayContaining([
      ['together', 'turns'],
      ['turnover', 24],
    ]),
  );
  const great = { ...TWIN_DUTY, ...GREAT };
  expect(proposedWay(great)).toBe('on-demand');
  expect(planned(GREAT)).toEqual(expect.arrayContaining([['together', 'join']]));
  expect(texts(twin(GREAT), {}, 'target')).not.toContain('CIR-12');
  expect(texts(twin(GREAT), { together: 'turns' })).toContain('CIR-12.way');
});

test('both never move twice as much as one', () => {
  const { one_m3h, two_m3h, gain } = twinGain(TWIN_DUTY);
  expect(two_m3h).toBeGreaterThan(one_m3h);
  expect(gain).toBeLessThan(1);
  expect(pumpOf(TWIN_DUTY, 'always').power.atNoFlow_W).toBe(2 * pumpOf(TWIN_DUTY).power.atNoFlow_W);
});

describe('CIR-09 the lead of a twin', () => {
  test('mistake: none leads, or both do; near miss: one, or not all of it read', () => {
    expect(texts(twin(), { part: 'follow', 'part/2': 'follow' })).toContain('CIR-09');
    expect(texts(twin(), { part: 'lead', 'part/2': 'lead' })).toContain('CIR-09.two');
    expect(texts(twin())).not.toContain('CIR-09');
    expect(texts(twin(), { part: 'follow', 'part/2': undefined })).not.toContain('CIR-09');
  });
  test('mistake: both always run; what the second adds is said; near miss: it was chosen', () => {
    expect(texts(twin(), { together: 'both' })).toContain('CIR-09.always');
    expect(wordsOf(twin(), { together: 'both' }, 'CIR-09.always')).toMatch(/the second adds \d+ %/);
    const chosen = twin({ choices: { twin: 'always' } });
    expect(texts(chosen, { together: 'both' })).not.toContain('CIR-09.always');
  });
  test('a waiting pump that was taken for a fault is named', () => {
    const walk = atWork();
    walk.record({ kind: 'check', note: '', check: 'twin-runs', seen: 'fault', figures: {} });
    expect(walk.view.patterns).toEqual([
      expect.objectContaining({ code: 'CIR-09', title: 'A waiting pump is no fault' }),
    ]);
    walk.record({ kind: 'check', note: '', check: 'twin-runs', seen: 'one', figures: {} });
    expect(walk.view.patterns).toEqual([]);
  });
});

describe('CIR-14 the flap valve', () => {
  const flap = (is: 'tight' | 'leaks' | 'missing' | 'unknown') => texts(twin({ twin: { flap: is } }));
  test('mistake: it leaks, or is missing; near miss: tight', () => {
    expect(flap('leaks')).toContain('CIR-14');
    expect(flap('missing')).toContain('CIR-14');
    expect(flap('tight')).not.toContain('CIR-14');
  });
  test('mistake: not tried; near miss: tried both ways round, or a single pump', () => {
    const walk = atWork();
    const open = () => viewJob(walk.document, '2026-11-24').findings.job.map(({ text }) => text);
    expect(open()).toContain('CIR-14.untried');
    for (const check of ['flap-1', 'flap-2'])
      walk.record({ kind: 'check', note: '', check, seen: 'shuts', figures: {} });
    expect(open()).not.toContain('CIR-14.untried');
  });
});

function atWork(): Walk {
  const walk = new Walk({ profile: TWIN, duty: TWIN_DUTY, plate: PLATE });
  walk.arrive();
  walk.found(TWIN_FOUND);
  walk.plan();
  walk.set();
  walk.record({ kind: 'discharge-safe', how: 'Nothing leaves.' });
  return walk;
}

describe('by temperature', () => {
  const cooling = twin({ system: 'cooling', difference_K: 6, choices: { mode: 'temperature' } });
  test('CIR-11 mistake: its sense is turned round; near miss: as the system has it', () => {
    expect(texts(cooling, { sense: 'cool' })).toContain('CIR-11.sense');
    expect(texts(cooling)).not.toContain('CIR-11.sense');
    expect(texts(twin({ choices: { mode: 'temperature' } }), { sense: 'warm' })).toContain('CIR-11.sense');
  });
  test('sense and place are planned by the system', () => {
    const targets = planCirculator(cooling).targets.map(({ key, value }) => [key, value]);
    expect(targets).toEqual(
      expect.arrayContaining([
        ['mode', 'temp'],
        ['sense', 'warm'],
        ['place', 'flow'],
      ]),
    );
  });
});

test('a single pump is asked for none of it', () => {
  expect(texts(contextOf(TWIN, DUTY), { part: 'lead', 'part/2': 'lead' })).not.toContain('CIR-09.two');
});
