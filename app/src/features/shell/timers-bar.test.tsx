import { act, render, screen } from '@testing-library/react-native';
import { forgetDrafts, keepDraft } from '../../draft/use-draft';
import { timerKey } from '../../kit/timer';
import { press, type, wordsOf } from '../../testing/touch';
import { ReminderCard } from '../round/reminder-card';
import { TimersBar } from './timers-bar';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({
  useRouter: () => ({ navigate: (path: string) => mockNavigate(path) as unknown }),
}));

const START = Date.UTC(2026, 10, 24, 9);
const MINUTE_ms = 60_000;
const shake = jest.fn(() => true);
const pass = (minutes: number) => act(() => jest.advanceTimersByTime(minutes * MINUTE_ms));
const keep = (key: string, words: string, minutes: number, began = START) =>
  keepDraft(key, JSON.stringify({ began, lasts_s: minutes * 60, words }));

beforeEach(() => {
  jest.useFakeTimers({ now: START });
  Object.defineProperty(globalThis, 'navigator', { value: { vibrate: shake }, configurable: true });
});
afterEach(() => {
  forgetDrafts('');
  shake.mockClear();
  mockNavigate.mockClear();
  jest.useRealTimers();
});

test('what runs stands on every screen, the next to end first, and leads back to its work', () => {
  keep(timerKey('job-1', 'turning'), 'Time the discharge', 6);
  keep(timerKey('job-2', 'identified'), 'Time the identification', 2);
  render(<TimersBar />);
  expect(wordsOf('timers')).toMatch(/identification2:00 left.*discharge6:00 left/);
  pass(1);
  expect(wordsOf('timers')).toMatch(/1:00 left.*5:00 left/);
  press('timer-job-1:turning');
  expect(mockNavigate).toHaveBeenCalledWith('/job/job-1/as-found');
});

test('the wait of a check leads back to where it is tried', () => {
  keep(timerKey('job-1', 'check:dry-prime'), 'Time its prime', 6);
  render(<TimersBar />);
  press('timer-job-1:check:dry-prime');
  expect(mockNavigate).toHaveBeenCalledWith('/job/job-1/prove');
});

test('its end is told once, by a shake where the device can, and then how late it is', () => {
  keep(timerKey('job-1', 'turning'), 'Time the discharge', 2);
  render(<TimersBar />);
  pass(1.9);
  expect(shake).not.toHaveBeenCalled();
  pass(0.2);
  expect(shake).toHaveBeenCalledTimes(1);
  pass(3);
  expect(shake).toHaveBeenCalledTimes(1);
  expect(wordsOf('timers')).toContain('over since 3:0');
});

test('one that ended while the page was away is told by how late it is, and without a sound', () => {
  keep(timerKey('job-1', 'turning'), 'Time the discharge', 2, START - 10 * MINUTE_ms);
  render(<TimersBar />);
  pass(0.1);
  expect(wordsOf('timers')).toContain('over since 8:0');
  expect(shake).not.toHaveBeenCalled();
});

test('a clock that jumps back leaves no more than the whole; what is no wait is passed over', () => {
  keep(timerKey('job-1', 'turning'), 'Time the discharge', 2, START + 60 * MINUTE_ms);
  keepDraft(timerKey('job-1', 'odd'), '{"began":"yesterday"}');
  keepDraft(timerKey('job-1', 'torn'), '{"beg');
  render(<TimersBar />);
  expect(wordsOf('timers')).toBe('Time the discharge2:00 left');
});

test('a reminder of one’s own: what of cannot be empty; it counts down, and is done by a tap', () => {
  render(
    <>
      <ReminderCard />
      <TimersBar />
    </>,
  );
  press('reminder');
  press('reminder-10');
  expect(wordsOf('reminder-card')).toContain('Say what of.');
  type('reminder-words', 'Close the drain');
  press('reminder-10');
  expect(screen.queryByTestId('reminder-card')).toBeNull();
  expect(wordsOf('timers')).toContain('Close the drain');
  expect(wordsOf('timers')).toContain('10:00 left');
  pass(11);
  expect(wordsOf('timers')).toContain('over since 1:0');
  const [done] = screen.getAllByTestId(/^timer-done-/).map((node) => String(node.props.testID));
  press(done);
  expect(screen.queryByTestId('timers')).toBeNull();
});
