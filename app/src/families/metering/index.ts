import type { MeteringKind } from '@barythm/core/families/metering';
import type { FamilyScreens } from '../family-screens';
import { ScenarioCard } from './bench/scenario-card';
import { StrokeCard } from './bench/stroke-card';
import { SUMS } from './bench/sums';
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
  Plan: MeteringPlan,
  Proof: MeteringProof,
  pump: { Day: DayCard, Stock: StockCard },
  bench: {
    start: START,
    scenario: scenarioOf,
    SetUp: ScenarioCard,
    channel: 'dose',
    // of the signal and the pulses, the one that it is not given
    hidden: ({ duty }) => [duty.signal.source === 'meter' ? 'signal' : 'pulses'],
    band: ({ duty }, channel) =>
      channel === 'dose' ? { low: duty.dose.low_mgl, high: duty.dose.high_mgl } : null,
    sums: () => SUMS,
    Closer: StrokeCard,
    caveat: ({ seed }) =>
      `A simulation from the settings and the duty, with seed ${seed}. What gas does in the head is a fair guess; the pump itself decides. Prove at the pump.`,
  },
};
