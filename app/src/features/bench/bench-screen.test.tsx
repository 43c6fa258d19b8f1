import { act, fireEvent, render, screen } from '@testing-library/react-native';
import type { PumpResource } from '@barythm/contract/resources';
import type { BenchRun } from '@barythm/core/bench';
import { benchSheet } from '@barythm/core/job';
import { TODAY } from '@barythm/core/families/pool/fixtures';
import { badlySet } from '@barythm/core/job/testing/fixtures';
import { badlyRun } from '@barythm/core/job/testing/pool-fixtures';
import { forgetDrafts } from '../../draft/use-draft';
import { press, type, wordsOf } from '../../testing/touch';
import { BenchCancelled, BenchClient } from '../../workers/bench-client';
import { BenchScreen } from './bench-screen';
import type { JobDocument } from '@barythm/core/families';

let mockPump: { data?: PumpResource; isLoading?: boolean; error?: Error; refetch?: () => void } = {};
jest.mock('../../api/queries', () => ({ usePump: () => mockPump }));
jest.mock('expo-router', () => ({
  useLocalSearchParams: () => ({ id: 'pump-1' }),
  useRouter: () => ({ navigate: jest.fn() }),
}));
afterEach(() => {
  forgetDrafts('');
  jest.restoreAllMocks();
});

const pumpWith = (latest: JobDocument | null): PumpResource =>
  ({
    id: 'pump-1',
    tag: 'CLI-PP-01',
    name: 'Therapy pool',
    siteName: 'Clinic',
    today: TODAY,
    latest,
    profile: badlyRun().document.profile,
    duty: null,
  }) as unknown as PumpResource;

/** The worker's own work, done in place; a week is run once for all tests that begin with it. */
const known = new Map<string, BenchRun>();
function inPlace() {
  return jest
    .spyOn(BenchClient.prototype, 'run')
    .mockImplementation(({ context, sheets, scenario }, onProgress) => {
      onProgress(0.5);
      const runOf = (values: (typeof sheets)[number]['values']): BenchRun => {
        const asked = JSON.stringify([context.profile.id, values, scenario]);
        const run = known.get(asked) ?? benchSheet(context, values, scenario);
        known.set(asked, run);
        return run;
      };
      return Promise.resolve(sheets.map(({ name, values }) => ({ ...runOf(values), name })));
    });
}

async function open(latest: JobDocument | null) {
  mockPump = { data: pumpWith(latest) };
  render(<BenchScreen />);
  await settled();
}
/** Lets the answer of the run come in. */
async function settled() {
  await act(async () => undefined);
  expect(screen.queryByTestId('bench-progress')).toBeNull();
}

