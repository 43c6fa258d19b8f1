import { DAY_MIN, EVERY_DAY } from '../time';
import { resolveWeek, type OverlapRule, type Stretch, type WeekProgram } from './week';

/** A program of a day that repeats. Start = stop is off. */
export type Program = Omit<WeekProgram, 'days'>;

/** A stretch of the day with one outcome. */
export type Segment = Stretch<Program>;

/**
 * What truly runs over one repeating day. Ties go to the lower slot; the earlier program resumes when the later one ends;
 * what runs past midnight belongs to the day it started on. Stretches are in order, without gap or overlap, 0 to 1440.
 */
export function resolveDay(programs: readonly Program[], rule: OverlapRule): Segment[] {
  const daily = new Map(programs.map((program) => [{ ...program, days: EVERY_DAY }, program]));
  const own = (program: WeekProgram) => daily.get(program as never) as Program;
  const week = resolveWeek([...daily.keys()], { overlap: rule, resumes: true, startEqualsStop: 'off' });
  return week
    .filter(({ from }) => from < DAY_MIN)
    .map(({ from, to, program, suppressed }) => ({
      from,
      to: Math.min(to, DAY_MIN),
      program: program && own(program),
      suppressed: suppressed.map(own),
    }));
}
