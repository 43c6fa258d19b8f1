import { act, render, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { DUTY, motorContext } from '@barythm/core/families/metering/fixtures';
import { press, type, valueOf, wordsOf } from '../../../testing/touch';
import { ScenarioCard } from './scenario-card';
import { scenarioOf, START, type WaterDraft } from './water-draft';

// the browser’s own dialog is stood in for by what it would give
let mockPick: (text: string) => void = () => undefined;
jest.mock('../../../ui/fields/file-pick', () => ({
  FilePick: ({ onText }: { onText: (text: string) => void }) => {
    mockPick = onText;
    return null;
  },
}));

const CONTEXT = motorContext();
let draft: WaterDraft;
function Stand() {
  const [now, setNow] = useState(START);
  draft = now;
  return <ScenarioCard draft={now} context={CONTEXT} onChange={setNow} />;
}
const flows = () => scenarioOf(draft, CONTEXT).water.flows_m3h;

test('a day or a week of a chosen shape, never above the maximum flow', () => {
  render(<Stand />);
  press('bench-days-7');
  press('bench-shape-peaks');
  expect(scenarioOf(draft, CONTEXT)).toMatchObject({ days: 7, water: { every_s: 3600 } });
  expect(Math.max(...flows())).toBeLessThanOrEqual(DUTY.water.greatest_m3h);
  press('bench-shape-steady');
  expect(new Set(flows()).size).toBe(1);
});

test('wobble and seed are figures within their limits; what is wrong changes nothing', () => {
  render(<Stand />);
  type('bench-wobble', '20');
  expect(draft.wobble_pct).toBe(20);
  type('bench-wobble', '80');
  expect(screen.getByText('From 0 to 50 %.')).toBeTruthy();
  type('bench-wobble', 'some');
  expect(screen.getByText(/“some” is not a figure/)).toBeTruthy();
  expect(draft.wobble_pct).toBe(20);
  type('bench-seed', '7.5');
  expect(screen.getByText('A whole number of up to nine digits.')).toBeTruthy();
  type('bench-seed', '77');
  expect(draft.seed).toBe(77);
});

test('a drawn day starts from what ran before, and its hours can be typed', () => {
  render(<Stand />);
  press('bench-shape-steady');
  press('bench-shape-drawn');
  expect(draft.drawn).toHaveLength(24);
  expect(screen.getByTestId('water-draw')).toBeTruthy();
});

describe('a file', () => {
  const day = (flow: (hour: number) => string) =>
    ['time,flow', ...Array.from({ length: 24 }, (_, hour) => `${hour}:00,${flow(hour)}`)].join('\n');
  test('with a fault: told by line and column, and nothing is taken in', () => {
    render(<Stand />);
    press('bench-shape-csv');
    act(() => mockPick(day((hour) => (hour === 6 ? 'much' : '10'))));
    expect(screen.getByRole('alert')).toHaveTextContent(/Line 8, column 2: “much”/);
    expect(wordsOf('bench-water')).toContain('Nothing was taken in; its own day runs.');
    expect(draft.csv).toBeNull();
  });
  test('a good one runs; a bad one after it leaves it standing', () => {
    render(<Stand />);
    press('bench-shape-csv');
    act(() => mockPick(day((hour) => String(hour))));
    expect(wordsOf('csv-loaded')).toBe('24 flows, 60 min each.');
    expect(flows()[13]).toBe(13);
    act(() => mockPick('nonsense'));
    expect(wordsOf('bench-water')).toContain('the file before stays');
    expect(flows()[13]).toBe(13);
    expect(valueOf('bench-seed')).toBe('1');
  });
});
