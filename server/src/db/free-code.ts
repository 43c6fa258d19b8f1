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

/** A free label code for each of some pumps that are about to be written: looked up together, drawn again only where two meet. */
export async function freeCodes(
  models: Models,
  ids: readonly string[],
  transaction: Transaction,
): Promise<string[]> {
  const given = new Set<string>();
  const first = ids.map((id) => labelCode(id, 0));
  const there = new Set<string>();
  for (let i = 0; i < first.length; i += LOOKED_UP) {
    const rows = await models.pumps.findAll({
      where: { code: first.slice(i, i + LOOKED_UP) },
      attributes: ['code'],
      transaction,
    });
    for (const row of rows) there.add(row.get('code') as string);
  }
  const codes: string[] = [];
  for (const [i, id] of ids.entries()) {
    let code = there.has(first[i]) ? await freeCode(models, id, transaction) : first[i];
    for (let draw = 1; given.has(code) && draw < MOST_DRAWS; draw++) code = labelCode(id, draw);
    given.add(code);
    codes.push(code);
  }
  return codes;
}

/** Codes of one query. */
const LOOKED_UP = 500;
