import { screen, waitFor } from '@testing-library/react-native';
import { forgetDrafts } from '../../draft/use-draft';
import { serve, standScreen } from '../../testing/server-stand';
import { press, type, valueOf } from '../../testing/touch';
import { InstrumentEditScreen } from './instrument-edit-screen';
import { ProductEditScreen } from './product-edit-screen';

let mockId = 'new';
const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({
  useLocalSearchParams: () => ({ id: mockId }),
  useRouter: () => ({ navigate: (path: string) => mockNavigate(path) as unknown }),
}));
afterEach(() => {
  forgetDrafts('');
  mockNavigate.mockClear();
});

const ACID = {
  id: 'p-1',
  name: 'Acid',
  strength: { stated: 'weight', percent: 38, density_kgl: 1.23 },
  measuredOn: null,
  halfLife_days: null,
  density_kgl: 1.23,
  gassing: false,
  note: 'Never let it meet hypochlorite.',
};
const LOOP = { id: 'i-1', name: 'Loop', serial: 'L-1', calibratedOn: '2026-03-02', measures: null };
const LIBRARY = { profiles: [], products: [ACID], instruments: [LOOP] };

/** The screen of one of the library; what the server says to what is kept is the first answer. */
function stand(id: string, part: React.ReactNode, answer: object = { id: 'p-2' }, status = 200) {
  mockId = id;
  const shown = serve([
    { to: '/library/', body: answer, status },
    { to: '/library', body: LIBRARY },
  ]);
  standScreen(part);
  return shown;
}

test('a product is made of what was typed, its strength by weight with its density', async () => {
  const { sent } = stand('new', <ProductEditScreen />);
  type('kept-product.name', 'Bleach');
  press('kept-product.strength.stated-weight');
  type('kept-product.strength.percent', '12.5');
  type('kept-product.density_kgl', '1.21');
  press('kept-product.gassing-yes');
  press('kept-save');
  await waitFor(() => expect(mockNavigate).toHaveBeenCalledWith('/library/product/p-2'));
  expect(sent).toEqual([
    {
      name: 'Bleach',
      strength: { stated: 'weight', percent: 12.5, density_kgl: 1.21 },
      density_kgl: 1.21,
      measuredOn: null,
      halfLife_days: null,
      gassing: true,
      note: '',
    },
  ]);
});

test('nothing is preselected, and what is missing is said at its field', () => {
  const { sent } = stand('new', <ProductEditScreen />);
  type('kept-product.name', 'Bleach');
  press('kept-save');
  expect(sent).toEqual([]);
  expect(screen.getAllByText('Choose one.').length).toBeGreaterThanOrEqual(1);
  // strength and density
  expect(screen.getAllByText('This is needed.').length).toBeGreaterThanOrEqual(2);
});

test('one that is here stands filled in, and goes back to its own place', async () => {
  const { sent, asked } = stand('p-1', <ProductEditScreen />, { id: 'p-1' });
  await screen.findByTestId('kept-product.name');
  expect(valueOf('kept-product.strength.percent')).toBe('38');
  type('kept-product.strength.percent', '36');
  press('kept-save');
  await waitFor(() => expect(mockNavigate).toHaveBeenCalledWith('/library/product/p-1'));
  expect(asked).toContain('/api/v1/library/products/p-1');
  expect(sent[0]).toMatchObject({ strength: { stated: 'weight', percent: 36, density_kgl: 1.23 } });
});

test('what the server refuses stands at its field, and nothing typed is lost', async () => {
  const errors = [{ field: 'name', words: '“Acid” is in the library already.' }];
  const no = {
    type: 'urn:barythm:problem:invalid',
    title: 'Not right.',
    status: 400,
    code: 'invalid',
    errors,
  };
  stand('new', <InstrumentEditScreen />, no, 400);
  type('kept-name', 'Acid');
  type('kept-serial', 'A-1');
  type('kept-calibratedOn', '2.3.2026');
  press('kept-save');
  expect(await screen.findByText('“Acid” is in the library already.')).toBeTruthy();
  expect(valueOf('kept-serial')).toBe('A-1');
});

test('an instrument without a date of calibration is not kept', () => {
  const { sent } = stand('new', <InstrumentEditScreen />);
  type('kept-name', 'Loop 2');
  type('kept-serial', 'L-2');
  press('kept-save');
  expect(sent).toEqual([]);
  expect(screen.getByText('Enter when it was calibrated, from its certificate.')).toBeTruthy();
  type('kept-serial', '');
  expect(screen.getByText('Enter its serial: papers print it with each reading.')).toBeTruthy();
});
