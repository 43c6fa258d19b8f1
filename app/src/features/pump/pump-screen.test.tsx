import { act, screen, waitFor } from '@testing-library/react-native';
import type { PumpResource } from '@barythm/contract/resources';
import { contextOf, DUTY, sound, TEN_SLOTS } from '@barythm/core/families/pool/fixtures';
import { DUTY as DOSE, SOUND_MOTOR } from '@barythm/core/families/metering/fixtures';
import { badlyRun, defaultsOf } from '@barythm/core/job/testing/pool-fixtures';
import { outbox } from '../../api/device';
import { MOTOR } from '../../testing/job-stand';
import { serve, standScreen, type Answer } from '../../testing/server-stand';
import { press, wordsOf } from '../../testing/touch';
import { PumpScreen } from './pump-screen';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({
  useLocalSearchParams: () => ({ id: 'pump-1' }),
  useRouter: () => ({ navigate: (path: string) => mockNavigate(path) as unknown }),
}));
afterEach(() => {
  mockNavigate.mockClear();
  jest.restoreAllMocks();
});

const HELD = { ...defaultsOf(TEN_SLOTS), ...sound(contextOf()) } as Record<string, string | number>;
const POOL: PumpResource = {
  id: 'pump-1',
  tag: 'CLI-PP-01',
  name: 'Therapy pool circulation',
  place: 'Basement',
  siteId: 'site-1',
  siteName: 'Clinic',
  family: 'pool',
  signalFrom: null,
  note: 'The bill went up.',
  reported: { date: '2026-11-12', values: { ...HELD, limit: 3260 } },
  zone: 'Atlantic/Faroe',
  code: 'K7Q2',
  unit: {
    id: 'unit-1',
    model: 'Pool pump, 1.1 kW',
    serial: 'PD-1',
    plate: { family: 'pool', greatest_rpm: 3260, rated_W: 1500, kind: 'M' },
    installedOn: '2020-01-01',
    plateReadOn: null,
  },
  profile: TEN_SLOTS,
  duty: DUTY,
  latest: null,
  jobs: [],
  today: '2026-11-24',
  retiredOn: null,
  nowShare: 0.4,
};
const HISTORY = { changes: [], calibrations: [], services: [], counters: [], sheets: [] };
async function stand(pump: object, history: object = HISTORY) {
  const answers: Answer[] = [
    { to: '/history', body: history },
    { to: '/pumps/pump-1', body: pump },
  ];
  serve(answers);
  const { clear } = standScreen(<PumpScreen />);
  await screen.findByText('Findings');
  // the history comes in by itself, a little later
  await act(async () => undefined);
  return clear;
}

test('a pool as the site reported it: what is wrong, its week and cost, its settings, its label', async () => {
  const clear = await stand(POOL);
  expect(screen.getByText('The bill went up.')).toBeTruthy();
  expect(wordsOf('finding-POO-08')).toContain('Set the maximum speed to 2630 rev/min.');
  expect(wordsOf('pool-week')).toMatch(/m³ needed; \d+\.\d\d SKR a month\./);
  expect(screen.getByText(/Reported by the site on 12 Nov 2026, not seen by a technician/)).toBeTruthy();
  expect(wordsOf('label-code')).toBe('K7Q2');
  expect(screen.queryByText('Access and power: Password')).toBeNull();
  press('settings-all');
  expect(screen.getByText('Password')).toBeTruthy();
  clear();
});

test('on hold, its week says that nothing runs', async () => {
  const clear = await stand({
    ...POOL,
    reported: { date: '2026-11-12', values: { ...HELD, state: 'hold' } },
  });
  expect(wordsOf('pool-week')).toContain('It stands on hold: no program runs.');
  clear();
});

test('a job is started for today, or planned for tomorrow', async () => {
  const add = jest.spyOn(outbox, 'add').mockResolvedValue(undefined as never);
  const clear = await stand(POOL);
  press('start-job');
  await waitFor(() => expect(mockNavigate).toHaveBeenCalledTimes(1));
  press('plan-tomorrow');
  await waitFor(() => expect(mockNavigate).toHaveBeenCalledTimes(2));
  expect(add.mock.calls.map(([body]) => body)).toMatchObject([
    { kind: 'job.start', pumpId: 'pump-1', date: '2026-11-24' },
    { kind: 'job.start', pumpId: 'pump-1', date: '2026-11-25' },
  ]);
  expect(mockNavigate.mock.calls[0][0]).toMatch(/^\/job\/.+\/as-found$/);
  expect(mockNavigate.mock.calls[1][0]).toMatch(/^\/job\/.+\/plan$/);
  clear();
});

