import { useScopeOf } from '../../features/job/job-context';

/** The scope of a job on a pool pump. */
export const usePool = () => useScopeOf('pool');
