import { act, fireEvent, screen } from '@testing-library/react-native';
import { inOrderOfWork } from '@barythm/core/profile';
import { isMadeSafe } from '@barythm/core/job';
import { lastRecord, type LastLeft } from '@barythm/core/visit';
import { DUTY, SOUND_MOTOR } from '@barythm/core/families/metering/fixtures';
import { DUTY as DRIVE_DUTY, SHEETS } from '@barythm/core/families/drive/fixtures';
import { TEN_SLOTS, DUTY as POOL_DUTY } from '@barythm/core/families/pool/fixtures';
import { defaultsOf } from '@barythm/core/job/testing/pool-fixtures';
import { BLANK } from '@barythm/core/job/testing/fixtures';
import { forgetDrafts } from '../../../draft/use-draft';
import { MOTOR, NUMBERED, standJob } from '../../../testing/job-stand';
import { press, type, valueOf, wordsOf } from '../../../testing/touch';
import { ClockCard } from './clock-card';
import { FoundSheet } from './found-sheet';
import { LockOffCard, MakeSafeCard } from './make-safe-card';
import { ReadingsCard } from './readings-card';
import { PlateCard } from './plate-card';

afterEach(() => forgetDrafts(''));
const pressText = (text: string) => fireEvent.press(screen.getByText(text));

describe('settings as found', () => {
  const stand = (values: Record<string, string | number> = {}) =>
    standJob(MOTOR, <FoundSheet />, [], {
      dutyBefore: DUTY,
      lastLeft: { source: 'left', date: '2026-05-02', values },
    });
  const found = (job: ReturnType<typeof stand>, key: string) => job.view().values.found[key];

  test('each in its turn; the same as last left in one tap', () => {
    const job = stand({ ...SOUND_MOTOR } as Record<string, string | number>);
    const keys = MOTOR.parameters.map(({ key }) => key);
    expect(wordsOf('found-sheet')).toContain(`0 of ${keys.length} settings recorded`);
    const same = keys.find((key) => SOUND_MOTOR[key] !== undefined);
    press(`found-row-${keys.at(-1)}`);
    press(`found-row-${same}`);
    press(`same-${same}`);
    expect(found(job, same!)).toBe(SOUND_MOTOR[same!]);
    expect(wordsOf('found-sheet')).toContain(`1 of ${keys.length} settings recorded`);
  });

  test('a long sheet is taken as left in one go, but only what was not read by itself', () => {
    const values = defaultsOf(TEN_SLOTS);
    const job = standJob(TEN_SLOTS, <FoundSheet />, [], {
      dutyBefore: POOL_DUTY,
      lastLeft: { source: 'left', date: '2026-05-02', values },
    });
    press('found-menu-motor');
    press('found-row-limit');
    type('found-input-limit', '2900');
    press('record-limit');
    press('sheet-as-left');
    const held = job.view().values.found;
    expect(held).toMatchObject({ limit: 2900, primeTime: values.primeTime, 'key/4': values['key/4'] });
    // programs are read on a card of their own
    expect(held.start).toBeUndefined();
    expect(screen.queryByTestId('sheet-as-left')).toBeNull();
  });

  test('what was found is taken whatever it is: outside the limits is only said', () => {
    const job = stand();
    press('found-row-length');
    type('found-input-length', '140');
    expect(screen.getByRole('alert')).toHaveTextContent(/cannot be above.*It is recorded as you type it\./);
    press('record-length');
    expect(found(job, 'length')).toBe(140);
  });

  test('what is no figure is told at its place, what could not be read wants its reason', () => {
    const job = stand();
    press('found-row-length');
    type('found-input-length', 'long');
    press('record-length');
    expect(screen.getByText(/“long” is not a figure/)).toBeTruthy();
    expect(valueOf('found-input-length')).toBe('long');
    press('unread-length');
    press('unread-save-length');
    expect(screen.getByText('Say why it could not be read.')).toBeTruthy();
    type('unread-reason-length', 'knob broken off');
    press('unread-save-length');
    expect(wordsOf('found-row-length')).toContain('could not be read: knob broken off');
    expect(found(job, 'length')).toBeUndefined();
  });
});

