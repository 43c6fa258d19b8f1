import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { forgetDrafts } from '../../draft/use-draft';
import { MOTOR } from '../../testing/job-stand';
import { serve, standScreen } from '../../testing/server-stand';
import { press, type, valueOf, wordsOf } from '../../testing/touch';
import { ReplacedCard } from '../pump/replaced-card';
import { PumpEditScreen } from './pump-edit-screen';
import { ReplaceUnitScreen } from './replace-unit-screen';

const mockNavigate = jest.fn();
jest.mock('expo-router', () => ({
  useLocalSearchParams: () => ({ id: 'pump-1' }),
  useRouter: () => ({ navigate: (path: string) => mockNavigate(path) as unknown }),
}));
afterEach(() => {
  forgetDrafts('');
  mockNavigate.mockClear();
});

const PUMP = {
  id: 'pump-1',
  tag: 'A-1',
  name: 'Acid',
  today: '2026-11-24',
  family: MOTOR.family,
  retiredOn: null,
  unit: { id: 'unit-1', model: 'One', serial: 'S-1', plate: {} },
  replaced: null,
  latest: null,
  profile: MOTOR,
  jobs: [],
};
const row = (version: number) => ({
  id: MOTOR.id,
  name: MOTOR.name,
  family: MOTOR.family,
  version,
  about: '',
});
const library = (version = MOTOR.version) => ({ to: '/library', body: { profiles: [row(version)] } });

describe('the form', () => {
  const stand = async (status: number, body: object) => {
    const { sent } = serve([
      { to: '/unit', body, status },
      library(),
      { to: `/profiles/${MOTOR.id}`, body: MOTOR },
      { to: '/pumps/pump-1', body: PUMP },
    ]);
    standScreen(<ReplaceUnitScreen />);
    await screen.findByTestId('unit-on');
    return sent;
  };

  test('asks for the day and the controller before anything is sent: neither is preselected', async () => {
    const sent = await stand(201, {});
    press('unit-save');
    expect(await screen.findByText('Enter the day on which it was replaced.')).toBeTruthy();
    expect(screen.getByText('Choose the controller of the new unit.')).toBeTruthy();
    type('unit-on', '31.2.2026');
    press('unit-save');
    expect(screen.getByText('Enter the day on which it was replaced.')).toBeTruthy();
    expect(sent).toEqual([]);
  });

  test('sends what was typed; what is refused stands at its field, and nothing is lost', async () => {
    const words = 'This is the unit that is registered here already.';
    const sent = await stand(400, { code: 'invalid', status: 400, errors: [{ field: 'serial', words }] });
    press('unit-on-2026-11-24');
    fireEvent.press(await screen.findByTestId('unit-profile-open'));
    fireEvent.press(await screen.findByTestId(`unit-profile-${MOTOR.id}`));
    type('unit-serial', 'S-1');
    press('unit-save');
    expect(await screen.findByText(words)).toBeTruthy();
    expect(sent[0]).toMatchObject({ on: '2026-11-24', profile: MOTOR.id, model: '', serial: 'S-1' });
    expect(valueOf('unit-serial')).toBe('S-1');
    expect(mockNavigate).not.toHaveBeenCalled();
  });
});

test('on the pump’s page: what is known of the new unit, the way to set it up, and a way back', async () => {
  const replaced = { on: '2026-11-24', model: 'One', serial: 'S-1', jobId: 'job-9' };
  const { sent, asked } = serve([{ to: '/register/pumps/pump-1/unit', body: { id: 'pump-1' } }]);
  standScreen(<ReplacedCard pump={{ ...PUMP, replaced } as never} />);
  expect(wordsOf('replaced')).toContain('Before it: One, serial S-1.');
  press('replaced-same');
  expect(mockNavigate).toHaveBeenCalledWith('/same/job-9?on=pump-1');
  press('replaced-undo');
  await waitFor(() => expect(asked.at(-1)).toContain('/register/pumps/pump-1/unit'));
  expect(sent).toEqual([]);
});

test.each([
  ['a first unit', { replaced: null, latest: null }],
  [
    'a unit that was worked on',
    { replaced: { on: '2026-11-24', model: '', serial: '', jobId: null }, latest: {} },
  ],
])('nothing is said of %s', (_, part) => {
  standScreen(<ReplacedCard pump={{ ...PUMP, ...part } as never} />);
  expect(screen.queryByTestId('replaced')).toBeNull();
});

describe('a newer version of its profile', () => {
  const stand = async (version: number) => {
    const parameters = MOTOR.parameters.map((one, i) => (i === 0 ? { ...one, label: 'Called anew' } : one));
    const { sent } = serve([
      { to: '/register/pumps/', body: {} },
      library(version),
      { to: `/profiles/${MOTOR.id}`, body: { ...MOTOR, version, parameters } },
      { to: '/pumps/pump-1', body: PUMP },
    ]);
    standScreen(<PumpEditScreen />);
    await screen.findByTestId('edit-profile-open');
    return sent;
  };

  test('is shown with what becomes of each setting, and taken by a tick', async () => {
    const sent = await stand(MOTOR.version + 1);
    await waitFor(() => expect(wordsOf('edit-mapping')).toContain('→ Called anew'));
    press('edit-newest');
    press('edit-save');
    await waitFor(() => expect(sent).toEqual([{ newest: true, was: { newest: '' } }]));
  });

  test('near miss: the same version is none', async () => {
    await stand(MOTOR.version);
    expect(screen.queryByTestId('edit-newest')).toBeNull();
  });
});
