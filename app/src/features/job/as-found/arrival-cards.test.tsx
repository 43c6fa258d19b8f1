import { WorkCards } from '../../../testing/work-cards';
import { screen } from '@testing-library/react-native';
import { MOTOR, NUMBERED, standJob } from '../../../testing/job-stand';
import { MessagesCard } from './messages-card';
import { ResetsCard } from './resets-card';
import { press, type } from '../../../testing/touch';

const says = (words: string | RegExp) => expect(screen.getByText(words)).toBeTruthy();

test('nothing is recorded before each of the three questions is answered', () => {
  const job = standJob(MOTOR, <MessagesCard />);
  press('messages-for-nothing');
  press('messages-save');
  says('Answer each of the three.');
  expect(job.view().document.records).toEqual([]);
  press('messages-pump-runs');
  // the last answer records them
  press('messages-list-none');
  expect(job.view().document.records[0].body).toEqual({
    kind: 'messages',
    shows: '',
    takenFor: 'nothing',
    pump: 'runs',
    lastFaults: [],
  });
});

test('what was recorded by a slip is put right from where it stands', () => {
  const job = standJob(MOTOR, <MessagesCard />);
  press('messages-for-nothing');
  press('messages-pump-runs');
  press('messages-list-not-read');
  says(/not read; the list cannot be cleared before it is written down/);
  press('messages-again');
  press('messages-pump-stopped');
  expect(job.view().document.records.map(({ body }) => body)).toMatchObject([
    { pump: 'runs', lastFaults: null },
    { takenFor: 'nothing', pump: 'stopped', lastFaults: null },
  ]);
});

test('what was written is not left out by one tap', () => {
  const job = standJob(MOTOR, <MessagesCard />);
  press('messages-for-nothing');
  press('messages-pump-runs');
  press('messages-list-read');
  type('messages-faults', 'E 5');
  // a slip of the thumb: the words stay, and nothing is recorded before somebody says so
  press('messages-list-none');
  expect(job.view().document.records).toEqual([]);
  press('messages-list-read');
  press('messages-save');
  expect(job.view().document.records[0].body).toMatchObject({ lastFaults: ['E 5'] });
});

test('a message that was typed is not left out by one tap either', () => {
  const job = standJob(MOTOR, <MessagesCard />);
  press('messages-for-fault');
  type('messages-shows', 'F 77');
  press('messages-pump-stopped');
  press('messages-for-nothing');
  press('messages-list-none');
  expect(job.view().document.records).toEqual([]);
  press('messages-for-fault');
  expect(job.view().document.records[0].body).toMatchObject({ shows: 'F 77', lastFaults: [] });
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
  const job = standJob(MOTOR, <WorkCards />);
  press('serviced-save');
  says('Say what was serviced: diaphragm, valves, seal.');
  type('serviced-what', ' Diaphragm ');
  press('serviced-save');
  expect(job.view().document.records[0].body).toMatchObject({ kind: 'serviced', what: 'Diaphragm' });
});

describe('messages that the profile knows', () => {
  test('one tap writes it as displayed, with its kind, and says what it means and asks for', () => {
    const job = standJob(NUMBERED, <MessagesCard />);
    expect(screen.queryByTestId('messages-known')).toBeNull();
    press('messages-for-fault');
    press('messages-known-F 1');
    says(/The motor drew too much current/);
    says(/Head and back pressure first/);
    press('messages-pump-stopped');
    press('messages-list-none');
    expect(job.view().document.records[0].body).toMatchObject({ shows: 'F 1', takenFor: 'fault' });
    expect(job.codes()).not.toContain('ANY-14');
    // what was recorded still says what it means
    says(/“F 1”, a fault; the pump has stopped/);
    says(/The motor drew too much current/);
  });

  test('typed by hand it is known too; taken for the other kind it is found', () => {
    const job = standJob(NUMBERED, <MessagesCard />);
    press('messages-for-fault');
    type('messages-shows', 'a1');
    says(/The membrane has made its strokes/);
    press('messages-pump-stopped');
    press('messages-list-none');
    expect(job.view().findings.job.map(({ text }) => text)).toContain('ANY-14.is-reminder');
  });

  test('one it does not know says nothing of its meaning; a lamp is called one', () => {
    standJob(NUMBERED, <MessagesCard />);
    press('messages-for-fault');
    type('messages-shows', 'F 77');
    expect(screen.queryByTestId('means-F 77')).toBeNull();
    says('Lamp red, twice, then a pause');
  });

  test('faults of the list are tapped one after another, below what was typed', () => {
    const job = standJob(NUMBERED, <MessagesCard />);
    press('messages-for-nothing');
    press('messages-pump-runs');
    press('messages-list-read');
    type('messages-faults', 'E 9, in spring');
    press('messages-fault-F 2');
    press('messages-fault-F 1');
    // a reminder is no fault, and is not offered as one
    expect(screen.queryByTestId('messages-fault-A 1')).toBeNull();
    press('messages-save');
    expect(job.view().document.records[0].body).toMatchObject({
      lastFaults: ['E 9, in spring', 'F 2', 'F 1'],
    });
  });

  test('a controller whose profile knows none is asked as ever', () => {
    standJob(MOTOR, <MessagesCard />);
    expect(screen.queryByTestId('messages-known')).toBeNull();
    press('messages-for-nothing');
    press('messages-pump-runs');
    press('messages-list-read');
    expect(screen.queryByTestId('messages-fault')).toBeNull();
  });
});

test('a factory reset says how it is done and how it shows, where the profile knows', () => {
  standJob(NUMBERED, <ResetsCard />);
  press('reset-what-counter');
  expect(screen.queryByText(/How to:/)).toBeNull();
  press('reset-what-settings');
  says(/How to: Code 900 typed into P 00/);
  says(/A reset shows by this: P 00 shows “set”/);
});
