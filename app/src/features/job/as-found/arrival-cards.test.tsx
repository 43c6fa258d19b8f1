import { screen } from '@testing-library/react-native';
import { MOTOR, standJob } from '../../../testing/job-stand';
import { MessagesCard } from './messages-card';
import { ResetsCard } from './resets-card';
import { ServicedCard } from '../../../families/metering/found/serviced-card';
import { press, type } from '../../../testing/touch';

const says = (words: string | RegExp) => expect(screen.getByText(words)).toBeTruthy();

test('nothing is recorded before each of the three questions is answered', () => {
  const job = standJob(MOTOR, <MessagesCard />);
  press('messages-for-nothing');
  press('messages-save');
  says('Answer each of the three.');
  expect(job.view().document.records).toEqual([]);
  press('messages-pump-runs');
  press('messages-list-none');
  press('messages-save');
  expect(job.view().document.records[0].body).toEqual({
    kind: 'messages',
    shows: '',
    takenFor: 'nothing',
    pump: 'runs',
    lastFaults: [],
  });
});

test('a message is written as displayed, faults one a line', () => {
  const job = standJob(MOTOR, <MessagesCard />);
  press('messages-for-reminder');
  press('messages-pump-stopped');
  press('messages-list-read');
  press('messages-save');
  says('Write what the display shows.');
  type('messages-shows', ' SERVICE ');
  press('messages-save');
  says('Write the faults down, one a line.');
  type('messages-faults', 'E2\n\n E5 dry \n');
  press('messages-save');
  expect(job.view().document.records[0].body).toMatchObject({
    shows: 'SERVICE',
    lastFaults: ['E2', 'E5 dry'],
  });
  // what was taken for a reminder had stopped the pump
  expect(job.codes()).toContain('ANY-14');
});

test('a reset that wipes the list waits until it is written down, and keeps what was typed', () => {
  const job = standJob(
    MOTOR,
    <>
      <MessagesCard />
      <ResetsCard />
    </>,
  );
  press('reset-what-settings');
  type('reset-why', 'Settings unknown.');
  type('reset-seen', 'All at default.');
  press('reset-save');
  says(/Read the list of last faults and write it down first/);
  press('messages-for-nothing');
  press('messages-pump-runs');
  press('messages-list-none');
  press('messages-save');
  press('reset-save');
  says(/all settings to default: All at default\./);
  expect(job.codes()).not.toContain('ANY-13');
});

test('a reset nobody looked at stays open; a breaker comes with its caution', () => {
  const job = standJob(MOTOR, <ResetsCard />);
  press('reset-what-counter');
  press('reset-save');
  says('Say why it was reset.');
  type('reset-why', 'New diaphragm.');
  press('reset-save');
  says('Say what the display shows now.');
  press('reset-unseen');
  expect(job.codes()).toContain('ANY-13');
  press('reset-what-breaker');
  says(/leave it off and locked: a licensed electrician finds the cause/);
});

test('a service without words is not recorded', () => {
  const job = standJob(MOTOR, <ServicedCard />);
  press('serviced-save');
  says('Say what was serviced: diaphragm, valves, seal.');
  type('serviced-what', ' Diaphragm ');
  press('serviced-save');
  expect(job.view().document.records[0].body).toMatchObject({ kind: 'serviced', what: 'Diaphragm' });
});
