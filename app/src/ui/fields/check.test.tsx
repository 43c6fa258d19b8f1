import { fireEvent, render, screen } from '@testing-library/react-native';
import { Check } from './choice';

test('the second tap of a double one takes nothing back; a tap of its own does', () => {
  const onChange = jest.fn();
  render(<Check label="Isolated and locked off" testID="box" checked={false} onChange={onChange} />);
  const tap = (detail: number) => fireEvent.press(screen.getByTestId('box'), { nativeEvent: { detail } });
  tap(1);
  tap(2);
  expect(onChange.mock.calls).toEqual([[true]]);
  tap(1);
  expect(onChange).toHaveBeenCalledTimes(2);
});
