import { screen, waitFor } from '@testing-library/react-native';
import { TEN_SLOTS } from '@barythm/core/families/pool/fixtures';
import { forgetDrafts } from '../../draft/use-draft';
import { MOTOR } from '../../testing/job-stand';
import { serve, standScreen } from '../../testing/server-stand';
import { press, type, valueOf, wordsOf } from '../../testing/touch';
import { ProfileEditorScreen } from './profile-editor-screen';

let mockId = 'blank';
let mockAs: string | undefined;
const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({
  useLocalSearchParams: () => ({ id: mockId, as: mockAs }),
  useRouter: () => ({ navigate: (path: string) => mockNavigate(path) as unknown }),
}));
afterEach(() => {
  mockAs = undefined;
  forgetDrafts('');
  mockNavigate.mockClear();
});

async function copyOf(profile: typeof TEN_SLOTS | typeof MOTOR, publish: { status: number; body: object }) {
  mockId = profile.id;
  const { sent } = serve([
    { to: `/profiles/${profile.id}`, body: profile },
    { to: '/profiles', ...publish },
    { to: '/library', body: { profiles: [{ ...profile }], products: [], instruments: [] } },
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
  expect(valueOf('p-groups.1.label')).toBe('Programs');
  expect(valueOf('p-groups.1.repeat.noun')).toBe('Program');
  // an empty field is no mistake until somebody asks what is missing
  expect(screen.queryByText('Choose one.')).toBeNull();
  press('profile-missing');
  expect(screen.getAllByText('Choose one.').length).toBeGreaterThan(3);
  expect(screen.queryByTestId('profile-missing')).toBeNull();
  clear();
});

test('a copy of a pool drive is changed by taps and figures, and goes out as the next version', async () => {
  const { sent, clear } = await copyOf(TEN_SLOTS, { status: 201, body: { id: TEN_SLOTS.id } });
  expect(wordsOf('profile-state')).toContain('Complete: a plan works with it. Ready to publish.');
  expect(wordsOf('p-tried')).toContain('A pool pump by its own programs: ');
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

test('a parameter is described by taps: its meaning is looked for, its kind and choices follow, its keys are known', async () => {
  const { clear } = await copyOf(MOTOR, { status: 201, body: {} });
  const at = (field: string) => `p-parameters.${MOTOR.parameters.length}.${field}`;
  press('p-add');
  expect(wordsOf('p-parameters')).toContain('No name yet');
  expect(wordsOf('profile-state')).toContain('attention');
  type(at('label'), 'On power');
  press(`${at('role')}-open`);
  // meanings that other parameters have are not offered a second time
  expect(screen.queryByTestId(`${at('role')}-mode`)).toBeNull();
  type(`${at('role')}-search`, 'power rest');
  expect(screen.queryByTestId(`${at('role')}-fault.after`)).toBeNull();
  press(`${at('role')}-power.after-cut`);
  // the two choices of that meaning stand there, to be called as the display calls them
  type(at('options.0.label'), 'run');
  type(at('options.1.label'), 'halt');
  const group = MOTOR.groups[0].key;
  press(`${at('group')}-${group}`);
  const known = MOTOR.parameters.flatMap(({ route }) => route).find(({ key }) => key !== '')?.key ?? '';
  press(`${at('route')}-press-${known}`);
  expect(valueOf(at('route.0.key'))).toBe(known);
  type(at('storedBy'), 'OK');
  press(`${at('entry')}-up-and-down`);
  press(`${at('enterWhen')}-stopped`);
  press(`${at('changedBy')}-technician`);
  expect(wordsOf('profile-state')).toContain('Complete');
  // the next one begins like it, and is still to be said what it is
  press('p-add-like');
  const next = (field: string) => `p-parameters.${MOTOR.parameters.length + 1}.${field}`;
  expect(valueOf(next('storedBy'))).toBe('OK');
  expect(valueOf(next('route.0.key'))).toBe(known);
  expect(valueOf(next('label'))).toBe('');
  press(`p-remove-${MOTOR.parameters.length + 1}`);
  expect(wordsOf('profile-state')).toContain('Complete');
  clear();
});

test('a copy is a new profile: it wants a name of its own, and takes none of another', async () => {
  mockAs = 'copy';
  const { sent, clear } = await copyOf(MOTOR, { status: 201, body: { id: 'x' } });
  expect(wordsOf('profile-state')).toContain('1 place needs attention.');
  type('p-name', MOTOR.id.replaceAll('-', ' '));
  expect(await screen.findByText(/is taken by another profile/)).toBeTruthy();
  type('p-name', 'Motor, one gear');
  expect(wordsOf('profile-state')).toContain('Complete');
  press('profile-publish');
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]).toMatchObject({ id: 'motor-one-gear', version: 1, name: 'Motor, one gear' });
  clear();
});

test('without what its mode is set with it can be published, and is told to be of no use to a plan', async () => {
  const { clear } = await copyOf(MOTOR, { status: 201, body: {} });
  for (const role of ['stroke.length', 'rate.manual', 'signal.range']) {
    const i = MOTOR.parameters.findIndex((one) => one.role === role);
    if (i < 0) continue;
    press(`p-open-${i}`);
    press(`p-parameters.${i}.role-open`);
    press(`p-parameters.${i}.role-none`);
    press(`p-open-${i}`);
  }
  expect(wordsOf('profile-state')).toContain('Ready to publish, but no plan works with it yet');
  expect(wordsOf('p-tried')).toContain('The plan finds no place for: ');
  clear();
});
