import type { SpaKind } from '@barythm/core/families/spa';
import { PlainProof } from '../../kit/prove';
import type { FamilyScreens } from '../family-screens';
import { AirCard } from './bench/air-card';
import { scenarioOf, START, type AirDraft } from './bench/air-draft';
import { parameterWithRole } from '@barythm/core/profile';
import { BankFoundCard } from './found/bank-found-card';
import { TableCard } from './found/table-card';
import { SpaPlan } from './plan/spa-plan';
import { DayCard } from './pump/day-card';
import { NumberCard } from './set/number-card';
import { StepsSeenCard } from './set/steps-seen-card';

/** What is painted for spa packs alone. */
export const spaScreens: FamilyScreens<SpaKind, AirDraft> = {
  found: {
    Opened: BankFoundCard,
    // the bank is read as a whole
    apart: (profile) => parameterWithRole(profile, 'switch')?.group,

    Work: TableCard,
  },
  dutyDraft: 'spa-duty:',
  Plan: SpaPlan,
  guided: { role: 'number', Card: NumberCard, After: StepsSeenCard },
  Proof: PlainProof,
  pump: { Day: DayCard },
  bench: {
    start: START,
    scenario: scenarioOf,
    SetUp: AirCard,
  },
};
