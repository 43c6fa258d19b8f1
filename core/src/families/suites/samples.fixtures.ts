import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { Sample } from '../../job/testing/walk.fixtures';
import { FAMILY_NAMES, type FamilyName } from '../all';

/** For tests only: what a family keeps of sample pumps beside its own fixtures; those that only the tests know stand apart. */
export const samplesOf = (name: FamilyName): readonly Sample[] => {
  const own = `../${name}/fixtures`;
  const file = existsSync(join(__dirname, `${own}.ts`)) ? own : `../samples/${name}/fixtures`;
  return jest.requireActual<{ SAMPLES: readonly Sample[] }>(file).SAMPLES;
};

/** For tests only: the first sample of every family in the table. */
export const SAMPLE_OF = FAMILY_NAMES.map((name) => [name, samplesOf(name)[0]] as const);
