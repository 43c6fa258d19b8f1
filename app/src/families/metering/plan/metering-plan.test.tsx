import { act, fireEvent, renderHook, screen } from '@testing-library/react-native';
import { DUTY, SOUND_MOTOR, TWO_POINT } from '@barythm/core/families/metering/fixtures';
import { textsOver } from '@barythm/core/describe';
import { meteringFamily } from '@barythm/core/families/metering';
import { addressOf } from '@barythm/core/profile';
import { BLANK } from '@barythm/core/job/testing/fixtures';
import { forgetDrafts, useDraftOf } from '../../../draft/use-draft';
import { MOTOR, standJob } from '../../../testing/job-stand';
import { press, type, valueOf, wordsOf } from '../../../testing/touch';
import { MeteringPlan } from './metering-plan';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));
jest.mock('../../../api/queries', () => ({
  useLibrary: () => ({ data: { profiles: [], products: [], instruments: [] } }),
}));
afterEach(() => forgetDrafts(''));

const planning = (profile = MOTOR, change = {}) =>
  standJob(profile, <MeteringPlan />, [], { dutyBefore: DUTY, ...change });
const openAll = () => {
  for (const node of screen.queryAllByTestId(/^duty-open-/)) fireEvent.press(node);
};
const key = (id: string, name: string, shiftKey = false) =>
  fireEvent(screen.getByTestId(id), 'keyDown', { key: name, shiftKey, preventDefault: () => undefined });

test('the settings follow the duty as it is typed; a wrong figure is told at its field and keeps the rest', () => {
  planning();
  openAll();
  const length = () => wordsOf('target-length');
  const before = length();
  type('duty-dose.wanted_mgl', '1.4');
  expect(length()).not.toBe(before);
  type('duty-dose.wanted_mgl', 'lots');
  expect(screen.getByText(/“lots” is not a figure/)).toBeTruthy();
  expect(screen.getByText('The plan appears as soon as the duty is complete.')).toBeTruthy();
  expect(valueOf('duty-dose.wanted_mgl')).toBe('lots');
  type('duty-dose.wanted_mgl', String(DUTY.dose.wanted_mgl));
  expect(length()).toBe(before);
});

test('another gear than is fitted is said to be workshop work; the one that is fitted can be kept, and taken back', () => {
  const dutyBefore = { ...DUTY, dose: { wanted_mgl: 2, low_mgl: 1.5, high_mgl: 2.2 } };
  const lastLeft = { source: 'left', date: '2026-05-01', values: SOUND_MOTOR } as const;
  planning(MOTOR, { dutyBefore, lastLeft });
  expect(wordsOf('target-gear')).toContain('C');
  expect(wordsOf('gear-card')).toContain('in the workshop');
  press('gear-keep');
  expect(wordsOf('target-gear')).toContain('B');
  expect(wordsOf('gear-card')).toContain('keeps gear B');
  press('gear-any');
  expect(wordsOf('gear-card')).toContain('The plan needs gear C');
});

test('what is there beside what is to be, and what is wrong with each', () => {
  planning(MOTOR, {
    lastLeft: { source: 'left', date: '2026-05-01', values: { ...SOUND_MOTOR, range: '0-20', length: 60 } },
  });
  expect(wordsOf('target-range')).toContain('4–20');
  expect(screen.getAllByTestId(/^finding-MET-/).length).toBeGreaterThan(0);
});

test('agreeing writes targets with their reasons, and forgets what was typed', () => {
  const job = planning();
  openAll();
  type('duty-dose.wanted_mgl', '1.1');
  press('agree-plan');
  const targets = job.view().rows.filter((row) => row.target);
  expect(targets.length).toBeGreaterThan(2);
  for (const { target } of targets) expect(target?.reason?.trim()).toBeTruthy();
  expect(job.view().duty).toMatchObject({ dose: { wanted_mgl: 1.1 } });
});

describe('points of the signal', () => {
  test('are moved by keys, ten steps with Shift, and brought back to what was worked out', () => {
    planning(TWO_POINT as typeof MOTOR);
    const reading = () => screen.getByTestId('grip-2').props['aria-valuetext'] as string;
    const start = reading();
    key('grip-2', 'ArrowDown');
    const lower = reading();
    expect(lower).not.toBe(start);
    key('grip-2', 'ArrowUp');
    expect(reading()).toBe(start);
    key('grip-2', 'ArrowLeft', true);
    expect(Number.parseFloat(reading())).toBeLessThan(Number.parseFloat(start));
    press('reset-hand');
    expect(reading()).toBe(start);
    expect(screen.queryByTestId('reset-hand')).toBeNull();
  });
  test('moved out of what gives the dose, it is found at once', () => {
    planning(TWO_POINT as typeof MOTOR);
    const codes = () => screen.queryAllByTestId(/^finding-/).map((node) => node.props.testID as string);
    const before = codes();
    for (let i = 0; i < 6; i++) key('grip-2', 'ArrowDown', true);
    expect(codes().length).toBeGreaterThan(before.length);
  });
});

