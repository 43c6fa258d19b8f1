import { act, render, screen } from '@testing-library/react-native';
import { TOOLS, toolById, type ToolId } from '@barythm/core/tools';
import { forgetDrafts } from '../../draft/use-draft';
import { press, type, valueOf, wordsOf } from '../../testing/touch';
import { setUnitsWanted } from '../../ui/reader';
import { ToolScreen } from './tool-screen';
import { ToolsScreen } from './tools-screen';

let mockId = 'dose';
const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({
  useLocalSearchParams: () => ({ id: mockId }),
  useRouter: () => ({ navigate: (to: string) => mockNavigate(to) as unknown }),
}));
// what the chart draws has tests of its own
jest.mock('./signal-tool-chart', () => ({ SignalToolChart: () => null }));

afterEach(() => {
  forgetDrafts('');
  act(() => setUnitsWanted('metric'));
});

const IDS = Object.keys(TOOLS) as ToolId[];
const open = (id: string) => {
  mockId = id;
  return render(<ToolScreen />);
};

describe.each(IDS)('%s', (id) => {
  const tool = toolById(id)!;
  test('opens with an answer of figures, in the units of whoever reads', () => {
    for (const units of ['metric', 'us'] as const) {
      act(() => setUnitsWanted(units));
      const { unmount } = open(id);
      expect(wordsOf('tool-result')).toMatch(/\d/);
      expect(wordsOf('tool-result')).not.toMatch(/NaN|undefined|–/);
      unmount();
    }
  });
  test('a figure that is no figure is told at its field, takes the answer away, and stays as it was typed', () => {
    const field = tool.fields.find(({ kind }) => kind === 'figure');
    if (!field) return expect(tool.fields.every(({ kind }) => kind !== 'figure')).toBe(true);
    open(id);
    const answer = wordsOf('tool-result');
    type(`tool-${field.name}`, 'much');
    expect(wordsOf('tool-result')).toContain('–');
    expect(valueOf(`tool-${field.name}`)).toBe('much');
    expect(screen.getAllByText(/“much”/).length).toBeGreaterThan(0);
    type(`tool-${field.name}`, field.initial);
    expect(wordsOf('tool-result')).toBe(answer);
  });
});

describe('the list of calculators', () => {
  test('is searched by any words of what they are about, in any order; what leads nowhere says so', () => {
    render(<ToolsScreen />);
    expect(screen.getByTestId('tool-dose')).toBeTruthy();
    type('tools-search', 'vessel');
    expect(screen.queryByTestId('tool-dose')).toBeNull();
    expect(screen.getByTestId('tool-vessel-starts')).toBeTruthy();
    type('tools-search', 'no such thing');
    expect(screen.queryByTestId('tool-vessel-starts')).toBeNull();
    type('tools-search', '');
    expect(screen.getByTestId('tool-dose')).toBeTruthy();
  });
  test('each leads to its own page', () => {
    render(<ToolsScreen />);
    press('tool-warm-up');
    expect(mockNavigate).toHaveBeenLastCalledWith('/tools/warm-up');
  });
});
