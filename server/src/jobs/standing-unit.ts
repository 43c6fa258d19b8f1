import type { LastLeft } from '@barythm/core/visit';
import { literal, type Order, type Transaction } from 'sequelize';
import type { Models, Row } from '../db';

export interface StandingUnit {
  /** the unit that is installed at a pump */
  readonly unit: Row;
  /** the one that it replaced; null for the first */
  readonly replaced: Row | null;
}

/** The unit that stands at a pump, and the one before it; null where none does. */
export async function standingUnit(
  models: Models,
  pumpId: string,
  transaction?: Transaction,
): Promise<StandingUnit | null> {
  // of two that were replaced on one day the later written one came last
  const order: Order = [['toDate', 'DESC'], ['fromDate', 'DESC'], literal('rowid DESC')];
  const rows = await models.units.findAll({ where: { pumpId }, order, transaction });
  const units = rows.map((row) => row.get() as Row);
  const unit = units.find(({ toDate }) => toDate === null);
  return unit ? { unit, replaced: units.find(({ toDate }) => toDate !== null) ?? null } : null;
}

export type Reported = Pick<LastLeft, 'date' | 'values'>;

/** What the site reported of the unit that stands there: what was reported of the one before it is not about this one. */
export function reportedOf(pump: Row, { unit, replaced }: StandingUnit): Reported | null {
  const reported = pump.reported as Reported | null;
  return reported && replaced && reported.date <= (unit.fromDate as string) ? null : reported;
}
