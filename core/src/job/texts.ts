import type { TextBook } from '../findings';
import { METERING_TEXTS } from '../families/metering';
import { POOL_TEXTS } from '../families/pool';

/** The texts of every family's findings: their names begin with a code, and codes are never given twice. */
export const ALL_TEXTS: TextBook = { ...METERING_TEXTS, ...POOL_TEXTS };
