import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { Sample } from '../job/testing/walk.fixtures';
import { FAMILY_NAMES, type FamilyName } from './all';

/** For tests only: what a family keeps of sample pumps beside its own fixtures; the one that only the tests know has a file of its own. */
export const samplesOf = (name: FamilyName): readonly Sample[] => {
  const own = `./${name}/fixtures`;
  const file = existsSync(join(__dirname, `${own}.ts`)) ? own : './sample.fixtures';
  return jest.requireActual<{ SAMPLES: readonly Sample[] }>(file).SAMPLES;
};

/** For tests only: the first sample of every family in the table. */
export const SAMPLE_OF = FAMILY_NAMES.map((name) => [name, samplesOf(name)[0]] as const);
