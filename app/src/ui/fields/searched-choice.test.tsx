import { render, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { press, type, wordsOf } from '../../testing/touch';
import { SearchedChoice } from './searched-choice';

const OPTIONS = [
  { value: 'up', label: 'Acceleration time' },
  { value: 'down', label: 'Deceleration time' },
  { value: 'dry', label: 'Run-dry protection: delay' },
];

function Picker() {
  const [value, setValue] = useState<string | null>(null);
  return (
    <SearchedChoice label="What it means" options={OPTIONS} value={value} onChange={setValue} testID="m" />
  );
}

test('it shows what is chosen; a word or two make its list short, in any order, and one tap chooses', () => {
  render(<Picker />);
  expect(wordsOf('m-open')).toContain('Choose');
  expect(screen.queryByTestId('m-up')).toBeNull();
  press('m-open');
  type('m-search', 'delay DRY');
  expect(screen.getByTestId('m-dry')).toBeTruthy();
  expect(screen.queryByTestId('m-up')).toBeNull();
  press('m-dry');
  expect(wordsOf('m-open')).toContain('Run-dry protection: delay');
  expect(screen.queryByTestId('m-search')).toBeNull();
});

test('a search that finds nothing says so, and can be closed with nothing chosen', () => {
  render(<Picker />);
  press('m-open');
  type('m-search', 'chlorine');
  expect(wordsOf('m')).toContain('Nothing of that name.');
  press('m-open');
  expect(wordsOf('m-open')).toContain('Choose');
});
