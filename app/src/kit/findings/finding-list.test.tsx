import { finding } from '@barythm/core/families/metering';
import { fig } from '@barythm/core/units';
import { checkSettings } from '@barythm/core/families/pool';
import { contextOf, sound, TEN_SLOTS } from '@barythm/core/families/pool/fixtures';
import { press, wordsOf } from '../../testing/touch';
import { render, screen } from '@testing-library/react-native';
import { FindingList } from './finding-list';

const mismatch = finding('MET-01.live-read-dead', 'found', {
  share: fig('percent', 20),
  rate: fig('strokeRate', 19),
  flow: fig('pumpFlow', 0.106),
});

test('a finding says what is so, what that will do and what to do, with its code and severity', () => {
  render(<FindingList findings={[mismatch]} none="Nothing." />);
  expect(screen.getByText('Range mismatch: 4–20 sent, 0–20 read')).toBeTruthy();
  expect(
    screen.getByText(/With no flow at all it runs at 20.% of full rate \(19.strokes\/min\)/),
  ).toBeTruthy();
  expect(screen.getByText(/Set the pump’s input to 4–20 mA/)).toBeTruthy();
  expect(screen.getByText('MET-01')).toBeTruthy();
  expect(screen.getByText('Stop')).toBeTruthy();
});

test('in the reader’s units and decimal mark, the same text', () => {
  render(<FindingList findings={[mismatch]} reader={{ system: 'us', decimal: ',' }} none="Nothing." />);
  expect(screen.getByText(/0,028.gal\/h into still water/)).toBeTruthy();
});

test('nothing to say is said', () => {
  render(<FindingList findings={[]} none="Nothing is open." />);
  expect(screen.getByText('Nothing is open.')).toBeTruthy();
});

describe('one slip is one finding', () => {
  const two = { ...mismatch, severity: 'note' as const };
  // a program that loses the pump to two others, and two that were stored and never enabled
  const context = contextOf();
  const values = {
    ...sound(context),
    ...{ 'enable/7': 'off', 'start/7': 60, 'stop/7': 120, 'days/7': '1', 'speed/7': 1500 },
    ...{ 'enable/8': 'off', 'start/8': 180, 'stop/8': 240, 'days/8': '1', 'speed/8': 1500 },
  };
  const parked = checkSettings(context, 'found', values).filter(({ code }) => code === 'POO-01');

  test('with its places, what is common said once, and the settings by name', () => {
    expect(parked).toHaveLength(2);
    render(<FindingList findings={parked} profile={TEN_SLOTS} none="Nothing." />);
    expect(screen.getAllByTestId('finding-POO-01')).toHaveLength(1);
    const words = wordsOf('finding-POO-01');
    expect(words).toContain('POO-01, 2 places');
    expect(words).toContain('Program 7');
    expect(words).toContain('Program 8');
    expect(words).toMatch(/Settings: Program 7.*, Program 8.*\./);
  });
  test('the worst stand open; the others fold to a line each', () => {
    render(<FindingList folds findings={[mismatch, two]} none="Nothing." />);
    expect(screen.getAllByTestId('finding-MET-01')).toHaveLength(1);
    expect(wordsOf('findings-note')).toContain('1 note');
    press('findings-note');
    expect(screen.getAllByTestId('finding-MET-01')).toHaveLength(2);
  });
});
