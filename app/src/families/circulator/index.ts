import type { CirculatorKind } from '@barythm/core/families/circulator';
import type { FamilyScreens } from '../family-screens';
import { HeatingCard } from './bench/heating-card';
import { scenarioOf, START, type HeatingDraft } from './bench/heating-draft';
import { sumsOf } from './bench/sums';
import { PurgeCard } from './found/purge-card';
import { CirculatorPlan } from './plan/circulator-plan';
import { PlainProof } from '../../kit/prove';
import { DayCard } from './pump/day-card';

/** What is painted for circulators alone. */
export const circulatorScreens: FamilyScreens<CirculatorKind, HeatingDraft> = {
  found: { Work: PurgeCard },
  Plan: CirculatorPlan,
  Proof: PlainProof,
  pump: { Day: DayCard },
  bench: {
    start: START,
    scenario: scenarioOf,
    SetUp: HeatingCard,
    channel: 'head',
    sums: sumsOf,
    caveat: () =>
      'A simulation from curve, duty and settings: valves that close until the flow is what is wanted, and a winter by the hour. Prove at the pump.',
  },
};
