import { screen } from '@testing-library/react-native';
import { shipped } from '@barythm/core/families/suites/shipped.fixtures';
import { textIn, type, wordsOf } from '../../testing/touch';
import { serve, standScreen } from '../../testing/server-stand';
import { ProfileScreen } from './profile-screen';

const mockId = 'drive-wheel-text';
jest.mock('expo-router', () => ({
  useRouter: () => ({ navigate: jest.fn() }),
  useLocalSearchParams: () => ({ id: mockId }),
}));

async function stand(profile: object) {
  serve([{ to: '/profiles/', body: profile }]);
  const { clear } = standScreen(<ProfileScreen />);
  await screen.findByTestId('profile-about');
  return clear;
}

test('its settings are found by words of menu or name; where none is, that is said', async () => {
  const clear = await stand(shipped('drive-wheel-text'));
  type('setting-search', 'motor CURRENT');
  expect(screen.getByText('Motor current')).toBeTruthy();
  expect(screen.queryByText('Units seen')).toBeNull();
  type('setting-search', 'motorx');
  expect(screen.getByText(/No setting has all of these words/)).toBeTruthy();
  clear();
});

test('pages, the way home and keys that set something going stand on it', async () => {
  const clear = await stand(shipped('drive-wheel-text'));
  const words = wordsOf('profile-pages').replace(/\s+/g, ' ');
  expect(words).toContain('home, to “pressure and speed”');
  expect(words).toContain('The list of last faults');
  expect(words).toMatch(/Run, held: Full speed while it is held/);
  clear();
});

test('one that says nothing of its menu has no such card, and a short one no search', async () => {
  const clear = await stand(shipped('motor-three-gears'));
  expect(screen.queryByTestId('profile-pages')).toBeNull();
  expect(screen.queryByTestId('setting-search')).toBeNull();
  clear();
});

test('all that a profile says of a setting stands on its card', async () => {
  const module = shipped('circulator-module-browser');
  const clear = await stand(module);
  const card = (key: string) => wordsOf(`profile-row-${key}`).replace(/\s+/g, ' ');
  expect(card('vOn')).toContain('Fixed at 1.5 V.');
  expect(card('sensorKind')).toContain('a link between terminals 31 and 32');
  expect(card('range')).toContain('“3: 1.6 bar” settles besides: Range of the sensor: 1.6 bar.');
  expect(card('mode')).toContain('Browser page: Settings › Mode. “Save” at the foot of the page.');
  expect(card('mode')).toContain('A change makes it learn anew: where its own line lies');
  expect(card('name')).toContain('Its keys are at this: Browser page.');
  expect(card('address')).toContain(
    'Plus counts each digit up, Minus down; after the last comes the first; the first press only makes it flash.',
  );
  expect(card('padlock')).toContain('A sign on the display, looked at and never set.');
  expect(card('padlock')).toContain('With Wheel locked Locked it shows: Steady.');
  clear();
});

test('its menu is a tree, and a word finds a display with what leads to it', async () => {
  const clear = await stand(shipped('two-point-soft-keys'));
  const places = () =>
    screen
      .getAllByTestId(/^menu-place-/)
      .map((node) =>
        [String(node.props.testID).slice(-1), textIn(node).replace(/\s+/g, ' ').trim()].join(' '),
      );
  expect(places()[0]).toBe('0 Settings Menu');
  expect(places()).toContain('2 Point 1 Open');
  type('menu-search', 'point 2');
  expect(places()).toEqual(['0 Settings Menu', '1 Signal Down', '2 Point 2 Down', '3 rate Next']);
  type('menu-search', 'zzz');
  expect(screen.getByText(/No display shows all of these words/)).toBeTruthy();
  clear();
});
