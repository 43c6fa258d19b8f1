import { screen } from '@testing-library/react-native';
import { parameterAt } from '@barythm/core/profile';
import { stateOf } from '@barythm/core/sheet';
import { TEN_SLOTS } from '@barythm/core/families/pool/fixtures';
import { badlyRun } from '@barythm/core/job/testing/pool-fixtures';
import { forgetDrafts } from '../../../draft/use-draft';
import { standJob } from '../../../testing/job-stand';
import { press, type, wordsOf } from '../../../testing/touch';
import { SetStage } from './set-stage';

afterEach(() => forgetDrafts(''));
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));

const planned = () =>
  standJob(TEN_SLOTS, <SetStage />, [], badlyRun().plan().record({ kind: 'power-back' }).document);

/** The parameter whose card is open. */
const openCard = () =>
  screen
    .queryAllByTestId(/^set-[a-zA-Z]+(\/\d+)?$/)
    .map((node) => String(node.props.testID))
    .find((id) => !['set-left', 'set-target', 'set-differs', 'set-done', 'set-stage'].includes(id));

test('one card a setting or a program in the order of work, the enable of a program last in it', () => {
  const job = planned();
  const order: string[] = [];
  for (let guard = 0; guard < 60 && screen.queryByTestId('set-done') === null; guard++) {
    if (screen.queryByTestId('set-row')) {
      order.push(lines().join(' '));
      press('row-left-shown');
      continue;
    }
    const card = openCard();
    order.push(card ?? '');
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
  // slot 1 is a key: it is switched off by itself; slots 5 and 6 are a card each
  const programs = order.filter((card) => card.includes('enable'));
  expect(programs[0]).toBe('set-enable');
  expect(programs.slice(1).map((card) => card.split(' ').at(-1))).toEqual(['set-enable/5', 'set-enable/6']);
  expect(order.length).toBeLessThan(job.view().rows.filter(({ left }) => left).length);
  expect(screen.getByText('Everything is entered and read back.')).toBeTruthy();
  expect(job.view().rows.filter((row) => stateOf(row) === 'to-do')).toEqual([]);
});

/** Settings of the row that is shown. */
const lines = () =>
  screen.queryAllByTestId(/^shown-/).map((node) => String(node.props.testID).replace('shown-', 'set-'));

/** The first row of several settings, with what stands before it entered. */
function atRow() {
  const job = planned();
  for (let guard = 0; guard < 20 && screen.queryByTestId('set-row') === null; guard++) {
    const value = job.view().rows.find((one) => stateOf(one) === 'to-do')?.target?.value;
    if (typeof value === 'number') {
      type('readback', String(value));
      press('readback-save');
    } else press(`readback-${String(value)}`);
  }
  return job;
}

test('a program is one card: one look at the display records each of its settings as it is shown', () => {
  const job = atRow();
  const keys = lines();
  expect(keys.length).toBeGreaterThan(1);
  const before = job.view().document.entries.length;
  press('row-left-shown');
  const entries = job.view().document.entries.slice(before);
  expect(entries.map(({ kind }) => kind)).toEqual(keys.map(() => 'left'));
  for (const { address, value } of entries)
    expect(job.view().rows.find((row) => row.address === address)?.target?.value).toBe(value);
  // all of it was a slip of the thumb
  expect(wordsOf('just-entered')).toContain(`${keys.length} settings read back`);
  press('take-back-last');
  expect(lines()).toEqual(keys);
  expect(job.view().findings.job.map(({ code }) => code)).not.toContain('ANY-06');
});

test('where one of a row shows something else they are gone through one by one', () => {
  const job = atRow();
  const [first] = lines();
  press('row-left-apart');
  expect(screen.queryByTestId('set-row')).toBeNull();
  expect(openCard()).toBe(first);
  expect(screen.getByTestId('readback')).toBeTruthy();
  expect(job.view().rows.filter((row) => stateOf(row) === 'differs')).toEqual([]);
});

test('a row that was only confirmed with the others is read in one look before it is changed', () => {
  const job = standJob(
    TEN_SLOTS,
    <SetStage />,
    [],
    badlyRun({ confirmed: true }).plan().record({ kind: 'power-back' }).document,
  );
  for (let guard = 0; guard < 30 && screen.queryByTestId('read-first-row') === null; guard++) {
    const row = job.view().rows.find((one) => stateOf(one) === 'to-do');
    const key = parameterAt(TEN_SLOTS, row?.address ?? '')?.key;
    const [found, target] = [row?.found?.value, row?.target?.value];
    if (screen.queryByTestId('read-first') && typeof found === 'number') {
      const isTime = parameterAt(TEN_SLOTS, row?.address ?? '')?.type === 'time';
      type(`found-input-${key}`, isTime ? clock(found) : String(found));
      press(`record-${key}`);
    } else if (screen.queryByTestId('read-first')) press(`found-choice-${key}-${String(found)}`);
    else if (typeof target === 'number') {
      type('readback', String(target));
      press('readback-save');
    } else press(`readback-${String(target)}`);
  }
  const keys = lines();
  expect(keys.length).toBeGreaterThan(1);
  press('row-found-shown');
  expect(screen.queryByTestId('read-first-row')).toBeNull();
  expect(lines()).toEqual(keys);
  const read = job
    .view()
    .rows.filter(({ found, target, left }) => target && !left && found && !found.confirmed);
  expect(read.length).toBeGreaterThanOrEqual(keys.length);
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
