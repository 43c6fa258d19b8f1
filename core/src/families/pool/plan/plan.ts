import type { PoolContext } from '../settings/context';
import type { WantedProgram } from '../wire/duty';
import { PoolDraft, type PoolPlan } from './draft';
import { planGuards, planHead } from './guards';
import { tidyPrograms } from './programs';
import { planSlots } from './slots';
import { planTimedRuns } from './timed';

/** The programs a plan goes by: those agreed in the duty, or one long slow run where none are. */
export function wantedPrograms(context: PoolContext): readonly WantedProgram[] {
  // under relays or a link the panel's programs run it: its own would be a second master
  if (context.duty.command !== 'own') return [];
  return context.duty.programs ?? tidyPrograms(context);
}

/**
 * Target settings from what the water needs, each with its reason. Throws an InputError where points or prices cannot be
 * computed with.
 */
export function planPool(context: PoolContext): PoolPlan {
  const draft = new PoolDraft(context);
  planHead(draft);
  planSlots(draft, wantedPrograms(context));
  planTimedRuns(draft);
  planGuards(draft);
  return draft.finish();
}
