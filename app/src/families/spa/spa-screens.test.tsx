import { textAt } from '@barythm/core/describe';
import { spaFamily } from '@barythm/core/families/spa';
import { METRIC } from '@barythm/core/units';
import { linesOf } from '@barythm/core/describe';
import { screen } from '@testing-library/react-native';
import type { SpaDuty } from '@barythm/core/families/spa';
import { stateOf } from '@barythm/core/sheet';
import { lastRecord } from '@barythm/core/visit';
import { DUTY, KEYS, LITTLE, PLATE, SAMPLES, SHARED, SMALL, SOFT } from '@barythm/core/families/spa/fixtures';
import { Walk } from '@barythm/core/job/testing/walk.fixtures';
import { forgetDrafts } from '../../draft/use-draft';
import { AsFoundStage } from '../../features/job/as-found/as-found-stage';
import { SetStage } from '../../features/job/set/set-stage';
import { draftOf } from '../../features/profile-editor/profile-draft';
import { profileOf } from '../../features/profile-editor/read-profile';
import { standJob } from '../../testing/job-stand';
import { press, type, wordsOf } from '../../testing/touch';
import { BankFoundCard } from './found/bank-found-card';
import { FirstCard } from '../../features/job/as-found/first-card';
import { TableCard } from './found/table-card';
import { SpaPlan } from './plan/spa-plan';
import { behaviourLines } from '../../features/library/behaviour-lines';

const { duty: DUTY_FORM, behaviours: BEHAVIOURS_FORM } = spaFamily.forms;

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }), usePathname: () => '/' }));
afterEach(() => forgetDrafts(''));

const UNIT = { id: 'unit-1', model: 'A tub', serial: 'T-1', plate: PLATE };
const stand = (screenOf: React.ReactElement, duty: SpaDuty = DUTY, profile = KEYS) =>
  standJob(profile, screenOf, [], { dutyBefore: duty, unit: UNIT });

describe('the duty', () => {
  test.each<SpaDuty>([
    DUTY,
    SHARED,
    LITTLE,
    { ...SHARED, choices: { rule: 'any', heating: 'cycles', between_C: 30, cleanUp_min: 20 } },
    { ...LITTLE, tub: { ...LITTLE.tub, open_WK: null }, wanted: { ...LITTLE.wanted, within_h: null } },
  ])('comes back from its texts as it went: %#', (duty) => {
    expect(DUTY_FORM.read(DUTY_FORM.write(duty))).toEqual({ value: duty, errors: {} });
  });
  test('a blank one says what it needs', () => {
    const { value, errors } = DUTY_FORM.read(DUTY_FORM.blank);
    expect(value).toBeNull();
    expect(Object.keys(errors)).toEqual(
      expect.arrayContaining([
        'pumps.0.high.current_A',
        'heater.power_kW',
        'supply.breaker_A',
        'tub.loss.hours_h',
        'wanted.limit_C',
        'prices.0.price',
      ]),
    );
  });
  test('in lines to read it says what is connected, and who uses it', () => {
    const lines = linesOf(DUTY_FORM, SHARED, METRIC).join('\n');
    expect(lines).toMatch(/2 pumps.*heater/);
    expect(lines).toContain('several households');
  });
});

describe('a controller', () => {
  test.each([KEYS, SOFT, SMALL])('what $id does goes through its form, and reads in lines', (profile) => {
    expect(BEHAVIOURS_FORM.read(BEHAVIOURS_FORM.write(profile.behaviours))).toEqual({
      value: profile.behaviours,
      errors: {},
    });
    expect(behaviourLines(profile, METRIC).every(([name, words]) => name !== '' && words !== '')).toBe(true);
  });
  test.each([KEYS, SOFT, SMALL])(
    '$id goes through the editor whole, with what a change puts back',
    (profile) => {
      expect(profileOf(draftOf(profile))).toEqual({ profile, errors: {} });
    },
  );
  test('a table that is typed wrong is told by line and column; a key that is none, at its parameter', () => {
    const texts = BEHAVIOURS_FORM.write(KEYS.behaviours) as Record<string, string>;
    const rows = 'number,pump 1,heater\n1,2,any\n2,2,sometimes';
    expect(BEHAVIOURS_FORM.read({ ...texts, rows }).errors.rows).toContain(
      'Line 3, column 3: “sometimes” is none of no-pump, none-high, one-high, any, unknown.',
    );
    const draft = draftOf(KEYS);
    const parameters = draft.parameters.map((one) =>
      textAt(one, 'key') === 'num' ? { ...(one as object), rewrites: 'set\nnothing' } : one,
    );
    expect(profileOf({ ...draft, parameters }).errors['parameters.0.rewrites']).toBe(
      'That setting is gone. Choose again.',
    );
  });
});

