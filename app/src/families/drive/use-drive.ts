import { useScopeOf } from '../../kit/job';

/** The scope of a job on a drive. */
export const useDrive = () => useScopeOf('drive');
