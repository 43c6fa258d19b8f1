import type { Firm } from '@barythm/contract/resources';
import { signFault } from '@barythm/core/print';
import type { Transaction } from 'sequelize';
import type { Database, Models } from '../db';
import { problems } from '../problems';
import { logoFault } from '../report';

/** The firm as it stands, with the number of its line; null where nobody named one. */
export interface FirmLine extends Firm {
  readonly id: number;
}

const NONE: Firm = { name: '', contact: '', logo: null };

/** The firm that works here now; null where nobody named one. */
export async function firmNow(models: Models, transaction?: Transaction): Promise<FirmLine | null> {
  const row = await models.firms.findOne({ order: [['id', 'DESC']], transaction });
  const firm = row ? (row.get() as unknown as FirmLine) : null;
  return firm && firm.name !== '' ? firm : null;
}

/** The same as the settings show it. */
export async function firm({ models }: Database): Promise<Firm> {
  const now = await firmNow(models);
  return now ? { name: now.name, contact: now.contact, logo: now.logo } : NONE;
}

/**
 * The logo that a signed paper carries; null where it has none. A job that came from elsewhere names a line of another register: only where
 * the firm is the same one too is it its logo.
 */
export async function logoOf(
  { models }: Database,
  { id, name, contact }: Pick<FirmLine, 'id' | 'name' | 'contact'>,
): Promise<string | null> {
  const row = await models.firms.findOne({ where: { id, name, contact } });
  return row ? (row.get('logo') as string | null) : null;
}

/**
 * Names the firm from now on; papers that are signed keep the one of their day.
 *
 * @throws invalid, at the field where it is: signs that no paper can print, a picture that is none, a logo or a contact without a name
 */
export async function nameFirm(
  database: Database,
  given: Firm,
  { now, actor }: { readonly now: string; readonly actor: string },
): Promise<Firm> {
  const named: Firm = { ...given, name: given.name.trim(), contact: given.contact.trim() };
  const faults = [
    ...(['name', 'contact'] as const).flatMap((field) => {
      const words = signFault(named[field]);
      return words ? [{ field, words }] : [];
    }),
    ...(named.name === '' && (named.contact !== '' || named.logo !== null)
      ? [{ field: 'name', words: 'Enter the name of the firm.' }]
      : []),
  ];
  const logo = named.logo === null ? null : await logoFault(named.logo);
  if (logo) faults.push({ field: 'logo', words: logo });
  if (faults.length > 0) throw problems.invalid(faults);
  await database.write((transaction) =>
    database.models.firms.create({ ...named, since: now, actor }, { transaction }),
  );
  return named;
}
