import type { Output } from '../wire/behaviours';
import type { SpaDuty } from '../wire/duty';
import { blowerSpeedsOf, MOST_PUMPS, speedsOf, type TableRow } from '../wire/table';

/**
 * What a row does not give, or gives for nothing: `dead` equipment without an output; `one-speed`, a second speed lost; `still`, an output
 * that the pack counts on to move water, with nothing on it; `idle`, one that does no harm.
 */
export type LackKind = 'dead' | 'one-speed' | 'still' | 'idle';

export interface Lack {
  readonly kind: LackKind;
  readonly output: Output;
}

/** A row against what is connected: exact where nothing is lacking. */
export interface Match {
  readonly row: TableRow;
  readonly lacks: readonly Lack[];
}

/** How much each lack weighs: a pump that never runs is worse than a speed that is lost. */
const WEIGHT: Readonly<Record<LackKind, number>> = { dead: 100, still: 60, 'one-speed': 20, idle: 1 };

/** What a row lacks for what is connected; nothing where it is exact. */
export function lacksOf(duty: SpaDuty, row: TableRow): Lack[] {
  const lacks: Lack[] = [];
  const lack = (kind: LackKind, output: Output) => lacks.push({ kind, output });
  for (let place = 1; place <= MOST_PUMPS; place++) {
    const pump = duty.pumps[place - 1];
    const output = `pump-${place}` as Output;
    const [there, given] = [pump ? (pump.low ? 2 : 1) : 0, speedsOf(row, place)];
    // without a circulation pump the first one filters and heats at its low speed
    const circulates = place === 1 && !row.circulation;
    if (there > 0 && given === 0) lack('dead', output);
    else if (there === 2 && given === 1) lack('one-speed', output);
    else if (given > there) lack(circulates ? 'still' : 'idle', output);
  }
  if (duty.circulation && !row.circulation) lack('dead', 'circulation');
  if (!duty.circulation && row.circulation) lack('still', 'circulation');
  for (const output of ['blower', 'ozone'] as const) {
    if (duty[output] && !row[output]) lack('dead', output);
    if (!duty[output] && row[output]) lack('idle', output);
  }
  // only what both sides say is compared
  const [has, gives] = [duty.blower?.speeds, blowerSpeedsOf(row)];
  if (has !== undefined && gives !== null && gives > 0) {
    if (gives < has) lack('one-speed', 'blower');
    if (gives > has) lack('idle', 'blower');
  }
  return lacks;
}

export function weightOf({ lacks }: Match): number {
  return lacks.reduce((sum, { kind }) => sum + WEIGHT[kind], 0);
}

/** Every row against what is connected: those that are exact, and the others by how little they lack. */
export function matchTable(
  duty: SpaDuty,
  rows: readonly TableRow[],
): { readonly exact: readonly Match[]; readonly near: readonly Match[] } {
  const all = rows.map((row): Match => ({ row, lacks: lacksOf(duty, row) }));
  return {
    exact: all.filter(({ lacks }) => lacks.length === 0),
    near: all.filter(({ lacks }) => lacks.length > 0).sort((a, b) => weightOf(a) - weightOf(b)),
  };
}

/** Equipment that no row serves in full; none where each is served by some row, and only not all together. */
export function inTheWay(duty: SpaDuty, rows: readonly TableRow[]): Output[] {
  const lost = rows.map(
    (row) =>
      new Set(
        lacksOf(duty, row)
          .filter(({ kind }) => kind !== 'idle')
          .map(({ output }) => output),
      ),
  );
  const all = [...new Set(lost.flatMap((one) => [...one]))];
  return all.filter((output) => lost.every((one) => one.has(output)));
}

/** What parts rows that are all exact, for a person who has to choose. */
export function tellsApart(rows: readonly TableRow[]): string[] {
  const differ = <T>(of: (row: TableRow) => T) =>
    new Set(rows.map((row) => JSON.stringify(of(row)))).size > 1;
  return [
    ...(differ(blowerSpeedsOf) ? ['the speeds of the blower'] : []),
    ...(differ(({ heater, ruleUnsaid = false }) => [heater, ruleUnsaid]) ? ['when the heater may run'] : []),
    ...(differ(({ needs }) => needs) ? ['the switches and links that they need'] : []),
  ];
}

/** The row of a number; null where the table has none. */
export function rowOf(rows: readonly TableRow[], number: number | null): TableRow | null {
  return rows.find((row) => row.number === number) ?? null;
}
