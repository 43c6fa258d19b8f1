import { screen } from '@testing-library/react-native';
import { lastRecord } from '@barythm/core/visit';
import { stateOf } from '@barythm/core/sheet';
import { badlySet, type Writer } from '@barythm/core/job/testing/fixtures';
import { forgetDrafts } from '../../../draft/use-draft';
import { MOTOR, standJob } from '../../../testing/job-stand';
import { press, type, valueOf, wordsOf } from '../../../testing/touch';
import { ProveStage } from '../../../features/job/prove/prove-stage';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));
afterEach(() => forgetDrafts(''));

/** Everything that the plan asks for is entered. */
function set(writer: Writer): Writer {
  const view = standJob(MOTOR, null, [], writer.document).view();
  for (const row of view.rows.filter((one) => stateOf(one) === 'to-do')) {
    writer.enter('left', row.address.split('/')[2], row.target!.value);
  }
  return writer;
}
const stand = () =>
  standJob(MOTOR, <ProveStage />, [], { ...set(badlySet()).document, instruments: INSTRUMENTS });
const INSTRUMENTS = [
  { id: 'ins-1', name: 'Loop calibrator', serial: 'LC-1', calibratedOn: '2026-06-01' },
  { id: 'ins-2', name: 'Cylinder', serial: 'CC-1', calibratedOn: '2026-06-01', measures: 'volume' as const },
];

test('nothing is injected before the discharge leads somewhere safe', () => {
  const job = stand();
  expect(screen.queryByTestId('points')).toBeNull();
  press('safe-way-container');
  expect(screen.getByTestId('points')).toBeTruthy();
  expect(lastRecord(job.view().document, 'discharge-safe')?.body.how).toBe('Discharge led into a container.');
});

test('a point is counted, judged, and stays on the job when it fails', () => {
  const job = stand();
  press('safe-way-container');
  // only what sends a current is offered
  expect(screen.queryByTestId('instrument-ins-2')).toBeNull();
  press('instrument-ins-1');
  const point = () =>
    screen.getAllByTestId(/^reading-[\d.]+$/)[0].props.testID.slice('reading-'.length) as string;
  const first = point();
  press('reading-save');
  expect(screen.getByText('Enter the strokes you counted, or a flow.')).toBeTruthy();
  type('reading-strokes', '48.5');
  press('reading-save');
  expect(screen.getByText('Strokes are whole.')).toBeTruthy();
  type('reading-strokes', '400');
  type('reading-seconds', '');
  press('reading-save');
  expect(screen.getByText('Enter the time over which you counted.')).toBeTruthy();
  type('reading-seconds', '60');
  press('reading-save');
  expect(wordsOf(`point-${first}`)).toContain('not as expected');
  // it stays in sight until somebody goes on
  expect(screen.queryAllByTestId(/^reading-[\d.]+$/)).toEqual([]);
  press('next-point');
  expect(point()).not.toBe(first);
  expect(job.view().readings).toMatchObject([
    { entry: { instrumentId: 'ins-1', reading: { injected_mA: Number(first), strokes: 400, seconds: 60 } } },
  ]);
  press(`point-${first}`);
  expect(valueOf('reading-strokes')).toBe('');
});

test('a point that was mistyped is taken back in one tap, and asked again; the slip is kept', () => {
  const job = stand();
  press('safe-way-container');
  type('reading-strokes', '400');
  press('reading-save');
  expect(wordsOf('point-4')).toContain('not as expected');
  press('take-back-4');
  expect(screen.getByTestId('reading-4')).toBeTruthy();
  expect(job.view().readings).toEqual([]);
  expect(job.view().document.takenBack?.readings).toMatchObject([{ reading: { strokes: 400 } }]);
});

test('low, middle and high prove the line; near miss: one that fails asks for those between', () => {
  stand();
  press('safe-way-container');
  const count = (x_mA: number, off = 0) => {
    expect(screen.getByTestId(`reading-${x_mA}`)).toBeTruthy();
    const expected = Number(/Expected\s+([\d.]+)/.exec(wordsOf(`reading-${x_mA}`))?.[1]);
    type('reading-strokes', String(Math.round(expected) + off));
    press('reading-save');
  };
  count(4);
  count(12);
  count(20, -20);
  press('next-point');
  expect(screen.getByTestId('reading-8')).toBeTruthy();
  press('point-20');
  count(20);
  // nothing between is asked for any more: the wire off is next, in one tap
  expect(wordsOf('point-8')).toContain('not needed');
  expect(screen.getByTestId('reading-0')).toBeTruthy();
  press('reading-stopped');
  expect(wordsOf('point-0')).toContain('as expected');
});

test('the live reading proves the chain, and wants a rate', () => {
  const job = stand();
  press('safe-way-container');
  type('live-display_m3h', '14');
  press('live-save');
  expect(lastRecord(job.view().document, 'live-reading')).toBeNull();
  type('live-rate_spm', '48');
  press('live-save');
  expect(wordsOf('live')).toContain('14 m³/h');
  expect(lastRecord(job.view().document, 'live-reading')?.body).toMatchObject({
    display_m3h: 14,
    rate_spm: 48,
  });
});
