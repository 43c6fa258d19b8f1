import { act, fireEvent, render, screen } from '@testing-library/react-native';
import { Text } from 'react-native';
import { lazyScreen } from '../lazy-screen';
import { ScreenGuard } from './screen-guard';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));

let broken = true;
function Shaky() {
  if (broken) throw new Error('No such figure.');
  return <Text>It stands.</Text>;
}
beforeEach(() => {
  broken = true;
  // React reports a caught fault too
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
});

test('a screen that fails says so, and stands again after another try', () => {
  render(
    <ScreenGuard place="/a">
      <Shaky />
    </ScreenGuard>,
  );
  expect(screen.getByText('No such figure.')).toBeTruthy();
  broken = false;
  fireEvent.press(screen.getByTestId('screen-again'));
  expect(screen.getByText('It stands.')).toBeTruthy();
});

test('going elsewhere leaves the fault behind', () => {
  const stand = (place: string) => (
    <ScreenGuard place={place}>
      <Shaky />
    </ScreenGuard>
  );
  const { rerender } = render(stand('/a'));
  broken = false;
  rerender(stand('/b'));
  expect(screen.getByText('It stands.')).toBeTruthy();
});

test('a screen that could not be fetched is fetched again by a tap', async () => {
  let reached = false;
  const Bench = lazyScreen('BenchScreen', () =>
    reached ? Promise.resolve({ BenchScreen: Shaky } as never) : Promise.reject(new Error('offline')),
  );
  broken = false;
  render(<Bench />);
  expect(await screen.findByText(/no way to the server/)).toBeTruthy();
  reached = true;
  await act(async () => {
    fireEvent.press(screen.getByText('Try again'));
  });
  expect(screen.getByText('It stands.')).toBeTruthy();
});
