import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { forgetDrafts } from '../../draft/use-draft';
import { MOTOR } from '../../testing/job-stand';
import { serve, standScreen } from '../../testing/server-stand';
import { press, type, valueOf } from '../../testing/touch';
import { PumpEditScreen } from './pump-edit-screen';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({
  useLocalSearchParams: () => ({ id: 'pump-1' }),
  useRouter: () => ({ navigate: (path: string) => mockNavigate(path) as unknown }),
}));
afterEach(() => {
  forgetDrafts('');
  mockNavigate.mockClear();
});

const PUMP = {
  id: 'pump-1',
  tag: 'A-1',
  name: 'Acid',
  place: 'Pump house',
  siteId: 'site-1',
  siteName: 'A site',
  family: MOTOR.family,
  retiredOn: null,
  unit: { id: 'unit-1', model: 'One', serial: 'S-1', plate: {} },
  profile: MOTOR,
  jobs: [{ id: 'job-1', state: 'open' }],
};

const stand = async (status: number, body: object) => {
  const { sent } = serve([
    { to: '/register/pumps/', body, status },
    { to: '/pumps/pump-1', body: PUMP },
  ]);
  standScreen(<PumpEditScreen />);
  await screen.findByTestId('edit-tag');
  return sent;
};
const TAKEN = {
  type: 'urn:barythm:problem:invalid',
  title: 'Something in the request is not right.',
  status: 400,
  code: 'invalid',
  errors: [{ field: 'tag', words: 'A-2 already exists at A site.' }],
};

test('only what was typed is sent; what is refused stands at its field, and nothing typed is lost', async () => {
  const sent = await stand(400, TAKEN);
  expect(screen.getByTestId('edit-open-job')).toBeTruthy();
  type('edit-tag', 'A-2');
  type('edit-model', 'Two');
  fireEvent.press(screen.getByTestId('edit-save'));
  await screen.findByText('A-2 already exists at A site.');
  expect(sent).toEqual([{ tag: 'A-2', model: 'Two', was: { tag: 'A-1', model: 'One' } }]);
  expect(valueOf('edit-tag')).toBe('A-2');
  expect(valueOf('edit-model')).toBe('Two');
  expect(mockNavigate).not.toHaveBeenCalled();
});

test('retiring is asked twice, takes along what was typed, and leads back to the pump', async () => {
  const sent = await stand(200, { id: 'pump-1' });
  type('edit-place', 'Cellar');
  press('retire-ask');
  expect(sent).toEqual([]);
  press('retire-sure');
  await waitFor(() => expect(mockNavigate).toHaveBeenCalledWith('/pump/pump-1'));
  expect(sent).toEqual([{ place: 'Cellar', retired: true, was: { place: 'Pump house' } }]);
});

test('what another tab put there meanwhile is told at its field; saved again, it is put over that', async () => {
  const errors = [
    { field: 'tag', words: 'Meanwhile this became “A-7”. Save again to put yours in its place.' },
  ];
  const sent = await stand(400, { ...TAKEN, errors });
  type('edit-tag', 'A-2');
  type('edit-place', 'Cellar');
  press('edit-save');
  await screen.findByText(/Meanwhile this became “A-7”/);
  expect(valueOf('edit-tag')).toBe('A-2');
  press('edit-save');
  await waitFor(() => expect(sent).toHaveLength(2));
  // what was told counts as seen; the other place is still held against what stood there
  expect(sent[1]).toEqual({ tag: 'A-2', place: 'Cellar', was: { place: 'Pump house' } });
});
