import type { ComparedSheet } from '../../family';
import type { HandoverDay } from '../../../visit';
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

/** One simulated day as it is handed over. */
export function handoverDay(
  context: MeteringContext,
  { column, values }: ComparedSheet,
  sums: Readonly<Record<string, number>>,
): HandoverDay {
  return {
    column,
    given_L: sums.given_L,
    wanted_L: sums.wanted_L,
    inBand: sums.inBand,
    strokes: sums.strokes,
    hourly_spm: ratesOfDay_spm(context, understand(context.profile, context.plate, values)) ?? [],
  };
}
