import { goesTo, groupKeys } from './group-keys';

test.each([
  ['ArrowRight', 0, 1],
  ['ArrowDown', 2, 0],
  ['ArrowLeft', 0, 2],
  ['ArrowUp', 2, 1],
  ['Home', 2, 0],
  ['End', 0, 2],
  ['Tab', 1, null],
])('%s from %s goes to %s of three', (key, at, to) => {
  expect(goesTo(key, at, 3)).toBe(to);
});

const onKeyDown = (press: () => void) =>
  (groupKeys(press) as { onKeyDownCapture: (event: object) => void }).onKeyDownCapture;

test('Space presses; an arrow goes to the neighbour and presses nothing', () => {
  const press = jest.fn();
  const focus = jest.fn();
  const items = [{ focus }, { focus }].map((one) => ({ ...one, closest: () => group }));
  const group = { querySelectorAll: () => items };
  const preventDefault = jest.fn();
  onKeyDown(press)({ key: ' ', currentTarget: items[0], preventDefault });
  expect(press).toHaveBeenCalledTimes(1);
  onKeyDown(press)({ key: 'ArrowRight', currentTarget: items[0], preventDefault });
  expect(press).toHaveBeenCalledTimes(1);
  expect(focus).toHaveBeenCalledTimes(1);
  expect(preventDefault).toHaveBeenCalledTimes(2);
});
