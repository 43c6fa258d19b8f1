import { useScopeOf } from '../../kit/job';

/** The scope of a job on a circulator. */
export const useCirculator = () => useScopeOf('circulator');
