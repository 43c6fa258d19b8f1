import { DAY_NAMES } from '../../../time';
import { fig, figureWithUnit, presentReader } from '../../../units';
import type { BlockItem, BlockOf } from '../../../visit';

/** One column's week as it truly runs. */
export interface SideWeek {
  readonly column: 'found' | 'left';
  readonly daily_m3: readonly number[];
  readonly costMonth: number;
  readonly costYear: number;
  readonly longestPause_min: number;
  /** speed by quarter of an hour of each day, Monday first, rev/min */
  readonly days_rpm: readonly (readonly number[])[];
  /** what keeps the programs from running; null when nothing does */
  readonly held: string | null;
}

/** What both weeks are measured by. */
export interface WeekMeasure {
  readonly currency: string;
  readonly needed_m3: number;
  readonly fullSpeed_rpm: number;
}

/** What a pool pump's customer gets: money and water, and the rhythm of each day, before and after. */
export function weekBlock(weeks: readonly SideWeek[], measure: WeekMeasure): BlockOf<'before-after'> {
  return {
    kind: 'before-after',
    key: 'week',
    title: 'The week, before and after',
    headline: saving(weeks, measure.currency),
    sides: weeks.map((week) => ({ column: week.column, items: itemsOf(week, measure) })),
    note: `From 0:00 to 24:00 each day; ${water(measure.needed_m3)} are needed a day. Worked out from settings, points and prices; not measured.`,
  };
}

function saving(weeks: readonly SideWeek[], currency: string): BlockOf<'before-after'>['headline'] {
  const found = weeks.find(({ column }) => column === 'found');
  const left = weeks.find(({ column }) => column === 'left');
  if (!found || !left) return null;
  const less = found.costMonth - left.costMonth;
  return {
    figure: Math.abs(less).toFixed(2),
    words: `${currency} ${less >= 0 ? 'less' : 'more'} a month`,
    good: less >= 0,
  };
}

const NAMES = { found: 'As found', left: 'As left' } as const;
const ROUNDING = 1e-6;

function itemsOf(week: SideWeek, { currency, needed_m3, fullSpeed_rpm }: WeekMeasure): BlockItem[] {
  const weakest_m3 = Math.min(...week.daily_m3);
  return [
    { kind: 'figure', words: `${week.costMonth.toFixed(2)} ${currency} a month`, known: true },
    {
      kind: 'verdict',
      words: week.held ? `It ${week.held}` : `${water(weakest_m3)} on its weakest day`,
      good: week.held === null && weakest_m3 >= needed_m3 * (1 - ROUNDING),
    },
    ...week.days_rpm.map((rates, day): BlockItem => ({
      kind: 'strip',
      name: DAY_NAMES[day],
      rates,
      greatest: fullSpeed_rpm,
      unit: 'rev/min',
      says: `${NAMES[week.column]}, ${DAY_NAMES[day]}: runs ${hoursOf(rates)} h, at most ${Math.round(Math.max(...rates))} rev/min.`,
    })),
    {
      kind: 'line',
      words: `Longest pause ${week.longestPause_min} min; ${week.costYear.toFixed(0)} ${currency} a year`,
    },
  ];
}

function hoursOf(rates: readonly number[]): number {
  return Math.round((rates.filter((rate) => rate > 0).length / rates.length) * 240) / 10;
}

function water(value_m3: number): string {
  return figureWithUnit(fig('waterVolume', value_m3), presentReader());
}
