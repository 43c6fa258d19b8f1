import { screen } from '@testing-library/react-native';
import { forgetDrafts } from '../../draft/use-draft';
import { MOTOR, standJob } from '../../testing/job-stand';
import { press, type, valueOf, wordsOf } from '../../testing/touch';
import { ForOwnerCard } from './for-owner-card';

afterEach(() => forgetDrafts(''));
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));

test('what only the technician knows is recorded, changed, and taken back where it was written', () => {
  const job = standJob(MOTOR, <ForOwnerCard />);
  expect(screen.queryByTestId('owner-save')).toBeNull();
  type('owner-stopAt', 'Isolator left of the door ');
  type('owner-keeper', 'The caretaker');
  press('owner-save');
  const bodies = () => job.view().document.records.map(({ body }) => body);
  expect(bodies()).toEqual([
    { kind: 'for-owner', stopAt: 'Isolator left of the door', keeper: 'The caretaker', call: '' },
  ]);
  expect(valueOf('owner-keeper')).toBe('The caretaker');
  expect(screen.queryByTestId('owner-save')).toBeNull();
  press('owner-back');
  expect(bodies().filter(({ kind }) => kind === 'for-owner')).toEqual([]);
  expect(valueOf('owner-keeper')).toBe('');
});

test('a code is refused at its field, and nothing typed is lost; near miss: a telephone number where one calls', () => {
  const job = standJob(MOTOR, <ForOwnerCard />);
  type('owner-keeper', 'Code 4711');
  type('owner-call', '555 0123');
  press('owner-save');
  expect(wordsOf('for-owner')).toContain('never the code itself: no figures here.');
  expect([valueOf('owner-keeper'), valueOf('owner-call')]).toEqual(['Code 4711', '555 0123']);
  expect(job.view().document.records).toEqual([]);
  type('owner-keeper', 'The office');
  press('owner-save');
  expect(job.view().document.records).toHaveLength(1);
});

test('the page is read as it will be printed, with what was just recorded', () => {
  standJob(MOTOR, <ForOwnerCard />);
  press('owner-read');
  expect(wordsOf('owner-page')).toContain('Where it is switched off was not written down.');
  type('owner-stopAt', 'The main switch');
  press('owner-save');
  expect(wordsOf('owner-page')).toContain('Switched off at: The main switch');
  press('owner-read');
  expect(screen.queryByTestId('owner-page')).toBeNull();
});
