import { checkPlan } from '../checks/checks';
import { delivered_C, uaOf } from '../effect/cooling';
import { ceilings, flowAt_m3h, movesAbove_rpm, pumpOf, speedFor_rpm } from '../effect/pump';
import { contextOf, DUTY, GUIDED, NUMBERED, PLATE, VACUUM } from '../fixtures';
import type { TransferDuty } from '../wire/duty';
import { planTransfer, wantedControl } from './plan';
import fc from 'fast-check';

const planned = (duty: TransferDuty = DUTY, profile = GUIDED) => planTransfer(contextOf(profile, duty));

test('the plan of each is one that its own findings let be', () => {
  for (const context of [contextOf(), contextOf(NUMBERED, VACUUM)])
    expect(checkPlan(context, planTransfer(context))).toEqual([]);
});

test('kinds come before what follows from them', () => {
  const order = planned().targets.map(({ role }) => role);
  expect(order.slice(0, 2)).toEqual(['plant', 'pump.kind']);
  expect(order.indexOf('speed.least')).toBeGreaterThan(1);
});

test('what a change of kind puts back and no plate tells is entered again as it was; without a change nothing is', () => {
  const unread = { ...PLATE, volts_V: null };
  const again = (kind: string) =>
    planTransfer(contextOf(GUIDED, DUTY, { plate: unread, inForce: { kind, volts: 230, amps: 2.6 } }))
      .targets.filter(({ reason }) => reason.text === 'again.kind')
      .map(({ key, value }) => [key, value]);
  expect(again('sp')).toEqual([['volts', 230]]);
  expect(again('pl')).toEqual([]);
});

test('minimum above what moves nothing, with the vacuum; maximum by whatever ends it first', () => {
  const [open, vacuum] = [pumpOf(DUTY), pumpOf(VACUUM)];
  expect(movesAbove_rpm(vacuum)).toBeGreaterThan(movesAbove_rpm(open));
  expect(flowAt_m3h(open, movesAbove_rpm(open) * 0.999)).toBe(0);
  expect(planned().values.least).toBeGreaterThan(movesAbove_rpm(open));
  const by = (duty: TransferDuty, plate = PLATE) => ceilings({ duty, plate }, pumpOf(duty))[0].by;
  expect(by(DUTY)).toBe('limit');
  expect(by(DUTY, { ...PLATE, rated_W: 700 })).toBe('motor');
  expect(by({ ...VACUUM, pump: { ...VACUUM.pump, npsh_m: 6 } })).toBe('suction');
  expect(by({ ...DUTY, pump: { ...DUTY.pump, limit_rpm: null } }, { ...PLATE, rated_W: null })).toBe('curve');
});

test('speed and flow are each other’s inverse above what moves anything', () => {
  const pump = pumpOf(DUTY);
  fc.assert(
    fc.property(fc.double({ min: 0.05, max: 8, noNaN: true }), (flow) => {
      expect(flowAt_m3h(pump, speedFor_rpm(pump, flow))).toBeCloseTo(flow, 6);
    }),
  );
});

test('even-flow, unless foam or surges carry the float, or it has no other way', () => {
  const control = (product: Partial<TransferDuty['product']>, profile = GUIDED, choices = {}) =>
    wantedControl(contextOf(profile, { ...DUTY, product: { ...DUTY.product, ...product }, choices }));
  expect([control({}), control({ foams: true }), control({ surges: true })]).toEqual([
    'even',
    'level',
    'level',
  ]);
  expect([control({}, NUMBERED), control({ foams: true }, GUIDED, { control: 'even' })]).toEqual([
    'level',
    'even',
  ]);
});

test('where what ends it lies under what moves anything, no speed is planned, and that is said', () => {
  const heavy = { ...DUTY, pump: { ...DUTY.pump, static_m: 16, limit_rpm: 2600 } };
  const plan = planned(heavy);
  expect(plan.problems).toEqual([expect.objectContaining({ kind: 'no-speed' })]);
  expect(plan.values.least).toBeUndefined();
  expect(checkPlan(contextOf(GUIDED, heavy), plan).map(({ text }) => text)).toContain('LEV-01.none');
});

test('UA stated, or from readings of both streams: the same cooler', () => {
  const { product, cooler } = DUTY;
  const out_C = delivered_C(DUTY, 1.9);
  const readings = {
    kind: 'readings',
    product_m3h: 1.9,
    coolant_m3h: 4.3,
    in_C: 21,
    out_C,
    coolant_C: 9,
  } as const;
  expect(uaOf(product, { ...cooler!, ua: readings }).ua_kWK).toBeCloseTo(3.6, 6);
  expect(delivered_C({ product, cooler: null }, 1.9)).toBe(21);
  expect(delivered_C(DUTY, 0)).toBe(21);
});
