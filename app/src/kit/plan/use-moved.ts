import { useCallback } from 'react';
import { useDraftOf } from '../../draft/use-draft';
import { NOTHING_MOVED, type ByHand } from './use-planned';

/** What was moved by hand becomes this, or what follows from how it stands in that moment. */
export type MoveByHand = (byHand: ByHand | ((now: ByHand) => ByHand)) => void;

/** What was moved by hand in the plan of a job, kept on the device until the plan is agreed or it is put back. */
export function useMoved(jobId: string) {
  const [byHand, setByHand] = useDraftOf<ByHand>(`hand:${jobId}`, NOTHING_MOVED);
  const putBack = useCallback(() => setByHand(null), [setByHand]);
  const moved = Object.keys(byHand).length > 0;
  return {
    byHand,
    setByHand,
    putBack,
    /** for the plan's screen */
    screen: { onReset: moved ? putBack : null, onAgreed: putBack },
  };
}
