import { Walk } from '../../../job/testing/walk.fixtures';
import { shipped } from '../../suites/shipped.fixtures';
import { LITTLE } from '../example-duties';
import { lacksOf, tellsApart } from '../effect/match';
import { contextOf, DUTY, PLATE, tableRow, texts } from '../fixtures';
import { proofChecks } from '../proof/checks';
import { outputChecks } from '../proof/outputs';
import { judgeCheck } from '../proof/patterns';
import { changeSteps } from '../settings/change-steps';
import { understand } from '../settings/understand';
import type { SpaProfile } from '../wire/job';
import { tableRowSchema, type TableRow } from '../wire/table';
import { readTableCsv, writeTableCsv } from '../wire/table-csv';

const PAGE = shipped('spa-pack-page-at-power-up') as SpaProfile;
const COUNTS = shipped('spa-pack-counts-its-pumps') as SpaProfile;
const TWO_SPEEDS = { ...DUTY, blower: { ...DUTY.blower!, speeds: 2 } };
const row = (change: Partial<TableRow> = {}) => tableRow({ heater: 'one-high', ...change });
const changed = {
  kind: 'number-change',
  from: 2,
  readBack: 3,
  moved: 'dead',
  licensed: false,
  switchOff: true,
  pageGone: true,
  clockSet: true,
  shows: '',
  readInside: true,
} as const;

describe('SPA-02 a number that is seen in its set-up page alone', () => {
  const told = (
    record: Omit<typeof changed, 'from' | 'readInside'> & { from: number | null; readInside?: boolean },
  ) => {
    const walk = new Walk({ profile: PAGE, duty: LITTLE, plate: PLATE });
    walk.arrive();
    walk.record(record);
    return walk.view.findings.job.map(({ text }) => text);
  };
  test('it is read before it is changed, and read back before the switch goes off', () => {
    const keys = changeSteps(PAGE, '3').map(({ key }) => key);
    const between = ['page', 'before', 'choose', 'inside', 'dead-again', 'off', 'gone'];
    expect(keys.filter((key) => between.includes(key))).toEqual(between);
    // read live, it goes off again after that
    const live = changeSteps(COUNTS, '3').map(({ key }) => key);
    expect(live.indexOf('inside')).toBeLessThan(live.indexOf('off'));
    expect(live.indexOf('before')).toBeGreaterThan(live.indexOf('on'));
    const shown = changeSteps({ behaviours: { ...PAGE.behaviours, numberSeen: 'start-up' } }, '3');
    expect(shown.map(({ key }) => key)).not.toContain('inside');
  });
  test('mistake: not read before, or not read back inside; near miss: both were', () => {
    expect(told({ ...changed, from: null })).toContain('SPA-02.before');
    expect(told({ ...changed, readInside: false })).toContain('SPA-02.inside');
    expect(told(changed)).not.toEqual(expect.arrayContaining(['SPA-02.before']));
    expect(told(changed)).not.toEqual(expect.arrayContaining(['SPA-02.inside']));
  });
  test('what was read back inside is not opened for once more; another number is', () => {
    const checks = (readInside: number | null) =>
      proofChecks(contextOf(PAGE, LITTLE, { readInside }), understand(PAGE, PLATE, { code: 3 })).map(
        ({ key }) => key,
      );
    expect(checks(3)).not.toContain('number-back');
    expect(checks(2)).toContain('number-back');
    expect(checks(null)).toContain('number-back');
  });
});

describe('SPA-04 a table that does not say when the heater runs', () => {
  const context = contextOf(PAGE, { ...LITTLE, supply: { ...LITTLE.supply, breaker_A: 40 } });
  test('said, and the current is that of the worst; near miss: it was tried', () => {
    expect(texts(context)).toContain('SPA-04.unsaid');
    const walk = new Walk({ profile: PAGE, duty: LITTLE, plate: PLATE });
    walk.arrive();
    walk.found({ code: 1 });
    walk.plan();
    const said = () => walk.view.findings.found.map(({ text }) => text);
    expect(said()).toContain('SPA-04.unsaid');
    walk.record({ kind: 'heater-rule', number: 2, rule: 'none-high' });
    expect(said()).toContain('SPA-04.unsaid');
    walk.record({ kind: 'heater-rule', number: 1, rule: 'none-high' });
    expect(said()).not.toContain('SPA-04.unsaid');
    expect(walk.view.context).toMatchObject({
      table: expect.arrayContaining([row({ pumps: [2], blower: false, heater: 'none-high' })]),
    });
  });
  test('what was tried goes with the unit to the next job', () => {
    const walk = new Walk({ profile: PAGE, duty: LITTLE, plate: PLATE });
    walk.arrive();
    walk.record({ kind: 'heater-rule', number: 1, rule: 'one-high' });
    const { spaFamily } = jest.requireActual<typeof import('../family')>('../family');
    expect(spaFamily.earlier?.(walk.document as never)).toContainEqual(
      expect.objectContaining({ body: { kind: 'heater-rule', number: 1, rule: 'one-high' } }),
    );
  });
  test('it cannot be unsaid and stated, and comes back from its file', () => {
    expect(tableRowSchema.safeParse(row({ ruleUnsaid: true })).error?.issues[0].path).toEqual(['heater']);
    const rows = [row({ heater: 'any', ruleUnsaid: true, blowerSpeeds: 2, pumps: [2, 2, 0, 0] })];
    expect(readTableCsv(writeTableCsv(rows))).toEqual({ ok: true, rows });
  });
});

describe('SPA-01 speeds of the blower', () => {
  test('mistake: fewer speeds than it has; near miss: as many, or nobody says how many', () => {
    expect(lacksOf(TWO_SPEEDS, row({ blowerSpeeds: 2 }))).toEqual([]);
    expect(
      lacksOf({ ...TWO_SPEEDS, blower: { ...TWO_SPEEDS.blower, speeds: 3 } }, row({ blowerSpeeds: 2 })),
    ).toEqual([{ kind: 'one-speed', output: 'blower' }]);
    expect(lacksOf(DUTY, row({ blowerSpeeds: 2 }))).toEqual([]);
    expect(lacksOf(TWO_SPEEDS, row())).toEqual([]);
    expect(tellsApart([row(), row({ number: 2, blowerSpeeds: 2 })])).toContain('the speeds of the blower');
  });
  test('each speed is tried', () => {
    const context = contextOf(PAGE, TWO_SPEEDS);
    const check = outputChecks(context, understand(PAGE, PLATE, {})).find(
      ({ key }) => key === 'output-blower',
    )!;
    expect(check.expected).toBe('it runs at 2 speeds, and stops');
    expect(judgeCheck(check, { check: check.key, seen: 'one', figures: {} }).pattern?.code).toBe('SPA-01');
  });
});

describe('SPA-05 the states of a key in order', () => {
  const checkOf = (duty: typeof DUTY) =>
    outputChecks(contextOf(PAGE, duty), understand(PAGE, PLATE, {})).find(
      ({ key }) => key === 'output-pump-1',
    )!;
  test('mistake: it goes through another order; near miss: as its profile says', () => {
    const check = checkOf(LITTLE);
    expect(check.method).toContain('press by press: low, high, off');
    expect(judgeCheck(check, { check: check.key, seen: 'order', figures: {} }).pattern?.code).toBe('SPA-05');
    expect(judgeCheck(check, { check: check.key, seen: 'all', figures: {} }).ok).toBe(true);
  });
  test('a pump of one speed has no such order', () => {
    const one = { ...LITTLE, pumps: [{ ...LITTLE.pumps[0], low: null }] };
    expect(checkOf(one).method).not.toContain('press by press');
  });
});
