import { render, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { press } from '../../testing/touch';
import { Button } from '../button';
import { Check, Choice } from './choice';
import { counted } from '@barythm/core/words';
import { DaysPick } from './days-pick';

function Stand() {
  const [source, setSource] = useState<'own' | 'link' | null>(null);
  const [safe, setSafe] = useState(false);
  const [days, setDays] = useState('67');
  return (
    <>
      <Choice
        label="Commanded by"
        testID="by"
        options={[
          { value: 'own', label: 'Its own programs' },
          { value: 'link', label: 'A link' },
        ]}
        value={source}
        error={source === null ? 'Look, and choose.' : null}
        hint="Record what you see."
        onChange={setSource}
      />
      <Check label="Isolated and locked" testID="safe" checked={safe} onChange={setSafe} />
      <DaysPick
        label="On"
        testID="days"
        days={days}
        error={days === '' ? 'Choose a day.' : null}
        onChange={setDays}
      />
      <Words value={days} />
    </>
  );
}
const Words = ({ value }: { value: string }) => <Button label={`days ${value}`} onPress={() => undefined} />;

test('one of a few: named as a group, one of them checked, what is wrong told beside it', () => {
  render(<Stand />);
  expect(screen.getByLabelText('Commanded by').props.role).toBe('radiogroup');
  expect(screen.getByRole('alert')).toHaveTextContent('Look, and choose.');
  press('by-link');
  expect(screen.getByTestId('by-link')).toBeChecked();
  expect(screen.getByTestId('by-own')).not.toBeChecked();
  expect(screen.queryByRole('alert')).toBeNull();
  expect(screen.getByText('Record what you see.')).toBeTruthy();
});

test('a thing to confirm goes on and off', () => {
  render(<Stand />);
  press('safe');
  expect(screen.getByTestId('safe')).toBeChecked();
  press('safe');
  expect(screen.getByTestId('safe')).not.toBeChecked();
});

test('all seven days in one tap, and none in another', () => {
  render(<Stand />);
  press('days-all');
  expect(screen.getByText('days 1234567')).toBeTruthy();
  press('days-all');
  expect(screen.getByText('Choose a day.')).toBeTruthy();
});

test('days stay in the order of the week, however they are tapped; none is told', () => {
  render(<Stand />);
  press('days-3');
  press('days-1');
  expect(screen.getByText('days 1367')).toBeTruthy();
  expect(screen.getByLabelText('Wed')).toBeChecked();
  for (const day of ['1', '3', '6', '7']) press(`days-${day}`);
  expect(screen.getByText('Choose a day.')).toBeTruthy();
});

test('a button that cannot be pressed does nothing', () => {
  const onPress = jest.fn();
  render(<Button label="Hand over" testID="go" disabled onPress={onPress} />);
  press('go');
  expect(onPress).not.toHaveBeenCalled();
  expect(screen.getByTestId('go')).toBeDisabled();
});

test.each([
  [0, '0 pumps'],
  [1, '1 pump'],
  [2, '2 pumps'],
])('%d: “%s”', (count, words) => {
  expect(counted(count, 'pump')).toBe(words);
});
test('a noun with a plural of its own', () => {
  expect(counted(1, 'place needs', 'places need')).toBe('1 place needs');
  expect(counted(4, 'place needs', 'places need')).toBe('4 places need');
});
