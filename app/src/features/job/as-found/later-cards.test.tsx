import { screen } from '@testing-library/react-native';
import { forgetDrafts } from '../../../draft/use-draft';
import { MOTOR, standJob } from '../../../testing/job-stand';
import { press, type, valueOf } from '../../../testing/touch';
import { LaterCards } from './later-cards';

afterEach(() => forgetDrafts(''));

test('what is not done on every visit is named, and asked for in one tap', () => {
  standJob(MOTOR, <LaterCards />);
  expect(screen.queryByTestId('resets')).toBeNull();
  press('later-reset');
  expect(screen.getByTestId('resets')).toBeTruthy();
  expect(screen.queryByTestId('later-reset')).toBeNull();
  expect(screen.getByTestId('later-serviced')).toBeTruthy();
});

test('what was begun before a reload stands open, and what was done too', () => {
  const before = standJob(MOTOR, <LaterCards />);
  press('later-reset');
  press('reset-what-counter');
  type('reset-why', 'New diaphragm.');
  screen.unmount();
  standJob(MOTOR, <LaterCards />);
  expect(valueOf('reset-why')).toBe('New diaphragm.');
  type('reset-seen', '0');
  press('reset-save');
  expect(screen.getByText(/New diaphragm|: 0/)).toBeTruthy();
  expect(before.view().document.records).toEqual([]);
});
