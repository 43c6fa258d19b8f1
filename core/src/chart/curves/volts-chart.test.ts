import { voltsChart } from './volts-chart';

const BOX = { width: 320, height: 200, left: 40, right: 10, top: 10, bottom: 30 };
const SENT = { off_V: 1, on_V: 1.5, full_V: 10 };

test('rising it starts at one voltage, falling it stops at another; in between both lines stand', () => {
  const { lines, frame, text } = voltsChart(BOX, { found: null, target: SENT, leastShare: 0.28 });
  expect(lines).toHaveLength(1);
  const [{ starts, stops, path }] = lines;
  expect(starts).toBeCloseTo(frame.x.scale(1.5), 9);
  expect(stops).toBeCloseTo(frame.x.scale(1), 9);
  // it starts at its least speed, and has full speed at full voltage
  expect(path).toContain(`${frame.x.scale(1.5)},${frame.y.scale(28)}`);
  expect(path).toContain(`${frame.x.scale(10)},${frame.y.scale(100)}`);
  expect(path).toContain(`${frame.x.scale(1)},${frame.y.scale(28)}`);
  expect(text).toBe('Target: starts at 1.5 V, stops below 1 V, full speed at 10 V.');
});

test('both columns; a full speed above 10 V widens the picture', () => {
  const { lines, frame } = voltsChart(BOX, {
    found: { off_V: 2, on_V: 3, full_V: 12 },
    target: SENT,
    leastShare: 0.28,
  });
  expect(lines.map(({ column }) => column)).toEqual(['found', 'target']);
  expect(frame.x.scale(12)).toBeCloseTo(BOX.width - BOX.right, 9);
});
