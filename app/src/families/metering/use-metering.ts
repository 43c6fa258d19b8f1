import { useScopeOf } from '../../kit/job';

/** The scope of a job on a metering pump. */
export const useMetering = () => useScopeOf('metering');
