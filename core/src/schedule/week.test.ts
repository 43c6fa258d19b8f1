import fc from 'fast-check';
import { DAY_MIN, EVERY_DAY, WEEK_MIN } from '../time';
import {
  length_min,
  neverRunning,
  OVERLAP_RULES,
  resolveWeek,
  shiftedWeek,
  type WeekProgram,
  type WeekRules,
} from './index';

const anyProgram = fc.record({
  days: fc
    .uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1, maxLength: 7 })
    .map((days) => [...days].sort().join('')),
  start: fc.integer({ min: 0, max: DAY_MIN - 1 }),
  stop: fc.integer({ min: 0, max: DAY_MIN - 1 }),
  speed: fc.integer({ min: 6, max: 34 }).map((hundreds) => hundreds * 100),
  enabled: fc.boolean(),
});
const anyWeek = fc
  .array(anyProgram, { maxLength: 6 })
  .map((all): WeekProgram[] => all.map((one, i) => ({ ...one, slot: i + 1 })));
const anyRules = fc.record<WeekRules>({
  overlap: fc.constantFrom(...OVERLAP_RULES),
  resumes: fc.boolean(),
  startEqualsStop: fc.constantFrom('off', 'all-day', 'refused'),
});
const at = <P>(
  week: readonly { from: number; to: number; program: P | null; suppressed: readonly P[] }[],
  minute: number,
) => week.find(({ from, to }) => from <= minute && minute < to)!;

/** Said again from the words: whether a program wants the pump at a minute of the week. */
function wants(program: WeekProgram, rules: WeekRules, minute: number): boolean {
  const lasts = program.enabled === false ? 0 : length_min(program, rules);
  return [0, 1, 2, 3, 4, 5, 6].some((day) => {
    if (!program.days.includes(String(day + 1))) return false;
    const since = day * DAY_MIN + program.start;
    return [since, since - WEEK_MIN].some((from) => minute >= from && minute < from + lasts);
  });
}

describe('a resolved week', () => {
  test('gives every minute exactly one outcome', () => {
    fc.assert(
      fc.property(anyWeek, anyRules, (programs, rules) => {
        const week = resolveWeek(programs, rules);
        expect(week[0].from).toBe(0);
        expect(week[week.length - 1].to).toBe(WEEK_MIN);
        week.forEach(({ from, to }, i) => {
          expect(to).toBeGreaterThan(from);
          if (i > 0) expect(from).toBe(week[i - 1].to);
        });
      }),
    );
  });

  test('the winner obeys the rule; where programs resume, all that want the pump are named', () => {
    fc.assert(
      fc.property(anyWeek, anyRules, fc.integer({ min: 0, max: WEEK_MIN - 1 }), (programs, rules, minute) => {
        const here = at(resolveWeek(programs, rules), minute);
        const wanting = programs.filter((program) => wants(program, rules, minute));
        const named = [...(here.program ? [here.program] : []), ...here.suppressed];
        for (const program of named) expect(wanting).toContain(program);
        if (rules.resumes) expect(new Set(named)).toEqual(new Set(wanting));
        for (const loser of here.suppressed) {
          if (rules.overlap === 'highest-speed')
            expect(here.program!.speed).toBeGreaterThanOrEqual(loser.speed);
          if (rules.overlap === 'first-slot') expect(here.program!.slot).toBeLessThan(loser.slot);
          if (rules.overlap === 'last-slot') expect(here.program!.slot).toBeGreaterThan(loser.slot);
        }
      }),
    );
  });

  test('a clock that is off moves the week whole: nothing is lost and nothing made', () => {
    fc.assert(
      fc.property(anyWeek, anyRules, fc.integer({ min: -5000, max: 5000 }), (programs, rules, ahead) => {
        const week = resolveWeek(programs, rules);
        const moved = shiftedWeek(week, ahead);
        const run = (all: typeof week) =>
          all.reduce((sum, { from, to, program }) => sum + (program ? to - from : 0), 0);
        expect(run(moved)).toBe(run(week));
        const minute = 3000;
        const before = (((minute + ahead) % WEEK_MIN) + WEEK_MIN) % WEEK_MIN;
        expect(at(moved, minute).program).toBe(at(week, before).program);
      }),
    );
  });
});

const program = (
  slot: number,
  start: number,
  stop: number,
  more: Partial<WeekProgram> = {},
): WeekProgram => ({ slot, days: EVERY_DAY, start, stop, speed: 1500, ...more });
const RULES: WeekRules = { overlap: 'latest-start', resumes: true, startEqualsStop: 'off' };

test('what runs past midnight belongs to the day it starts on', () => {
  const week = resolveWeek([program(1, 1320, 360, { days: '5' })], RULES);
  expect(at(week, 4 * DAY_MIN + 1400).program?.slot).toBe(1);
  expect(at(week, 5 * DAY_MIN + 300).program?.slot).toBe(1);
  expect(at(week, 4 * DAY_MIN + 300).program).toBeNull();
  // Sunday night goes over into Monday
  expect(at(resolveWeek([program(1, 1320, 360, { days: '7' })], RULES), 300).program?.slot).toBe(1);
});

test('whether the earlier one goes on is the controller’s habit', () => {
  const two = [program(1, 420, 1020), program(2, 600, 660)];
  expect(at(resolveWeek(two, RULES), 700).program?.slot).toBe(1);
  expect(at(resolveWeek(two, { ...RULES, resumes: false }), 700).program).toBeNull();
  expect(at(resolveWeek(two, { ...RULES, resumes: false }), 500).program?.slot).toBe(1);
});

test('start = stop is off, all day or refused; and who never gets the pump is named', () => {
  const one = [program(1, 480, 480)];
  expect(at(resolveWeek(one, RULES), 500).program).toBeNull();
  expect(at(resolveWeek(one, { ...RULES, startEqualsStop: 'all-day' }), 200).program?.slot).toBe(1);
  const hidden = [program(1, 420, 1020, { speed: 2500 }), program(2, 600, 660)];
  expect(neverRunning(resolveWeek(hidden, { ...RULES, overlap: 'highest-speed' }))).toEqual([hidden[1]]);
});
