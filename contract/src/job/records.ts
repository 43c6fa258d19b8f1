export { earlierBodySchema, recordBodySchema } from '@barythm/core/families';
