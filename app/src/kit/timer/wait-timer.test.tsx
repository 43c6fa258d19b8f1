import { act, render, screen } from '@testing-library/react-native';
import { forgetDrafts } from '../../draft/use-draft';
import { press, wordsOf } from '../../testing/touch';
import { timerKey } from './use-kept-timer';
import { minutesOf, WaitTimer } from './wait-timer';

const WAIT = {
  words: 'Time the discharge',
  lasts_s: 360,
  field: 'waited_min',
  meanwhile: 'Stay at the drive.',
};
const MINUTE_ms = 60_000;

describe('a wait that is timed', () => {
  const taken: number[] = [];
  const stand = () =>
    render(
      <WaitTimer
        wait={WAIT}
        keptAt={timerKey('job-1', 'turning')}
        testID="wait"
        onTake={(seconds) => taken.push(minutesOf(seconds))}
      />,
    );
  const pass = (minutes: number) => act(() => jest.advanceTimersByTime(minutes * MINUTE_ms));
  beforeEach(() => {
    jest.useFakeTimers({ now: Date.UTC(2026, 10, 24, 9) });
    taken.length = 0;
  });
  afterEach(() => {
    screen.unmount();
    forgetDrafts('');
    jest.useRealTimers();
  });

  test('counts down, says what to keep to, and tells how late it is', () => {
    stand();
    expect(wordsOf('wait-begin')).toBe('Time the discharge, 6 min');
    press('wait-begin');
    pass(2);
    expect(wordsOf('wait-left')).toBe('4:00');
    expect(screen.getByText('Stay at the drive.')).toBeTruthy();
    pass(5);
    expect(wordsOf('wait-left')).toBe('+1:00');
    expect(screen.queryByText('Stay at the drive.')).toBeNull();
  });
  test('goes on while its card is left, and gives no more than it was', () => {
    stand();
    press('wait-begin');
    screen.unmount();
    pass(6.06);
    stand();
    expect(wordsOf('wait-left')).toMatch(/^\+0:0[34]$/);
    press('wait-take');
    // 6.06 minutes are 6.0, and not 6.1
    expect(taken).toEqual([6]);
    expect(screen.getByTestId('wait-begin')).toBeTruthy();
  });
  test('a slip of the thumb is cancelled, and nothing is taken', () => {
    stand();
    press('wait-begin');
    press('wait-cancel');
    expect(taken).toEqual([]);
    expect(screen.getByTestId('wait-begin')).toBeTruthy();
  });
});

describe('a limit whose passing does harm', () => {
  const limit = { words: 'Time it dry', lasts_s: 8, harm: 'Past this the seal is damaged.' };
  beforeEach(() => {
    jest.useFakeTimers({ now: Date.UTC(2026, 10, 24, 9) });
  });
  afterEach(() => {
    screen.unmount();
    forgetDrafts('');
    jest.useRealTimers();
  });

  test('says before it is begun to stay at the pump, as long as it runs, and to stop it once it is over', () => {
    render(<WaitTimer wait={limit} keptAt={timerKey('job-1', 'check:dry')} testID="wait" />);
    const stay = /No longer than 8\ss\. Past this the seal is damaged\. Stay at the pump, hand on its stop\./;
    expect(screen.getByText(stay)).toBeTruthy();
    press('wait-begin');
    expect(screen.getByText(stay)).toBeTruthy();
    act(() => jest.advanceTimersByTime(9000));
    expect(screen.queryByText(stay)).toBeNull();
    expect(screen.getByText(/are over: stop it now\./)).toBeTruthy();
    // its time goes nowhere: it is only stopped
    expect(wordsOf('wait-take')).toBe('Stop the timer');
    expect(screen.queryByTestId('wait-cancel')).toBeNull();
    press('wait-take');
    expect(screen.getByTestId('wait-begin')).toBeTruthy();
  });
});
