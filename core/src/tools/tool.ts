import type { z } from 'zod';

/**
 * A calculator by itself, without a pump. The same input and output fields serve the worked examples, the app and
 * the API; the id is the name of its file of worked examples.
 */
export interface Tool<In extends z.ZodType, Out> {
  readonly id: string;
  readonly name: string;
  readonly about: string;
  readonly input: In;
  /** Throws an InputError that names the field when the input cannot be computed with. */
  run(input: z.output<In>): Out;
}
