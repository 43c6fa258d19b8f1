import type { JobRow } from '@barythm/contract/resources';

/** How a job stands, in words. */
export const STATE_WORDS: Record<JobRow['state'], string> = {
  planned: 'Planned',
  open: 'In progress',
  'part-changed': 'Left part-changed',
  'put-back': 'Put back as found',
  cancelled: 'Cancelled',
  'handed-over': 'Handed over',
};
