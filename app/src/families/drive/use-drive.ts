import { useScopeOf } from '../../features/job/job-context';

/** The scope of a job on a drive. */
export const useDrive = () => useScopeOf('drive');
