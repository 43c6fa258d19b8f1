import type { HandoverSummary } from '../../visit';
import { measuredLine } from './measured-line';

type Check = HandoverSummary['checks'][number];
const check = (title: string, seen: string, more: Partial<Check> = {}): Check => ({
  title,
  seen,
  method: '',
  expected: '',
  tolerance: '',
  ok: true,
  voided: false,
  superseded: false,
  recordedAt: '2026-11-24T09:00:00.000Z',
  measured: true,
  ...more,
});

test('figures that stand as expected are said, and nothing else', () => {
  const checks = [
    check('Flow through the filter', '7.8 m³/h'),
    check('Power', '205 W', { voided: true }),
    check('Stops', 'stopped', { measured: undefined }),
    check('Pressure', '9 bar', { ok: false }),
    check('Current', '3 A', { superseded: true }),
  ];
  expect(measuredLine({ checks })).toBe('Measured: Flow through the filter: 7.8 m³/h.');
  expect(measuredLine({ checks: checks.slice(1) })).toBeNull();
});

test('more than six find no room on page one: how many stand behind is said', () => {
  const eight = Array.from({ length: 8 }, (_, i) => check(`Output ${i + 1}`, '1 A'));
  expect(measuredLine({ checks: eight })).toMatch(/Output 6: 1 A; 2 more behind\.$/);
  expect(measuredLine({ checks: eight.slice(0, 6) })).toMatch(/Output 6: 1 A\.$/);
});
