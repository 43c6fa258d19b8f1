import { act, render, screen } from '@testing-library/react-native';
import type { ShownRun } from '../../workers/bench-messages';
import { meteringFamily } from '@barythm/core/families/metering';
import { setUnitsWanted } from '../../ui/reader';
import { SumsCard } from './sums-card';

const SUMS = meteringFamily.bench.sums({} as never);
const IN_BAND = SUMS;

const run = (name: string, sums: Partial<Record<string, number>>): ShownRun => ({
  name,
  seconds: 86_400,
  bucket_s: 60,
  seed: 1,
  traces: [],
  happenings: [],
  sums: {
    inBand: 0,
    given_L: 0,
    wanted_L: 1.8,
    strokes: 0,
    strokesLost: 0,
    backlogMost: 0,
    locked_s: 0,
    dry_s: 0,
    tank_L: 200,
    ...sums,
  } as Record<string, number>,
});

test('both sheets in figures, what changes, and only the rows that say something', () => {
  render(
    <SumsCard
      {...IN_BAND}
      runs={[run('As found', { locked_s: 7200 }), run('Target', { inBand: 0.975, given_L: 1.79 })]}
    />,
  );
  expect(screen.getByTestId('bench-headline')).toHaveTextContent('97.5 % in the band');
  expect(screen.getByTestId('sum-locked')).toHaveTextContent(/Locked by gas, min.*120.*0.*−120/);
  expect(screen.getByTestId('sum-given')).toHaveTextContent(/\+1\.79/);
  expect(screen.queryByTestId('sum-dry')).toBeNull();
  expect(screen.queryByTestId('sum-lost')).toBeNull();
});

test('one run alone compares nothing', () => {
  render(<SumsCard {...IN_BAND} runs={[run('As found', {})]} />);
  expect(screen.queryByTestId('bench-sums')).toBeNull();
});

test('a headline is in the reader’s units, like the rows under it', () => {
  const headline = {
    of: (s: { delivered_C?: number }) => s.delivered_C ?? 0,
    decimals: 1,
    moreIsBetter: false,
  };
  render(
    <SumsCard
      rows={[{ key: 'delivered', label: 'Delivered', unit: '°C', decimals: 1, of: (s) => s.delivered_C }]}
      headline={{ ...headline, unit: '°C', words: 'delivered' }}
      runs={[run('As found', { delivered_C: 10 }), run('Target', { delivered_C: 6 })]}
    />,
  );
  const hero = screen.getByTestId('bench-headline');
  expect(hero).toHaveTextContent('6 °C delivered');
  act(() => setUnitsWanted('us'));
  expect(hero).toHaveTextContent('42.8 °F delivered');
  expect(screen.getByText(/as found 50 °F delivered/)).toBeTruthy();
  expect(screen.getByTestId('sum-delivered')).toHaveTextContent('Delivered, °F5042.8−7.2');
  act(() => setUnitsWanted('metric'));
});

test('a change is that of the figures beside it, in as many decimals as the reader’s unit wants', () => {
  const row = (key: string, unit: string, decimals: number) =>
    ({ key, label: key, unit, decimals, of: (sums: Record<string, number>) => sums[key] }) as never;
  render(
    <SumsCard
      {...SUMS}
      rows={[row('strokes', '', 0), row('wanted_L', 'm³', 2), row('given_L', 'mm', 0)]}
      runs={[
        run('As found', { strokes: 159.6, wanted_L: 13.43, given_L: 228 }),
        run('Target', { strokes: 86.4, wanted_L: 13.44, given_L: 512 }),
      ]}
    />,
  );
  expect(screen.getByTestId('sum-strokes')).toHaveTextContent('strokes16086−74');
  expect(screen.getByTestId('sum-wanted_L')).toHaveTextContent('wanted_L, m³13.4313.44+0.01');
  act(() => setUnitsWanted('us'));
  expect(screen.getByTestId('sum-wanted_L')).toHaveTextContent('wanted_L, gal35483550+2');
  expect(screen.getByTestId('sum-given_L')).toHaveTextContent('given_L, in920.2+11.2');
  act(() => setUnitsWanted('metric'));
});

test('what the bench takes for granted stands in sentences, each once', () => {
  const granted = { unknown: ['Its run-on is not known: none is taken.'] };
  render(
    <SumsCard
      {...SUMS}
      runs={[
        { ...run('As found', {}), ...granted },
        { ...run('Target', {}), ...granted },
      ]}
    />,
  );
  expect(screen.getByTestId('bench-unknown')).toHaveTextContent(
    'Assumptions:· Its run-on is not known: none is taken.',
  );
});
