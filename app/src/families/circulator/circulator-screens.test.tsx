import { circulatorFamily } from '@barythm/core/families/circulator';
import { act, fireEvent, renderHook, screen } from '@testing-library/react-native';
import type { CirculatorDuty } from '@barythm/core/families/circulator';
import { lastRecord } from '@barythm/core/visit';
import {
  BUILDING,
  DUTY,
  HOME,
  HOT,
  HOUSE,
  TWIN,
  TWIN_DUTY,
} from '@barythm/core/families/circulator/fixtures';
import { forgetDrafts, useDraftOf } from '../../draft/use-draft';
import { AsFoundStage } from '../../features/job/as-found/as-found-stage';
import { standJob } from '../../testing/job-stand';
import { press, type, valueOf, wordsOf } from '../../testing/touch';
import { PurgeCard } from './found/purge-card';
import { FirstCard } from '../../features/job/as-found/first-card';
import { CirculatorPlan } from './plan/circulator-plan';

const { duty: DUTY_FORM } = circulatorFamily.forms;

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));
afterEach(() => forgetDrafts(''));

const stand = (screenOf: React.ReactElement, change = {}) =>
  standJob(BUILDING, screenOf, [], { dutyBefore: DUTY, ...change });

describe('the duty', () => {
  test.each<CirculatorDuty>([
    DUTY,
    HOUSE,
    HOT,
    TWIN_DUTY,
    { ...DUTY, index: { head_m: 3.2, from: 'measured', before: 0.4 } },
    { ...TWIN_DUTY, twin: { flap: 'unknown' }, choices: { twin: 'always' } },
    { ...DUTY, alarm: { volts_V: 230, amps_A: 0.5, onFault: 'closes' } },
    { ...DUTY, control: { kind: 'volts', off_V: 1, on_V: 1.5, full_V: 10 } },
    {
      ...DUTY,
      control: { kind: 'link', others: [3, 4], silent: null },
      pipe: null,
      inlet_bar: null,
    },
    {
      ...DUTY,
      carrier: { kind: 'mixture', density_kgm3: 1040, heat_kJkgK: 3.75, viscosity_mm2s: 4 },
      choices: { mode: 'constant', afterCut: 'wait' },
    },
  ])('comes back from its texts as it went: %#', (duty) => {
    expect(DUTY_FORM.read(DUTY_FORM.write(duty))).toEqual({ value: duty, errors: {} });
  });
  test('a blank one says what it needs', () => {
    const { value, errors } = DUTY_FORM.read(DUTY_FORM.blank);
    expect(value).toBeNull();
    expect(Object.keys(errors)).toEqual(
      expect.arrayContaining([
        'system',
        'heat_kW',
        'difference_K',
        'index.head_m',
        'pump.curve.1.head_m',
        'currency',
      ]),
    );
  });
});

describe('what was read on arrival', () => {
  const arrived = (inlet_bar: number | null) => ({
    kind: 'job.record' as const,
    jobId: 'job-1',
    recordId: 'read-1',
    record: {
      kind: 'circulator-now' as const,
      head_m: null,
      flow_m3h: null,
      power_W: null,
      inlet_bar,
      flow_C: 62,
      return_C: 55,
      state: 'runs' as const,
      unreadable: {},
    },
  });
  const plan = (inlet_bar: number | null, duty: CirculatorDuty = { ...DUTY, inlet_bar: null }) =>
    standJob(BUILDING, <CirculatorPlan />, [arrived(inlet_bar)], { dutyBefore: duty });

  test('is offered where the plan asks for it and nothing stands, and used by a tap', () => {
    plan(1.4);
    press('duty-open-index');
    expect(valueOf('duty-inlet_bar')).toBe('');
    expect(wordsOf('duty-inlet_bar-as-read')).toMatch(/Use 1\.4\sbar, as read/);
    // typed instead, it stays the field that has the focus
    const field = screen.getByTestId('duty-inlet_bar');
    type('duty-inlet_bar', '1');
    expect(screen.getByTestId('duty-inlet_bar')).toBe(field);
    type('duty-inlet_bar', '');
    press('duty-inlet_bar-as-read');
    expect(valueOf('duty-inlet_bar')).toBe('1.4');
    expect(screen.queryByTestId('duty-inlet_bar-as-read')).toBeNull();
    type('duty-inlet_bar', '');
    expect(screen.queryByTestId('duty-inlet_bar-as-read')).not.toBeNull();
  });
  test('stands beside nothing that was typed, nor where it was not read', () => {
    plan(1.4, { ...DUTY, inlet_bar: 1.2 });
    press('duty-open-index');
    expect(screen.queryByTestId('duty-inlet_bar-as-read')).toBeNull();
    plan(null);
    expect(screen.queryByTestId('duty-inlet_bar-as-read')).toBeNull();
  });
});

