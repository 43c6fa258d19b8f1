import { currentsOf } from './load';
import type { SpaSettings } from '../settings/understand';
import { OUTPUT_WORDS, type Output } from '../wire/behaviours';
import type { SpaDuty } from '../wire/duty';

/** The same within a sentence. */
export function outputNamed(output: Output): string {
  return /^pump|^ozone/.test(output) ? OUTPUT_WORDS[output] : `the ${OUTPUT_WORDS[output]}`;
}

/** Runs by itself: nobody needs a key for it. */
const BY_ITSELF: ReadonlySet<Output> = new Set(['circulation', 'ozone']);

/** What is connected and wants a key. */
export function keyedOutputs(duty: SpaDuty): Output[] {
  return currentsOf(duty)
    .map(({ output }) => output)
    .filter((output) => !BY_ITSELF.has(output));
}

/** What is connected and has no key on the panel. */
export function keyless(duty: SpaDuty, { keys }: Pick<SpaSettings, 'keys'>): Output[] {
  return keyedOutputs(duty).filter((output) => !keys.includes(output));
}