describe('the plan', () => {
  test('the row that fits, what near ones lack, and what tells two that fit apart', () => {
    stand(<SpaPlan />);
    expect(wordsOf('match-said')).toBe('6 and 18 fit');
    expect(wordsOf('match-4')).toContain('one speed for pump 2, which has two');
    expect(wordsOf('match-18')).toContain('31.8 A at most: more than the breaker');
    press('match-all');
    expect(wordsOf('match-1')).toContain('no output for pump 2');
    expect(wordsOf('target-num')).toContain('6');
  });
  test('what is in the way is named where no row fits', () => {
    stand(<SpaPlan />, { ...DUTY, pumps: [...DUTY.pumps, DUTY.pumps[0]] });
    expect(wordsOf('match-said')).toBe('No row fits');
    expect(wordsOf('match-card')).toContain('In the way: pump 3.');
    expect(wordsOf('load-card')).toContain('known as soon as its row is');
  });
  test('the worst state with its margin; another rule is a tap away only where the supply carries it', () => {
    stand(<SpaPlan />, { ...DUTY, supply: { ...DUTY.supply, breaker_A: 32 } });
    expect(wordsOf('load-worst')).toMatch(/^20\sA$/);
    expect(wordsOf('load-margin')).toContain('38 %');
    expect(wordsOf('rule-none-high')).toContain('Planned');
    press('rule-choose-any');
    expect(wordsOf('target-num')).toContain('18');
    expect(wordsOf('load-worst')).toMatch(/^31.8\sA$/);
    expect(wordsOf('rule-any')).toContain('No heating is lost');
  });
  test('a row by hand, and back by its rule', () => {
    stand(<SpaPlan />, { ...DUTY, supply: { ...DUTY.supply, breaker_A: 32 } });
    press('match-choose-18');
    expect(wordsOf('target-num')).toContain('By hand: changed in the plan.');
    expect(wordsOf('match-18')).toContain('Planned');
    press('rule-choose-none-high');
    expect(wordsOf('target-num')).toContain('6');
  });
  test('when it is warm, what a lower temperature saves, and cycles that can be moved by their times', () => {
    stand(<SpaPlan />, { ...DUTY, choices: { between_C: 30 } });
    expect(wordsOf('warm-ready')).toMatch(/^12.5\sh$/);
    expect(wordsOf('warm-between')).toContain('kWh a day less');
    // 12.5 h before seven in the evening; 11.9 W/K over 31 K are 8.9 kWh a day
    expect(wordsOf('warm-stands')).toMatch(/8.89\skWh a day/);
    expect(wordsOf('warm-stands')).toContain('start at 6:29 that day');
    expect(wordsOf('cycles-hours')).toMatch(/^6\sh$/);
    type('point-start', '8:15');
    expect(wordsOf('target-start')).toContain('8:15');
    type('point-long', '60');
    expect(wordsOf('cycles-hours')).toMatch(/^4\sh$/);
    type('point-set', '39');
    expect(wordsOf('warm-card')).toMatch(/to 39\s°C/);
  });
  test('a bank with its needs; equipment that a planned row leaves dead is said on its card', () => {
    stand(<SpaPlan />, SHARED, SOFT);
    expect(wordsOf('bank-card')).toContain('Row 14 needs link 1 plugged.');
    expect(wordsOf('bank-card')).toContain('while its start-up message stands');
    expect(wordsOf('piece-circulation')).toContain('No key');
    expect(wordsOf('cycles-card')).toContain('never stands');
  });
});

describe('at the tub', () => {
  test('as found asks for safety first', () => {
    stand(<AsFoundStage />);
    expect(screen.getByTestId('safe-nobody')).toBeTruthy();
    expect(screen.getByTestId('now-water_C')).toBeTruthy();
    expect(screen.getByTestId('bank-found')).toBeTruthy();
  });
  test('the bank is read as a whole, and what was not read is named', () => {
    const job = stand(<BankFoundCard />);
    press('bank-1');
    press('bank-1');
    press('bank-save');
    expect(wordsOf('bank-found')).toContain('Not read yet: 2, 3, 4, 5, 6, 7, 8.');
    press('bank-rest');
    press('bank-save');
    expect(job.view().settings).toMatchObject({
      switches: [true, false, false, false, false, false, false, false],
    });
    expect(screen.getByTestId('bank-again')).toBeTruthy();
  });
  test('protection and covers are seen, or a word why not', () => {
    const job = stand(<FirstCard />);
    press('seen-rcd');
    press('seen-rest');
    press('seen-save');
    expect(screen.getByText('Say why not all of it was seen.')).toBeTruthy();
    type('seen-why', 'Dark.');
    press('seen-save');
    expect(lastRecord(job.view().document, 'spa-first')?.body).toMatchObject({ seen: ['rcd'], why: 'Dark.' });
  });
  test('a table that is printed otherwise is copied; a fault takes nothing in, and loses nothing', () => {
    const job = stand(<TableCard />);
    press('pack-table-open');
    type('pack-table-rows', 'number,pump 1,heater\n7,2,any\n7,1,any');
    press('pack-table-save');
    expect(wordsOf('pack-table')).toContain('Line 3, column 1: The number 7 stands twice.');
    expect(screen.getByTestId('pack-table-rows').props.value).toContain('7,1,any');
    type('pack-table-rows', 'number,pump 1,heater\n7,2,any');
    press('pack-table-save');
    expect(wordsOf('pack-table-said')).toBe('1 row, copied from inside this pack.');
    expect(lastRecord(job.view().document, 'pack-table')?.body.rows).toHaveLength(1);
  });
});

