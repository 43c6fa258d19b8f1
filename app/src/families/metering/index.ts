import type { MeteringKind } from '@barythm/core/families/metering';
import type { FamilyScreens } from '../family-screens';
import { ScenarioCard } from './bench/scenario-card';
import { StrokeCard } from './bench/stroke-card';
import { scenarioOf, START, type WaterDraft } from './bench/water-draft';
import { LiveNow } from './found/live-now';
import { CalibrationCard } from './found/calibration-card';
import { MeteringPlan } from './plan/metering-plan';
import { MeteringProof } from './prove/metering-proof';
import { TapCounter } from './prove/tap-counter';
import { DayCard } from './pump/day-card';
import { StockCard } from './pump/stock-card';

/** What is painted for metering and dosing pumps alone. */
export const meteringScreens: FamilyScreens<MeteringKind, WaterDraft> = {
  found: {
    Verdict: LiveNow,
    Counter: { field: 'rate_spm', Aid: TapCounter },
    Work: CalibrationCard,
  },
  dutyDraft: 'duty:',
  Plan: MeteringPlan,
  Proof: MeteringProof,
  pump: { Day: DayCard, Stock: StockCard },
  bench: {
    start: START,
    scenario: scenarioOf,
    SetUp: ScenarioCard,
    Closer: StrokeCard,
  },
};
