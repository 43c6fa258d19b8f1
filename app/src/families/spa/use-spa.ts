import { useScopeOf } from '../../kit/job';

/** The scope of a job on a spa pack. */
export const useSpa = () => useScopeOf('spa');
