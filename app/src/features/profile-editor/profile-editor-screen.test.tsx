import { screen, waitFor } from '@testing-library/react-native';
import { TEN_SLOTS } from '@barythm/core/families/pool/fixtures';
import { forgetDrafts } from '../../draft/use-draft';
import { MOTOR } from '../../testing/job-stand';
import { serve, standScreen } from '../../testing/server-stand';
import { press, type, valueOf, wordsOf } from '../../testing/touch';
import { ProfileEditorScreen } from './profile-editor-screen';

let mockId = 'blank';
const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({
  useLocalSearchParams: () => ({ id: mockId }),
  useRouter: () => ({ navigate: (path: string) => mockNavigate(path) as unknown }),
}));
afterEach(() => {
  forgetDrafts('');
  mockNavigate.mockClear();
});

async function copyOf(profile: typeof TEN_SLOTS | typeof MOTOR, publish: { status: number; body: object }) {
  mockId = profile.id;
  const { sent } = serve([
    { to: `/profiles/${profile.id}`, body: profile },
    { to: '/profiles', ...publish },
  ]);
  const { clear } = standScreen(<ProfileEditorScreen />);
  await screen.findByTestId('profile-state');
  return { sent, clear };
}

test('from blank one says which family it is of; each asks for its own habits', () => {
  mockId = 'blank';
  serve([]);
  const { clear } = standScreen(<ProfileEditorScreen />);
  expect(screen.getByTestId('p-part-guards')).toBeTruthy();
  press('p-family-pool');
  expect(screen.queryByTestId('p-part-guards')).toBeNull();
  expect(screen.getByTestId('p-part-programs')).toBeTruthy();
  expect(valueOf('p-groups')).toContain('programs | Programs | 4 × Program');
  expect(screen.getAllByText('Choose one.').length).toBeGreaterThan(3);
  clear();
});

test('a copy of a pool drive is changed by taps and figures, and goes out as the next version', async () => {
  const { sent, clear } = await copyOf(TEN_SLOTS, { status: 201, body: { id: TEN_SLOTS.id } });
  expect(wordsOf('profile-state')).toContain('Complete: it can be published.');
  expect(screen.queryByTestId('p-family-pool')).toBeNull();
  press('p-programs.overlap-highest-speed');
  press('p-limitClamps-prime');
  press('p-frost.on');
  expect(screen.queryByTestId('p-frost.protects-water')).toBeNull();
  type('p-speed.least_rpm', 'low');
  expect(wordsOf('profile-state')).toContain('1 place needs attention.');
  expect(screen.getByText(/“low” is not a figure/)).toBeTruthy();
  type('p-speed.least_rpm', '700');
  press('profile-publish');
  await waitFor(() => expect(mockNavigate).toHaveBeenCalledWith(`/library/profile/${TEN_SLOTS.id}`));
  expect(sent[0]).toMatchObject({
    version: TEN_SLOTS.version + 1,
    behaviours: {
      speed: { least_rpm: 700, greatest_rpm: 3260, step_rpm: 10 },
      programs: { overlap: 'highest-speed', keyed: [1, 2, 3, 4] },
      limitClamps: ['programs', 'boost', 'frost'],
      frost: null,
    },
  });
  clear();
});

test('what the server refuses is said, and nothing typed is lost', async () => {
  const { clear } = await copyOf(MOTOR, {
    status: 409,
    body: { type: 'x', title: 'This version is here already and differs.', status: 409, code: 'conflict' },
  });
  type('p-name', 'Motor, of another make');
  press('profile-publish');
  expect(await screen.findByText('This version is here already and differs.')).toBeTruthy();
  expect(valueOf('p-name')).toBe('Motor, of another make');
  expect(mockNavigate).not.toHaveBeenCalled();
  clear();
});

test('parameters are added, moved and taken away; a wrong limit is told in its form', async () => {
  const { clear } = await copyOf(MOTOR, { status: 201, body: {} });
  const count = MOTOR.parameters.length;
  press('p-add');
  expect(wordsOf('p-parameters')).toContain('No label yet');
  expect(wordsOf('profile-state')).toContain('attention');
  type('p-param-key', 'extra');
  type('p-param-label', 'Extra');
  type('p-param-greatest', 'much');
  expect(screen.getByText('A figure, or by another parameter: by gear: A=48, B=96')).toBeTruthy();
  press(`p-open-${count}`);
  expect(screen.queryByTestId('p-param-key')).toBeNull();
  clear();
});
