import { writeFileSync } from 'node:fs';
import { FORMAT_NAMES, jsonSchemaOf } from '../src/formats';

for (const name of FORMAT_NAMES) {
  const path = new URL(`../../docs/formats/${name}.schema.json`, import.meta.url);
  writeFileSync(path, `${JSON.stringify(jsonSchemaOf(name), null, 2)}\n`);
  console.log(`docs/formats/${name}.schema.json`);
}
