import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { AnyProfile } from '../all';
import { profileSchema } from '../wire';

const PROFILES = join(__dirname, '../../../../profiles');
/** For tests only: every profile that ships. */
export const SHIPPED = readdirSync(PROFILES).map((file) =>
  profileSchema.parse(JSON.parse(readFileSync(join(PROFILES, file), 'utf8'))),
);

/** One of them, by its id. */
export function shipped(id: string): AnyProfile {
  const one = SHIPPED.find((profile) => profile.id === id);
  if (!one) throw new Error(`No profile “${id}” ships.`);
  return one;
}
