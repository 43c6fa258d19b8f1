import type { Transaction } from 'sequelize';
import type { Models, Row } from '../db';
import type { RecordBody } from '@barythm/core/families';

/**
 * What was read on the plate at the pump is the unit's from then on. What could not be read this time stays as it was known: a
 * figure is not forgotten because somebody came without a lamp.
 */
export async function keepPlate(
  models: Models,
  unitId: string,
  readAt: string,
  { plate, serial }: Extract<RecordBody, { kind: 'identify' }>,
  transaction: Transaction,
): Promise<void> {
  const unit = await models.units.findByPk(unitId, { transaction });
  if (!unit) return;
  const known = (unit.get('plate') ?? {}) as Row;
  const read = Object.fromEntries(Object.entries(plate).filter(([, value]) => value !== null));
  await unit.update(
    {
      plate: { ...known, ...read },
      serial: serial.trim() || (unit.get('serial') as string),
      plateReadAt: readAt,
    },
    { transaction },
  );
}
