import { Text } from 'react-native';
import type { FanKind } from '@barythm/core/families/samples/fan/fixtures';
import type { FamilyScreens } from './family-screens';

const says = (words: string) => () => <Text>{words}</Text>;

/** For tests only: what a family paints for itself, as little as it may be. */
export const fanScreens: FamilyScreens<FanKind> = {
  found: {
    Verdict: says('Verdict on a fan'),
    apart: () => undefined,
    Work: says('Work on a fan'),
  },
  dutyDraft: 'fan-duty:',
  Plan: says('Plan of a fan'),
  Proof: says('Proof of a fan'),
  pump: {
    Day: says('Day of a fan'),
  },
  bench: {
    start: { days: 1, events: [] },
    scenario: ({ days, events }) => ({
      days,
      water: { every_s: 3600, flows_m3h: [0] },
      wobble: 0,
      seed: 1,
      events: [...events],
    }),
    SetUp: says('Day of a fan'),
  },
};
