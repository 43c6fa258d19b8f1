import { fireEvent, render, screen } from '@testing-library/react-native';
import { TapCounter } from './tap-counter';

test('the rate is strokes over the time from the first tap to the last', () => {
  let now = 1000;
  const onRate = jest.fn();
  render(<TapCounter onRate={onRate} now={() => now} />);
  // five taps a second and a half apart: four strokes in six seconds
  for (let i = 0; i < 5; i++) {
    fireEvent.press(screen.getByTestId('tap'));
    now += 1500;
  }
  fireEvent.press(screen.getByTestId('tap-take'));
  expect(onRate).toHaveBeenCalledWith(40);
  expect(screen.getByText('Tap at each stroke')).toBeTruthy();
});
