import { fireEvent, render, screen } from '@testing-library/react-native';
import { Button } from '../button';
import { Check, Choice } from './choice';

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

test('the second tap of a double one presses no button and no choice that came to its place; what is tapped along to counts each', () => {
  const told: string[] = [];
  const say = (words: string) => () => told.push(words);
  render(
    <>
      <Button kind="main" label="Record" testID="main" onPress={say('main')} />
      <Button label="Same" testID="same" onPress={say('same')} />
      <Button again label="Tap" testID="step" onPress={say('step')} />
      <Choice
        label="By"
        testID="by"
        options={[{ value: 'own', label: 'Own' }]}
        value={null}
        onChange={say('by')}
      />
    </>,
  );
  for (const at of ['main', 'same', 'step', 'by-own'])
    for (const detail of [1, 2]) fireEvent.press(screen.getByTestId(at), { nativeEvent: { detail } });
  expect(told).toEqual(['main', 'same', 'step', 'step', 'by']);
});
