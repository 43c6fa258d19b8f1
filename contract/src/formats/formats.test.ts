import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv2020 from 'ajv/dist/2020';
import addFormats from 'ajv-formats';
import { FORMAT_NAMES, jobFileSchema, jsonSchemaOf } from './index';

const ROOT = join(__dirname, '../../..');
const read = (path: string) => JSON.parse(readFileSync(join(ROOT, path), 'utf8')) as unknown;
const validator = (name: 'profile' | 'job') =>
  addFormats(new Ajv2020({ strict: false })).compile(jsonSchemaOf(name));

test('the published schemas in docs are the ones the product reads by', () => {
  for (const name of FORMAT_NAMES) {
    expect(read(`docs/formats/${name}.schema.json`)).toEqual(JSON.parse(JSON.stringify(jsonSchemaOf(name))));
  }
});

test('the shipped profiles keep to the published schema; one with a word wrong does not', () => {
  const validate = validator('profile');
  for (const name of ['motor-three-gears', 'two-point-soft-keys']) {
    expect(validate(read(`profiles/${name}.json`)) ? [] : validate.errors).toEqual([]);
  }
  expect(validate({ ...(read('profiles/motor-three-gears.json') as object), family: 'kettle' })).toBe(false);
});

test('a file of another kind or a later version is refused at its place', () => {
  const parsed = jobFileSchema.safeParse({ format: 'barythm-job', formatVersion: 2, document: {} });
  const places = parsed.error?.issues.map((issue) => issue.path.join('.'));
  expect(places).toEqual(expect.arrayContaining(['formatVersion', 'document.job']));
});
