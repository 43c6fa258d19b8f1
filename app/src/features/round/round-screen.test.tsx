import { screen } from '@testing-library/react-native';
import type { Round } from '@barythm/contract/resources';
import { serve, standScreen } from '../../testing/server-stand';
import { press, wordsOf } from '../../testing/touch';
import { RoundScreen } from './round-screen';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({
  useRouter: () => ({ navigate: (path: string) => mockNavigate(path) as unknown }),
}));
afterEach(() => mockNavigate.mockClear());

const ROW = {
  id: 'pump-1',
  tag: 'CLI-PP-01',
  name: 'Therapy pool',
  place: 'Basement',
  siteId: 'site-1',
  siteName: 'Clinic',
  family: 'pool',
};
const JOB = {
  id: 'job-1',
  pumpId: 'pump-1',
  tag: 'CLI-PP-01',
  pumpName: 'Therapy pool',
  siteName: 'Clinic',
  state: 'open' as const,
  date: '2026-11-24',
  startedAt: '2026-11-24T08:00:00.000Z',
  actor: 'Technician 1',
};
const visit = (
  id: string,
  date: string,
  ...jobs: (typeof JOB | { state: string })[]
): Round['visits'][number] => ({
  id,
  date,
  siteId: 'site-1',
  siteName: 'Clinic',
  zone: 'Atlantic/Faroe',
  jobs: jobs as Round['visits'][number]['jobs'],
});
const EMPTY: Round = { date: '2026-11-24', due: [], visits: [], pumps: [], dueTotal: 0, pumpsTotal: 0 };
const stand = async (round: Partial<Round>) => {
  serve([{ to: '/round', body: { ...EMPTY, ...round } }]);
  const { clear } = standScreen(<RoundScreen />);
  await screen.findByText('Visits');
  return clear;
};

test('a day without a visit says how to begin one', async () => {
  const clear = await stand({});
  expect(screen.getByText('No visit yet today')).toBeTruthy();
  expect(screen.getByText('Nothing is open')).toBeTruthy();
  expect(screen.queryByText('Due')).toBeNull();
  clear();
});

test('a list that is cut says how many more there are', async () => {
  const clear = await stand({ dueTotal: 248, pumpsTotal: 0 });
  expect(screen.getByTestId('due-more')).toHaveTextContent(/And 248 more due/);
  expect(screen.queryByTestId('pumps-more')).toBeNull();
  clear();
});

test('jobs lead to where the work stands: as found, plan, hand-over', async () => {
  const clear = await stand({
    visits: [
      visit('v1', '2026-11-24', JOB, {
        ...JOB,
        id: 'job-2',
        tag: 'CLI-PP-02',
        state: 'handed-over' as const,
      } as never),
      visit('v2', '2026-11-25', {
        ...JOB,
        id: 'job-3',
        tag: 'SRC-PP-01',
        state: 'planned' as const,
      } as never),
    ],
  });
  expect(screen.queryByText('No visit yet today')).toBeNull();
  expect(screen.getByText('Clinic, planned for 25 Nov 2026')).toBeTruthy();
  press('job-CLI-PP-01');
  press('done-job-2');
  press('job-CLI-PP-02');
  press('job-SRC-PP-01');
  expect(mockNavigate.mock.calls.map(([path]) => path as string)).toEqual([
    '/job/job-1/as-found',
    '/job/job-2/hand-over',
    '/job/job-3/plan',
  ]);
  clear();
});

test('what is due says since when, and leads to where it is done', async () => {
  const due = {
    pumpId: 'pump-1',
    tag: 'CLI-PP-01',
    pumpName: 'Therapy pool',
    siteName: 'Clinic',
    openJobId: null,
    overdue: false,
  };
  const clear = await stand({
    due: [
      { ...due, key: 'clock', stage: 'as-found', words: 'Its clock is 7 min fast.', date: null },
      {
        ...due,
        key: 'visit',
        stage: 'as-found',
        words: 'Next visit agreed.',
        date: '2026-11-01',
        overdue: true,
      },
      {
        ...due,
        pumpId: 'pump-2',
        tag: 'CLI-PP-02',
        key: 'calibration',
        stage: 'prove',
        words: 'Draw down again.',
        date: '2026-12-01',
        openJobId: 'job-9',
      },
    ],
  });
  expect(wordsOf('due-CLI-PP-01-clock')).toContain('now');
  expect(wordsOf('due-CLI-PP-01-visit')).toContain('since 1 Nov 2026');
  expect(wordsOf('due-CLI-PP-02-calibration')).toContain('1 Dec 2026');
  // one pump is one row, by its name and site, however much is due at it
  expect(screen.getAllByRole('link')).toHaveLength(2);
  expect(wordsOf('due-CLI-PP-01')).toContain('Therapy pool, Clinic');
  press('due-CLI-PP-01');
  press('due-CLI-PP-02');
  expect(mockNavigate.mock.calls.map(([path]) => path as string)).toEqual([
    '/pump/pump-1',
    '/job/job-9/prove',
  ]);
  clear();
});

test('jobs of one site and day stand together, with the hour where a pump has two; what is done takes a line', async () => {
  const again = { ...JOB, id: 'job-2', startedAt: '2026-11-24T13:54:00.000Z' };
  const clear = await stand({
    visits: [
      visit('v0', '2026-11-20', { ...JOB, id: 'job-0', tag: 'CLI-PP-09', pumpId: 'pump-9' } as never),
      visit('v1', '2026-11-24', { ...JOB, startedAt: '2026-11-24T08:00:00.000Z' } as never),
      visit('v2', '2026-11-24', again, {
        ...JOB,
        id: 'job-3',
        pumpId: 'pump-3',
        tag: 'CLI-PP-03',
        state: 'handed-over' as const,
      } as never),
    ],
  });
  expect(screen.getByText('Clinic, unfinished since 20 Nov 2026')).toBeTruthy();
  expect(screen.getAllByText('Clinic')).toHaveLength(1);
  expect(screen.getByText('Therapy pool, begun at 13:54')).toBeTruthy();
  expect(screen.queryByTestId('job-CLI-PP-03')).toBeNull();
  press('done-job-3');
  expect(screen.getByTestId('job-CLI-PP-03')).toBeTruthy();
  clear();
});

test('pumps with something open show the worst of it and their day', async () => {
  const clear = await stand({
    pumps: [
      {
        ...ROW,
        counts: { stop: 1, warn: 2, note: 0 },
        worst: 'Maximum speed left open',
        strip: { unit: 'rev/min', rates: Array.from({ length: 96 }, () => 1500), greatest: 3260 },
        nowShare: 0.4,
        openJobId: null,
      },
    ],
  });
  const words = wordsOf('pump-CLI-PP-01');
  expect(words).toContain('Maximum speed left open');
  expect(words).toContain('Clinic, Basement');
  expect(screen.getByTestId('pump-CLI-PP-01')).toBeTruthy();
  expect(screen.getByLabelText(/rev\/min/)).toBeTruthy();
  press('pump-CLI-PP-01');
  expect(mockNavigate).toHaveBeenCalledWith('/pump/pump-1');
  clear();
});
