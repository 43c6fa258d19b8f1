import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { profileSchema } from '../wire';

const PROFILES = join(__dirname, '../../../../profiles');
/** Every profile that ships. */
export const SHIPPED = readdirSync(PROFILES).map((file) =>
  profileSchema.parse(JSON.parse(readFileSync(join(PROFILES, file), 'utf8'))),
);
