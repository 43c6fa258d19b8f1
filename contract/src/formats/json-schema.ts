import { z } from 'zod';
import { jobFileSchema } from './job-file';
import { profileSchema } from '@barythm/core/families';

const FORMATS = { profile: profileSchema, job: jobFileSchema } as const;
export type FormatName = keyof typeof FORMATS;
export const FORMAT_NAMES = Object.keys(FORMATS) as FormatName[];

/** The published JSON Schema of a file format, made from the same schema that reads it. */
export function jsonSchemaOf(name: FormatName): Record<string, unknown> {
  const schema = z.toJSONSchema(FORMATS[name], {
    target: 'draft-2020-12',
    io: 'input',
    // what stands in several places is said once
    reused: 'ref',
  });
  return { ...schema, title: `Barythm ${name}, format version 1` };
}
