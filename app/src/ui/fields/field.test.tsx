import { act, fireEvent, render, screen, within } from '@testing-library/react-native';
import { useState } from 'react';
import { Text } from 'react-native';
import { Field } from './field';
import { About } from '../pad/about';
import { FigurePadProvider } from '../pad/figure-pad';
import { setUnitsWanted } from '../reader';

function Form({ error }: { error?: string }) {
  const [value, setValue] = useState('');
  return (
    <FigurePadProvider>
      <Field
        label="Wanted dose"
        unit="mg/L"
        value={value}
        error={error}
        hint="0.1 to 20"
        onChange={setValue}
        testID="dose"
      />
    </FigurePadProvider>
  );
}

jest.mock('../screen/layout', () => ({ useWide: () => false, useShort: () => false }));

test('a field has its name, unit and limits in words, and says what is wrong where it is', () => {
  render(<Form error="The dose must be more than 0." />);
  expect(screen.getByLabelText('Wanted dose, mg/L')).toBeTruthy();
  expect(screen.getByText('0.1 to 20')).toBeTruthy();
  expect(screen.getByText('The dose must be more than 0.')).toBeTruthy();
});

test('on a phone the large pad opens with the unit on it, and writes where one is', () => {
  render(<Form />);
  expect(screen.queryByTestId('figure-pad')).toBeNull();
  fireEvent(screen.getByTestId('dose'), 'focus');
  for (const key of ['1', '.', '2', '5']) fireEvent.press(screen.getByLabelText(key));
  expect(screen.getByTestId('dose').props.value).toBe('1.25');
  fireEvent.press(screen.getByLabelText('Delete last'));
  fireEvent.press(screen.getByLabelText('−'));
  expect(screen.getByTestId('dose').props.value).toBe('-1.2');
  fireEvent.press(screen.getByLabelText('Clear'));
  expect(screen.getByTestId('dose').props.value).toBe('');
  expect(screen.getAllByText('mg/L')).toHaveLength(2);
});

test('over the keys stands what one types for, and what is wrong with it', () => {
  render(
    <About value="Stroke length: target 77 %">
      <Form error="The dose must be more than 0." />
    </About>,
  );
  fireEvent(screen.getByTestId('dose'), 'focus');
  const said = () =>
    within(screen.getByTestId('pad-about'))
      .getAllByText(/./)
      .map((node) => String(node.props.children));
  expect(said()).toEqual(['Stroke length: target 77 %', 'The dose must be more than 0.']);
});

test('near miss: without a setting it is the field’s own name, and its limits', () => {
  render(<Form />);
  fireEvent(screen.getByTestId('dose'), 'focus');
  expect(within(screen.getByTestId('pad-about')).getByText('Wanted dose')).toBeTruthy();
  expect(within(screen.getByTestId('pad-about')).getByText('0.1 to 20')).toBeTruthy();
});

describe('the pad goes', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());
  function Two({ first, second }: { first: boolean; second: boolean }) {
    return (
      <FigurePadProvider>
        {first && <Field label="One" value="" onChange={() => undefined} testID="one" />}
        {second && <Field label="Two" value="" onChange={() => undefined} testID="two" />}
      </FigurePadProvider>
    );
  }
  const later = () => act(() => jest.advanceTimersByTime(400));

  test('when its field is left, but not before the tap that left it has landed', () => {
    render(<Two first second />);
    fireEvent(screen.getByTestId('one'), 'focus');
    fireEvent(screen.getByTestId('one'), 'blur');
    expect(screen.getByTestId('figure-pad')).toBeTruthy();
    later();
    expect(screen.queryByTestId('figure-pad')).toBeNull();
  });
  test('when its field is taken off the screen, which loses no focus first', () => {
    const { rerender } = render(<Two first second />);
    fireEvent(screen.getByTestId('one'), 'focus');
    rerender(<Two first={false} second />);
    later();
    expect(screen.queryByTestId('figure-pad')).toBeNull();
  });
  test('not when another field has taken it over, or another field is taken away', () => {
    const { rerender } = render(<Two first second />);
    fireEvent(screen.getByTestId('one'), 'focus');
    fireEvent(screen.getByTestId('one'), 'blur');
    fireEvent(screen.getByTestId('two'), 'focus');
    later();
    expect(screen.getByLabelText('Figures for Two')).toBeTruthy();
    rerender(<Two first={false} second />);
    later();
    expect(screen.getByLabelText('Figures for Two')).toBeTruthy();
  });
});

test('for a reader of US units the figure stands beside it, converted; what is typed stays as typed', () => {
  act(() => setUnitsWanted('both'));
  render(<Field label="Discharge" unit="bar" value="4" onChange={() => undefined} testID="bar" />);
  expect(screen.getByText('= 58.02\u00a0psi')).toBeTruthy();
  expect(screen.getByTestId('bar').props.value).toBe('4');
  act(() => setUnitsWanted('metric'));
  expect(screen.queryByText('= 58.02\u00a0psi')).toBeNull();
});

describe('a figure that can be typed in several units', () => {
  function Flow({ start = '' }: { start?: string }) {
    const [value, setValue] = useState(start);
    return (
      <FigurePadProvider>
        <Field label="Feed" quantity="pumpFlow" value={value} onChange={setValue} testID="feed" />
        <Text testID="kept">{value}</Text>
      </FigurePadProvider>
    );
  }
  const kept = () => screen.getByTestId('kept').props.children as string;
  afterEach(() => act(() => setUnitsWanted('metric')));

  test('the pad has its units; the one that is chosen goes with the figure', () => {
    render(<Flow />);
    fireEvent(screen.getByTestId('feed'), 'focus');
    fireEvent.press(screen.getByTestId('pad-unit-gal/h'));
    fireEvent.press(screen.getByLabelText('8'));
    expect(screen.getByTestId('feed').props.value).toBe('8');
    expect(kept()).toBe('8 gal/h');
    expect(screen.getByText('= 30.28\u00a0L/h')).toBeTruthy();
    fireEvent.press(screen.getByTestId('pad-unit-mL/min'));
    expect(kept()).toBe('8 mL/min');
  });
  test('a reader of US units sees and types them, and nothing changes by being looked at', () => {
    act(() => setUnitsWanted('us'));
    render(<Flow start="30" />);
    expect(screen.getByTestId('feed').props.value).toBe('7.925');
    expect(screen.getByLabelText('Feed, gal/h')).toBeTruthy();
    expect(kept()).toBe('30');
    fireEvent.changeText(screen.getByTestId('feed'), '8');
    expect(kept()).toBe('8 gal/h');
  });
});

test('the pad’s key records where a field records, and Enter does the same', () => {
  const record = jest.fn();
  render(
    <FigurePadProvider>
      <Field label="Shows" value="12" onChange={() => undefined} onEnter={record} testID="shows" />
      <Field time label="At" value="7" onChange={() => undefined} testID="at" />
    </FigurePadProvider>,
  );
  fireEvent(screen.getByTestId('shows'), 'focus');
  fireEvent.press(screen.getByText('Record'));
  expect(record).toHaveBeenCalledTimes(1);
  fireEvent(screen.getByTestId('shows'), 'submitEditing');
  expect(record).toHaveBeenCalledTimes(2);
  fireEvent(screen.getByTestId('at'), 'focus');
  expect(screen.getByText('Next')).toBeTruthy();
  expect(screen.getByLabelText(':')).toBeTruthy();
});
