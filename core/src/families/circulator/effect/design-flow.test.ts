import fc from 'fast-check';
import { headAt_m, lineHead_m } from '../../../hydraulics';
import { planCirculator } from '../plan/plan';
import { BUILDING, contextOf, DUTY } from '../fixtures';
import type { CirculatorProfile } from '../wire/job';
import { designFlow_m3h, setHead_m } from './design-flow';
import { pumpOf } from './pump';

const MEETS = { zeroShare: 0.5, refersTo_m3h: null, meetsFullSpeed: true } as const;
const pump = pumpOf(DUTY);

test('worked: half is left at zero flow, and the line meets full speed where it gives the set head', () => {
  const set_m = setHead_m(MEETS, pump, 3.2);
  const met = designFlow_m3h(MEETS, pump, set_m);
  // on the curve there, and 3.2 m at the flow of the duty
  expect(headAt_m(pump.curve, met)).toBeCloseTo(set_m, 9);
  expect(set_m * (0.5 + (0.5 * pump.flow_m3h) / met)).toBeCloseTo(3.2, 9);
  expect(met).toBeGreaterThan(pump.flow_m3h);
  expect(set_m).toBeGreaterThan(3.2);
});

test('whatever is left at zero flow, the line carries the duty and never asks for more than full speed', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.2, max: 1, noNaN: true }),
      fc.double({ min: 0.5, max: 5, noNaN: true }),
      (zeroShare, needed) => {
        const proportional = { ...MEETS, zeroShare };
        const set_m = setHead_m(proportional, pump, needed);
        const design_m3h = designFlow_m3h(proportional, pump, set_m);
        const line = { kind: 'proportional', set_m, zeroShare, design_m3h } as const;
        const full = headAt_m(pump.curve, pump.flow_m3h);
        expect(lineHead_m(line, pump.curve, pump.flow_m3h)).toBeCloseTo(Math.min(needed, full), 6);
      },
    ),
  );
});

test('without it the flow is the controller’s own, or that of the duty', () => {
  const own = { zeroShare: 0.5, refersTo_m3h: 4 };
  expect(designFlow_m3h(own, pump, 3)).toBe(4);
  expect(designFlow_m3h({ ...own, refersTo_m3h: null }, pump, 3)).toBe(pump.flow_m3h);
  expect(setHead_m({ ...own, refersTo_m3h: null }, pump, 3.2)).toBeCloseTo(3.2, 12);
});

test('a head that full speed gives nowhere is met at the flow of the duty', () => {
  expect(designFlow_m3h(MEETS, pump, 99)).toBe(pump.flow_m3h);
});

test('the plan of a controller whose line meets full speed sets a higher head than one that knows the duty', () => {
  const { behaviours } = BUILDING;
  const profile: CirculatorProfile = { ...BUILDING, behaviours: { ...behaviours, proportional: MEETS } };
  const knows: CirculatorProfile = {
    ...BUILDING,
    behaviours: { ...behaviours, proportional: { zeroShare: 0.5, refersTo_m3h: null } },
  };
  const [met, known] = [profile, knows].map((one) => planCirculator(contextOf(one)).settings);
  expect(met.mode).toBe('proportional');
  expect(met.head_m).toBeGreaterThan(known.head_m ?? Infinity);
});
