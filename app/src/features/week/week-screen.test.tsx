import { act, screen, waitFor } from '@testing-library/react-native';
import { outbox } from '../../api/device';
import { serve, standScreen } from '../../testing/server-stand';
import { press, wordsOf } from '../../testing/touch';
import { WeekScreen } from './week-screen';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({
  useRouter: () => ({ navigate: (path: string) => mockNavigate(path) as unknown }),
  useLocalSearchParams: () => ({}),
}));
const job = (id: string, tag: string, date: string, state: string) => ({
  id,
  pumpId: `pump-${id}`,
  tag,
  pumpName: 'Acid',
  siteName: 'Hostel',
  state,
  date,
  startedAt: '2026-11-24T08:00:00.000Z',
  actor: 'Technician 1',
});
const ROUND = {
  date: '2026-11-24',
  due: [
    {
      pumpId: 'pump-c',
      tag: 'C-1',
      pumpName: 'Heating',
      siteName: 'Clinic',
      key: 'clock',
      stage: 'as-found',
      openJobId: null,
      words: 'Check the clock.',
      date: '2026-11-20',
      overdue: true,
    },
  ],
  dueTotal: 1,
  visits: [
    {
      id: 'v-1',
      date: '2026-11-24',
      siteId: 's',
      siteName: 'Hostel',
      zone: 'Atlantic/Faroe',
      jobs: [job('a', 'A-1', '2026-11-24', 'open'), job('l', 'L-1', '2026-11-18', 'planned')],
    },
    {
      id: 'v-2',
      date: '2026-11-26',
      siteId: 's',
      siteName: 'Hostel',
      zone: 'Atlantic/Faroe',
      jobs: [job('b', 'B-1', '2026-11-26', 'planned')],
    },
  ],
  pumps: [],
  pumpsTotal: 0,
};

describe('on a phone', () => {
  let add: jest.SpyInstance;
  const stand = async () => {
    serve([{ to: '/round', body: ROUND }]);
    standScreen(<WeekScreen />);
    await screen.findByTestId('week-of');
  };
  beforeEach(() => {
    add = jest.spyOn(outbox, 'add').mockResolvedValue();
  });
  afterEach(() => {
    add.mockRestore();
    mockNavigate.mockClear();
  });
  const written = () => add.mock.calls.map(([body]) => body as { kind: string });

  test('each day has its visits; what was begun stays, what was missed is named', async () => {
    await stand();
    expect(wordsOf('week-of')).toBe('23 Nov 2026 to 29 Nov 2026');
    expect(wordsOf('week-2026-11-26')).toContain('B-1, Hostel');
    expect(wordsOf('week-2026-11-25')).toContain('No visit.');
    expect(screen.queryByTestId('week-2026-11-23')).toBeNull();
    expect(screen.queryByTestId('week-job-A-1-put')).toBeNull();
    expect(wordsOf('week-late')).toContain('L-1');
  });

  test('a visit is put on another day and back; what is due is planned, and taken back as a slip', async () => {
    await stand();
    press('week-job-B-1-put');
    press('week-job-B-1-day-2026-11-27');
    await waitFor(() =>
      expect(written()).toMatchObject([{ kind: 'job.move', jobId: 'b', date: '2026-11-27' }]),
    );
    await act(async () => press('week-undo'));
    expect(written().at(-1)).toMatchObject({ kind: 'job.move', jobId: 'b', date: '2026-11-26' });
    press('week-due-C-1-put');
    await act(async () => press('week-due-C-1-day-2026-11-25'));
    const begun = written().at(-1);
    expect(begun).toMatchObject({ kind: 'job.start', pumpId: 'pump-c', date: '2026-11-25' });
    await act(async () => press('week-undo'));
    expect(written().at(-1)).toMatchObject({
      kind: 'job.record',
      jobId: (begun as unknown as { jobId: string }).jobId,
      record: { kind: 'cancelled' },
    });
    expect(screen.queryByTestId('week-undo')).toBeNull();
  });

  test('the weeks are leafed through, never before this one, and a visit opens by a tap', async () => {
    await stand();
    press('week-later');
    expect(wordsOf('week-of')).toBe('30 Nov 2026 to 6 Dec 2026');
    press('week-earlier');
    expect(wordsOf('week-of')).toBe('23 Nov 2026 to 29 Nov 2026');
    press('week-job-B-1-open');
    expect(mockNavigate).toHaveBeenCalledWith('/job/b/plan');
  });
});
