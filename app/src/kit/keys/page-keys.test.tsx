import { screen } from '@testing-library/react-native';
import { shipped } from '@barythm/core/families/suites/shipped.fixtures';
import { forgetDrafts } from '../../draft/use-draft';
import { ClockCard } from '../../features/job/as-found/clock-card';
import { MessagesCard } from '../../features/job/as-found/messages-card';
import { ResetsCard } from '../../features/job/as-found/resets-card';
import { MOTOR, standJob } from '../../testing/job-stand';
import { press, wordsOf } from '../../testing/touch';
import { PageKeys } from './page-keys';

afterEach(() => forgetDrafts(''));
const SOFT = shipped('two-point-soft-keys');
const page = (of: string) => wordsOf(`page-${of}`).replace(/\s+/g, ' ');

test('the clock and the list of faults come with their keys, where they are asked for', () => {
  standJob(
    SOFT,
    <>
      <ClockCard />
      <MessagesCard />
    </>,
  );
  expect(page('clock')).toMatch(/Keys: the clock.*Menu.*Down ×5.*shows “Clock”.*Open/);
  expect(screen.queryByTestId('page-faults')).toBeNull();
  press('messages-for-nothing');
  press('messages-pump-runs');
  expect(page('faults')).toMatch(/Down ×6.*shows “Last faults”/);
});

test('a counter that was reset comes with the keys to the counters', () => {
  standJob(SOFT, <ResetsCard />);
  press('reset-what-reminder');
  expect(screen.queryByTestId('page-counters')).toBeNull();
  press('reset-what-counter');
  expect(page('counters')).toMatch(/Down ×7.*shows “Counters”/);
});

test('a profile that does not say them shows none', () => {
  standJob(MOTOR, <PageKeys of="faults" />);
  expect(screen.queryByTestId('page-faults')).toBeNull();
});

test('the keys that prime are shown once somebody has seen to it', () => {
  standJob(SOFT, <PageKeys of="prime" />);
  expect(screen.getByRole('alert')).toHaveTextContent(/line open, goggles and gloves on/);
  expect(page('prime')).not.toContain('hold both outer soft keys');
  press('way-known');
  expect(page('prime')).toContain('hold both outer soft keys');
});
