import { act, fireEvent, render, screen } from '@testing-library/react-native';
import { contextOf } from '@barythm/core/families/pool/fixtures';
import { PlanCancelled, PlanClient } from './plan-client';
import type { PlannerAnswer } from './plan-messages';
import { CheapestCard } from './cheapest-card';

const PROGRAM = { name: 'Night', circuit: 'Filter', days: '1234567', start: 0, stop: 720, speed_rpm: 1400 };
const FOUND: Extract<PlannerAnswer, { kind: 'plan' }> = {
  kind: 'plan',
  cost: 10,
  bound: 9.8,
  gap: 0.02,
  proven: false,
  blocks: [],
  cells: [],
  programs: [{ ...PROGRAM, reason: 'in the cheapest hours' }],
  costMonth: 43.482,
  scope: 'Over 12 speeds. Primes are not in it.',
} as never;

/** The search itself is tested in the core and in a browser; here it answers what the card has to say. */
function answering(told: Promise<PlannerAnswer>) {
  jest.spyOn(PlanClient.prototype, 'find').mockImplementation((_context, _limit, onProgress) => {
    onProgress({ seconds: 3, best: 12, bound: 9 });
    return told;
  });
}

async function search(plannedMonth: number | null = null, onTake = jest.fn()) {
  render(<CheapestCard context={contextOf()} plannedMonth={plannedMonth} onTake={onTake} />);
  await act(async () => fireEvent.press(screen.getByTestId('cheapest-find')));
  return onTake;
}

afterEach(() => jest.restoreAllMocks());

test.each([
  [60, '16.52 SKR a month less than the week above.'],
  [40, '3.48 SKR a month more than the week above: that one is cheaper, if nothing is found wrong with it.'],
  [43.482, 'Costs what the week above costs.'],
])(
  'a plan is held against the week that costs %d a month, and is taken without its reasons',
  async (now, says) => {
    answering(Promise.resolve(FOUND));
    const onTake = await search(now);
    expect(screen.getByTestId('cheapest-against')).toHaveTextContent(says);
    expect(screen.getByTestId('cheapest-bound')).toHaveTextContent(
      /Within 2\.0 % of the cheapest, at the time limit/,
    );
    fireEvent.press(screen.getByTestId('cheapest-take'));
    expect(onTake).toHaveBeenCalledWith([PROGRAM]);
  },
);

test('a search under way says how far it is; cancelled, it says so and can be started again', async () => {
  let stop = (_error: Error): void => undefined;
  answering(new Promise((_resolve, reject) => (stop = reject)));
  await search();
  expect(screen.getByTestId('cheapest-progress')).toHaveTextContent(
    /3 of at most 25 s.*within 25\.0 % of the cheapest/,
  );
  await act(async () => stop(new PlanCancelled('The search was cancelled.')));
  expect(screen.getByTestId('cheapest-error')).toHaveTextContent('Cancelled.');
  expect(screen.getByTestId('cheapest-find')).toBeTruthy();
});

test('no plan, and none in time, are two different things', async () => {
  answering(Promise.resolve({ kind: 'none', because: ['400 m³ a day', 'quiet hours from 22:00'] }));
  await search();
  expect(screen.getByTestId('cheapest-none')).toHaveTextContent(/400 m³ a day.*quiet hours from 22:00/);
  answering(Promise.resolve({ kind: 'out-of-time', bound: 0 }));
  await act(async () => fireEvent.press(screen.getByTestId('cheapest-find')));
  expect(screen.queryByTestId('cheapest-none')).toBeNull();
  expect(screen.getByTestId('cheapest-late')).toHaveTextContent(/none was ruled out/);
});

describe('a search that ran out of time', () => {
  const find = () => jest.mocked(PlanClient.prototype.find);
  const searchOn = async (told: Promise<PlannerAnswer>) => {
    answering(told);
    await act(async () => fireEvent.press(screen.getByTestId('cheapest-longer')));
  };
  const bound = () => screen.getByTestId('cheapest-bound');

  test('goes on for longer, and what it had stays when that is cancelled', async () => {
    answering(Promise.resolve(FOUND));
    await search(60);
    await searchOn(Promise.reject(new PlanCancelled('The search was cancelled.')));
    expect(find()).toHaveBeenLastCalledWith(expect.anything(), 180, expect.anything());
    expect(bound()).toHaveTextContent(/Within 2\.0 %/);
    await searchOn(Promise.resolve({ ...FOUND, cost: 9.8, proven: true, gap: 0 }));
    expect(bound()).toHaveTextContent(/Proven cheapest/);
    expect(screen.queryByTestId('cheapest-longer')).toBeNull();
  });

  test('is called cheapest only where no dearer sum stands beside it', async () => {
    answering(Promise.resolve({ ...FOUND, cost: 9.815, proven: true, gap: 0.0015 }));
    await search(60);
    expect(bound()).toHaveTextContent(/Proven to be within 0\.15 % of the cheapest/);
    expect(bound()).not.toHaveTextContent(/Proven cheapest/);
  });

  test('keeps the cheaper of two plans, and a plan where the second search finds none in time', async () => {
    answering(Promise.resolve(FOUND));
    await search(60);
    await searchOn(Promise.resolve({ ...FOUND, cost: 11, bound: 9 }));
    expect(bound()).toHaveTextContent(/Within 2\.0 %/);
    // after the longest there is no longer one
    expect(screen.queryByTestId('cheapest-longer')).toBeNull();
    answering(Promise.resolve({ kind: 'out-of-time', bound: 0 }));
    await act(async () => fireEvent.press(screen.getByTestId('cheapest-find')));
    expect(bound()).toHaveTextContent(/Within 2\.0 %/);
    expect(screen.getByTestId('cheapest-longer')).toBeTruthy();
  });
});
