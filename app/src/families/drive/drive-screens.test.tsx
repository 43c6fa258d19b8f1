import { WorkCards } from '../../testing/work-cards';
import { linesOf } from '@barythm/core/describe';
import { driveFamily } from '@barythm/core/families/drive';
import { METRIC } from '@barythm/core/units';
import { fireEvent, screen } from '@testing-library/react-native';
import type { DriveDuty } from '@barythm/core/families/drive';
import { lastRecord, recordsOf } from '@barythm/core/visit';
import { BOX, DUTY, ONE, PLATE, SET, SMALL, WHEEL } from '@barythm/core/families/drive/fixtures';
import { forgetDrafts } from '../../draft/use-draft';
import { AsFoundStage } from '../../features/job/as-found/as-found-stage';
import { standJob } from '../../testing/job-stand';
import { press, type, wordsOf } from '../../testing/touch';
import { FirstCard } from '../../features/job/as-found/first-card';
import { DrivePlan } from './plan/drive-plan';
import { behaviourLines } from '../../features/library/behaviour-lines';

const { duty: DUTY_FORM, behaviours: BEHAVIOURS_FORM } = driveFamily.forms;

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));
afterEach(() => forgetDrafts(''));

const UNIT = { id: 'unit-1', model: 'Two pumps', serial: 'BS-1', plate: PLATE };
const stand = (screenOf: React.ReactElement, duty: DriveDuty = DUTY, profile = SET) =>
  standJob(profile, screenOf, [], { dutyBefore: duty, unit: UNIT });

describe('the duty', () => {
  test.each<DriveDuty>([
    DUTY,
    ONE,
    { ...ONE, vessel: null, sensor: null, holds: { kind: 'speed', set_hz: 42 } },
    { ...ONE, holds: { kind: 'signal', least_hz: 25, most_hz: 45 } },
    { ...ONE, holds: { kind: 'difference', set_bar: 1.2 } },
    {
      ...DUTY,
      draw: { ...DUTY.draw, leak_m3h: null },
      main_L: null,
      surprise: 'a hose',
      others: [3, 4],
      pump: { ...DUTY.pump, npsh_m: null, dry_s: null, starts_h: null, oneOut: true },
      rating: { lowest_bar: 8, relief_bar: 7 },
      vessel: { volume_L: 60, precharge_bar: null },
      choices: {
        sharing: 'one-varies',
        afterCut: 'wait',
        afterFault: 'resume',
        lift: true,
        dry: { reaction: 'warn', why: 'Watched.' },
      },
    },
  ])('comes back from its texts as it went: %#', (duty) => {
    expect(DUTY_FORM.read(DUTY_FORM.write(duty))).toEqual({ value: duty, errors: {} });
  });
  test('a blank one says what it needs', () => {
    const { value, errors } = DUTY_FORM.read(DUTY_FORM.blank);
    expect(value).toBeNull();
    expect(Object.keys(errors)).toEqual(
      expect.arrayContaining([
        'holds.tap_bar',
        'draw.greatest_m3h',
        'pump.curve.1.head_m',
        'rating.lowest_bar',
      ]),
    );
  });
  test('in lines to read it says what it holds, and whom a start may surprise', () => {
    const lines = linesOf(DUTY_FORM, { ...DUTY, surprise: 'a hose' }, METRIC).join('\n');
    expect(lines).toMatch(/3\.68\sbar at the sensor/);
    expect(lines).toContain('a start may surprise: a hose');
  });
});

test.each([WHEEL, BOX, SET, SMALL])(
  'what $id does by itself goes through its form, and reads in lines',
  (profile) => {
    expect(BEHAVIOURS_FORM.read(BEHAVIOURS_FORM.write(profile.behaviours))).toEqual({
      value: profile.behaviours,
      errors: {},
    });
    expect(behaviourLines(profile, METRIC).every(([name, words]) => name !== '' && words !== '')).toBe(true);
  },
);

