import { render, screen } from '@testing-library/react-native';
import { ToolScreen } from './tool-screen';
import { type } from '../../testing/touch';

let mockId = 'programs';
jest.mock('expo-router', () => ({
  useLocalSearchParams: () => ({ id: mockId }),
  useRouter: () => ({ navigate: () => undefined }),
}));
// drawn for another calculator than this one
jest.mock('./signal-tool-chart', () => ({ SignalToolChart: () => null }));

test('programs of a day are worked out at every key press, and a wrong line is told by its number', () => {
  render(<ToolScreen />);
  expect(screen.getByTestId('tool-result')).toHaveTextContent(/136\.3/);
  type('tool-programs', '7:00 17:00 1500\n7:00 17:00');
  expect(screen.getByText('Line 2 has 2 figures and needs 3.')).toBeTruthy();
  expect(screen.getByTestId('tool-result')).toHaveTextContent(/–/);
  type('tool-programs', '7:00 17:00 1500');
  // ten hours at 11.5 · 1500/2000 m³/h
  expect(screen.getByTestId('tool-result')).toHaveTextContent(/86\.3/);
});

test('an unknown calculator says where to go', () => {
  mockId = 'nothing';
  render(<ToolScreen />);
  expect(screen.getByText('No such tool')).toBeTruthy();
});
