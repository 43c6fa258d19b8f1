import { fireEvent, screen } from '@testing-library/react-native';
import { profileSchema } from '@barythm/core/families';
import drive from '../../../../profiles/drive-wheel-text.json';
import guided from '../../../../profiles/vessel-drive-guided.json';
import { DUTY } from '@barythm/core/families/metering/fixtures';
import { badlySet } from '@barythm/core/job/testing/fixtures';
import { forgetDrafts } from '../../draft/use-draft';
import { MOTOR, NUMBERED, standJob } from '../../testing/job-stand';
import { serve, standScreen } from '../../testing/server-stand';
import { press, wordsOf } from '../../testing/touch';
import { ProfileScreen } from '../library/profile-screen';
import { PlateCard } from './as-found/plate-card';
import { ChecksCard } from '../../kit/prove';
import { SetStage } from './set/set-stage';

let mockId = '';
jest.mock('expo-router', () => ({
  useRouter: () => ({ navigate: jest.fn() }),
  usePathname: () => '/',
  useLocalSearchParams: () => ({ id: mockId }),
}));
afterEach(() => forgetDrafts(''));

/** A metering pump whose profile says this of its controller. */
const saying = (said: object) =>
  profileSchema.parse({ ...MOTOR, behaviours: { ...MOTOR.behaviours, ...said } });
/** A job that is ready to be set, on that pump. */
const ready = (said: object) => {
  const { document } = badlySet();
  return { ...document, profile: saying(said), dutyBefore: DUTY };
};

describe('how its settings are opened', () => {
  test('stands over the first setting, with when they close again', () => {
    standJob(MOTOR, <SetStage />, [], ready({ access: { opensBy: 'Code 12, then E.', closesAfter_min: 4 } }));
    expect(wordsOf('set-access')).toBe(
      'Settings are opened by this: Code 12, then E. Without a key pressed they close after 4 min.',
    );
  });
  test('says that they stay open where they do', () => {
    standJob(MOTOR, <SetStage />, [], ready({ access: { opensBy: 'Code 12', closesAfter_min: null } }));
    expect(wordsOf('set-access')).toBe(
      'Settings are opened by this: Code 12. They stay open until they are closed.',
    );
  });
  test('is not said where nobody knows it', () => {
    standJob(MOTOR, <SetStage />, [], ready({}));
    expect(screen.queryByTestId('set-access')).toBeNull();
  });
});

describe('what the controller is compared with on arrival', () => {
  test('is its profile, with the revision and the options that it was read from', () => {
    standJob(saying({ revision: '3', options: ['Relay board', 'Link'] }), <PlateCard />);
    press('identify-differs');
    expect(wordsOf('identify-profile')).toContain(
      `as the profile “${MOTOR.name}” says: revision 3, Relay board, Link.`,
    );
  });
  test('is the profile alone where it says neither', () => {
    standJob(MOTOR, <PlateCard />);
    press('identify-differs');
    expect(wordsOf('identify-profile')).toContain(`as the profile “${MOTOR.name}” says.`);
  });
  test('one that is another is found, and gone once it was read again as the profile says', () => {
    const job = standJob(saying({ revision: '3' }), <PlateCard />);
    press('identify-differs');
    press('identify-source-flow');
    press('identify-save');
    expect(job.codes()).toContain('PRO-03');
    expect(screen.getByText('The controller is not quite as the profile says.')).toBeTruthy();
    fireEvent.press(screen.getByText('Read again'));
    press('identify-profile');
    press('identify-save');
    expect(job.codes()).not.toContain('PRO-03');
  });
});

test('an alarm output is tried as any other check, and says which way its contact goes', () => {
  const alarms = [{ name: 'relay 1', tells: 'any fault', contact: 'closes', most_A: 2 }];
  const { document } = badlySet().record({ kind: 'discharge-safe', how: 'Into a bucket.' });
  const job = standJob(MOTOR, <ChecksCard />, [], {
    ...document,
    profile: saying({ alarms }),
    dutyBefore: DUTY,
  });
  press('check-alarm-1');
  expect(wordsOf('trying-alarm-1')).toContain('It tells of this: any fault.');
  expect(wordsOf('trying-alarm-1')).toContain('It carries 2 A at most.');
  expect(wordsOf('trying-alarm-1')).toContain('its contact closes');
  press('seen-alarm-1-silent');
  expect(wordsOf('check-alarm-1')).toContain('not as expected');
  press('check-alarm-1');
  press('seen-alarm-1-comes');
  expect(wordsOf('check-alarm-1')).toContain('as expected');
  expect(job.view().checks.map(({ verdict }) => verdict.ok)).toEqual([false, true]);
});

describe('in the library', () => {
  const open = async (profile: { id: string }) => {
    mockId = profile.id;
    serve([{ to: `/profiles/${profile.id}`, body: profile }]);
    const { clear } = standScreen(<ProfileScreen />);
    await screen.findByTestId('profile-about');
    return clear;
  };
  test('each message stands with what it means and asks for, faults and reminders told apart', async () => {
    const clear = await open(drive);
    expect(wordsOf('means-Low water')).toContain('“Low water”: a fault');
    expect(wordsOf('means-Fan')).toBe(
      '“Fan”: a reminderThe hours set for a look at its fan have run.Clean the fan, then confirm.',
    );
    expect(screen.getByText('5.1')).toBeTruthy();
    expect(
      screen.getByText(
        /any fault, when it tells, its contact changes over, switches at most 250\sV and 2\sA/,
      ),
    ).toBeTruthy();
    clear();
  });
  test('a lamp is called one; a controller that closes by itself says when', async () => {
    const lamps = await open(NUMBERED);
    expect(wordsOf('means-green, slowly')).toContain('Lamp green, slowly: a reminder');
    lamps();
    const clear = await open(guided);
    expect(screen.getByText(/^10\smin$/)).toBeTruthy();
    clear();
  });
  test('one whose profile knows no messages has no card of them', async () => {
    const clear = await open(MOTOR);
    expect(screen.queryByTestId('profile-messages')).toBeNull();
    clear();
  });
});

test('typed figures of an alarm that nobody read stay unread: nothing is made up for them', () => {
  standJob(saying({ alarms: [{ name: '7', tells: 'dry', contact: 'opens' }] }), <ChecksCard />, [], {
    ...badlySet().document,
    profile: saying({ alarms: [{ name: '7', tells: 'dry', contact: 'opens' }] }),
    dutyBefore: DUTY,
  });
  press('check-alarm-1');
  expect(wordsOf('trying-alarm-1')).not.toContain('carries');
});
