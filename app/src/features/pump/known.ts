import type { PumpResource } from '@barythm/contract/resources';
import { originOf, pumpNow, type PumpNow } from '@barythm/core/job';
import { dateInWords } from '@barythm/core/time';
import type { Origin } from '@barythm/core/visit';

export interface Known extends PumpNow {
  /** where it comes from, in words */
  readonly from: string;
  /** true where nothing of it was seen by a technician */
  readonly reported: boolean;
}

/** What is believed to be in the controller, and where that comes from. */
export function known(pump: PumpResource): Known {
  const now = pumpNow(pump);
  const { believed } = now;
  const whole: Origin | null = believed && { source: believed.source, date: believed.date };
  return {
    ...now,
    from: whole ? saidOf(pump, whole) : 'Nobody has recorded them yet',
    reported: whole?.source !== 'left',
  };
}

function saidOf({ latest }: PumpResource, { source, date }: Origin): string {
  if (source === 'reported') return `Reported by the site on ${dateInWords(date)}, not seen by a technician`;
  const open = latest && !latest.handover && date === latest.job.plannedFor;
  return `${open ? 'As known from the job' : 'As left'} of ${dateInWords(date)}`;
}

/** Where one setting is known from, where that is not what is said of all of them; null where it is. */
export function knownFrom({ believed }: Known, key: string): string | null {
  if (!believed?.origins?.[key]) return null;
  const { source, date } = originOf(believed, key);
  if (source === 'unknown') return 'read or reported: the records do not show which';
  return source === 'reported' ? `reported ${dateInWords(date)}` : `left ${dateInWords(date)}`;
}

/** Whether one setting was seen by a technician. */
export function seenByTechnician({ believed }: Known, key: string): boolean {
  return believed !== null && originOf(believed, key).source === 'left';
}
