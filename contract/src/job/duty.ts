export { dutySchema, plateSchema } from '@barythm/core/families';
