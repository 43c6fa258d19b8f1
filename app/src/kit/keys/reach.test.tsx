import { screen } from '@testing-library/react-native';
import { addressOf, inOrderOfWork, type Parameter, type SettingValue } from '@barythm/core/profile';
import type { JobCommandBody } from '@barythm/core/families';
import { shipped } from '@barythm/core/families/suites/shipped.fixtures';
import { forgetDrafts } from '../../draft/use-draft';
import { standJob } from '../../testing/job-stand';
import { press, wordsOf } from '../../testing/touch';
import { ReadBack } from '../set/read-back';
import { Button } from '../../ui/button';
import { useDisplay } from './use-display';
import { WayKeys } from './way-keys';

afterEach(() => forgetDrafts(''));

const MODULE = shipped('circulator-module-browser');
const LAMPS = shipped('metering-outside-lamps');
const TIMERS = shipped('pool-drive-timer-menus');
const KEYED = shipped('pool-drive-two-programs');
type Shipped = typeof MODULE;
const of = (profile: Shipped, key: string): Parameter =>
  inOrderOfWork(profile).find((one) => one.key === key)!;
const words = (id: string) => wordsOf(id).replace(/\s+/g, ' ');

/** Settings that were read just now. */
function Probe() {
  const display = useDisplay();
  return ['sensorKind', 'lock'].map((key) => (
    <Button
      key={key}
      label={key}
      testID={`was-${key}`}
      onPress={() => display.wasAt(of(MODULE, key), 'read')}
    />
  ));
}

describe('at which panel', () => {
  const stand = (key: string) => standJob(MODULE, <WayKeys parameter={of(MODULE, key)} doing="set" />);
  test('where there are several it is asked, and no key is shown before; what is said stays for the job', () => {
    stand('head');
    expect(screen.queryByTestId('way-head')).toBeNull();
    expect(screen.queryAllByRole('radio', { checked: true })).toHaveLength(0);
    press('at-panel-browser');
    expect(words('panel-steps')).toBe('Settings › Mode › Head');
    expect(screen.getByText(/its password is changed first/)).toBeTruthy();
    screen.unmount();
    stand('head');
    expect(words('panel-steps')).toBe('Settings › Mode › Head');
    expect(words('at-panel-now')).toBe('At hand: Browser page.');
    press('at-panel-else');
    press('at-panel-panel');
    expect(words('way-head')).toContain('hold Wheel 3 s');
    screen.unmount();
    // a setting that this panel has not is asked for anew
    stand('source');
    expect(screen.queryByTestId('at-panel-phone')).toBeNull();
    expect(words('way-source')).toContain('Source');
  });
  test('what is set at another one alone says so, with what to see to', () => {
    stand('name');
    expect(screen.getByText('Only at: Browser page.')).toBeTruthy();
    expect(screen.getByText(/Anyone on the same network/)).toBeTruthy();
    expect(screen.queryByTestId('at-panel')).toBeNull();
    expect(screen.queryByTestId('display-now')).toBeNull();
  });
});

describe('what opens it', () => {
  test('a link, by someone licensed, isolated and undone again', () => {
    standJob(MODULE, <WayKeys parameter={of(MODULE, 'sensorKind')} doing="read" />);
    expect(words('opens-by')).toBe(
      'Isolated and locked off, by someone licensed for it: a link between terminals 31 and 32. Switch on; undo it afterwards in the same way.',
    );
  });
  test('the display begins anew where the link goes in or out, and stands where it was between two that it opens', () => {
    standJob(
      MODULE,
      <>
        <Probe />
        <WayKeys parameter={of(MODULE, 'range')} doing="read" />
        <WayKeys parameter={of(MODULE, 'lock')} doing="read" />
      </>,
    );
    press('was-sensorKind');
    expect(words('way-range')).toContain('The display shows');
    expect(words('way-lock')).toContain('home first');
    press('was-lock');
    expect(words('way-range')).toContain('home first');
    expect(words('way-lock')).toContain('The display shows');
  });
  test('keys while a word stands, and how long it does', () => {
    const opensBy = { by: 'word', shows: 'SEt', within_s: 8 } as const;
    standJob(MODULE, <WayKeys parameter={{ ...of(MODULE, 'lock'), opensBy }} doing="set" />);
    expect(words('opens-by')).toContain('Press while “SEt” stands on the display. Within 8 s of power on.');
  });
  test('a code is shown as it is pressed, digit by digit', () => {
    standJob(TIMERS, <WayKeys parameter={of(TIMERS, 'password')} doing="read" />);
    expect(words('way-password')).toContain('code 3120: Up ×3 Right Up ×1 Right Up ×2 Right');
  });
  test('what is set while it runs shows its keys once somebody has seen to it; reading it does not ask twice', () => {
    standJob(KEYED, <WayKeys parameter={of(KEYED, 'speed/2')} doing="set" />);
    expect(screen.getByText(/It must run while this is set: water moves/)).toBeTruthy();
    // the key that starts it has its own caution; both are seen to at once
    expect(screen.getByText(/The pump runs at once at this key’s speed/)).toBeTruthy();
    expect(words('way-speed/2')).not.toContain('Plus');
    press('way-known');
    expect(words('way-speed/2')).toContain('Key 2');
  });
  test('a knob is turned while it strokes, and asks nothing', () => {
    standJob(LAMPS, <WayKeys parameter={of(LAMPS, 'length')} doing="set" />);
    expect(screen.queryByTestId('way-known')).toBeNull();
  });
});

