import type { JobCommandBody } from '@barythm/core/families';
import { shipped } from '@barythm/core/families/suites/shipped.fixtures';
import { addressOf } from '@barythm/core/profile';
import { lastRecord } from '@barythm/core/visit';
import { fireEvent, screen } from '@testing-library/react-native';
import { MOTOR, NUMBERED, standJob } from '../../testing/job-stand';
import { AutomaticCard } from './automatic-card';
import { press, wordsOf } from '../../testing/touch';

const MADE_SAFE = {
  kind: 'job.record',
  jobId: 'job-1',
  recordId: 'r-1',
  record: { kind: 'make-safe', steps: [] },
} as const;

test('it is recorded with what was seen, never without', () => {
  const job = standJob(MOTOR, <AutomaticCard />, [MADE_SAFE]);
  press('leaving-covers');
  press('automatic-save');
  expect(screen.getByText(/Say what you saw/)).toBeTruthy();
  fireEvent.changeText(screen.getByTestId('automatic-seen'), 'Strokes follow the signal.');
  press('automatic-save');
  expect(screen.getByText('Returned to automatic')).toBeTruthy();
  expect(screen.getByText('Strokes follow the signal.')).toBeTruthy();
  expect(job.codes()).not.toContain('ANY-03');
  expect(job.codes()).not.toContain('ANY-18');
});

test('covers left unticked are asked for again', () => {
  const job = standJob(MOTOR, <AutomaticCard />, [MADE_SAFE]);
  fireEvent.changeText(screen.getByTestId('automatic-seen'), 'Runs.');
  press('automatic-save');
  // it is said before anything is recorded; a second touch leaves it open on purpose
  expect(screen.getByText(/^Not ticked: Covers, terminal box and doors are closed/)).toBeTruthy();
  expect(lastRecord(job.view().document, 'automatic')).toBeNull();
  press('automatic-save');
  expect(screen.getByTestId('automatic-seen').props.value).toBe('Runs.');
  expect(screen.getByText(/what is ticked below was not confirmed/)).toBeTruthy();
  expect(job.codes()).toContain('ANY-18');
});

test('a controller with an end of set-up has it confirmed, in its own words', () => {
  const job = standJob(NUMBERED, <AutomaticCard />, [MADE_SAFE]);
  expect(screen.getByText(/Set-up is complete: P 00 shows “run”/)).toBeTruthy();
  expect(job.codes()).toContain('ANY-17');
  press('leaving-covers');
  press('leaving-set-up');
  press('leaving-access');
  fireEvent.changeText(screen.getByTestId('automatic-seen'), 'Runs.');
  press('automatic-save');
  expect(job.codes()).not.toContain('ANY-17');
});

test('settings that stay open until they are closed are confirmed closed; left unticked they are asked for again', () => {
  const job = standJob(NUMBERED, <AutomaticCard />, [MADE_SAFE]);
  press('leaving-covers');
  press('leaving-set-up');
  fireEvent.changeText(screen.getByTestId('automatic-seen'), 'Runs.');
  press('automatic-save');
  press('automatic-save');
  expect(job.codes()).toContain('ANY-11');
  expect(screen.getByText(/what is ticked below was not confirmed/)).toBeTruthy();
  // what was ticked before stays ticked
  press('leaving-access');
  fireEvent.changeText(screen.getByTestId('automatic-seen'), 'Runs.');
  press('automatic-save');
  expect(job.codes()).not.toContain('ANY-11');
  expect(screen.getByText('Returned to automatic')).toBeTruthy();
});

test('a controller without access of its own is not asked for it', () => {
  standJob(MOTOR, <AutomaticCard />, [MADE_SAFE]);
  expect(screen.queryByTestId('leaving-access')).toBeNull();
});

test('what is mostly seen is recorded in one tap, once what belongs back is ticked', () => {
  const job = standJob(MOTOR, <AutomaticCard />, [MADE_SAFE]);
  press('automatic-plain');
  // a tick that is missing is named, as with words of one's own, and nothing is lost
  expect(wordsOf('automatic')).toContain('Not ticked: Covers, terminal box and doors are closed');
  expect(lastRecord(job.view().document, 'automatic')).toBeNull();
  press('leaving-covers');
  press('automatic-plain');
  expect(lastRecord(job.view().document, 'automatic')?.body).toMatchObject({
    seen: 'Seen in automatic: it does what it is told.',
    leaving: ['covers'],
  });
});

test('a link that opened settings, and panels that are reached from afar, are asked for with the rest', () => {
  const module = shipped('circulator-module-browser');
  const sensorKind = module.parameters.find(({ key }) => key === 'sensorKind')!;
  const read: JobCommandBody = {
    kind: 'sheet.enter',
    jobId: 'job-1',
    entryId: 'found-1',
    address: addressOf(sensorKind),
    column: 'found',
    raw: 'd',
    unit: '',
    value: 'd',
    reason: null,
  };
  const job = standJob(module, <AutomaticCard />, [MADE_SAFE, read]);
  press('automatic-plain');
  expect(wordsOf('automatic')).toContain('a link between terminals 31 and 32');
  for (const check of ['link', 'afar', 'covers']) press(`leaving-${check}`);
  press('automatic-plain');
  expect(lastRecord(job.view().document, 'automatic')?.body.leaving).toEqual(['link', 'afar', 'covers']);
  expect(job.codes()).not.toContain('ANY-17');
  screen.unmount();
  // nothing was opened by it: it is not asked for
  standJob(module, <AutomaticCard />, [MADE_SAFE]);
  expect(screen.queryByTestId('leaving-link')).toBeNull();
  expect(screen.getByTestId('leaving-afar')).toBeTruthy();
});
