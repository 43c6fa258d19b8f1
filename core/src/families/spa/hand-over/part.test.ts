import { blockOf, sideOf } from '../../../job/testing/blocks.fixtures';
import { Walk } from '../../../job/testing/walk.fixtures';
import { SAMPLES } from '../fixtures';
import type { SpaView } from '../kind';
import { spaFamily } from '../family';

function handedOver() {
  const [sample] = SAMPLES;
  const walk = new Walk(sample);
  walk.arrive();
  walk.found(sample.found);
  walk.plan();
  walk.set();
  walk.prove();
  walk.leave();
  return walk;
}

test('number, current and warmth stand before and after; the rows behind them, the one as left named', () => {
  const walk = handedOver();
  const { summary } = walk.document.handover!;
  expect(sideOf('number', 'found', summary).slice(0, 2)).toEqual([
    'Number 3',
    'one speed for pump 2, which has two; no output for the blower',
  ]);
  const left = sideOf('number', 'left', summary);
  expect(left).toEqual(
    expect.arrayContaining(['Number 6', 'fits all that is connected', '20 % of the supply left']),
  );
  const rows = blockOf('table', 'rows', summary);
  expect(rows.rows[0].cells[0]).toBe('6, as left');
  expect(rows.note).toBe('The nearest of 30 rows.');
  const chart = blockOf('chart', 'warming', summary);
  expect(chart.lines.map(({ column }) => column)).toEqual(['found', 'left']);
  expect(Math.max(...chart.lines.flatMap(({ points }) => points.map(([x]) => x)))).toBeLessThanOrEqual(
    chart.x.to,
  );
});

test('its cycles leave as events of every day, its table as a file', () => {
  const view = handedOver().view as SpaView;
  const events = spaFamily.handOver.week(view)!;
  expect(events.map(({ lasts_min, days }) => [lasts_min, days])).toEqual([
    // six hours a day, half an hour of them cleans up after the bath
    [165, '1234567'],
    [165, '1234567'],
  ]);
  const [table] = spaFamily.handOver.tables(view);
  expect(table.rows).toHaveLength(30);
  expect(table.rows[5]).toEqual(['6', '2', '2', '', '', 'yes', 'no', 'no', 'none-high', '']);
});