describe('presses counted from what stands there', () => {
  const entry = (
    profile: Shipped,
    key: string,
    value: SettingValue,
    more: { confirmed?: true } = {},
  ): JobCommandBody => ({
    kind: 'sheet.enter-many',
    jobId: 'job-1',
    column: 'found',
    entries: [
      {
        entryId: `found-${key}`,
        address: addressOf(of(profile, key)),
        raw: String(value),
        unit: '',
        value,
        reason: null,
        ...more,
      },
    ],
  });
  const planFor = (profile: Shipped, key: string, value: SettingValue) => {
    const job = standJob(profile, null, []).view().document;
    const target = {
      id: 'target-1',
      address: addressOf(of(profile, key)),
      kind: 'target' as const,
      raw: String(value),
      unit: '',
      value,
      reason: 'The duty.',
      recordedAt: '2026-11-24T08:30:00.000Z',
      actor: 'Technician 1',
      revision: 1,
    };
    screen.unmount();
    return { entries: [...job.entries, target] };
  };
  const stand = (profile: Shipped, key: string, to: SettingValue, before: readonly JobCommandBody[]) =>
    standJob(
      profile,
      <ReadBack parameter={of(profile, key)} onDone={() => undefined} />,
      before,
      planFor(profile, key, to),
    );

  test('from what was read, the first press only making it flash', () => {
    stand(LAMPS, 'stopKind', 'permits', [entry(LAMPS, 'stopKind', 'stops')]);
    expect(words('dial-stopKind')).toBe(
      'From CLSd: stops when closed to OPEn: runs while closed, 2 presses; the first only makes it flash:Up ×2',
    );
  });
  test('digit by digit', () => {
    stand(LAMPS, 'limit', 95, [entry(LAMPS, 'limit', 180)]);
    // 180 to 095
    expect(words('dial-limit')).toContain('Down ×2NextUpNextUp ×5');
  });
  test('not from what was only confirmed as known', () => {
    stand(LAMPS, 'limit', 95, [entry(LAMPS, 'limit', 180, { confirmed: true })]);
    expect(words('dial-limit')).toBe(
      'Its presses cannot be counted from a value that nobody read: press until it shows 95 strokes/min.',
    );
  });
  test('at another panel neither presses nor slips of keys are told, and what stores it is that panel’s own', () => {
    stand(MODULE, 'mode', 'level', [entry(MODULE, 'mode', 'own')]);
    press('at-panel-browser');
    expect(screen.getByText(/“Save” at the foot of the page/)).toBeTruthy();
    expect(screen.queryByText(/Press twice: to choose/)).toBeNull();
    press('at-panel-else');
    press('at-panel-panel');
    expect(screen.getByText(/Press twice: to choose/)).toBeTruthy();
    expect(screen.queryByText(/“Save” at the foot of the page/)).toBeNull();
  });
  test('what learns anew, and for how long', () => {
    stand(MODULE, 'mode', 'level', [entry(MODULE, 'mode', 'own')]);
    expect(words('relearns')).toContain('It takes about 48 h');
  });
});
