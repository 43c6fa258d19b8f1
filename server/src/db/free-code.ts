import type { Transaction } from 'sequelize';
import { labelCode } from './label-code';
import type { Models } from './models';

/** More draws than this mean that something else is wrong. */
const MOST_DRAWS = 20;

/** A code for a pump's label that no other pump has. */
export async function freeCode(models: Models, id: string, transaction: Transaction): Promise<string> {
  for (let draw = 0; draw < MOST_DRAWS; draw++) {
    const code = labelCode(id, draw);
    const taken = await models.pumps.findOne({ where: { code }, attributes: ['id'], transaction });
    if (!taken || taken.get('id') === id) return code;
  }
  throw new Error(`No free label code for the pump ${id}.`);
}