describe('the plan', () => {
  test('set pressure and stop frequency follow from the duty as it is typed; a curve that never meets it is told at its part', () => {
    stand(<DrivePlan />);
    expect(wordsOf('target-P20')).toContain('3.7');
    expect(wordsOf('target-P30')).toContain('39.6');
    expect(wordsOf('pressure-stop')).toMatch(/Stops below .* to .*, by the pressure at the inlet/);
    press('duty-open-holds');
    type('duty-holds.pipe_bar', '0.8');
    expect(wordsOf('target-P20')).toContain('4');
    type('duty-holds.tap_bar', '5');
    expect(wordsOf('duty-part-holds')).toContain('The curve never meets the set pressure');
  });
  test('the set pressure is moved by keys in the controller’s steps, typed, and taken back', () => {
    stand(<DrivePlan />);
    fireEvent(screen.getByTestId('set-grip'), 'keyDown', {
      key: 'ArrowDown',
      shiftKey: false,
      preventDefault: () => undefined,
    });
    expect(wordsOf('target-P20')).toContain('3.6');
    expect(wordsOf('target-P20')).toContain('By hand: changed in the plan.');
    press('pressure-undo');
    expect(wordsOf('target-P20')).toContain('3.7');
    type('point-P30', '39');
    expect(wordsOf('pressure-stop')).toContain('never stops');
    type('point-P30', '39.7');
    expect(wordsOf('pressure-stop')).toContain('Stops below');
  });
  test('both ways of sharing with what they take; the dearer one is a tap away', () => {
    stand(<DrivePlan />);
    expect(wordsOf('sharing-all-vary')).toContain('Planned');
    press('sharing-choose-one-varies');
    expect(wordsOf('sharing-one-varies')).toContain('Planned');
    expect(wordsOf('target-P50')).toContain('Chosen here.');
  });
  test('the vessel with what it gives; a closer look at a start, a stop and a test', () => {
    stand(<DrivePlan />);
    expect(wordsOf('vessel-usable')).toMatch(/L$/);
    const stopped = wordsOf('trace-said');
    expect(stopped).toContain('at the end 0.0 Hz');
    press('trace-scene-start');
    expect(wordsOf('trace-said')).not.toBe(stopped);
    press('trace-scene-shut');
    expect(wordsOf('trace-said')).toMatch(/^Shut, it settles at 39\.\d Hz/);
  });
  test('one that turns at one speed has neither picture', () => {
    stand(<DrivePlan />, { ...ONE, holds: { kind: 'speed', set_hz: 42 } }, WHEEL);
    expect(wordsOf('target-hz')).toContain('42');
    expect(screen.queryByTestId('pressure-card')).toBeNull();
  });
});

describe('at the pump', () => {
  test('the order of work goes by what it holds; what its own set-up does with “back” is said', () => {
    const job = stand(<FirstCard />, ONE, WHEEL);
    expect(wordsOf('drive-first')).toContain('asks for the motor first');
    press('seen-filled');
    press('seen-rest');
    press('seen-save');
    expect(screen.getByText('Say why not all of it was seen.')).toBeTruthy();
    type('seen-why', 'Runs already.');
    press('seen-save');
    expect(lastRecord(job.view().document, 'drive-first')?.body).toMatchObject({ seen: ['filled'] });
  });
  test('direction unit by unit; swapped leads ask how long it was off', () => {
    const job = stand(<WorkCards />);
    press('turning-save');
    // nobody said it: nothing is recorded
    expect(wordsOf('turning')).toContain('Choose one.');
    press('turning-way-right');
    press('turning-save');
    press('turning-way-leads');
    type('turning-waited_min', 'soon');
    press('turning-save');
    expect(wordsOf('turning')).toContain('is not a figure');
    type('turning-waited_min', '6');
    press('turning-provedDead');
    press('turning-save');
    expect(recordsOf(job.view().document, 'turning').map(({ body }) => body)).toEqual([
      expect.objectContaining({ unit: 1, way: 'right', waited_min: null }),
      expect.objectContaining({ unit: 2, way: 'leads', waited_min: 6, provedDead: true }),
    ]);
  });
  test('gas with water in it says that it is the water’s; a negative one is refused', () => {
    const job = stand(<WorkCards />);
    type('precharge-measured_bar', '-1');
    press('precharge-save');
    expect(wordsOf('precharge')).toContain('cannot be below 0');
    type('precharge-measured_bar', '3.7');
    press('precharge-save');
    expect(wordsOf('precharge-said')).toContain('that is the water’s pressure');
    type('precharge-measured_bar', '2.9');
    press('precharge-empty');
    press('precharge-save');
    expect(lastRecord(job.view().document, 'precharge')?.body).toMatchObject({
      measured_bar: 2.9,
      empty: true,
    });
  });
  test('the closed-valve test asks for the inlet’s pressure, and says what the curve expects there', () => {
    const job = standJob(SET, <WorkCards />, [], {
      dutyBefore: DUTY,
      unit: UNIT,
      lastLeft: { source: 'left', date: '2026-01-01', values: { P20: 3.7, P21: 10 } },
    });
    press('closed-valve-save');
    expect(wordsOf('closed-valve')).toMatch(/This is needed\./);
    type('closed-valve-inlet_bar', '0.2');
    expect(wordsOf('closed-valve-follows')).toContain('39.2');
    type('closed-valve-shown_hz', '39.4');
    press('closed-valve-openedAgain');
    press('closed-valve-save');
    expect(lastRecord(job.view().document, 'closed-valve')?.body).toMatchObject({
      shown_hz: 39.4,
      inlet_bar: 0.2,
      openedAgain: true,
    });
  });
  test('a small drive without vessel and test of its own asks for neither', () => {
    stand(<WorkCards />, { ...ONE, vessel: null }, SMALL);
    expect(screen.getByTestId('turning')).toBeTruthy();
    expect(screen.queryByTestId('precharge')).toBeNull();
    expect(screen.queryByTestId('closed-valve')).toBeNull();
  });
  test('as found asks for what is read of a drive', () => {
    stand(<AsFoundStage />);
    expect(screen.getByTestId('now-frequency_hz')).toBeTruthy();
    expect(screen.getByTestId('now-state-stopped')).toBeTruthy();
    expect(screen.getByTestId('safe-discharged')).toBeTruthy();
  });
});
