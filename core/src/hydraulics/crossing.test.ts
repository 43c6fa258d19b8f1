import fc from 'fast-check';
import {
  crossing_m3h,
  fitCurve,
  flowAtVelocity_m3h,
  speedAtCrossing_rpm,
  systemThrough,
  velocity_ms,
  volume_m3,
} from './index';

const POINTS = [
  { speed_rpm: 2900, flow_m3h: 17.6, head_m: 13 },
  { speed_rpm: 2900, flow_m3h: 8, head_m: 17 },
];

test('the curve passes through its points, and similar points at another speed give the same curve', () => {
  const curve = fitCurve(POINTS, 2900);
  for (const { flow_m3h, head_m } of POINTS)
    expect(curve.shutOff_m - curve.fall * flow_m3h ** 2).toBeCloseTo(head_m, 9);
  const half = POINTS.map((point) => ({
    speed_rpm: 1450,
    flow_m3h: point.flow_m3h / 2,
    head_m: point.head_m / 4,
  }));
  expect(fitCurve(half, 2900).shutOff_m).toBeCloseTo(curve.shutOff_m, 9);
});

test('with a lift the flow falls to nothing before the speed does; speed and flow are each other’s inverse', () => {
  const curve = fitCurve(POINTS, 2900);
  const system = systemThrough(POINTS[0], 3);
  expect(crossing_m3h(curve, system, 2900)).toBeCloseTo(17.6, 9);
  expect(crossing_m3h(curve, system, 1100)).toBe(0);
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 25, noNaN: true }), (flow) => {
      expect(crossing_m3h(curve, system, speedAtCrossing_rpm(curve, system, flow))).toBeCloseTo(flow, 6);
    }),
  );
  // friction alone: flow in proportion to speed
  const flat = systemThrough(POINTS[0], 0);
  expect(crossing_m3h(curve, flat, 1450)).toBeCloseTo(8.8, 9);
});

test.each([
  ['one point', [POINTS[0]], 'flows at one speed differ by 20 %'],
  ['a head that rises', [POINTS[0], { ...POINTS[1], head_m: 9 }], 'must fall as the flow grows'],
])('%s cannot be fitted, and why is said', (_, points, words) => {
  expect(() => fitCurve(points, 2900)).toThrow(words);
});

test('a lift above the head that was measured is refused', () => {
  expect(() => systemThrough(POINTS[0], 14)).toThrow('cannot be above the head');
});

test('bodies of water: shapes added up; pipes by their velocity', () => {
  expect(volume_m3([{ shape: 'rectangle', length_m: 8, width_m: 4 }], 1.3)).toBeCloseTo(41.6, 9);
  expect(
    volume_m3(
      [
        { shape: 'oval', length_m: 10, width_m: 5 },
        { shape: 'round', length_m: 2, width_m: 0 },
      ],
      1,
    ),
  ).toBeCloseTo(0.785 * 54, 9);
  expect(volume_m3([{ shape: 'kidney', length_m: 10, width_m: 9 }], 1.5)).toBeCloseTo(60.75, 9);
  expect(() => volume_m3([{ shape: 'rectangle', length_m: 8, width_m: 0 }], 1)).toThrow(
    'The width must be more than 0.',
  );
  expect(velocity_ms(flowAtVelocity_m3h(1.8, 63), 63)).toBeCloseTo(1.8, 12);
  expect(flowAtVelocity_m3h(1.8, 63)).toBeCloseTo(20.2, 1);
});
