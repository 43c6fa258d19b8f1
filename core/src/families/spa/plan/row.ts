import { fig } from '../../../units';
import { heatingLost_kWh, worstLoad, type Load } from '../effect/load';
import { inTheWay, matchTable, type Match } from '../effect/match';
import type { SpaContext } from '../settings/context';
import type { HeaterRule } from '../../../electric';
import type { TableRow } from '../wire/table';
import type { SpaProblem } from './draft';

/** What is preferred where several rows fit: the heater waits for jets, unless that is not offered. */
const PREFERRED: readonly HeaterRule[] = ['none-high', 'one-high', 'any', 'no-pump'];

/** A row that fits, with what it would take at most and the heating that it costs. */
export interface Offer {
  readonly row: TableRow;
  readonly load: Load;
  readonly lost_kWh: number;
}

/** Every row that fits what is connected, as preferred. */
export function offersOf({ duty, table }: SpaContext): Offer[] {
  return matchTable(duty, table)
    .exact.map(({ row }) => ({ row, load: worstLoad(duty, row), lost_kWh: heatingLost_kWh(duty, row) }))
    .sort((a, b) => PREFERRED.indexOf(a.row.heater) - PREFERRED.indexOf(b.row.heater));
}

/** The row that is planned: one that fits and that the supply carries, with the rule that was chosen where it is offered. */
export function chosenRow(context: SpaContext): { offer: Offer } | { problem: SpaProblem } {
  const { duty, table } = context;
  const offers = offersOf(context);
  if (offers.length === 0) {
    const [near] = matchTable(duty, table).near as readonly (Match | undefined)[];
    return { problem: { kind: 'no-row', blocks: inTheWay(duty, table), near: near?.row ?? null } };
  }
  const board = boardLimit_A(context);
  const carried = offers.filter(
    ({ load }) => load.margin >= 0 && (board === null || load.worst_A <= board + 1e-9),
  );
  if (carried.length === 0)
    return { problem: { kind: 'overload', least_A: Math.min(...offers.map(({ load }) => load.worst_A)) } };
  const { rule } = duty.choices;
  return { offer: carried.find(({ row }) => row.heater === rule && !row.ruleUnsaid) ?? carried[0] };
}

/** The most that the board carries, A: as on its plate, else as its profile has it; null where neither says. */
export function boardLimit_A({ plate, profile }: Pick<SpaContext, 'plate' | 'profile'>): number | null {
  return plate.current_A ?? profile.behaviours.board_A;
}

/** Why a row is planned, in figures. */
export function offerFigures({ load, lost_kWh }: Offer) {
  return { worst: fig('motorCurrent', load.worst_A), lost: fig('energy', lost_kWh) };
}