describe('a long sheet', () => {
  const values = defaultsOf(TEN_SLOTS);
  const stand = (lastLeft: LastLeft | null) =>
    standJob(TEN_SLOTS, <FoundSheet />, [], { dutyBefore: POOL_DUTY, ...(lastLeft && { lastLeft }) });
  const left = { source: 'left', date: '2026-05-02', values } as const;

  test('stands menu by menu: the one that is read is open, the others say each value in text', () => {
    stand(left);
    // of each setting that it confirms in one go the value is in sight
    for (const one of inOrderOfWork(TEN_SLOTS).filter(({ group }) => group !== 'programs')) {
      const row = screen.queryByTestId(`found-row-${one.key}`) ?? screen.queryByTestId(`found-in-${one.key}`);
      const entry = screen.queryByTestId(`found-${one.key}`);
      expect(row ?? entry).not.toBeNull();
      expect(wordsOf(String((row ?? entry)!.props.testID))).toContain(one.label);
    }
    expect(wordsOf('found-in-primeTime')).toMatch(/\d/);
    expect(screen.queryByTestId('found-row-primeTime')).toBeNull();
    press('found-menu-prime');
    expect(screen.queryByTestId('found-row-primeTime')).not.toBeNull();
    press('found-menu-prime');
    expect(screen.queryByTestId('found-row-primeTime')).toBeNull();
  });

  test('a slip is taken back where it was made, though the next is of another menu', () => {
    const job = stand(left);
    const [first] = TEN_SLOTS.parameters;
    press(`same-${first.key}`);
    expect(job.view().values.found[first.key]).toBe(values[first.key]);
    press(`take-back-${first.key}`);
    expect(job.view().values.found[first.key]).toBeUndefined();
    expect(screen.getByTestId(`found-${first.key}`)).toBeTruthy();
  });

  test('what nobody knows is a dash', () => {
    stand(null);
    expect(wordsOf('found-in-primeTime')).toMatch(/–/);
  });

  test('places of which nothing is known are named together; one that is known in part, setting by setting', () => {
    const drives = (values: Record<string, string | number>) =>
      standJob(SHEETS, <FoundSheet />, [], {
        dutyBefore: DRIVE_DUTY,
        lastLeft: { source: 'left', date: '2026-05-02', values },
      });
    drives({ amps: 3.4 });
    expect(wordsOf('found-in-amps')).toContain('3.4');
    expect(wordsOf('found-blank-drive')).toBe('Drive 2 to Drive 8 –');
    expect(screen.queryByTestId('found-in-amps/3')).toBeNull();
    screen.unmount();
    drives({ 'amps/3': 4.6 });
    expect(wordsOf('found-in-amps/3')).toContain('4.6');
    expect(wordsOf('found-in-rpm/3')).toMatch(/–/);
    expect(screen.queryByTestId('found-in-amps/4')).toBeNull();
    screen.unmount();
    // once it is read how many there are, those past it are not asked for at all
    drives({ count: 2 });
    press('same-count');
    expect(wordsOf('found-blank-drive')).toBe('Drive 2 –');
  });
});

describe('making safe', () => {
  test('each step by itself, and one taken back opens it again', () => {
    const job = standJob(
      NUMBERED,
      <>
        <MakeSafeCard />
        <LockOffCard />
      </>,
    );
    const steps = screen
      .getAllByTestId(/^safe-/)
      .map((node) => String(node.props.testID))
      .filter((id) => id !== 'safe-no-hands');
    expect(steps.length).toBeGreaterThan(3);
    for (const step of steps) press(step);
    expect(isMadeSafe(job.view().document)).toBe(true);
    press(steps[0]);
    expect(isMadeSafe(job.view().document)).toBe(false);
  });

  test('taps that come before the screen is painted anew all count', () => {
    const job = standJob(
      NUMBERED,
      <>
        <MakeSafeCard />
        <LockOffCard />
      </>,
    );
    const steps = screen.getAllByTestId(/^safe-/);
    act(() => steps.forEach((step) => void fireEvent.press(step)));
    expect(isMadeSafe(job.view().document)).toBe(true);
  });
});

describe('the plate', () => {
  test('nothing is assumed of the cable; the gear is the one that is stamped', () => {
    const job = standJob(MOTOR, <PlateCard />, [], {
      dutyBefore: DUTY,
      pump: { ...BLANK.pump, signalFrom: null },
    });
    // nothing but the cable is left to say where all else is as registered
    press('identify-all-same');
    expect(screen.getByText('Follow the cable and choose.')).toBeTruthy();
    expect(lastRecord(job.view().document, 'identify')).toBeNull();
    press('identify-differs');
    press('identify-save');
    expect(screen.getByText('Follow the cable and choose.')).toBeTruthy();
    press('identify-gear-C');
    type('identify-greatest_spm', 'many');
    press('identify-source-controller');
    press('identify-save');
    expect(lastRecord(job.view().document, 'identify')).toBeNull();
    type('identify-greatest_spm', '144');
    type('identify-serial', 'MM-7');
    press('identify-save');
    expect(lastRecord(job.view().document, 'identify')?.body).toMatchObject({
      plate: { gear: 'C', greatest_spm: 144, rated_bar: null },
      serial: 'MM-7',
      signalFrom: 'controller',
      controllerAsProfile: false,
    });
    // the gear that is stamped is the gear that is in: it is not asked again
    expect(job.view().values.found).toMatchObject({ gear: 'C' });
    expect(wordsOf('identify')).toContain('not quite as the profile says');
    pressText('Read again');
    // what was read stays, to be corrected
    expect(valueOf('identify-serial')).toBe('MM-7');
    expect(valueOf('identify-greatest_spm')).toBe('144');
    // a plate that was misread takes the setting that came with it along
    press('identify-gear-B');
    press('identify-save');
    expect(job.view().values.found).toMatchObject({ gear: 'B' });
    expect(job.codes()).not.toContain('MET-02');
  });

  test('a gear that was read by itself stays as it was read, whatever the plate says', () => {
    const job = standJob(
      MOTOR,
      <>
        <PlateCard />
        <FoundSheet />
      </>,
      [],
      { dutyBefore: DUTY },
    );
    press('found-choice-gear-A');
    press('identify-differs');
    press('identify-gear-C');
    press('identify-source-flow');
    press('identify-save');
    expect(job.view().values.found).toMatchObject({ gear: 'A' });
    pressText('Read again');
    press('identify-gear-B');
    press('identify-save');
    expect(job.view().values.found).toMatchObject({ gear: 'A' });
  });
});

