import { screen } from '@testing-library/react-native';
import { press, type } from '../../testing/touch';
import { serve, standScreen } from '../../testing/server-stand';
import { LibraryScreen } from './library-screen';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }) }));

const profile = (id: string, family: string, name: string, about: string) => ({
  id,
  family,
  version: 1,
  name,
  about,
});
const LIBRARY = {
  profiles: [
    profile('one', 'metering', 'Three gears', 'A dial and a display.'),
    profile('two', 'spa', 'Pack with two keys', 'A bank of switches.'),
    profile('new', 'unheard-of', 'Something newer', 'Of a kind to come.'),
  ],
  products: [
    {
      id: 'acid',
      name: 'Citric acid 50 %',
      strength: { kind: 'active', density_gpl: 1240, active_pct: 50 },
      measuredOn: null,
      note: '',
    },
  ],
  instruments: [{ id: 'mA-1', name: 'Loop calibrator', serial: 'K 7', calibratedOn: '2026-03-02' }],
};

async function stand() {
  serve([{ to: '/library', body: LIBRARY }]);
  const { clear } = standScreen(<LibraryScreen />);
  await screen.findByTestId('profile-one');
  return clear;
}
const shown = (...ids: string[]) => ids.filter((id) => screen.queryByTestId(id) !== null);

test('profiles stand by kind, one of a kind that is not known last; products and instruments have shelves of their own', async () => {
  const clear = await stand();
  expect(screen.getAllByRole('heading').map(({ props }) => (props as { children: string }).children)).toEqual(
    expect.arrayContaining(['Metering pump', 'Other']),
  );
  expect(shown('profile-one', 'profile-two', 'profile-new', 'product-acid')).toEqual([
    'profile-one',
    'profile-two',
    'profile-new',
  ]);
  press('shelf-products');
  expect(shown('profile-one', 'product-acid')).toEqual(['product-acid']);
  press('shelf-instruments');
  expect(screen.getByText(/Serial K 7/)).toBeTruthy();
  clear();
});

test('words in any order, of kind, name or description, over all shelves', async () => {
  const clear = await stand();
  type('library-search', 'bank SPA');
  expect(shown('profile-one', 'profile-two', 'profile-new', 'product-acid')).toEqual(['profile-two']);
  type('library-search', 'citric');
  expect(shown('profile-two', 'product-acid')).toEqual(['product-acid']);
  type('library-search', 'k 7');
  expect(screen.getByText('Loop calibrator')).toBeTruthy();
  // one letter beside it
  type('library-search', 'citricx');
  expect(shown('product-acid')).toEqual([]);
  expect(screen.getByText(/Nothing has all of these words/)).toBeTruthy();
  clear();
});
