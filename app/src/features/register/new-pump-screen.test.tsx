import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { MOTOR } from '../../testing/job-stand';
import { NewPumpScreen } from './new-pump-screen';
import { serve, standScreen } from '../../testing/server-stand';
import { type } from '../../testing/touch';

const mockReplace = jest.fn();
jest.mock('expo-router', () => ({
  useLocalSearchParams: () => ({}),
  useRouter: () => ({ replace: (path: string) => mockReplace(path) as unknown }),
}));

const LIBRARY = {
  profiles: [{ id: MOTOR.id, family: MOTOR.family, version: 1, name: MOTOR.name, about: 'Three gears.' }],
  products: [],
  instruments: [],
};

/** A server that answers the library and the profile, and the pump as given. */
const servePump = (status: number, body: object) =>
  serve([
    { to: '/library', body: LIBRARY },
    { to: '/profiles/', body: MOTOR },
    { to: '/pumps', body, status },
  ]).sent;

test('what the server refuses stands at its field, and nothing typed is lost; then it is taken in', async () => {
  let sent = servePump(400, {
    type: 'urn:barythm:problem:invalid',
    title: 'Something in the request is not right.',
    status: 400,
    code: 'invalid',
    errors: [{ field: 'tag', words: 'CID-DP-01 already exists at the press.' }],
  });
  const { clear } = standScreen(<NewPumpScreen />);
  type('new-site', 'Cider Press');
  type('new-tag', 'CID-DP-01');
  fireEvent.press(await screen.findByTestId('new-profile-open'));
  type('new-profile-search', 'meter');
  fireEvent.press(screen.getByTestId(`new-profile-${MOTOR.id}`));
  fireEvent.press(await screen.findByTestId('new-gear-B'));
  fireEvent.press(screen.getByTestId('new-save'));
  expect(await screen.findByText('CID-DP-01 already exists at the press.')).toBeTruthy();
  expect(screen.getByText('Put the marked places right.')).toBeTruthy();
  expect(sent[0]).toMatchObject({ site: 'Cider Press', tag: 'CID-DP-01', profile: MOTOR.id, gear: 'B' });

  sent = servePump(201, { id: 'pump-7' });
  type('new-tag', 'CID-DP-02');
  expect(screen.queryByText('CID-DP-01 already exists at the press.')).toBeNull();
  fireEvent.press(screen.getByTestId('new-save'));
  await waitFor(() => expect(mockReplace).toHaveBeenCalledWith('/pump/pump-7'));
  expect(sent[0]).toMatchObject({ site: 'Cider Press', tag: 'CID-DP-02', gear: 'B' });
  clear();
});

test('a plate is typed in the units of whoever reads it; a figure that cannot be read is told at its field', async () => {
  const sent = servePump(201, { id: 'pump-8' });
  const { clear } = standScreen(<NewPumpScreen />);
  type('new-site', 'Cider Press');
  type('new-tag', 'CID-DP-03');
  fireEvent.press(await screen.findByTestId('new-profile-open'));
  fireEvent.press(screen.getByTestId(`new-profile-${MOTOR.id}`));
  // what the gear says already need not be typed
  fireEvent.press(await screen.findByTestId('new-gear-B'));
  expect(screen.getByText(/Gear B makes 96.strokes\/min: only where the plate says another/)).toBeTruthy();
  type('new-rated_bar', 'ten');
  fireEvent.press(screen.getByTestId('new-save'));
  expect(screen.getByText('Put the marked places right.')).toBeTruthy();
  expect(sent).toEqual([]);
  type('new-rated_bar', '145 psi');
  fireEvent.press(screen.getByTestId('new-save'));
  await waitFor(() => expect(mockReplace).toHaveBeenCalledWith('/pump/pump-8'));
  expect(Number((sent[0] as Record<string, string>).rated_bar)).toBeCloseTo(9.997, 3);
  expect((sent[0] as Record<string, string>).greatest_spm ?? '').toBe('');
  clear();
});