test('a job without a duty shows the form and no plan', () => {
  planning(MOTOR, { dutyBefore: null });
  expect(screen.getByText('The plan appears as soon as the duty is complete.')).toBeTruthy();
  expect(screen.queryByTestId('targets')).toBeNull();
});

test('a form nobody filled in scolds nobody: it says how much is missing, and where when it is asked', () => {
  planning(MOTOR, { dutyBefore: null });
  expect(screen.queryByText('This is needed.')).toBeNull();
  expect(screen.getByText(/Show what is missing: \d+/)).toBeTruthy();
  expect(screen.queryByTestId('agree-plan')).toBeNull();
  press('plan-missing');
  expect(screen.getAllByText('This is needed.').length).toBeGreaterThan(5);
});

test('what a form began with is no answer: the plan is accepted once somebody said that it is right', () => {
  // all that has to be typed is typed, and nothing else was touched
  const { blank, write } = meteringFamily.forms.duty;
  const draft = renderHook(() => useDraftOf('duty:job-1', blank as object)).result;
  act(() => draft.current[1](textsOver(blank, write(DUTY)) as object));
  const job = planning(MOTOR, { dutyBefore: null, pump: { ...BLANK.pump, signalFrom: null } });
  expect(screen.getByTestId('targets')).toBeTruthy();
  expect(screen.queryByTestId('agree-plan')).toBeNull();
  expect(screen.getAllByText(/Only a start: confirm or change/).length).toBeGreaterThan(1);
  press('plan-missing');
  const rights = () => screen.queryAllByTestId(/^duty-right-/).map(({ props }) => props.testID as string);
  const [first] = rights();
  // a part with such a start stays open, and the choice that stands there can be tapped itself
  expect(screen.getByTestId(first)).toBeTruthy();
  // what only followed from a choice is no answer: there and back, the source still waits
  const said = () => wordsOf('duty-signal.source');
  expect(said()).toContain('Only a start');
  press('duty-mode-pulse');
  press('duty-mode-analog');
  expect(said()).toContain('Only a start');
  press('duty-signal.source-flow');
  expect(said()).not.toContain('Only a start');
  for (const right of rights()) press(right);
  expect(screen.queryByText(/Only a start/)).toBeNull();
  press('agree-plan');
  expect(job.view().duty).toMatchObject({ mode: 'analog' });
});

test('a cable that was followed is not asked for again, as long as what stands there is what it was', () => {
  planning(MOTOR, { dutyBefore: null, pump: { ...BLANK.pump, signalFrom: 'controller' } });
  const said = () => wordsOf('duty-signal.source');
  expect(screen.getByTestId('duty-signal.source-controller').props.accessibilityState.checked).toBe(true);
  expect(said()).not.toContain('Only a start');
  // pulses come from a meter; back on a current, nobody has said from where
  press('duty-mode-pulse');
  press('duty-mode-analog');
  expect(screen.getByTestId('duty-signal.source-controller').props.accessibilityState.checked).toBe(false);
  expect(said()).toContain('Only a start');
});

test('an empty duty opens in the mode that the controller was found in', () => {
  const entries = [
    {
      id: 'e-1',
      recordedAt: '2026-11-24T09:00:00.000Z',
      actor: 'Technician 1',
      revision: 1,
      address: 'mode/1/mode',
      kind: 'found' as const,
      raw: 'manual',
      unit: '',
      value: 'manual',
      reason: null,
    },
  ];
  const mode = MOTOR.parameters.find(({ role }) => role === 'mode')!;
  planning(MOTOR, {
    dutyBefore: null,
    entries: [
      {
        ...entries[0],
        address: addressOf(mode),
        value: mode.options!.find(({ role }) => role === 'mode.manual')!.value,
      },
    ],
  });
  openAll();
  // it may be the wrong one: it stands there, and is nobody's choice yet
  expect(screen.getByTestId('duty-mode-manual').props.accessibilityState.checked).toBe(false);
  expect(wordsOf('duty-mode')).toContain('Only a start');
  press('duty-right-signal');
  expect(screen.getByTestId('duty-mode-manual').props.accessibilityState.checked).toBe(true);
});

test('the stroke volume of a pump whose plate says L/h at a rate', () => {
  planning();
  openAll();
  press('stroke-from-flow');
  type('rated-flow', '3');
  type('rated-rate', '0');
  expect(screen.getByText('A rate is more than 0.')).toBeTruthy();
  type('rated-rate', '125');
  press('rated-take');
  // 3 L/h over 125 strokes/min: 3000 mL in 7500 strokes
  expect(valueOf('duty-strokeVolume.full_mL')).toBe('0.4');
  expect(screen.queryByTestId('rated-flow')).toBeNull();
});
