import { contextOf, DUTY, GUIDED, sound, texts } from '../fixtures';
import { suctionHead_m } from '../effect/pump';
import { meanInflow_m3h } from '../effect/vessel';
import { proofChecks } from '../proof/checks';
import { runSession } from '../bench/run-session';
import { understand } from '../settings/understand';
import { planTransfer } from '../plan/plan';
import { checkPlan } from '../checks/checks';
import type { TransferDuty } from '../wire/duty';

const duty = (more: Partial<TransferDuty>): TransferDuty => ({ ...DUTY, ...more });
const own = (role: string, of = contextOf()) =>
  planTransfer(of).targets.find((target) => target.role === role)!;

describe('LEV-07: more comes in than it sends', () => {
  const comes = (every_s: number) =>
    contextOf(
      GUIDED,
      duty({ inflow: { ...DUTY.inflow, gulp_L: 20, every_s, together: 1, cleaning_m3h: 3 }, cooler: null }),
    );
  test('mistake: on average; near miss: as much as it sends, and the session of the first floods', () => {
    const most = texts(comes(25));
    expect(most).toContain('LEV-07.mean');
    const settings = understand(GUIDED, comes(25).plate, sound(comes(25)));
    expect(runSession(comes(25), settings, 'regular').sums.flooded_L).toBeGreaterThan(0);
    // half as often is half as much
    expect(meanInflow_m3h(comes(50).duty)).toBeCloseTo(meanInflow_m3h(comes(25).duty) / 2, 9);
    expect(texts(comes(60))).not.toContain('LEV-07.mean');
  });
});

describe('the speed for cleaning is judged upwards', () => {
  test('mistake: past limits, pump and plate; near miss: at the maximum speed', () => {
    const context = contextOf(GUIDED, duty({ pump: { ...DUTY.pump, limit_rpm: 3200 } }));
    const key = own('cleaning.speed', context).key;
    const greatest = own('speed.greatest', context).value as number;
    const found = texts(context, { [key]: 3600 });
    expect(found).toEqual(expect.arrayContaining(['ANY-10.outside', 'LEV-01.pump']));
    expect(texts(context, { [key]: greatest })).not.toContain('ANY-10.outside');
    expect(texts(context, { [key]: greatest + 10 })).toContain('ANY-10.outside');
  });
});

test('LEV-12: a heavier product stands less high at the inlet', () => {
  const heavy = contextOf(GUIDED, duty({ product: { ...DUTY.product, density_kgm3: 1330 } }));
  const light = contextOf(GUIDED, duty({ product: { ...DUTY.product, density_kgm3: 1000 } }));
  const above = DUTY.vessel.above_m;
  expect(suctionHead_m(heavy) - above).toBeCloseTo((suctionHead_m(light) - above) / 1.33, 6);
});

describe('LEV-02: levels and alarm against the float', () => {
  const { height_mm } = DUTY.vessel;
  const context = contextOf();
  const [top, alarm] = [own('level.top').key, own('alarm.high').key];
  test('mistake: a top that is never reached; near miss: the end of the float', () => {
    expect(texts(context, { [top]: height_mm + 1, [alarm]: height_mm })).toContain('LEV-02.float');
    expect(texts(context, { [top]: height_mm, [alarm]: height_mm })).not.toContain('LEV-02.float');
  });
  test('mistake: an alarm within the work, or beyond the float; near misses one step off', () => {
    const at = own('level.top').value as number;
    expect(texts(context, { [alarm]: at })).toContain('LEV-02.alarm');
    expect(texts(context, { [alarm]: at + 1 })).not.toContain('LEV-02.alarm');
    expect(texts(context, { [alarm]: height_mm + 1 })).toContain('LEV-02.silent');
    expect(texts(context, { [alarm]: height_mm })).not.toContain('LEV-02.silent');
  });
});

test.each([4, 5, 6, 30])(
  'product that may stand for %s min is emptied in time, or it is said',
  (stands_min) => {
    const context = contextOf(
      GUIDED,
      duty({
        product: { ...DUTY.product, stands_min, foams: false, surges: false },
        choices: { control: 'even' },
      }),
    );
    const target = planTransfer(context).targets.find(({ role }) => role === 'emptying.every');
    const found = checkPlan(context, planTransfer(context)).map(({ text }) => text);
    if (target && stands_min >= 5) expect(target.value).toBeGreaterThan(0);
    if (target && (target.value as number) > 0 && (target.value as number) <= stands_min)
      expect(found).not.toContain('LEV-03');
  },
);

test('the flow at cleaning proves good only above what comes', () => {
  const context = contextOf();
  const check = proofChecks(context, understand(GUIDED, context.plate, sound(context))).find(
    ({ key }) => key === 'greatest-flow',
  )!;
  if (check.ask.kind !== 'figure') throw new Error('It asks for a figure.');
  expect(check.ask.least).toBeGreaterThanOrEqual(DUTY.inflow.cleaning_m3h - 1e-9);
});
