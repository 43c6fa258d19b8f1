import type { TextBook } from '../findings';
import { FAMILIES } from './all';

/** The texts of every family's findings: their names begin with a code, and codes are never given twice. */
export const ALL_TEXTS: TextBook = Object.assign({}, ...Object.values(FAMILIES).map(({ texts }) => texts));
