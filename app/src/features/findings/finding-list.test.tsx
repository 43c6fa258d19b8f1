import { finding } from '@barythm/core/families/metering';
import { fig } from '@barythm/core/units';
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
