import { fig, figureWithUnit, presentReader } from '../../../units';
import type { BlockOf } from '../../../visit';
import type { ComparedSheet } from '../../family';
import { ratesOfDay_spm } from '../effect/day';
import type { MeteringView } from '../kind';
import type { MeteringContext } from '../settings/context';
import { understand } from '../settings/understand';

/** The sheets whose days are compared: nothing where the signal is a controller's own demand. */
export function comparedSheets({ context, values }: MeteringView): readonly ComparedSheet[] {
  if (!context || context.duty.signal.source === 'controller') return [];
  const sheets = [
    { column: 'found', values: values.found },
    { column: 'left', values: values.force },
  ] as const;
  return sheets.filter((sheet) => Object.keys(sheet.values).length > 0);
}

/** One simulated day of a column, in sums; the same water for both. */
export interface SideDay {
  readonly column: 'found' | 'left';
  readonly given_L: number;
  readonly wanted_L: number;
  /** share of the time with water flowing that the dose was in its band, 0 to 1 */
  readonly inBand: number;
  /** strokes/min of each hour */
  readonly hourly_spm: readonly number[];
}

/** Both sheets as their runs through the same day came out. */
export function comparedDay(
  context: MeteringContext,
  sheets: readonly ComparedSheet[],
  sums: readonly Readonly<Record<string, number>>[],
): BlockOf<'before-after'> | null {
  return dayBlock(
    sheets.map(({ column, values }, i) => ({
      column,
      given_L: sums[i].given_L,
      wanted_L: sums[i].wanted_L,
      inBand: sums[i].inBand,
      hourly_spm: ratesOfDay_spm(context, understand(context.profile, context.plate, values)) ?? [],
    })),
  );
}

/** From this share of the time on, a day counts as one in its band. */
const MOSTLY = 0.9;
const NAMES = { found: 'As found', left: 'As left' } as const;

/** How a hand-over speaks of a day: papers that were handed over keep the words of theirs. */
export interface DayWords {
  readonly band: string;
  readonly wanted: string;
  readonly calculated: string;
}
const TODAY: DayWords = { band: 'required band', wanted: 'required', calculated: 'calculated' };

/** What was found and what is left over the same day of water; null unless both are known. */
export function dayBlock(days: readonly SideDay[], words = TODAY): BlockOf<'before-after'> | null {
  if (days.length < 2) return null;
  const greatest = Math.max(1, ...days.flatMap((day) => day.hourly_spm));
  return {
    kind: 'before-after',
    key: 'same-day',
    title: 'The same day, before and after',
    headline: null,
    sides: days.map(({ column, hourly_spm, inBand, given_L, wanted_L }) => ({
      column,
      items: [
        {
          kind: 'strip',
          name: null,
          rates: hourly_spm,
          greatest,
          unit: 'strokes/min',
          says: `${NAMES[column]}, hour by hour: ${Math.round(Math.min(...hourly_spm))} to ${Math.round(Math.max(...hourly_spm))} strokes/min.`,
        },
        {
          kind: 'verdict',
          words: `${Math.round(inBand * 100)} % of the time in the ${words.band}`,
          good: inBand >= MOSTLY,
        },
        { kind: 'line', words: `${litres(given_L)} of product given, ${litres(wanted_L)} ${words.wanted}` },
      ],
    })),
    note: `Strokes of each hour from 0:00 to 24:00, ${words.calculated} from the settings and the usual water; not measured.`,
  };
}

function litres(value: number): string {
  return figureWithUnit(fig('volume', value), presentReader());
}
