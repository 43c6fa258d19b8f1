import { render, screen } from '@testing-library/react-native';
import { BeatStripView } from './beat-strip-view';

const HALF_DAY = Array.from({ length: 96 }, (_, i) => (i < 48 ? 1500 : 0));

test('a day in words for those who cannot see it', () => {
  render(<BeatStripView rates={HALF_DAY} greatest={3260} unit="rev/min" now={0.5} />);
  expect(screen.getByLabelText('Over the day: from 0 to 1500 rev/min.')).toBeTruthy();
});

test('hours stand under the tall one only', () => {
  const { rerender } = render(<BeatStripView rates={HALF_DAY} greatest={3260} unit="rev/min" now={null} />);
  expect(screen.queryByText('12 h')).toBeNull();
  rerender(<BeatStripView rates={HALF_DAY} greatest={3260} unit="rev/min" now={null} height={72} hours />);
  expect(screen.getByText('12 h')).toBeTruthy();
});

test('why it runs shows by pattern: solid, hatched, dotted, outlined', () => {
  const causes = HALF_DAY.map((_, i) =>
    i === 0
      ? ('prime' as const)
      : i === 1
        ? ('frost' as const)
        : i === 2
          ? ('hand' as const)
          : ('program' as const),
  );
  const { toJSON } = render(
    <BeatStripView rates={HALF_DAY} greatest={3260} unit="rev/min" now={null} causes={causes} />,
  );
  const drawn = JSON.stringify(toJSON());
  expect(drawn).toMatch(/-prime/);
  expect(drawn).toMatch(/-frost/);
  // a run by hand is an outline
  expect(drawn).toMatch(/"stroke"/);
});
