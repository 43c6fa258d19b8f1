import type { Library, ProductResource } from '@barythm/contract/resources';
import { besidesFault, isOptionRole, rolesOfFamily, roleUnitFault } from '@barythm/core/families';
import { contentHash, type Explained, explainedBy, type Parameter } from '@barythm/core/profile';
import type { AnyProfile } from '@barythm/core/families';
import type { Database } from '../db';
import { problems } from '../problems';

/** Profiles (the newest version of each), products and instruments. */
export async function library(database: Database): Promise<Library> {
  const { models } = database;
  const [profiles, products, instruments] = await Promise.all([
    newestProfiles(database),
    models.products.findAll({ order: [['name', 'ASC']] }),
    models.instruments.findAll({ order: [['name', 'ASC']] }),
  ]);
  return {
    profiles: profiles.map(({ id, family, version, name, about }) => ({
      id,
      family,
      version,
      name,
      about,
    })),
    products: products.map((row) => row.get('body') as ProductResource),
    instruments: instruments.map((row) => ({
      id: row.get('id') as string,
      name: row.get('name') as string,
      serial: row.get('serial') as string,
      calibratedOn: row.get('calibratedOn') as string,
      measures: row.get('measures') as Library['instruments'][number]['measures'],
    })),
  };
}

/** The newest version of each profile, by name. */
async function newestProfiles({ models }: Database): Promise<AnyProfile[]> {
  const rows = await models.profiles.findAll({
    order: [
      ['name', 'ASC'],
      ['version', 'DESC'],
    ],
  });
  const newest = new Map<string, AnyProfile>();
  for (const row of rows) {
    const profile = row.get('body') as AnyProfile;
    if (!newest.has(profile.id)) newest.set(profile.id, profile);
  }
  return [...newest.values()];
}

/** Every code, lamp and sign that a profile here explains, as its newest version has it. */
export async function explained(database: Database): Promise<Explained[]> {
  return (await newestProfiles(database)).flatMap(explainedBy);
}

/** The newest version of a profile. */
export async function profileById(database: Database, id: string): Promise<AnyProfile> {
  const row = await database.models.profiles.findOne({ where: { id }, order: [['version', 'DESC']] });
  if (!row) throw problems.notFound('profile', id);
  return row.get('body') as AnyProfile;
}

/** Publishes a profile. A version that is here already is refused when it differs: published versions never change. */
export async function publishProfile(
  database: Database,
  profile: AnyProfile,
  actor: string,
): Promise<{ id: string; version: number; hash: string }> {
  const errors = unknownRoles(profile);
  if (errors.length > 0) throw problems.invalid(errors);
  const hash = contentHash(profile);
  const { id, version, name } = profile;
  await database.write(async (transaction) => {
    const known = await database.models.profiles.findOne({ where: { id, version }, transaction });
    if (known && known.get('hash') !== hash) {
      throw problems.invalid([
        {
          field: 'version',
          words: `Version ${version} of this profile is published; give the changed one a new version.`,
        },
      ]);
    }
    if (!known) {
      await database.models.profiles.create(
        { id, version, name, hash, body: profile, actor },
        { transaction },
      );
    }
  });
  return { id, version, hash };
}

/** A unit that its role's figure is not measured in: what it holds would not be known. */
function unitFaults(
  family: AnyProfile['family'],
  parameter: Parameter,
  i: number,
): { field: string; words: string }[] {
  const words = roleUnitFault(family, parameter);
  return words === null ? [] : [{ field: `parameters.${i}.unit`, words }];
}

function unknownRoles(profile: AnyProfile): { field: string; words: string }[] {
  const { family } = profile;
  return profile.parameters.flatMap((parameter, i) => [
    ...(parameter.role !== undefined && !rolesOfFamily(family).includes(parameter.role)
      ? [{ field: `parameters.${i}.role`, words: `“${parameter.role}” is no role of a ${family} pump.` }]
      : []),
    ...unitFaults(family, parameter, i),
    ...(parameter.options ?? []).flatMap(({ also = {} }, k) =>
      Object.entries(also).flatMap(([role, means]) => {
        const words = besidesFault(family, role, means);
        return words === null ? [] : [{ field: `parameters.${i}.options.${k}.also`, words }];
      }),
    ),
    ...(parameter.options ?? []).flatMap(({ role }, k) =>
      role === undefined || isOptionRole(family, role)
        ? []
        : [
            {
              field: `parameters.${i}.options.${k}.role`,
              words: `“${role}” is no role of a choice.`,
            },
          ],
    ),
  ]);
}