describe('a pool', () => {
  const pool = () => badlyRun().plan().document;
  test('as found against target over a week: cost largest, and what each did', async () => {
    inPlace();
    await open(pool());
    expect(wordsOf('bench-sums')).toMatch(/Target, over the week; as found \d+\.\d+ SKR\./);
    expect(Number(wordsOf('bench-headline').split(' ')[0])).toBeGreaterThan(0);
    expect(wordsOf('bench-strips')).toContain('Through the week');
    // no roof heats this pool
    expect(screen.queryByTestId('bench-channel-roof')).toBeNull();
    press('bench-days-1');
    await settled();
    expect(wordsOf('bench-sums')).toContain('over the day');
  });

  test('an event is added with its time and figure, refused in words, and taken away again', async () => {
    const run = inPlace();
    await open(pool());
    press('event-add');
    press('event-kind-hand-run');
    type('event-at', '8.7:00');
    press('event-save');
    expect(screen.getByText('Enter a time, e.g. 6:30, or 2.6:30 on the second day.')).toBeTruthy();
    expect(screen.getByText('A figure in rev/min.')).toBeTruthy();
    type('event-at', '2.7:00');
    type('event-until', '2.6:00');
    press('event-save');
    expect(screen.getByText('A time after it began, or empty.')).toBeTruthy();
    type('event-until', '2.9:30');
    type('event-amount', '2400');
    press('event-save');
    await settled();
    expect(wordsOf('bench-events')).toContain('day 2, 7:00 Run by hand: 2400 rev/min, until day 2, 9:30');
    expect(run.mock.calls.at(-1)?.[0].scenario.events).toEqual([
      { kind: 'hand-run', at_s: 111_600, until_s: 120_600, amount: 2400 },
    ]);
    expect(wordsOf('happenings-1')).toContain('The pump runs by hand.');
    fireEvent.press(screen.getByText('Remove'));
    await settled();
    expect(wordsOf('bench-events')).toContain('Nothing goes wrong.');
  });

  test('a fault is thrown in at the moment that is shown, for an hour; a timed run has an end of its own', async () => {
    const run = inPlace();
    await open(pool());
    press('throw-power-cut');
    await settled();
    const last = () => run.mock.calls.at(-1)?.[0].scenario.events.at(-1);
    expect(last()).toMatchObject({ kind: 'power-cut', at_s: 604_740, until_s: 608_340 });
    press('throw-timed-run');
    await settled();
    expect(last()).toMatchObject({ kind: 'timed-run', until_s: null });
    expect(screen.queryByTestId('throw-broken-wire')).toBeNull();
    // it goes with this visit of the page, and is not the pump's for ever
    screen.unmount();
    await open(pool());
    expect(wordsOf('bench-events')).toContain('Nothing goes wrong.');
  });

  test('an edited copy is tried, keeps out what the controller would not take, and plans nothing', async () => {
    const run = inPlace();
    await open(pool());
    press('sheet-second-edited');
    await settled();
    type('edit-speed/5', '9000');
    expect(
      screen.getByText('Program 5: speed cannot be above 3260 rev/min on this controller.'),
    ).toBeTruthy();
    type('edit-speed/5', '1800');
    await settled();
    expect(run.mock.calls.at(-1)?.[0].sheets[1]).toMatchObject({
      name: 'Edited copy',
      values: expect.objectContaining({ 'speed/5': 1800 }),
    });
  });

  test('the moment is moved by keys, and played', async () => {
    inPlace();
    await open(pool());
    const [slider] = screen.getAllByLabelText('Moment of the day');
    const before = wordsOf('bench-clock');
    fireEvent(slider, 'keyDown', { key: 'ArrowLeft', preventDefault: () => undefined });
    expect(wordsOf('bench-clock')).not.toBe(before);
    expect(wordsOf('bench-clock')).toBe('day 7, 23:50');
    press('bench-play');
    expect(screen.getByText('Pause')).toBeTruthy();
    press('bench-play');
    expect(screen.getByText('Play')).toBeTruthy();
  });
});

test('a metering pump has its own events and sums', async () => {
  inPlace();
  await open(badlySet().document);
  expect(wordsOf('bench-sums')).toContain('% in the band');
  expect(screen.queryByTestId('throw-suction-blocked')).toBeNull();
  expect(screen.getByTestId('throw-broken-wire')).toBeTruthy();
  expect(screen.queryByTestId('throw-meter-bounce')).toBeNull();
});

test('a run that is cancelled, or fails, says so and can be run again', async () => {
  let fail: (error: Error) => void = () => undefined;
  const run = jest
    .spyOn(BenchClient.prototype, 'run')
    .mockImplementation(() => new Promise((_resolve, reject) => (fail = reject)));
  mockPump = { data: pumpWith(badlyRun().plan().document) };
  render(<BenchScreen />);
  expect(wordsOf('bench-progress')).toContain('Running … 0 %');
  await act(async () => fail(new BenchCancelled('The run was cancelled.')));
  expect(wordsOf('bench-error')).toContain('Cancelled.');
  fireEvent.press(screen.getByText('Run again'));
  expect(run).toHaveBeenCalledTimes(2);
  await act(async () => fail(new Error('The worker is gone.')));
  expect(wordsOf('bench-error')).toContain('The worker is gone.');
});

test('before there is a duty it says what to do; a pump that cannot be had can be asked for again', () => {
  mockPump = { data: pumpWith(null) };
  const { rerender } = render(<BenchScreen />);
  expect(screen.getByText('Nothing to run yet')).toBeTruthy();
  const refetch = jest.fn();
  mockPump = { error: new Error('No answer.'), refetch };
  rerender(<BenchScreen />);
  fireEvent.press(screen.getByRole('button'));
  expect(refetch).toHaveBeenCalled();
});
