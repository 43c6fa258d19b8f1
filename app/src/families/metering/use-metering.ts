import { useScopeOf } from '../../features/job/job-context';

/** The scope of a job on a metering pump. */
export const useMetering = () => useScopeOf('metering');