describe('the plan', () => {
  test('mode and head follow from the duty as it is typed; a curve that rises is told at its part', () => {
    stand(<CirculatorPlan />);
    expect(wordsOf('target-mode')).toContain('Proportional head');
    expect(wordsOf('target-head')).toContain('3.2');
    expect(wordsOf('duty-part-system')).toContain('38 kW');
    press('duty-open-index');
    type('duty-index.head_m', '3.7');
    expect(wordsOf('target-head')).toContain('3.8');
    press('duty-open-pump');
    type('duty-pump.curve.1.head_m', '9');
    type('duty-pump.curve.2.head_m', '12');
    expect(wordsOf('duty-part-pump')).toContain('The head must fall as the flow grows');
  });
  test('every mode with what it takes in a year; another is chosen by a tap, and its reason says so', () => {
    stand(<CirculatorPlan />);
    expect(wordsOf('mode-proportional')).toContain('proposed');
    expect(wordsOf('mode-self')).toMatch(/\d+ to \d+ kWh/);
    press('mode-choose-constant');
    expect(wordsOf('target-mode')).toContain('Constant head');
    expect(wordsOf('target-mode')).toContain('Chosen here instead of the mode that is proposed.');
  });
  test('the set head is moved by keys in the controller’s steps, and taken back', () => {
    stand(<CirculatorPlan />);
    const key = (name: string) =>
      fireEvent(screen.getByTestId('head-grip'), 'keyDown', {
        key: name,
        shiftKey: false,
        preventDefault: () => undefined,
      });
    key('ArrowUp');
    expect(wordsOf('target-head')).toContain('3.4');
    expect(wordsOf('target-head')).toContain('By hand: changed in the plan.');
    expect(wordsOf('pump-over')).toContain('0.2 m more than the duty needs');
    press('pump-undo');
    expect(wordsOf('target-head')).toContain('3.2');
  });
  test('the set head is typed: what the controller does not take is said there, and changes nothing', () => {
    stand(<CirculatorPlan />);
    type('point-head', '4.6');
    expect(wordsOf('target-head')).toContain('4.6');
    expect(wordsOf('target-head')).toContain('By hand: changed in the plan.');
    type('point-head', '45');
    expect(wordsOf('pump-card')).toContain('This controller takes');
    expect(wordsOf('target-head')).not.toContain('45 m');
  });
  test('by volts both thresholds are drawn and said; by itself no such picture stands there', () => {
    const volts = { ...DUTY, control: { kind: 'volts', off_V: 1, on_V: 1.5, full_V: 10 } } as const;
    stand(<CirculatorPlan />, { dutyBefore: volts });
    expect(wordsOf('volts-said')).toContain(
      'Target: starts at 1.5 V, stops below 1.3 V, full speed at 10 V.',
    );
  });
  test('of a twin it is said what the second adds, who runs, and another way is a tap away', () => {
    standJob(TWIN, <CirculatorPlan />, [], { dutyBefore: TWIN_DUTY });
    expect(wordsOf('twin-gain')).toMatch(/^\+ \d+ %$/);
    expect(wordsOf('twin-alternate')).toContain('proposed');
    expect(wordsOf('target-part')).toContain('Lead');
    press('twin-choose-on-demand');
    expect(wordsOf('twin-lanes')).toMatch(/both run in \d+ %/);
    expect(wordsOf('target-together')).toContain('Second joins');
  });
  test('a single pump has no second head', () => {
    stand(<CirculatorPlan />);
    expect(screen.queryByTestId('twin-card')).toBeNull();
  });
  test('a pump that nothing outside tells has no voltages', () => {
    stand(<CirculatorPlan />);
    expect(screen.queryByTestId('volts-card')).toBeNull();
  });
  test('a dial without a head to move at fixed speed', () => {
    standJob(HOME, <CirculatorPlan />, [], { dutyBefore: { ...HOUSE, choices: { mode: 'fixed' } } });
    expect(screen.queryByTestId('head-grip')).toBeNull();
    expect(wordsOf('target-speed')).toContain('%');
  });
});

test('what was seen before it runs: all of it, or a word why not', () => {
  const job = stand(<FirstCard />);
  press('seen-valves');
  press('seen-rest');
  press('seen-save');
  expect(screen.getByText('Say why not all of it was seen.')).toBeTruthy();
  type('seen-why', 'Lagged over.');
  press('seen-save');
  expect(lastRecord(job.view().document, 'seen-first')?.body).toMatchObject({
    seen: ['valves'],
    why: 'Lagged over.',
  });
  expect(wordsOf('seen-first')).toContain('1 of 6 seen. Lagged over.');
});

test('loops are purged one by one, timed, with what was heard at the end', () => {
  const job = stand(<PurgeCard />);
  expect(wordsOf('purge')).toContain('it carries the air along');
  press('purge-clear');
  expect(screen.getByText('Name the loop, and time it.')).toBeTruthy();
  press('purge-start');
  press('purge-stop');
  expect(screen.getByText('Name the loop that was purged.')).toBeTruthy();
  for (const loop of ['North wing', 'South wing']) {
    type('purge-loop', loop);
    type('purge-volume', '40');
    expect(wordsOf('purge-least')).toMatch(/Three times through takes \d+/);
    press('purge-start');
    press('purge-stop');
  }
  expect(wordsOf('purged-1')).toContain('South wing');
  press('purge-air');
  expect(lastRecord(job.view().document, 'purged')?.body).toMatchObject({
    loops: ['North wing', 'South wing'],
    seconds: [expect.any(Number), expect.any(Number)],
    clear: false,
  });
  expect(wordsOf('purge')).toContain('air is still heard');
});

test('names that were typed before loops were timed are still there', () => {
  const { result } = renderHook(() => useDraftOf<object>('purge:job-1', {}));
  act(() => result.current[1]({ loops: 'North wing' }));
  stand(<PurgeCard />);
  expect(screen.getByTestId('purge-loop').props.value).toBe('North wing');
});

test('in a wide pipe the air stays where it is: one loop is opened alone', () => {
  stand(<PurgeCard />, { dutyBefore: { ...DUTY, pipe: { bore_mm: 60, material: 'steel' } } });
  expect(wordsOf('purge')).toContain('the air stays where it is');
});

test('as found asks for what is read of a circulator', () => {
  stand(<AsFoundStage />);
  expect(screen.getByTestId('now-head_m')).toBeTruthy();
  expect(screen.getByTestId('now-state-waits')).toBeTruthy();
  expect(screen.getByTestId('safe-magnet')).toBeTruthy();
});
