import type { KeptInstrumentBody, KeptProductBody } from '@barythm/contract/resources';
import { signFault } from '@barythm/core/print';
import { Op, type Transaction } from 'sequelize';
import { v7 } from 'uuid';
import type { Database, Table } from '../db';
import { problems } from '../problems';
import type { Fault, Hand } from './put-right';

/**
 * Makes a product, or puts right one that is here; what a plan took from it before stays with that plan.
 *
 * @param id of the one that is put right; null for a new one
 * @throws invalid, at its field: a name that another has, signs that no paper can print, a strength that was measured in days to come
 */
export function keepProduct(
  database: Database,
  id: string | null,
  { name, ...given }: KeptProductBody,
  hand: Hand,
): Promise<{ id: string }> {
  const named = name.trim();
  return keep(database, 'products', id, named, hand, {
    faults: [
      ...(named === '' ? [{ field: 'name', words: 'Enter what it is called.' }] : []),
      ...unprintable({ note: given.note }),
      ...notYet('measuredOn', given.measuredOn, hand),
    ],
    row: (own) => ({ body: { id: own, name: named, ...given } }),
  });
}

/** Makes an instrument, or puts right one that is here: its calibration, its serial. */
export function keepInstrument(
  database: Database,
  id: string | null,
  given: KeptInstrumentBody,
  hand: Hand,
): Promise<{ id: string }> {
  const { name, ...rest } = given;
  return keep(database, 'instruments', id, name, hand, {
    faults: [...unprintable({ serial: rest.serial }), ...notYet('calibratedOn', rest.calibratedOn, hand)],
    row: () => rest,
  });
}

async function keep(
  database: Database,
  what: 'products' | 'instruments',
  id: string | null,
  name: string,
  { actor }: Hand,
  { faults, row }: { readonly faults: readonly Fault[]; readonly row: (id: string) => object },
): Promise<{ id: string }> {
  return database.write(async (transaction) => {
    const table: Table = database.models[what];
    const own = id ?? v7();
    if (id !== null && !(await table.findByPk(id, { transaction })))
      throw problems.notFound(what === 'products' ? 'product' : 'instrument', id);
    const all = [...unprintable({ name }), ...faults, ...(await taken(table, own, name, transaction))];
    if (all.length > 0) throw problems.invalid(all);
    await table.upsert({ id: own, name, actor, ...row(own) }, { transaction });
    return { id: own };
  });
}

/** Two of one name cannot be told apart where one is picked. */
async function taken(table: Table, id: string, name: string, transaction: Transaction): Promise<Fault[]> {
  const others = await table.findAll({ where: { id: { [Op.ne]: id } }, attributes: ['name'], transaction });
  const same = others.some((one) => String(one.get('name')).toLowerCase() === name.toLowerCase());
  return same ? [{ field: 'name', words: `“${name}” is in the library already.` }] : [];
}

function unprintable(texts: Readonly<Record<string, string>>): Fault[] {
  return Object.entries(texts).flatMap(([field, text]) => {
    const words = signFault(text);
    return words ? [{ field, words }] : [];
  });
}

function notYet(field: string, date: string | null, { today }: Hand): Fault[] {
  return date !== null && date > today ? [{ field, words: 'That day is still to come.' }] : [];
}
