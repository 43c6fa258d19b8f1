import { useScopeOf } from '../../kit/job';

/** The scope of a job on a pump that empties a vessel. */
export const useTransfer = () => useScopeOf('transfer');
