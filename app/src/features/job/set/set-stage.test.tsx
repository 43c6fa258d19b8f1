import { screen } from '@testing-library/react-native';
import { stateOf } from '@barythm/core/sheet';
import { TEN_SLOTS } from '@barythm/core/families/pool/fixtures';
import { badlyRun } from '@barythm/core/job/testing/pool-fixtures';
import { standJob } from '../../../testing/job-stand';
import { press, type, wordsOf } from '../../../testing/touch';
import { SetStage } from './set-stage';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));

const planned = () =>
  standJob(TEN_SLOTS, <SetStage />, [], badlyRun().plan().record({ kind: 'power-back' }).document);

/** The parameter whose card is open. */
const openCard = () =>
  screen
    .queryAllByTestId(/^set-[a-zA-Z]+(\/\d+)?$/)
    .map((node) => String(node.props.testID))
    .find((id) => !['set-left', 'set-target', 'set-differs', 'set-done', 'set-stage'].includes(id));

test('one card a setting in the order of work, the enable of a program as its own step', () => {
  const job = planned();
  const order: (string | undefined)[] = [];
  for (let guard = 0; guard < 60 && screen.queryByTestId('set-done') === null; guard++) {
    const card = openCard();
    order.push(card);
    const row = job.view().rows.find((one) => ['to-do', 'differs'].includes(stateOf(one)));
    const value = row?.target?.value;
    if (typeof value === 'number') {
      type(
        'readback',
        card?.startsWith('set-start') || card?.startsWith('set-stop') ? clock(value) : String(value),
      );
      press('readback-save');
    } else press(`readback-${String(value)}`);
  }
  const programs = order.filter((id) => /set-(days|start|stop|speed|enable)/.test(id ?? ''));
  // slot 1 is a key: it is switched off; slots 5 and 6 get times, speed, and their enable last
  expect(programs[0]).toBe('set-enable');
  expect(programs.indexOf('set-enable/5')).toBeGreaterThan(programs.indexOf('set-speed/5'));
  expect(programs.indexOf('set-start/6')).toBeGreaterThan(programs.indexOf('set-enable/5'));
  expect(programs.indexOf('set-enable/6')).toBeGreaterThan(programs.indexOf('set-speed/6'));
  expect(screen.getByText('Everything is entered and read back.')).toBeTruthy();
  expect(job.view().rows.filter((row) => stateOf(row) === 'to-do')).toEqual([]);
});
function clock(minute: number): string {
  return `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`;
}

test('a figure that the display cannot show is said at once, and only recorded when it is said twice', () => {
  const job = planned();
  type('readback', '26300');
  expect(wordsOf('readback-outside')).toContain('3260');
  expect(screen.queryByTestId('readback-outside-save')).toBeNull();
  // twice in one place is no second answer
  press('readback-save');
  press('readback-save');
  const left = () => job.view().rows.find(({ address }) => address.endsWith('/limit'))!.left;
  expect(left()).toBeNull();
  type('readback', '2630');
  expect(screen.queryByTestId('readback-outside')).toBeNull();
  press('readback-save');
  expect(left()?.value).toBe(2630);
});

test('what the display really shows is recorded, though it cannot be, by a button of its own', () => {
  const job = planned();
  type('readback', '26300');
  press('readback-save');
  press('readback-outside-save');
  expect(job.view().rows.find(({ address }) => address.endsWith('/limit'))!.left?.value).toBe(26300);
});

test('what the display shows instead is kept, told large, and entered again', () => {
  const job = planned();
  const card = openCard() ?? '';
  expect(card).toBe('set-limit');
  expect(wordsOf('set-target')).toContain('2630');
  type('readback', 'about 2600');
  press('readback-save');
  expect(screen.getByText(/is not a figure/)).toBeTruthy();
  type('readback', '2600');
  press('readback-save');
  expect(wordsOf('set-differs')).toContain('The display shows 2600 rev/min, not 2630 rev/min.');
  type('readback', '2630');
  press('readback-save');
  const row = job.view().rows.find(({ address }) => address === 'motor/1/limit')!;
  expect(stateOf(row)).toBe('done');
  // both readings stay on the job
  const entered = job
    .view()
    .document.entries.filter(({ kind, address }) => kind === 'left' && address === row.address);
  expect(entered.map(({ value }) => value)).toEqual([2600, 2630]);
});

test('ANY-07: it shows what was found; the neighbours are looked at before it is entered again', () => {
  planned();
  type('readback', '3260');
  press('readback-save');
  expect(screen.getByTestId('neighbours')).toBeTruthy();
  expect(screen.queryByTestId('readback')).toBeNull();
  for (const same of screen.getAllByTestId(/^beside-.*-same$/).map((node) => String(node.props.testID)))
    press(same);
  expect(screen.queryByTestId('neighbours')).toBeNull();
  expect(screen.getByTestId('readback')).toBeTruthy();
});

test('breaking off wants a reason, and puts back what was found', () => {
  const job = planned();
  type('readback', '2630');
  press('readback-save');
  press('break-off');
  press('put-back');
  expect(screen.getByText('Say why the work is broken off.')).toBeTruthy();
  type('break-reason', 'Called away.');
  press('put-back');
  expect(screen.getByText('Putting back as found')).toBeTruthy();
  expect(wordsOf('set-target')).toContain('3260');
  type('readback', '3260');
  press('readback-save');
  expect(screen.getByTestId('set-done')).toBeTruthy();
  press('resume');
  expect(screen.queryByText('Putting back as found')).toBeNull();
  expect(job.view().document.records.map(({ body }) => body.kind)).toEqual(
    expect.arrayContaining(['broken-off', 'resumed']),
  );
});

test('Set is closed before the pump is made safe and read', () => {
  standJob(TEN_SLOTS, <SetStage />, [], { dutyBefore: badlyRun().document.dutyBefore });
  expect(screen.getByText('Set is still closed')).toBeTruthy();
  expect(screen.queryByTestId('readback')).toBeNull();
});

test('a dead display shows nothing: the power returns by a step of its own, with its caution', () => {
  standJob(TEN_SLOTS, <SetStage />, [], badlyRun().plan().document);
  expect(openCard()).toBeUndefined();
  expect(wordsOf('power-back')).toContain('Each takes off his own lock');
  press('power-back-save');
  expect(screen.queryByTestId('power-back')).toBeNull();
  expect(openCard()).toBeDefined();
});

test('a slip of the thumb is taken back in one tap, and is no slip of the pump', () => {
  const job = planned();
  type('readback', '2640');
  press('readback-save');
  expect(wordsOf('set-differs')).toContain('2640');
  press('take-back-limit');
  expect(screen.queryByTestId('set-differs')).toBeNull();
  const row = () => job.view().rows.find(({ address }) => address.endsWith('/limit'))!;
  expect(row().left).toBeNull();
  expect(job.view().findings.job.map(({ code }) => code)).not.toContain('ANY-06');
  type('readback', String(row().target!.value));
  press('readback-save');
  // the next one stands there, and the last is still one tap away
  expect(wordsOf('just-entered')).toContain('read back');
  press('take-back-last');
  expect(row().left).toBeNull();
});
