import { useScopeOf } from '../../features/job/job-context';

/** The scope of a job on a circulator. */
export const useCirculator = () => useScopeOf('circulator');
