import { displacedFlow_m3h, displacedShare, fitDisplacement } from './displacement';

const LOBE = fitDisplacement([
  { flow_m3h: 6, head_m: 0 },
  { flow_m3h: 5.4, head_m: 20 },
]);
const AGAINST = { lift_m: 10, pipe: 0.1 };

describe('a pump that displaces', () => {
  test('slips 0.03 m³/h for each metre', () => {
    expect(LOBE.atNoHead_m3h).toBeCloseTo(6, 9);
    expect(LOBE.slip_m3hm).toBeCloseTo(0.03, 9);
  });
  test('flow goes with speed, less the slip: worked by hand without a pipe', () => {
    // 6 · 0.5 − 0.03 · 10
    expect(displacedFlow_m3h(LOBE, { lift_m: 10, pipe: 0 }, 0.5)).toBeCloseTo(2.7, 9);
    // half of the speed is less than half of the flow
    expect(displacedFlow_m3h(LOBE, AGAINST, 0.5)).toBeLessThan(
      displacedFlow_m3h(LOBE, AGAINST, 1) / 2 + 1e-9,
    );
  });
  test('share and flow undo each other, with and without slip', () => {
    for (const pump of [LOBE, { ...LOBE, slip_m3hm: 0 }])
      for (let share = 0.1; share <= 1.2; share += 0.1) {
        const flow = displacedFlow_m3h(pump, AGAINST, share);
        expect(displacedShare(pump, AGAINST, flow)).toBeCloseTo(share, 9);
      }
  });
  test('so slowly that all of it slips back it gives nothing', () => {
    // 0.03 · 10 / 6
    expect(displacedFlow_m3h(LOBE, AGAINST, 0.0499)).toBe(0);
    expect(displacedFlow_m3h(LOBE, AGAINST, 0.051)).toBeGreaterThan(0);
  });
  test.each([
    [
      'one head',
      [
        { flow_m3h: 5, head_m: 3 },
        { flow_m3h: 6, head_m: 3 },
      ],
      'two heads',
    ],
    [
      'more against more',
      [
        { flow_m3h: 5, head_m: 3 },
        { flow_m3h: 6, head_m: 30 },
      ],
      'no more against more head',
    ],
    [
      'nothing',
      [
        { flow_m3h: 0, head_m: 3 },
        { flow_m3h: 0, head_m: 30 },
      ],
      'gives nothing',
    ],
  ])('%s is told in words', (_, points, words) => {
    expect(() => fitDisplacement(points)).toThrow(words);
  });
});
