import { screen } from '@testing-library/react-native';
import { PULSE_DUTY, PULSE_WHEEL } from '@barythm/core/families/metering/fixtures';
import { forgetDrafts } from '../../../draft/use-draft';
import { standJob } from '../../../testing/job-stand';
import { press, wordsOf } from '../../../testing/touch';
import { MeteringPlan } from './metering-plan';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));
jest.mock('../../../api/queries', () => ({
  useLibrary: () => ({ data: { profiles: [], products: [], instruments: [] } }),
}));
afterEach(() => forgetDrafts(''));

const planning = () => standJob(PULSE_WHEEL, <MeteringPlan />, [], { dutyBefore: PULSE_DUTY });
const ratios = () => screen.getAllByTestId(/^ratio-/).map((node) => String(node.props.testID));

test('the good ratios stand in a table, one of them chosen, with what the ceiling does to it', () => {
  planning();
  expect(ratios().length).toBeGreaterThan(2);
  expect(
    screen
      .getAllByRole('radio', { checked: true })
      .some((node) => String(node.props.testID).startsWith('ratio-')),
  ).toBe(true);
  expect(wordsOf('pulse-card')).toMatch(/A pulse of .* needs .* of product/);
  expect(wordsOf('ceiling-words')).toMatch(/ceiling of|strokes are (lost|late)/);
});

test('another ratio is taken by a tap: factor and stroke length move together, and the plan says that a hand did it', () => {
  const job = planning();
  const chosen = () =>
    ratios().find(
      (id) =>
        screen.getByTestId(id).props.accessibilityState?.checked === true ||
        screen.getByTestId(id).props['aria-checked'] === true,
    );
  const before = chosen();
  const other = ratios().find((id) => id !== before)!;
  press(other);
  expect(screen.getByTestId('reset-hand')).toBeTruthy();
  press('agree-plan');
  const byHand = job.view().rows.filter(({ chosen }) => chosen?.by === 'hand');
  expect(byHand.length).toBeGreaterThanOrEqual(1);
});
