import type { DriveKind } from '@barythm/core/families/drive';
import { PlainProof } from '../../kit/prove';
import type { FamilyScreens } from '../family-screens';
import { DrawCard } from './bench/draw-card';
import { scenarioOf, START, type DrawDraft } from './bench/draw-draft';
import { DrivePlan } from './plan/drive-plan';
import { DayCard } from './pump/day-card';

/** What is painted for pressure drives and booster sets alone. */
export const driveScreens: FamilyScreens<DriveKind, DrawDraft> = {
  dutyDraft: 'drive-duty:',
  Plan: DrivePlan,
  Proof: PlainProof,
  pump: { Day: DayCard },
  bench: {
    start: START,
    scenario: scenarioOf,
    SetUp: DrawCard,
  },
};