describe('readings on arrival of a metering pump', () => {
  test('at least one, or why there is none; a wrong figure keeps the rest', () => {
    const job = standJob(MOTOR, <ReadingsCard />);
    press('now-save');
    expect(screen.getByText('Enter at least one reading, or say what could not be read.')).toBeTruthy();
    type('now-current_mA', '12.1');
    type('now-pressure_bar', 'low');
    press('now-save');
    expect(screen.getByText('Put the marked figure right first.')).toBeTruthy();
    type('now-pressure_bar', '');
    press('now-unread-pressure_bar');
    press('now-save');
    expect(screen.getByText('Say why it could not be read.')).toBeTruthy();
    type('now-why-pressure_bar', 'no gauge');
    press('now-save');
    expect(lastRecord(job.view().document, 'readings-now')?.body).toMatchObject({
      current_mA: 12.1,
      rate_spm: null,
      rateBy: null,
      unreadable: { pressure_bar: 'no gauge' },
    });
    expect(wordsOf('readings-now')).toContain('Discharge pressure: could not be read: no gauge');
  });
  test('behind a meter no current is asked for, and its display is the meter’s', () => {
    standJob(MOTOR, <ReadingsCard />, [
      {
        kind: 'job.record',
        jobId: 'job-1',
        recordId: 'r',
        record: {
          kind: 'identify',
          plate: { gear: 'B', greatest_spm: null, rated_bar: null },
          serial: '',
          controllerAsProfile: true,
          signalFrom: 'meter',
          note: '',
        },
      },
    ]);
    expect(screen.queryByTestId('now-current_mA')).toBeNull();
    expect(screen.getByText('Meter’s display')).toBeTruthy();
  });
});

describe('the clock (ANY-04)', () => {
  beforeEach(() => jest.useFakeTimers({ now: Date.parse('2026-11-24T10:30:00Z') }));
  afterEach(() => jest.useRealTimers());
  const stand = () => standJob(TEN_SLOTS, <ClockCard />, [], { dutyBefore: POOL_DUTY });

  test('against true time with one tap, and set right', () => {
    const job = stand();
    type('clock-shows', 'about noon');
    press('clock-now');
    expect(screen.getByText('Type the time as the controller shows it, e.g. 14:05.')).toBeTruthy();
    type('clock-shows', '10:37');
    press('clock-now');
    expect(wordsOf('clock')).toContain('7 min fast.');
    expect(job.view().context).toMatchObject({ clockAhead_min: 7 });
    press('clock-set');
    expect(wordsOf('clock')).toContain('7 min fast, set right.');
    expect(job.view().context).toMatchObject({ clockAhead_min: 0 });
  });
  test('a weekday program runs a day late where the clock takes Tuesday for Monday', () => {
    const job = stand();
    press('clock-day-1');
    type('clock-shows', '10:30');
    press('clock-now');
    expect(wordsOf('clock')).toContain('1 day slow.');
    expect(job.view().context).toMatchObject({ clockAhead_min: -1440 });
    expect(lastRecord(job.view().document, 'clock')?.body).toMatchObject({
      shown: { time: '10:30', weekday: 1 },
    });
  });
  test('half a day off is said, and so is a day nobody read', () => {
    stand();
    type('clock-shows', '22:31');
    press('clock-now');
    expect(wordsOf('clock')).toContain('morning and evening look swapped');
    expect(wordsOf('clock')).toContain('Which day it takes today for was not read.');
  });
  test('read again after a slip of the pen; the later one counts', () => {
    const job = stand();
    type('clock-shows', '22:30');
    press('clock-now');
    press('clock-again');
    type('clock-shows', '10:28');
    press('clock-now');
    expect(wordsOf('clock')).toContain('2 min slow.');
    expect(job.view().context).toMatchObject({ clockAhead_min: -2 });
  });
  test('not read wants its reason', () => {
    const job = stand();
    press('clock-unread');
    press('clock-unread-save');
    expect(screen.getByText('Say why it could not be read.')).toBeTruthy();
    type('clock-why', 'display dark');
    press('clock-unread-save');
    expect(wordsOf('clock')).toContain('Not read: display dark');
    expect(lastRecord(job.view().document, 'clock')?.body).toMatchObject({ error_min: null });
  });
});
