import { act, fireEvent, render, renderHook, screen } from '@testing-library/react-native';
import { View } from 'react-native';
import { meant, useDrag } from './use-drag';
import { useUndo } from './use-undo';

test.each([
  ['a mouse means what it does, up and down too', true, 0, 3, 'drag'],
  ['a finger that trembles has done nothing yet', false, 4, 5, null],
  ['a finger that starts sideways drags', false, 12, 3, 'drag'],
  ['a finger that starts up or down scrolls', false, 3, -12, 'scroll'],
] as const)('%s', (_, mouse, dx, dy, way) => {
  expect(meant(mouse, dx, dy)).toBe(way);
});

test.each([
  ['up and down it is moved', 3, -12, 'drag'],
  ['sideways it is left alone', 12, 3, 'scroll'],
  ['a finger that trembles has done nothing yet', 4, 5, null],
] as const)('what stands at a level: %s', (_, dx, dy, way) => {
  expect(meant(false, dx, dy, 'up-down')).toBe(way);
  // a mouse means what it does
  expect(meant(true, dx, dy, 'up-down')).toBe('drag');
});

test('what is touched and let go has been tapped: nothing moves, and nothing begins', () => {
  const told: string[] = [];
  function Thing() {
    const handlers = useDrag({
      onTouch: () => told.push('touch'),
      onBegin: () => told.push('begin'),
      onMove: () => told.push('move'),
      onTap: () => told.push('tap'),
    });
    return <View testID="thing" {...handlers} />;
  }
  render(<Thing />);
  const event = {
    nativeEvent: { touches: [], changedTouches: [], timestamp: 0 },
    touchHistory: {
      touchBank: [],
      mostRecentTimeStamp: 0,
      numberActiveTouches: 0,
      indexOfSingleActiveTouch: 0,
    },
  };
  fireEvent(screen.getByTestId('thing'), 'responderGrant', event);
  fireEvent(screen.getByTestId('thing'), 'responderRelease', event);
  expect(told).toEqual(['touch', 'tap']);
});

test('each kept step is gone back to, the last first', () => {
  const set = jest.fn();
  const hook = renderHook(({ value }: { value: number }) => useUndo(value, set), {
    initialProps: { value: 1 },
  });
  expect(hook.result.current.canUndo).toBe(false);
  act(() => hook.result.current.keep());
  hook.rerender({ value: 2 });
  act(() => hook.result.current.keep());
  hook.rerender({ value: 3 });
  act(() => hook.result.current.undo());
  act(() => hook.result.current.undo());
  expect(set.mock.calls).toEqual([[2], [1]]);
  expect(hook.result.current.canUndo).toBe(false);
});
