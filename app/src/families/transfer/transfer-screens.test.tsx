import { WorkCards } from '../../testing/work-cards';
import { transferFamily } from '@barythm/core/families/transfer';
import { METRIC } from '@barythm/core/units';
import { linesOf } from '@barythm/core/describe';
import { screen } from '@testing-library/react-native';
import type { TransferDuty } from '@barythm/core/families/transfer';
import { lastRecord } from '@barythm/core/visit';
import { DUTY, GUIDED, NUMBERED, PLATE, VACUUM } from '@barythm/core/families/transfer/fixtures';
import { forgetDrafts } from '../../draft/use-draft';
import { AsFoundStage } from '../../features/job/as-found/as-found-stage';
import { draftOf } from '../../features/profile-editor/profile-draft';
import { profileOf } from '../../features/profile-editor/read-profile';
import { standJob } from '../../testing/job-stand';
import { press, type, wordsOf } from '../../testing/touch';
import { FirstCard } from '../../features/job/as-found/first-card';
import { TransferPlan } from './plan/transfer-plan';
import { behaviourLines } from '../../features/library/behaviour-lines';

const { duty: DUTY_FORM, behaviours: BEHAVIOURS_FORM } = transferFamily.forms;

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));
afterEach(() => forgetDrafts(''));

const UNIT = { id: 'unit-1', model: 'A receiver', serial: 'R-1', plate: PLATE };
const stand = (screenOf: React.ReactElement, duty: TransferDuty = DUTY, profile = GUIDED) =>
  standJob(profile, screenOf, [], { dutyBefore: duty, unit: UNIT });

describe('the duty', () => {
  test.each<TransferDuty>([
    DUTY,
    VACUUM,
    {
      ...DUTY,
      pump: { ...DUTY.pump, pipe: null, npsh_m: null, limit_rpm: null },
      product: { ...DUTY.product, foams: true, surges: true },
      cooler: {
        coolant_m3h: 4,
        coolant_C: 9,
        side: 0.4,
        ua: { kind: 'readings', product_m3h: 2, coolant_m3h: 4, in_C: 21, out_C: 12, coolant_C: 9 },
      },
      choices: { control: 'level', afterCut: 'wait' },
    },
  ])('comes back from its texts as it went: %#', (duty) => {
    expect(DUTY_FORM.read(DUTY_FORM.write(duty))).toEqual({ value: duty, errors: {} });
  });
  test('a blank one says what it needs', () => {
    const { value, errors } = DUTY_FORM.read(DUTY_FORM.blank);
    expect(value).toBeNull();
    expect(Object.keys(errors)).toEqual(
      expect.arrayContaining(['inflow.gulp_L', 'vessel.area_m2', 'pump.curve.1.head_m', 'product.in_C']),
    );
  });
  test('in lines to read it says what falls, and what cools it', () => {
    const lines = (duty: TransferDuty) => linesOf(DUTY_FORM, duty, METRIC).join('\n');
    expect(lines(DUTY)).toMatch(/14\sL every.* 1.7\sm³\/h in the mean/);
    expect(lines(VACUUM)).toContain('no cooler');
  });
});

test.each([GUIDED, NUMBERED])(
  'what $id does goes through its form and the editor, and reads in lines',
  (profile) => {
    expect(BEHAVIOURS_FORM.read(BEHAVIOURS_FORM.write(profile.behaviours))).toEqual({
      value: profile.behaviours,
      errors: {},
    });
    expect(behaviourLines(profile, METRIC).every(([name, words]) => name !== '' && words !== '')).toBe(true);
    expect(profileOf(draftOf(profile))).toEqual({ profile, errors: {} });
  },
);

describe('the plan', () => {
  test('levels and speeds follow from the duty; a speed that moves nothing is said at once', () => {
    stand(<TransferPlan />);
    expect(wordsOf('target-least')).toContain('1470');
    expect(wordsOf('vessel-speeds')).toMatch(/Under 1397\srev\/min nothing moves/);
    type('point-least', '1200');
    expect(wordsOf('target-least')).toContain('By hand: changed in the plan.');
    expect(screen.getByTestId('finding-LEV-01')).toBeTruthy();
  });
  test('both controls on the same slugs, the other one a tap away; why the steadier one would be warmer', () => {
    stand(<TransferPlan />);
    expect(wordsOf('control-even')).toContain('Planned');
    press('control-choose-level');
    expect(wordsOf('control-level')).toContain('Planned');
    expect(wordsOf('target-ctrl')).toContain('Chosen here.');
    press('control-choose-even');
    press('duty-open-kinds');
    type('duty-inflow.gulp_L', '20');
    type('point-top', '60');
    expect(wordsOf('controls-warmer')).toContain('does not fit between its levels');
  });
  test('one that follows the level alone offers no other; without a cooler nothing is said of temperature', () => {
    stand(<TransferPlan />, VACUUM, NUMBERED);
    expect(wordsOf('control-level')).toContain('Planned');
    expect(screen.queryByTestId('control-choose-even')).toBeNull();
    expect(wordsOf('control-level')).not.toContain('°C');
  });
  test('slugs larger than the vessel are said at their field', () => {
    stand(<TransferPlan />);
    press('duty-open-kinds');
    type('duty-inflow.gulp_L', '80');
    expect(wordsOf('duty-part-kinds')).toContain('it floods at every slug');
  });
});

describe('at the pump', () => {
  test('as found asks for vacuum and level', () => {
    stand(<AsFoundStage />);
    expect(screen.getByTestId('safe-vacuum')).toBeTruthy();
    expect(screen.getByTestId('now-level_mm')).toBeTruthy();
  });
  test('the order of work says what its own set-up does with “back”', () => {
    const job = stand(<FirstCard />);
    expect(wordsOf('transfer-first')).toContain('Going back in its set-up drops what was entered');
    press('seen-kinds');
    press('seen-rest');
    type('seen-why', 'Vessel full.');
    press('seen-save');
    expect(lastRecord(job.view().document, 'transfer-first')?.body).toMatchObject({ seen: ['kinds'] });
  });
  test('the last thing that is seen records all of them; what was a slip is corrected', () => {
    const job = stand(<FirstCard />);
    const steps = screen.getAllByTestId(/^seen-(?!why|save|rest)/).map((node) => String(node.props.testID));
    for (const step of steps) press(step);
    expect(wordsOf('transfer-first')).toContain(`${steps.length} of ${steps.length} seen.`);
    expect(lastRecord(job.view().document, 'transfer-first')?.body).toMatchObject({ why: '' });
    press('transfer-first-again');
    press(steps[0]);
    type('seen-why', 'The vessel is shut.');
    press('seen-save');
    expect(wordsOf('transfer-first')).toContain(`${steps.length - 1} of ${steps.length} seen.`);
  });
  test('leads that were swapped ask how long it was off', () => {
    const job = stand(<WorkCards />);
    expect(wordsOf('leads-swapped')).toMatch(/wait 5\smin, prove dead/);
    type('leads-swapped-waited_min', 'long');
    press('leads-swapped-save');
    expect(wordsOf('leads-swapped')).toContain('is not a figure');
    type('leads-swapped-waited_min', '2');
    press('leads-swapped-provedDead');
    press('leads-swapped-save');
    expect(lastRecord(job.view().document, 'leads-swapped')?.body).toMatchObject({
      waited_min: 2,
      provedDead: true,
    });
    expect(job.codes()).toContain('LEV-06');
  });
});
