import { blockOf, sideOf } from '../../../job/testing/blocks.fixtures';
import { Walk } from '../../../job/testing/walk.fixtures';
import { SAMPLES } from '../fixtures';

const summaryOf = (sample: (typeof SAMPLES)[number]) => {
  const walk = new Walk(sample);
  walk.arrive();
  walk.found(sample.found);
  walk.plan();
  walk.set();
  walk.prove();
  walk.leave();
  return walk.document.handover!.summary;
};

test('what a session delivers, whether it floods, and how long product stands, before and after', () => {
  const summary = summaryOf(SAMPLES[0]);
  const [found, left] = (['found', 'left'] as const).map((column) =>
    sideOf('delivered', column, summary).join('\n'),
  );
  expect(found).toContain('too little');
  expect(left).toMatch(/no warmer than 13\s°C/);
  expect(left).toContain('carries the cleaning inflow');
  expect(left).toMatch(/product stands for \d+\smin at most/);
  expect(summary.proof.says?.map(({ sound }) => sound) ?? [true]).not.toContain(false);
});

test('speed over level, from the minimum at the bottom to the maximum at the top', () => {
  const { lines, x } = blockOf('chart', 'speeds', summaryOf(SAMPLES[0]));
  const left = lines.find(({ column }) => column === 'left')!;
  expect(left.marks).toEqual([
    [30, 1470],
    [510, 3200],
  ]);
  expect(x.to).toBe(600);
});

test('without a cooler the litres stand where the temperature does', () => {
  expect(sideOf('delivered', 'left', summaryOf(SAMPLES[1]))[0]).toMatch(/m³$/);
});