test('with a job open one goes on with it; what is known comes from there', async () => {
  const latest = badlyRun().plan().set().document;
  const job = {
    id: 'job-1',
    pumpId: 'pump-1',
    tag: 'CLI-PP-01',
    pumpName: '',
    siteName: '',
    state: 'open',
    date: '2026-11-24',
    actor: 'x',
  };
  const clear = await stand({ ...POOL, latest, jobs: [job] });
  expect(screen.queryByTestId('start-job')).toBeNull();
  expect(screen.getByText('As known from the job of 24 Nov 2026')).toBeTruthy();
  press('go-on');
  expect(mockNavigate).toHaveBeenCalledWith('/job/job-1/as-found');
  clear();
});

test('jobs of one day are told apart by the hour, in the site’s time, at which they began; a day’s only job needs none', async () => {
  const handedOver = (id: string, date: string, startedAt: string) => ({
    id,
    pumpId: 'pump-1',
    tag: 'CLI-PP-01',
    pumpName: '',
    siteName: '',
    state: 'handed-over',
    date,
    startedAt,
    actor: 'x',
  });
  const clear = await stand({
    ...POOL,
    zone: 'Asia/Kolkata',
    jobs: [
      handedOver('job-3', '2026-07-10', '2026-07-10T09:05:00Z'),
      handedOver('job-2', '2026-07-10', '2026-07-10T03:41:00Z'),
      handedOver('job-1', '2026-05-02', '2026-05-02T03:00:00Z'),
    ],
  });
  expect(screen.getByText('10 Jul 2026, begun at 14:35')).toBeTruthy();
  expect(screen.getByText('10 Jul 2026, begun at 09:11')).toBeTruthy();
  expect(screen.getByText('2 May 2026')).toBeTruthy();
  clear();
});

test('a metering pump shows its day in strokes and product', async () => {
  const clear = await stand({
    ...POOL,
    family: 'metering',
    profile: MOTOR,
    duty: { ...DOSE, water: { ...DOSE.water, hourly_m3h: Array.from({ length: 24 }, () => 14) } },
    signalFrom: 'flow',
    reported: { date: '2026-11-12', values: SOUND_MOTOR },
    unit: { ...POOL.unit, plate: { gear: 'B', greatest_spm: 96, rated_bar: 10 } },
  });
  expect(screen.getByText(/About \d+ strokes and .* of product a day/)).toBeTruthy();
  expect(screen.queryByTestId('pool-week')).toBeNull();
  clear();
});

test('any two sheets of its history are compared, and what changed names who', async () => {
  const row = (value: string) => ({ label: 'Maximum speed', value, unit: 'rev/min' });
  const clear = await stand(POOL, {
    ...HISTORY,
    changes: [
      {
        jobId: 'job-1',
        recordedAt: '2026-06-06T10:00:00Z',
        date: '2026-06-06',
        actor: 'Technician 1',
        address: 'motor/1/limit',
        label: 'Maximum speed',
        from: '3260',
        to: '2630',
        corrected: ['26300'],
        unit: 'rev/min',
        reason: null,
      },
    ],
    sheets: [
      { jobId: 'a', date: '2026-01-10', rows: [row('3260')] },
      { jobId: 'b', date: '2026-06-06', rows: [row('2630')] },
    ],
  });
  await screen.findByTestId('changes');
  expect(wordsOf('changes')).toContain('Maximum speed 3260 → 2630 rev/min');
  expect(wordsOf('changes')).toContain('6 Jun 2026, Technician 1');
  expect(wordsOf('changes')).toContain('Put right within the visit; first read as 26300');
  expect(wordsOf('compare-dates')).toContain('3260 → 2630');
  press('compare-then-b');
  expect(wordsOf('compare-dates')).toContain('No setting differs.');
  clear();
});
