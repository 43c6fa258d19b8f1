import { screen } from '@testing-library/react-native';
import { badlySet } from '@barythm/core/job/testing/fixtures';
import { forgetDrafts } from '../../../draft/use-draft';
import { MOTOR, standJob } from '../../../testing/job-stand';
import { press, type, valueOf, wordsOf } from '../../../testing/touch';
import { CalibrationCard } from './calibration-card';
import { lastDrawdown, type MeteringJob } from '@barythm/core/families/metering';

afterEach(() => forgetDrafts(''));
const stand = () => standJob(MOTOR, <CalibrationCard />, [], badlySet().document);
const draw = (...volumes: string[]) => volumes.forEach((volume, i) => type(`cal-run-${i + 1}`, volume));

test('three runs that agree become this pump’s figure', () => {
  const job = stand();
  expect(wordsOf('calibration')).toContain('Nothing is measured at this unit yet');
  press('cal-start');
  press('cal-save');
  expect(screen.getByText(/Enter the volumes, over how much they were drawn/)).toBeTruthy();
  type('cal-amount', '100');
  type('cal-division', '0.2');
  draw('21.0', '21.2', '20.9');
  expect(wordsOf('cal-result')).toContain('0.2103 mLa stroke');
  expect(wordsOf('cal-result')).toContain('Accepted');
  press('cal-save');
  expect(lastDrawdown(job.view().document as MeteringJob)).toMatchObject({
    volumes_mL: [21, 21.2, 20.9],
    amount: 100,
  });
  expect(wordsOf('cal-verdict')).toContain('0.2103 mL');
  expect(job.view().context).toMatchObject({ calibration: { stroke_mL: expect.closeTo(0.2103, 4) } });
});

test('a drawdown that was mistyped is taken back where it stands, and the one before it counts again', () => {
  const job = stand();
  const record = (...volumes: string[]) => {
    press('cal-start');
    type('cal-amount', '100');
    type('cal-division', '0.2');
    draw(...volumes);
    press('cal-save');
  };
  record('21.0', '21.2', '20.9');
  record('19.0', '19.2', '18.9');
  expect(wordsOf('cal-verdict')).toContain('0.1903 mL');
  press('cal-take-back');
  expect(wordsOf('cal-verdict')).toContain('0.2103 mL');
  expect(job.view().context).toMatchObject({ calibration: { stroke_mL: expect.closeTo(0.2103, 4) } });
  press('cal-take-back');
  expect(wordsOf('calibration')).toContain('Nothing is measured at this unit yet');
  expect(screen.queryByTestId('cal-take-back')).toBeNull();
});

test('runs that differ, too few, or bubbles: rejected, with the reason, and kept all the same', () => {
  const job = stand();
  press('cal-start');
  type('cal-amount', '100');
  type('cal-division', '0.2');
  draw('21', '26', '19');
  expect(wordsOf('cal-result')).not.toContain('Accepted');
  draw('21', '21.2', '21.1');
  expect(wordsOf('cal-result')).toContain('Accepted');
  press('cal-bubbles');
  expect(wordsOf('cal-result')).toMatch(/bubbles/i);
  press('cal-save');
  expect(wordsOf('cal-verdict')).toContain('Rejected');
  expect(lastDrawdown(job.view().document as MeteringJob)).toMatchObject({ bubbles: true });
  expect(job.view().context).toMatchObject({ calibration: null });
});

test('a figure that is none is told at its run, the others stay; one more run is asked for', () => {
  stand();
  press('cal-start');
  type('cal-run-1', 'a bit');
  expect(screen.getByText(/“a bit” is not a figure/)).toBeTruthy();
  press('cal-more');
  type('cal-run-4', '21');
  expect(valueOf('cal-run-4')).toBe('21');
  expect(valueOf('cal-run-1')).toBe('a bit');
});

test('over time, the pump’s own figure is asked for', () => {
  stand();
  press('cal-start');
  expect(screen.queryByTestId('cal-shown')).toBeNull();
  press('cal-by-time');
  type('cal-amount', '60');
  draw('100', '101', '100');
  expect(screen.queryByTestId('cal-result')).toBeNull();
  type('cal-shown', '6');
  expect(screen.getByTestId('cal-result')).toBeTruthy();
});
