import { act, render, screen } from '@testing-library/react-native';
import { FAN_PROFILE, SAMPLES } from '@barythm/core/families/samples/fan/fixtures';
import { Walk, type Sample } from '@barythm/core/job/testing/walk.fixtures';
import { ProfileScreen } from '../features/library/profile-screen';
import { PumpScreen } from '../features/pump/pump-screen';
import { AsFoundStage } from '../features/job/as-found/as-found-stage';
import { HandOverStage } from '../features/job/hand-over/hand-over-stage';
import { PlanStage } from '../features/job/plan/plan-stage';
import { ProveStage } from '../features/job/prove/prove-stage';
import { SetStage } from '../features/job/set/set-stage';
import { standJob } from '../testing/job-stand';
import { serve, standScreen } from '../testing/server-stand';
import { press, type, wordsOf } from '../testing/touch';
import { familyOf, type FamilyName } from '@barythm/core/families';
import { OpenParts } from '../form/parts';
import { FormProvider } from '../form/scope';

jest.mock('expo-router', () => ({
  useRouter: () => ({ navigate: jest.fn() }),
  usePathname: () => '/',
  useLocalSearchParams: () => ({ id: 'pump-1' }),
}));

// one line more in the core’s table, and one in the app’s: nothing else knows this family
jest.mock('../../../core/src/families/all', () => {
  const table = jest.requireActual<typeof import('../../../core/src/families/all')>(
    '../../../core/src/families/all',
  );
  const { fanFamily } = jest.requireActual<typeof import('@barythm/core/families/samples/fan/fixtures')>(
    '@barythm/core/families/samples/fan/fixtures',
  );
  const FAMILIES = { ...table.FAMILIES, fan: fanFamily };
  return { ...table, FAMILIES, familyOf: (name: keyof typeof FAMILIES) => FAMILIES[name] };
});
jest.mock('./registry', () => {
  const table = jest.requireActual<typeof import('./registry')>('./registry');
  const { fanScreens } =
    jest.requireActual<typeof import('./sample-screens.fixtures')>('./sample-screens.fixtures');
  return {
    ...table,
    ALL_SCREENS: [...table.ALL_SCREENS, ['fan', fanScreens]],
    screensOf: (family: string) => (family === 'fan' ? fanScreens : table.screensOf(family as never)),
  };
});

const [sample] = SAMPLES as unknown as readonly Sample[];
const PROFILE = FAN_PROFILE as unknown as Sample['profile'];
/** A walk as far as these steps. */
const walked = (...steps: readonly ('arrive' | 'found' | 'plan' | 'set' | 'prove' | 'leave')[]) => {
  const walk = new Walk(sample);
  for (const step of steps) {
    if (step === 'found') walk.found(sample.found);
    else walk[step]();
  }
  return walk.document;
};
const ALL = ['arrive', 'found', 'plan', 'set', 'prove', 'leave'] as const;

test('as found: its own cards stand among those of any pump', () => {
  standJob(PROFILE, <AsFoundStage />, [], walked('arrive', 'found'));
  expect(screen.getByText('Verdict on a fan')).toBeTruthy();
  expect(wordsOf('readings-now')).toContain('It turns');
  expect(wordsOf('readings-now')).toContain('Speed it shows');
  expect(wordsOf('identify')).toContain('Serial S-1, 40 W.');
  expect(wordsOf('found-sheet')).toContain('2 of 2 settings recorded');
  expect(screen.getByText('Turns too slowly')).toBeTruthy();
});

test('as found: a record of its own has a card, painted by its description', () => {
  standJob(PROFILE, <AsFoundStage />, [], walked('arrive', 'found'));
  press('later-fan-dusted');
  expect(screen.getByText('Dusting')).toBeTruthy();
  expect(screen.getByText('Switched off at its plug first.')).toBeTruthy();
  expect(screen.getByText('Blades wiped')).toBeTruthy();
  press('fan-dusted-save');
  expect(screen.getAllByText('This is needed.').length).toBeGreaterThan(0);
  type('fan-dusted-blades', '13');
  press('fan-dusted-save');
  expect(screen.getByText('This can be 12 at most.')).toBeTruthy();
});

test('plan, set and prove: its own plan, every target a card, every check with its expected state', () => {
  standJob(PROFILE, <PlanStage />, [], walked('arrive', 'found'));
  expect(screen.getByText('Plan of a fan')).toBeTruthy();
  screen.unmount();
  standJob(PROFILE, <SetStage />, [], walked('arrive', 'found', 'plan'));
  expect(wordsOf('set-target')).toContain('60');
  screen.unmount();
  standJob(PROFILE, <ProveStage />, [], walked('arrive', 'found', 'plan', 'set'));
  expect(screen.getByText('Proof of a fan')).toBeTruthy();
});

test('handed over: what was set and tried stands on the screen', () => {
  standJob(PROFILE, <HandOverStage />, [], walked(...ALL));
  expect(wordsOf('downloads')).toContain('Received by Visitor');
  expect(screen.getByTestId('download-speeds.csv')).toBeTruthy();
  expect(wordsOf('block-air')).toContain('60 %');
  expect(wordsOf('proved')).toContain('Air felt at the grille.');
  expect(screen.getAllByText(/2 of 2 checks as expected/).length).toBeGreaterThan(0);
});

test('its page and its controller’s page are made of its own lines', async () => {
  const latest = walked(...ALL);
  const pump = {
    id: 'pump-1',
    tag: 'A-1',
    name: 'A fan',
    place: 'Loft',
    siteId: 'site-1',
    siteName: 'A site',
    family: 'fan',
    signalFrom: null,
    note: '',
    reported: null,
    zone: 'Atlantic/Faroe',
    retiredOn: null,
    code: 'K7Q2',
    unit: { ...latest.unit, installedOn: '2020-01-01', plateReadOn: null },
    profile: PROFILE,
    duty: sample.duty,
    latest,
    jobs: [],
    today: '2026-11-24',
    nowShare: 0.4,
  };
  const history = { changes: [], calibrations: [], services: [], counters: [], sheets: [] };
  serve([
    { to: '/history', body: history },
    { to: '/pumps/pump-1', body: pump },
    { to: '/profiles/', body: PROFILE },
  ]);
  const { clear } = standScreen(<PumpScreen />);
  expect(await screen.findByText('60 % of its speed')).toBeTruthy();
  await act(async () => undefined);
  clear();
  screen.unmount();
  const library = standScreen(<ProfileScreen />);
  expect(await screen.findByText('Has a clock')).toBeTruthy();
  library.clear();
});

test('a fan can be described by its user', () => {
  const { controllerOf, behaviours: form } = familyOf('fan' as FamilyName).forms;
  expect(controllerOf).toBe('A fan');
  render(
    <FormProvider value={{ texts: form.blank, errors: {}, change: () => undefined, name: 'p' }}>
      <OpenParts parts={form.parts} />
    </FormProvider>,
  );
  expect(wordsOf('p-part-habits')).toContain('Has a clock');
  expect(form.read(form.blank).value).toEqual({ family: 'fan', hasClock: false });
});
