import type { TransferKind } from '@barythm/core/families/transfer';
import { PlainProof } from '../../kit/prove';
import type { FamilyScreens } from '../family-screens';
import { SessionCard } from './bench/session-card';
import { scenarioOf, START, type SessionDraft } from './bench/session-draft';
import { TransferPlan } from './plan/transfer-plan';
import { DayCard } from './pump/day-card';

/** What is painted for pumps that empty a vessel alone. */
export const transferScreens: FamilyScreens<TransferKind, SessionDraft> = {
  dutyDraft: 'transfer-duty:',
  Plan: TransferPlan,
  Proof: PlainProof,
  pump: { Day: DayCard },
  bench: {
    start: START,
    scenario: scenarioOf,
    SetUp: SessionCard,
  },
};
