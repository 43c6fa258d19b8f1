import { act, screen } from '@testing-library/react-native';
import { forgetDrafts } from '../../draft/use-draft';
import { PANEL, PANEL_DUTY, TEN_SLOTS } from '@barythm/core/families/pool/fixtures';
import { badlyRun, blankPoolJob, defaultsOf, PoolWriter } from '@barythm/core/job/testing/pool-fixtures';
import { standJob } from '../../testing/job-stand';
import { press, type, valueOf, wordsOf } from '../../testing/touch';
import { ChecksCard } from './checks-card';
import { PatternCards } from './pattern-cards';

const set = () => badlyRun().plan().set().document;

test('a figure is judged against what it must be; what fails stays, and the next one counts', () => {
  const job = standJob(TEN_SLOTS, <ChecksCard />, [], set());
  expect(wordsOf('check-power-1270')).toContain('not tried yet');
  press('check-power-1270');
  expect(screen.getByText(/clamp meter on live parts is for a licensed electrician/)).toBeTruthy();
  press('check-save');
  expect(screen.getByText('Enter “Power”.')).toBeTruthy();
  type('figure-power_W', '15O');
  press('check-save');
  expect(valueOf('figure-power_W')).toBe('15O');
  type('figure-power_W', '300');
  press('check-save');
  expect(wordsOf('check-power-1270')).toMatch(/Seen: 300 W.*not as expected/);
  press('check-power-1270');
  type('figure-power_W', '156');
  press('check-save');
  expect(wordsOf('check-power-1270')).toMatch(/Seen: 156 W.*as expected/);
  expect(job.view().checks.map(({ superseded }) => superseded)).toEqual([true, false]);
});

test('what is typed waits for later, and a state is recorded by one tap', () => {
  const job = standJob(TEN_SLOTS, <ChecksCard />, [], set());
  press('check-prime');
  type('figure-minutes', '2');
  press('check-hold');
  press('check-prime');
  expect(valueOf('figure-minutes')).toBe('2');
  press('check-start-5');
  press('seen-start-5-stands');
  expect(wordsOf('check-start-5')).toContain('not as expected');
  expect(job.view().patterns.map(({ code }) => code)).toEqual(['POO-01']);
  // what it points to stands where it failed, and goes once it is as expected
  const [{ kind, title }] = job.view().patterns;
  expect(wordsOf(`pattern-${kind}`)).toContain(title);
  press('check-start-5');
  press('seen-start-5-starts');
  expect(screen.queryByTestId(`pattern-${kind}`)).toBeNull();
});

test('a check is void once a setting was changed after it', () => {
  const writer = badlyRun().plan().set().check('power-1270', null, { power_W: 156 });
  writer.enterMany('left', { 'speed/6': 1270 });
  standJob(TEN_SLOTS, <ChecksCard />, [], writer.document);
  expect(wordsOf('check-power-1270')).toContain('void: set again since');
});

test('on arrival only the sensors are offered; one that is off says so', () => {
  const writer = new PoolWriter(blankPoolJob(PANEL, PANEL_DUTY))
    .arrive()
    .enterMany('found', { ...defaultsOf(PANEL), frost: 'on', source: 'heater' });
  const job = standJob(
    PANEL,
    <>
      <ChecksCard title="Sensors" testID="sensors" only="sensor" />
      <PatternCards />
    </>,
    [],
    writer.document,
  );
  expect(screen.getAllByTestId(/^check-sensor-/)).toHaveLength(2);
  expect(screen.queryByTestId('check-prime')).toBeNull();
  press('check-sensor-water');
  type('figure-shown_C', '24');
  type('figure-reference_C', '26.5');
  press('check-save');
  expect(wordsOf('check-sensor-water')).toContain('not as expected');
  expect(screen.getByText(/Enter an offset of \+2\.5 K on top of the one that is set/)).toBeTruthy();
  expect(job.view().context).toMatchObject({ sensorErrors: { water: -2.5, air: null } });
});

test('a job that is handed over shows what was tried and takes nothing', () => {
  const writer = badlyRun().plan().set().check('hold', 'takes-over');
  const handover = { signedAs: 'Visitor' } as unknown as (typeof writer.document)['handover'];
  standJob(TEN_SLOTS, <ChecksCard />, [], { ...writer.document, handover });
  press('check-hold');
  expect(screen.queryByTestId('trying-hold')).toBeNull();
});

test('a limit is said before it is begun, its time goes into its figure, and it goes on while another check is tried', () => {
  jest.useFakeTimers({ now: Date.UTC(2026, 10, 24, 9) });
  try {
    standJob(TEN_SLOTS, <ChecksCard />, [], set());
    press('check-prime');
    expect(
      screen.getByText(/Without water the seal runs dry\. Stay at the pump, hand on its stop\./),
    ).toBeTruthy();
    press('wait-prime-begin');
    press('check-hold');
    act(() => jest.advanceTimersByTime(90_000));
    press('check-prime');
    press('wait-prime-take');
    expect(valueOf('figure-minutes')).toBe('1.5');
  } finally {
    jest.useRealTimers();
    forgetDrafts('');
  }
});
