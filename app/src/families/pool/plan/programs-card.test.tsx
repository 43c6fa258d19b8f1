import { fireEvent, screen } from '@testing-library/react-native';
import { contextOf, DUTY, PANEL, PANEL_DUTY, sound, TEN_SLOTS } from '@barythm/core/families/pool/fixtures';
import { defaultsOf } from '@barythm/core/job/testing/pool-fixtures';
import { forgetDrafts } from '../../../draft/use-draft';
import { standJob } from '../../../testing/job-stand';
import { press, type, valueOf, wordsOf } from '../../../testing/touch';
import { PoolPlan } from './pool-plan';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));
afterEach(() => forgetDrafts(''));

const PROGRAM = {
  name: 'Filter',
  circuit: 'Filter',
  days: '1234567',
  start: 480,
  stop: 960,
  speed_rpm: 1500,
};
const planning = (programs: readonly (typeof PROGRAM)[] | null = [PROGRAM], change = {}) =>
  standJob(TEN_SLOTS, <PoolPlan />, [], {
    dutyBefore: { ...DUTY, programs: programs === null ? null : [...programs], ...change },
  });
const key = (id: string, name: string, held: { shiftKey?: boolean; altKey?: boolean } = {}) =>
  fireEvent(screen.getByTestId(id), 'keyDown', {
    key: name,
    shiftKey: false,
    altKey: false,
    preventDefault: () => undefined,
    ...held,
  });
const times = () => wordsOf('program-0-times');

test('arrow keys move a program by a quarter of an hour, with Shift by an hour, with Alt they stretch it', () => {
  planning();
  key('block-0-1', 'ArrowRight');
  expect(times()).toBe('8:15–16:15');
  key('block-0-3', 'ArrowLeft', { shiftKey: true });
  expect(times()).toBe('7:15–15:15');
  key('block-0-1', 'ArrowRight', { altKey: true });
  expect(times()).toBe('7:15–15:30');
  key('block-0-1', 'Tab');
  expect(times()).toBe('7:15–15:30');
});

test('Home and End go to the ends of the day; every move is undone, the last first', () => {
  planning();
  expect(screen.queryByTestId('programs-undo')).toBeNull();
  key('block-0-1', 'End');
  expect(times()).toBe('16:00–0:00');
  key('block-0-1', 'Home');
  expect(times()).toBe('0:00–8:00');
  press('programs-undo');
  expect(times()).toBe('16:00–0:00');
  press('programs-undo');
  expect(times()).toBe('8:00–16:00');
  expect(screen.queryByTestId('programs-undo')).toBeNull();
});

test('the ends of a chosen program are gripped by keys too, and never pass each other', () => {
  planning([{ ...PROGRAM, start: 480, stop: 510 }]);
  press('program-0-open');
  key('block-0-1-stop', 'ArrowLeft');
  expect(times()).toBe('8:00–8:15');
  key('block-0-1-stop', 'ArrowLeft');
  expect(times()).toBe('8:00–8:15');
  key('block-0-1-start', 'ArrowLeft', { shiftKey: true });
  expect(times()).toBe('7:00–8:15');
});

test('past midnight it belongs to the day it starts on; on the night the clocks change that is told', () => {
  planning();
  press('program-0-open');
  type('program-0-start', '22:00');
  type('program-0-stop', '1:30');
  expect(wordsOf('program-0')).toContain('Past midnight it belongs to the day it starts on.');
  expect(wordsOf('program-0-night')).toMatch(/1:30/);
  type('program-0-stop', '4:00');
  expect(screen.queryByTestId('program-0-night')).toBeNull();
});

test('a program is added after the last one, changed and taken away; “as worked out” brings the plan’s own back', () => {
  planning();
  press('program-add');
  expect(wordsOf('program-1-times')).toBe('16:00–18:00');
  type('program-1-speed', 'full');
  expect(screen.getByText(/“full” is not a figure/)).toBeTruthy();
  type('program-1-speed', '0');
  expect(screen.getByText('A speed is more than 0.')).toBeTruthy();
  type('program-1-speed', '2200');
  expect(wordsOf('program-1')).toContain('2200 rev/min');
  press('program-1-remove');
  expect(screen.queryByTestId('program-1-times')).toBeNull();
  press('programs-reset');
  expect(times()).toBe('0:00–12:00');
});

test('the last weekday of a program cannot be taken off', () => {
  planning([{ ...PROGRAM, days: '12' }]);
  press('program-0-open');
  press('program-0-days-2');
  expect(wordsOf('program-0-open')).toContain('Mon');
  expect(wordsOf('program-0-open')).not.toContain('Tue');
  press('program-0-days-1');
  expect(wordsOf('program-0-open')).toContain('Mon');
});

describe('linked devices', () => {
  const withFound = (values: Record<string, string | number>) =>
    standJob(TEN_SLOTS, <PoolPlan />, [], {
      dutyBefore: DUTY,
      lastLeft: { source: 'left', date: '2026-11-01', values },
    });
  const held = () => ({ ...defaultsOf(TEN_SLOTS), ...sound(contextOf()) }) as Record<string, string | number>;
  test('are named where the schedule changes', () => {
    withFound({ ...held(), 'stop/5': 700 });
    expect(wordsOf('linked-again')).toContain('Hypochlorite pump to be checked again under Prove.');
  });
  test('are left in peace where it stays as it runs', () => {
    withFound(held());
    expect(screen.queryByTestId('linked-again')).toBeNull();
  });
});

test('a pump that nobody lets run says so beside its cost', () => {
  standJob(TEN_SLOTS, <PoolPlan />, [], {
    dutyBefore: DUTY,
    lastLeft: {
      source: 'left',
      date: '2026-11-01',
      values: { ...defaultsOf(TEN_SLOTS), ...sound(contextOf()), state: 'hold' } as Record<
        string,
        string | number
      >,
    },
  });
  expect(wordsOf('cost-found')).toContain('Nothing runs as set: it stands on hold.');
});

test('runs by hand: typed in the duty, planned on the boost run, refused where they make no sense', () => {
  const job = planning(null);
  press('duty-open-timed');
  press('duty-timedRuns-add');
  // what was only just added is no mistake yet
  expect(screen.queryByText('Give the run a name.')).toBeNull();
  press('plan-missing');
  expect(screen.getByText('Give the run a name.')).toBeTruthy();
  type('duty-timedRuns.0.name', 'After lessons');
  type('duty-timedRuns.0.speed_rpm', '2000');
  type('duty-timedRuns.0.minutes', '45');
  press('agree-plan');
  const target = (address: string) => job.view().rows.find((row) => row.address === address)?.target;
  expect(target('prime/1/boostTime')).toMatchObject({ value: 45 });
  expect(target('keys/4/key')).toMatchObject({ value: 'timed', reason: 'Starts After lessons.' });
});

test('a panel’s circuits are chosen for a program, each with its own flow', () => {
  standJob(PANEL, <PoolPlan />, [], { dutyBefore: PANEL_DUTY });
  press('program-0-open');
  press('program-0-circuit-Cleaner');
  expect(wordsOf('program-0-open')).toContain('Cleaner');
  expect(valueOf('program-0-start')).toMatch(/^\d+:\d\d$/);
  expect(wordsOf('roof')).toContain('1 start');
});
