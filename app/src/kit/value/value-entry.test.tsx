import { fireEvent, render, screen } from '@testing-library/react-native';
import { inOrderOfWork } from '@barythm/core/profile';
import { useState } from 'react';
import { FOUR_SPEEDS, PANEL, TEN_SLOTS } from '@barythm/core/families/pool/fixtures';
import { press, type } from '../../testing/touch';
import { optionalFigure } from './figure';
import { parseFigureFor, parseForParameter } from './parameter-quantity';
import { ValueEntry } from './value-entry';
import { entryWords, valueWords } from './value-words';

const of = (profile: typeof TEN_SLOTS, key: string) => {
  const found = inOrderOfWork(profile).find((one) => one.key === key);
  if (!found) throw new Error(`There is no ${key}.`);
  return found;
};
const START = of(TEN_SLOTS, 'start');
const FROM = of(FOUR_SPEEDS, 'from');
const DAYS = of(TEN_SLOTS, 'days');
const SPEED = of(TEN_SLOTS, 'speed');
const STATE = of(TEN_SLOTS, 'state');
const OFFSET = of(PANEL, 'waterOffset');

describe('what is typed is read as the parameter’s kind', () => {
  test.each([
    [START, '7:30', 450],
    [START, '0:05', 5],
    [FROM, '--:--', 'none'],
    [FROM, 'none', 'none'],
    [FROM, '6:15', 375],
    [DAYS, '135', '135'],
    [SPEED, '1500', 1500],
    [SPEED, '1500 rev/min', 1500],
    [STATE, 'Service hold', 'hold'],
    [OFFSET, '-2,5', -2.5],
  ])('%#: “%s”', (parameter, text, value) => {
    expect(parseForParameter('pool', parameter, text)).toEqual({ ok: true, value });
  });
  test.each([
    [START, '', 'Nothing is entered yet.'],
    [START, '24:30', '“24:30” is no time of day. Type it as 7:30.'],
    [START, 'seven', '“seven” is no time of day. Type it as 7:30.'],
    [DAYS, '', 'Choose at least one day.'],
    [DAYS, '11', 'Choose at least one day.'],
    [SPEED, 'fast', '“fast” is not a figure.'],
  ])('%#: “%s” is refused in words', (parameter, text, words) => {
    const parsed = parseForParameter('pool', parameter, text);
    expect(parsed.ok ? '' : parsed.words).toContain(words);
  });
  test('a figure alone, and one that may be left out', () => {
    expect(parseFigureFor('pool', SPEED, '2.900')).toMatchObject({ ok: true });
    expect(optionalFigure('  ', 'power')).toEqual({ value: null, error: null });
    expect(optionalFigure('1.5 kW', 'power')).toEqual({ value: 1500, error: null });
    expect(optionalFigure('much', 'power').error).toContain('“much” is not a figure.');
  });
});

test('values read aloud: with their unit, a time as a time, an option by its label', () => {
  const plain = (text: string) => text.replace(/\u00a0/g, ' ');
  expect(plain(valueWords(SPEED, 1500))).toBe('1500 rev/min');
  expect(plain(valueWords(START, 450))).toBe('7:30');
  expect(plain(valueWords(DAYS, '12345'))).toBe('Mon–Fri');
  expect(plain(valueWords(STATE, 'hold'))).toBe('Service hold');
  expect(entryWords(SPEED, null)).toBe('–');
  const entry = { value: null, reason: 'the display is broken' } as Parameters<typeof entryWords>[1];
  expect(entryWords(SPEED, entry)).toBe('could not be read: the display is broken');
});

function Stand({ parameter }: { parameter: typeof START }) {
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState<string | null>(null);
  return (
    <ValueEntry
      parameter={parameter}
      label="It shows"
      testID="value"
      text={text}
      chosen={chosen}
      onText={setText}
      onOption={(value) => setChosen(String(value))}
    />
  );
}

describe('each kind has its own way in', () => {
  test('a time is typed, or one taps what stands instead of one', () => {
    render(<Stand parameter={FROM} />);
    type('value', '6:15');
    expect(screen.getByTestId('value').props.value).toBe('6:15');
    press('value-instead-none');
    expect(screen.getByTestId('value-instead-none')).toBeChecked();
  });
  test('a plain time offers nothing instead, and says how it is written', () => {
    render(<Stand parameter={START} />);
    expect(screen.queryByTestId('value-instead-none')).toBeNull();
    expect(screen.getByText('e.g. 7:30 or 19:05')).toBeTruthy();
  });
  test('days are tapped on and off', () => {
    render(<Stand parameter={DAYS} />);
    for (const day of ['6', '7', '1']) press(`value-${day}`);
    press('value-6');
    expect(screen.getByTestId('value-1')).toBeChecked();
    expect(screen.getByTestId('value-6')).not.toBeChecked();
    expect(screen.getByTestId('value-7')).toBeChecked();
  });
  test('a choice is tapped', () => {
    render(<Stand parameter={STATE} />);
    fireEvent.press(screen.getByText('By hand'));
    expect(screen.getByTestId('value-hand')).toBeChecked();
  });
});
