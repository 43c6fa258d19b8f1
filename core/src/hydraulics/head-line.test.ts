import fc from 'fast-check';
import {
  fitFullCurve,
  fitFullPower,
  flowOnPipes_m3h,
  headAt_m,
  lineHead_m,
  loadsOf,
  noHeadFlow_m3h,
  powerOfShare_W,
  seasonEnergy_kWh,
  shareFor,
  type FullCurve,
  type HeadLine,
} from './index';

const curve = fc.record({
  closed_m: fc.double({ min: 2, max: 15, noNaN: true }),
  rise: fc.constant(0),
  fall: fc.double({ min: 0.05, max: 2, noNaN: true }),
});
const share = fc.double({ min: 0.1, max: 1, noNaN: true });

test('affinity there and back: the share for a head at a flow gives that head again', () => {
  fc.assert(
    fc.property(curve, share, share, fc.double({ min: 0, max: 0.5, noNaN: true }), (full, n, part, rise) => {
      const risen = { ...full, rise };
      const flow = part * noHeadFlow_m3h({ ...risen }) * n;
      const head = headAt_m(risen, flow, n);
      fc.pre(head > 1e-6);
      expect(shareFor(risen, flow, head)).toBeCloseTo(n, 6);
    }),
  );
});

test('with the same head at the design flow energy falls from fixed to constant to proportional', () => {
  fc.assert(
    fc.property(curve, share, share, (full, of, zero) => {
      const design_m3h = of * 0.7 * noHeadFlow_m3h(full);
      const set_m = 0.8 * headAt_m(full, design_m3h);
      // a fixed speed that carries the same head at the design flow
      const fixed: HeadLine = { kind: 'fixed', share: shareFor(full, design_m3h, set_m) };
      const lines: HeadLine[] = [
        fixed,
        { kind: 'constant', set_m },
        { kind: 'proportional', set_m, zeroShare: zero * 0.9, design_m3h },
      ];
      const energy = lines.map((line) =>
        seasonEnergy_kWh(loadsOf(line, full, { atNoFlow_W: 40, perFlow: 10 }, design_m3h), 5000),
      );
      expect(energy[0]).toBeGreaterThan(energy[1]);
      expect(energy[1]).toBeGreaterThan(energy[2]);
    }),
  );
});

test('where a line meets the pipes, both have the same head; full speed ends it', () => {
  fc.assert(
    fc.property(curve, share, fc.double({ min: 0.01, max: 5, noNaN: true }), (full, of, loss) => {
      const line: HeadLine = { kind: 'constant', set_m: of * full.closed_m };
      const flow = flowOnPipes_m3h(line, full, loss);
      expect(loss * flow * flow).toBeCloseTo(lineHead_m(line, full, flow), 5);
      expect(lineHead_m(line, full, flow)).toBeLessThanOrEqual(headAt_m(full, flow) + 1e-9);
    }),
  );
});

describe('a curve fitted to points', () => {
  const on = (full: FullCurve, flows: readonly number[]) =>
    flows.map((flow_m3h) => ({ flow_m3h, head_m: headAt_m(full, flow_m3h) }));
  test('points of a plain curve give it back; a rise is taken only where four points demand it', () => {
    const plain = { closed_m: 6.5, rise: 0, fall: 0.42 };
    expect(fitFullCurve(on(plain, [0, 1.5, 3])).fall).toBeCloseTo(0.42, 9);
    expect(fitFullCurve(on(plain, [0, 1, 2, 3])).rise).toBe(0);
    const risen = { closed_m: 6, rise: 0.6, fall: 0.5 };
    const fitted = fitFullCurve(on(risen, [0, 0.5, 1, 2, 3]));
    expect([fitted.closed_m, fitted.rise, fitted.fall].map((v) => Number(v.toFixed(6)))).toEqual([
      6, 0.6, 0.5,
    ]);
    expect(fitFullCurve(on(risen, [0.5, 1.5, 3])).rise).toBe(0);
  });
  test('points that rise, or stand at one flow, are refused in words', () => {
    expect(() =>
      fitFullCurve([
        { flow_m3h: 0, head_m: 4 },
        { flow_m3h: 2, head_m: 5 },
      ]),
    ).toThrow('must fall');
    expect(() => fitFullCurve([{ flow_m3h: 1, head_m: 4 }])).toThrow('two points');
  });
  test('power over flow; one point is taken for every flow', () => {
    expect(
      fitFullPower([
        { flow_m3h: 0, power_W: 48 },
        { flow_m3h: 2, power_W: 70 },
      ]),
    ).toEqual({
      atNoFlow_W: 48,
      perFlow: 11,
    });
    expect(fitFullPower([{ flow_m3h: 2, power_W: 70 }])).toEqual({ atNoFlow_W: 70, perFlow: 0 });
    expect(() => fitFullPower([])).toThrow('Enter the power');
    expect(() =>
      fitFullPower([
        { flow_m3h: 1, power_W: 10 },
        { flow_m3h: 2, power_W: 60 },
      ]),
    ).toThrow('no power at no flow');
  });
  test('standing takes nothing', () => {
    expect(powerOfShare_W({ atNoFlow_W: 48, perFlow: 11 }, 0, 0)).toBe(0);
  });
});
