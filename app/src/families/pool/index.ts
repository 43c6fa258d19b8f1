import type { PoolKind } from '@barythm/core/families/pool';
import { parameterWithRole } from '@barythm/core/profile';
import type { FamilyScreens } from '../family-screens';
import { WeatherCard } from './bench/weather-card';
import { scenarioOf, START, type WeatherDraft } from './bench/weather-draft';
import { PowerNow } from './found/power-now';
import { WeekFoundCard } from './found/week-found-card';
import { SensorsCard } from './found/sensors-card';
import { PoolPlan } from './plan/pool-plan';
import { PoolProof } from './prove/pool-proof';
import { PoolWeekCard } from './pump/pool-week-card';

/** What is painted for pool pumps and panels alone. */
export const poolScreens: FamilyScreens<PoolKind, WeatherDraft> = {
  found: {
    Verdict: PowerNow,
    // programs are read slot by slot
    Before: WeekFoundCard,
    apart: (profile) => parameterWithRole(profile, 'program.start')?.group,
    After: SensorsCard,
  },
  dutyDraft: 'pool-duty:',
  Plan: PoolPlan,
  Proof: PoolProof,
  pump: { Day: PoolWeekCard },
  bench: {
    start: START,
    scenario: scenarioOf,
    SetUp: WeatherCard,
  },
};
