import { screen } from '@testing-library/react-native';
import { contextOf, DUTY, PANEL, PANEL_DUTY, sound, TEN_SLOTS } from '@barythm/core/families/pool/fixtures';
import { standJob } from '../../../testing/job-stand';
import { PoolPlan } from './pool-plan';
import { press, type, wordsOf } from '../../../testing/touch';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));

test('the week, what it costs and what is wrong follow what is typed of a program', () => {
  standJob(TEN_SLOTS, <PoolPlan />, [], { dutyBefore: DUTY });
  expect(wordsOf('program-0-times')).toBe('0:00–12:00');
  expect(wordsOf('cost-target')).toContain('166.8 m³ on Mon, 166.4 m³ needed');
  press('program-0-open');
  type('program-0-stop', '11:00');
  expect(wordsOf('program-0-times')).toBe('0:00–11:00');
  expect(wordsOf('cost-target')).toContain('160 m³ on Mon');
  expect(screen.getByTestId('finding-POO-22')).toBeTruthy();
  type('program-0-stop', '25:00');
  expect(screen.getByText('A time of day, e.g. 7:30.')).toBeTruthy();
  expect(wordsOf('program-0-times')).toBe('0:00–11:00');
  press('programs-reset');
  expect(wordsOf('program-0-times')).toBe('0:00–12:00');
});

test('agreeing writes the programs into slots that are no keys, with their reasons', () => {
  const job = standJob(TEN_SLOTS, <PoolPlan />, [], { dutyBefore: DUTY });
  press('agree-plan');
  const row = (address: string) => job.view().rows.find((one) => one.address === address)?.target;
  expect(row('programs/5/speed')).toMatchObject({
    value: 1270,
    reason: expect.stringContaining('with the filter as it is before a wash'),
  });
  expect(row('programs/1/enable')).toMatchObject({
    value: 'off',
    reason: expect.stringContaining('front key'),
  });
});

test('as found against target: the saving, and the found week with what is suppressed', () => {
  const values = { ...sound(contextOf()), 'speed/5': 2500, 'speed/6': 2500 };
  standJob(TEN_SLOTS, <PoolPlan />, [], {
    dutyBefore: DUTY,
    lastLeft: { source: 'reported', date: '2026-11-01', values: values as Record<string, string | number> },
  });
  expect(Number(wordsOf('saving').split(' ')[0])).toBeGreaterThan(50);
  press('week-shown-found');
  expect(screen.getByLabelText('Week as found, day by day')).toBeTruthy();
  press('week-shown-target');
});

test('a panel’s frost night has its cost, and says what it does not protect', () => {
  standJob(PANEL, <PoolPlan />, [], { dutyBefore: PANEL_DUTY });
  expect(wordsOf('winter')).toContain('In the frost: Roof.');
  expect(wordsOf('winter')).toContain('does not work in a power cut');
  expect(wordsOf('power')).toContain('Roof');
});

test('a point taken against a closed valve is drawn and named as left out, and flow keeps to the others', () => {
  const throttled = { speed_rpm: 2900, flow_m3h: 8, head_m: 17, power_W: 1120 };
  standJob(TEN_SLOTS, <PoolPlan />, [], { dutyBefore: { ...DUTY, points: [...DUTY.points, throttled] } });
  const withPoint = wordsOf('power');
  expect(wordsOf('points-left-out')).toContain('1 point left out of the flow line: 8 m³/h at 2900 rev/min.');
  screen.unmount();
  standJob(TEN_SLOTS, <PoolPlan />, [], { dutyBefore: DUTY });
  expect(screen.queryByTestId('points-left-out')).toBeNull();
  const upTo = (words: string) => /flow with a clean filter, up to ([\d.]+)/.exec(words)?.[1];
  expect(upTo(wordsOf('power'))).toBeTruthy();
  expect(upTo(withPoint)).toBe(upTo(wordsOf('power')));
});

test('a circuit whose minimum flow nobody gave is said to have none known, not to need nothing', () => {
  const circuits = [{ ...DUTY.circuits[0], leastFlow_m3h: 0 }];
  standJob(TEN_SLOTS, <PoolPlan />, [], { dutyBefore: { ...DUTY, circuits } });
  expect(wordsOf('power')).toContain('no minimum flow is known');
  expect(wordsOf('power')).not.toContain('needs 0');
});

test('while something is missing there is no plan, and its part stands open', () => {
  standJob(TEN_SLOTS, <PoolPlan />);
  expect(screen.getByText(/The week appears as soon as the duty is complete/)).toBeTruthy();
  expect(screen.getByTestId('duty-bodies.0.depth_m')).toBeTruthy();
  type('duty-bodies.0.depth_m', '1.3');
  expect(screen.getByTestId('duty-bodies.0.depth_m').props.value).toBe('1.3');
});
