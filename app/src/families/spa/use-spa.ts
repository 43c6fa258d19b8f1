import { useScopeOf } from '../../features/job/job-context';

/** The scope of a job on a spa pack. */
export const useSpa = () => useScopeOf('spa');
