import { screen } from '@testing-library/react-native';
import type { Explained } from '@barythm/core/profile';
import { serve, standScreen } from '../../testing/server-stand';
import { press, type, wordsOf } from '../../testing/touch';
import { CodesScreen } from './codes-screen';

const mockNavigate = jest.fn();
let mockParams: Record<string, string> = {};
jest.mock('expo-router', () => ({
  useLocalSearchParams: () => mockParams,
  useRouter: () => ({ navigate: (path: string) => mockNavigate(path) as unknown }),
}));
afterEach(() => {
  mockNavigate.mockClear();
  mockParams = {};
});

const code = (profileId: string, family: string, means: string): Explained => ({
  profileId,
  profile: `Profile ${profileId}`,
  family,
  shows: 'E 4',
  lamp: false,
  kind: 'fault',
  means,
  todo: 'Open the inlet.',
  manual: 'Operating manual, edition 3',
  page: '34',
  resetBy: 'hold Set',
});

async function stand() {
  serve([
    {
      to: '/library/explained',
      body: [code('wheel', 'drive', 'Runs dry.'), code('panel', 'pool', 'Water too hot.')],
    },
  ]);
  const { clear } = standScreen(<CodesScreen />);
  await screen.findByText(/2 codes, lamps and signs/);
  return clear;
}

test('one code in two controllers stands with both, by kind of pump, with what to do and what a reset wipes', async () => {
  const clear = await stand();
  type('code-search', 'e4');
  expect(wordsOf('codes-exact')).toMatch(/pool.*Water too hot.*drive.*Runs dry/is);
  expect(wordsOf('code-wheel')).toContain('“E 4”: a fault');
  expect(wordsOf('code-wheel')).toContain('wipes them (hold Set)');
  expect(wordsOf('code-wheel')).toContain('Operating manual, edition 3, page 34.');
  expect(screen.queryByTestId('code-unknown')).toBeNull();
  press('code-profile-wheel');
  expect(mockNavigate).toHaveBeenCalledWith('/library/profile/wheel');
  clear();
});

test('a code that nobody knows leads to the profiles, and from a job to that of its controller', async () => {
  const clear = await stand();
  type('code-search', 'Q9');
  expect(wordsOf('code-unknown')).toContain('No profile in the library knows “Q9”.');
  press('code-to-profiles');
  expect(mockNavigate).toHaveBeenCalledWith('/library');
  clear();
  screen.unmount();
  mockParams = { shows: 'E4', profile: 'dial' };
  serve([{ to: '/library/explained', body: [code('wheel', 'drive', 'Runs dry.')] }]);
  standScreen(<CodesScreen />);
  // another controller knows it: it may be added to this one all the same
  await screen.findByTestId('codes-exact');
  press('code-add');
  expect(mockNavigate).toHaveBeenLastCalledWith('/library/edit/dial');
});
