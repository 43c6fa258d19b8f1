import { screen } from '@testing-library/react-native';
import { parameterAt, type Parameter } from '@barythm/core/profile';
import { shipped } from '@barythm/core/families/suites/shipped.fixtures';
import { forgetDrafts } from '../../draft/use-draft';
import { FoundSheet } from '../../features/job/as-found/found-sheet';
import { MakeSafeCard } from '../../features/job/as-found/make-safe-card';
import { MessagesCard } from '../../features/job/as-found/messages-card';
import { MOTOR, standJob } from '../../testing/job-stand';
import { press, type, wordsOf } from '../../testing/touch';
import { Button } from '../../ui/button';
import { useDisplay } from './use-display';
import { WayKeys } from './way-keys';

afterEach(() => {
  forgetDrafts('');
  jest.useRealTimers();
});

const SOFT = shipped('two-point-soft-keys');
const of = (key: string): Parameter => SOFT.parameters.find((parameter) => parameter.key === key)!;
const way = (key: string) => wordsOf(`way-${key}`).replace(/\s+/g, ' ');

describe('the keys to a setting', () => {
  test('from what somebody says the display shows; by way of home where nobody knows', () => {
    standJob(SOFT, <WayKeys parameter={of('rateA')} doing="set" />);
    expect(way('rateA')).toContain('What the display shows is not known: home first.');
    expect(way('rateA')).toMatch(/hold Exit.*Menu.*Down ×2.*Open ×2.*Next/);
    press('display-else');
    type('display-at-search', 'point 1');
    const [place] = screen
      .getAllByRole('radio')
      .filter((node) => /Point 1$/.test(wordsOf(String(node.props.testID))));
    press(String(place.props.testID));
    expect(way('rateA')).toContain('“Settings, Signal, Point 1”');
    expect(way('rateA')).not.toContain('Menu');
    expect(way('rateA')).toContain('1 press; by way of home 7.');
    // it shows something else after all
    press('display-else');
    press('display-at-else');
    expect(way('rateA')).toContain('home first');
  });

  test('a setting follows from the one that was read before it; a knob moves no display', () => {
    standJob(SOFT, <FoundSheet />);
    press('found-row-currentA');
    type('found-input-currentA', '4');
    press('record-currentA');
    // the nearest is next: on the same page
    expect(way('rateA')).toMatch(/1 press; by way of home 7/);
    press('found-row-length');
    expect(screen.queryByTestId('way-length')).toBeNull();
    type('found-input-length', '60');
    press('record-length');
    expect(way('rateA')).toMatch(/1 press/);
  });

  test('what could not be read says nothing of where the display stands', () => {
    standJob(SOFT, <FoundSheet />);
    press('found-row-currentA');
    type('found-input-currentA', '4');
    press('record-currentA');
    expect(screen.queryByText(/home first/)).toBeNull();
    press('unread-rateA');
    type('unread-reason-rateA', 'Code unknown.');
    press('unread-save-rateA');
    press('found-row-limit');
    expect(way('limit')).toContain('home first');
  });

  test('a display that was left alone may have gone home', () => {
    const at = Date.parse('2026-11-24T09:00:00Z');
    jest.useFakeTimers({ now: at });
    const stand = () => standJob(SOFT, <WayKeys parameter={of('rateA')} doing="set" />);
    stand();
    press('display-else');
    press('display-at-home');
    expect(way('rateA')).toContain('“stroke rate and mode”');
    screen.unmount();
    jest.setSystemTime(at + 179_000);
    stand();
    expect(way('rateA')).toContain('“stroke rate and mode”');
    screen.unmount();
    jest.setSystemTime(at + 180_000);
    stand();
    expect(way('rateA')).toContain('home first');
  });

  test('whatever else is done at the pump since may have left it anywhere; a page that has its way is known', () => {
    // records of the stand are of nine o’clock
    const nine = Date.parse('2026-11-24T09:00:00Z');
    jest.useFakeTimers({ now: nine - 1000 });
    standJob(
      SOFT,
      <>
        <MessagesCard />
        <MakeSafeCard />
        <WayKeys parameter={of('rateA')} doing="set" />
      </>,
    );
    const sayHome = () => {
      press('display-else');
      press('display-at-home');
    };
    sayHome();
    expect(way('rateA')).toContain('“stroke rate and mode”');
    press('safe-stopped');
    expect(way('rateA')).toContain('home first');
    // said after it, it holds
    jest.setSystemTime(nine);
    sayHome();
    expect(way('rateA')).toContain('“stroke rate and mode”');
    press('messages-for-nothing');
    press('messages-pump-runs');
    press('messages-list-none');
    expect(way('rateA')).toContain('“Settings, Last faults”');
  });

  test('a menu that closes sooner than that is gone sooner', () => {
    const at = Date.parse('2026-11-24T09:00:00Z');
    jest.useFakeTimers({ now: at });
    const access = { opensBy: 'Code 12.', closesAfter_min: 1 };
    const soon = { ...SOFT, behaviours: { ...SOFT.behaviours, access } } as typeof SOFT;
    const stand = () => standJob(soon, <WayKeys parameter={of('rateA')} doing="set" />);
    stand();
    press('display-else');
    press('display-at-home');
    screen.unmount();
    jest.setSystemTime(at + 59_000);
    stand();
    expect(way('rateA')).not.toContain('home first');
    screen.unmount();
    jest.setSystemTime(at + 60_000);
    stand();
    expect(way('rateA')).toContain('home first');
  });

  test('once a setting asked for the supply to be switched, the display begins anew', () => {
    function Probe() {
      const display = useDisplay();
      return (
        <>
          <Button label="mode" testID="mode" onPress={() => display.wasAt(of('operation'), 'set')} />
          <Button label="power" testID="power" onPress={() => display.wasAt(of('power'), 'set')} />
        </>
      );
    }
    standJob(
      SOFT,
      <>
        <Probe />
        <WayKeys parameter={of('limit')} doing="set" />
      </>,
    );
    press('mode');
    expect(way('limit')).toContain('“Settings, Operation”');
    expect(of('power').needsRestart).toBe(true);
    press('power');
    expect(way('limit')).toContain('home first');
  });

  test('a profile that does not say how one gets about shows its route', () => {
    standJob(MOTOR, <WayKeys parameter={MOTOR.parameters[0]} doing="set" />);
    expect(screen.queryByTestId('display-now')).toBeNull();
    for (const { key } of parameterAt(MOTOR, `${MOTOR.parameters[0].group}/${MOTOR.parameters[0].key}`)
      ?.route ?? [])
      expect(screen.getByText(new RegExp(key))).toBeTruthy();
  });

  test('a key that sets something going comes with its caution, and is shown once somebody has seen to it', () => {
    const act = { key: 'Menu', press: 'short', does: 'primes', words: 'It primes: the line open.' } as const;
    standJob(
      { ...SOFT, menu: { ...SOFT.menu!, acts: [act] } },
      <WayKeys parameter={of('rateA')} doing="set" />,
    );
    expect(screen.getByRole('alert')).toHaveTextContent(/It primes: the line open\./);
    expect(way('rateA')).not.toContain('Down');
    press('way-known');
    expect(way('rateA')).toContain('Down');
  });
});
