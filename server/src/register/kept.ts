import type { PumpKnown } from '@barythm/core/job';
import { ALL_TEXTS } from '@barythm/core/families';
import { grouped, renderFinding, type Finding } from '@barythm/core/findings';
import { METRIC } from '@barythm/core/units';
import { everDue, type Falls } from './due';
import { stateOfPump, type PumpState } from './state';

/** What stands open on a pump, in counts and words; findings themselves are never stored. */
export interface Kept {
  readonly stops: number;
  readonly warns: number;
  readonly notes: number;
  readonly worst: string | null;
  readonly strip: PumpState['strip'];
  readonly dues: readonly Falls[];
}

/** Works out what stands open on a pump. What cannot be worked out is said to be so, and takes nothing else down. */
export function keptOf(pump: PumpKnown): Kept {
  try {
    const { findings, strip } = stateOfPump(pump);
    return { ...countOf(findings), worst: worstOf(findings), strip, dues: everDue(pump) };
  } catch (error) {
    return notWorkedOut(`because ${error instanceof Error ? error.message : String(error)}`);
  }
}

/** What is kept of a pump that could not be worked out: one warning that says so. */
export function notWorkedOut(why: string): Kept {
  const worst = `Cannot be worked out, ${why.slice(0, 200)}`;
  return { stops: 0, warns: 1, notes: 0, worst, strip: null, dues: [] };
}

function countOf(findings: readonly Finding[]) {
  const of = (severity: Finding['severity']) =>
    // one slip is one, however many places it is in: as the pump's own page shows it
    grouped(findings).filter(([first]) => first.severity === severity).length;
  return { stops: of('stop'), warns: of('warn'), notes: of('note') };
}

function worstOf([worst]: readonly Finding[]): string | null {
  return worst ? renderFinding(worst, ALL_TEXTS, METRIC).title : null;
}