describe('the change of number', () => {
  const planned = () => {
    const [sample] = SAMPLES;
    const walk = new Walk(sample);
    walk.arrive();
    walk.found(sample.found);
    walk.plan();
    return standJob(KEYS, <SetStage />, [], walk.document);
  };
  test('is guided, and everything that it puts back is to be entered again', () => {
    const job = planned();
    expect(wordsOf('set-num')).toContain('It puts back: Set temperature');
    for (const step of [
      'written',
      'dead',
      'on',
      'shut',
      'page',
      'choose',
      'dead-again',
      'off',
      'gone',
      'clock',
    ])
      press(`change-${step}`);
    type('change-shows', 'dry');
    expect(wordsOf('change-message')).toContain('A fault: No water at the heater.');
    type('change-readback', 'six');
    press('change-save');
    expect(wordsOf('set-num')).toContain('is not a figure');
    type('change-readback', '6');
    press('change-save');
    // nobody said yet how the switch was moved: it is not said for them
    expect(wordsOf('set-num')).toContain('Say how the set-up switch was moved.');
    press('change-moved-dead');
    press('change-save');
    expect(lastRecord(job.view().document, 'number-change')?.body).toMatchObject({
      from: 3,
      readBack: 6,
      moved: 'dead',
      switchOff: true,
      pageGone: true,
    });
    // the set-up switch was seen off on the way; heat and cycles are open again, changed or not
    const open = job.view().rows.filter((row) => stateOf(row) === 'to-do');
    expect(open.map(({ address }) => address)).not.toContain('bank/1/sw');
    expect(open.map(({ address }) => address)).toEqual(
      expect.arrayContaining(['heat/1/range', 'panel/1/unit']),
    );
    expect(job.codes()).toContain('SPA-06');
  });
  test('recorded with steps unseen, they are ticked later without changing it again', () => {
    const job = planned();
    press('change-moved-dead');
    type('change-readback', '6');
    press('change-save');
    expect(job.codes()).toContain('SPA-02');
    const back = job.view().rows.filter(({ rewrittenBy }) => rewrittenBy !== undefined).length;
    press('seen-since-off');
    press('seen-since-gone');
    expect(job.codes()).not.toContain('SPA-02');
    expect(job.view().rows.filter(({ rewrittenBy }) => rewrittenBy !== undefined).length).toBe(back);
    press('seen-since-clock');
    expect(screen.queryByTestId('number-steps')).toBeNull();
  });
  test('where it is seen in the set-up page alone, what stood there is asked for, and reading it back is a step', () => {
    const [{ duty, plate, found }] = SAMPLES;
    const profile = { ...KEYS, behaviours: { ...KEYS.behaviours, numberSeen: 'set-up' as const } };
    const walk = new Walk({ profile, duty, plate });
    walk.arrive();
    const { num: _, ...others } = found;
    walk.found(others);
    walk.plan();
    const job = standJob(profile, <SetStage />, [], walk.document);
    press('change-moved-dead');
    type('change-stood', 'three');
    type('change-readback', '6');
    press('change-save');
    expect(wordsOf('set-num')).toContain('The number that stood there is a whole number');
    type('change-stood', '3');
    press('change-save');
    const change = () => lastRecord(job.view().document, 'number-change')?.body;
    expect(change()).toMatchObject({ from: 3, readBack: 6, readInside: false });
    press('seen-since-inside');
    expect(change()).toMatchObject({ from: 3, readInside: true });
  });
  test('on a live board it asks who did it', () => {
    const job = planned();
    press('change-moved-live');
    press('change-licensed');
    type('change-readback', '6');
    press('change-save');
    expect(lastRecord(job.view().document, 'number-change')?.body).toMatchObject({
      moved: 'live',
      licensed: true,
    });
    expect(job.codes()).toContain('SPA-03');
  });
});
