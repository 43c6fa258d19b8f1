import { meteringDutySchema } from '@barythm/core/families/metering';
import { poolDutySchema } from '@barythm/core/families/pool';
import { z } from 'zod';

/** The duty of a pump of any family; each says which by its `family`. */
export const dutySchema = z.discriminatedUnion('family', [meteringDutySchema, poolDutySchema]);
