import { useScopeOf } from '../../kit/job';

/** The scope of a job on a pool pump. */
export const usePool = () => useScopeOf('pool');
