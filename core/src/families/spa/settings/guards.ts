import { guardsOf } from '../../parts/guard';
import type { SpaRole } from './roles';

/** Settings whose change can hurt, and what of the duty they are held against. */
export const SPA_GUARDS = guardsOf<SpaRole>([['set'], 'up', ['wanted.limit_C']]);
