import type { PoolContext } from '../settings/context';
import type { WantedProgram } from '../wire/programs';
import { PoolDraft, type PoolPlan } from './draft';
import { planBeside } from './beside';
import { planGuards, planHead } from './guards';
import { tidyPrograms } from './programs';
import { planSlots } from './slots';
import { planTimedRuns } from './timed';
import { settled } from '../../parts/repair';
import type { Finding } from '../../../findings';
import { checkPlan, checkSettings } from '../checks/checks';
import { heldRoles } from './held';
import { understand } from '../settings/understand';
import { POOL_TEXTS } from '../texts/texts';

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
export const planPool = settled({
  propose,
  check: checkSettings,
  understand,
  texts: POOL_TEXTS,
  held: heldRoles,
});

/** What hangs on when it is to run. */
const BY_PROGRAMS = [
  'program.days',
  'program.start',
  'program.stop',
  'program.speed',
  'program.enable',
  'program.circuit',
  'circuit.speed',
  'circuit.frost',
] as const;

function propose(context: PoolContext): PoolPlan {
  const draft = new PoolDraft(context);
  planHead(draft);
  draft.step(BY_PROGRAMS, () => planSlots(draft, wantedPrograms(context)));
  draft.step(['boost.speed', 'boost.time'], () => planTimedRuns(draft));
  planGuards(draft);
  planBeside(draft);
  return draft.finish();
}

/** Plan and check in one go. */
export function planAndCheck(context: PoolContext): { plan: PoolPlan; findings: Finding[] } {
  const plan = planPool(context);
  return { plan, findings: checkPlan(context, plan) };
}
