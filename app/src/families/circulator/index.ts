import type { CirculatorKind } from '@barythm/core/families/circulator';
import type { FamilyScreens } from '../family-screens';
import { HeatingCard } from './bench/heating-card';
import { scenarioOf, START, type HeatingDraft } from './bench/heating-draft';
import { PurgeCard } from './found/purge-card';
import { CirculatorPlan } from './plan/circulator-plan';
import { PlainProof } from '../../kit/prove';
import { DayCard } from './pump/day-card';

/** What is painted for circulators alone. */
export const circulatorScreens: FamilyScreens<CirculatorKind, HeatingDraft> = {
  found: { Work: PurgeCard },
  dutyDraft: 'circulator-duty:',
  Plan: CirculatorPlan,
  Proof: PlainProof,
  pump: { Day: DayCard },
  bench: {
    start: START,
    scenario: scenarioOf,
    SetUp: HeatingCard,
  },
};
