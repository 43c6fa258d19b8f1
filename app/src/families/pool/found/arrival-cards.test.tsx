import { WorkCards } from '../../../testing/work-cards';
import { fireEvent, screen } from '@testing-library/react-native';
import { lastRecord } from '@barythm/core/visit';
import { DUTY, PANEL, PANEL_DUTY, TEN_SLOTS } from '@barythm/core/families/pool/fixtures';
import { standJob } from '../../../testing/job-stand';
import { ReadingsCard } from '../../../features/job/as-found/readings-card';
import { press, type } from '../../../testing/touch';
import { PlateCard } from '../../../features/job/as-found/plate-card';

test('readings on arrival: a wrong figure keeps the rest, a missing one wants its reason', () => {
  const job = standJob(TEN_SLOTS, <ReadingsCard />, [], { dutyBefore: DUTY });
  press('now-save');
  expect(screen.getByRole('alert')).toHaveTextContent('Say what it was doing.');
  press('now-state-hold');
  press('now-save');
  expect(screen.getByRole('alert')).toHaveTextContent(/at least one reading, or say what/);
  type('now-speed_rpm', 'fast');
  type('now-power_W', '1480');
  press('now-save');
  expect(screen.getByText('Put the marked figure right first.')).toBeTruthy();
  expect(screen.getByTestId('now-power_W').props.value).toBe('1480');
  type('now-speed_rpm', '2900');
  press('now-unread-flow_m3h');
  type('now-why-flow_m3h', 'no meter');
  // what kept one from being read is offered for the next
  press('now-unread-filter_bar');
  press('now-unread-water_C');
  press('now-save');
  expect(lastRecord(job.view().document, 'pool-now')?.body).toMatchObject({
    state: 'hold',
    speed_rpm: 2900,
    power_W: 1480,
    flow_m3h: null,
    unreadable: { flow_m3h: 'no meter', filter_bar: 'no meter', water_C: 'no meter' },
  });
  expect(screen.getByText('On hold')).toBeTruthy();
});

test('the plate as in the register is confirmed in one go, once somebody has said who commands it', () => {
  const job = standJob(TEN_SLOTS, <PlateCard />, [], { dutyBefore: DUTY });
  press('identify-all-same');
  expect(screen.getByText('Look who commands it, and choose.')).toBeTruthy();
  press('identify-source-own');
  press('identify-all-same');
  expect(lastRecord(job.view().document, 'identify')?.body).toMatchObject({
    command: 'own',
    controllerAsProfile: true,
    plate: { family: 'pool', greatest_rpm: 3260, rated_W: 1500 },
  });
});

test('the plate as in the register, with who commands it looked at and not assumed', () => {
  const job = standJob(TEN_SLOTS, <PlateCard />, [], { dutyBefore: DUTY });
  press('identify-differs');
  press('identify-same');
  press('identify-save');
  expect(screen.getByText('Look who commands it, and choose.')).toBeTruthy();
  expect(lastRecord(job.view().document, 'identify')).toBeFalsy();
  press('identify-source-relay');
  type('identify-greatest_rpm', '2850');
  press('identify-save');
  expect(lastRecord(job.view().document, 'identify')?.body).toMatchObject({
    command: 'relay',
    // a tap on “All as in the register” confirms nothing about the controller
    controllerAsProfile: false,
    plate: { family: 'pool', greatest_rpm: 2850, rated_W: 1500 },
  });
  fireEvent.press(screen.getByText('Read again'));
  expect(screen.getByTestId('identify-greatest_rpm').props.value).toBe('2850');
});

test('salt is not added on the word of the panel; with a kit it is (POO-18)', () => {
  const job = standJob(PANEL, <WorkCards />, [], { dutyBefore: PANEL_DUTY });
  type('salt-panel_gl', '2.6');
  type('salt-added_kg', '10');
  press('salt-save');
  expect(screen.getByRole('alert')).toHaveTextContent(/kit/);
  expect(screen.getByTestId('salt-added_kg').props.value).toBe('10');
  expect(lastRecord(job.view().document, 'salt')).toBeFalsy();
  type('salt-kit_gl', '3.1');
  press('salt-save');
  expect(lastRecord(job.view().document, 'salt')?.body).toMatchObject({
    panel_gl: 2.6,
    kit_gl: 3.1,
    added_kg: 10,
  });
  expect(screen.getByTestId('salt-panel_gl').props.value).toBe('');
});

test('a pump with no chlorinator is asked nothing of salt, one with no panel nothing of valves', () => {
  standJob(
    TEN_SLOTS,
    <>
      <WorkCards />
    </>,
    [],
    { dutyBefore: DUTY },
  );
  expect(screen.queryByTestId('salt')).toBeNull();
  expect(screen.queryByTestId('valves')).toBeNull();
});

test('a valve is moved only after the pipework was followed (POO-21)', () => {
  const job = standJob(PANEL, <WorkCards />, [], { dutyBefore: PANEL_DUTY });
  press('valves-save');
  expect(screen.getAllByRole('alert').map((one) => one.props.children)).toEqual([
    'Say which valves.',
    'Say what you saw.',
  ]);
  type('valves-which', 'Suction to the tub');
  type('valves-seen', 'the tub fell');
  press('valves-save');
  expect(screen.getByRole('alert')).toHaveTextContent(/pipework/);
  expect(lastRecord(job.view().document, 'valves')).toBeFalsy();
  press('valves-traced');
  press('valves-save');
  expect(lastRecord(job.view().document, 'valves')?.body).toMatchObject({
    which: 'Suction to the tub',
    traced: true,
  });
});
