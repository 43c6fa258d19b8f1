import { Text } from 'react-native';
import { fanFamily, type FanKind } from '@barythm/core/families/sample.fixtures';
import { aTick } from '../form/fields';
import { makeForm } from '../form/form';
import type { FamilyScreens } from './family-screens';

const says = (words: string) => () => <Text>{words}</Text>;

/** For tests only: what a family paints for itself, as little as it may be. */
export const fanScreens: FamilyScreens<FanKind> = {
  found: {
    Verdict: says('Verdict on a fan'),
    apart: () => undefined,
    Work: says('Work on a fan'),
  },
  Plan: says('Plan of a fan'),
  Proof: says('Proof of a fan'),
  pump: {
    dutyLines: ({ wanted_pct }) => [['Wanted', `${wanted_pct} % of its speed`]],
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
    channel: 'speed',
    hidden: () => [],
    band: () => null,
    sums: () => ({
      rows: [{ key: 'turned', label: 'Turned', unit: '', decimals: 0, of: (s) => s.turned }],
      headline: { of: (s) => s.turned, decimals: 0, unit: 'turns', moreIsBetter: true },
    }),
    caveat: () => 'A simulation.',
  },
  behaviourLines: () => [['By itself', 'as its knob stands']],
  describe: {
    label: 'A fan',
    groups: 'drive | Drive',
    form: makeForm({
      parts: [
        {
          name: 'habits',
          title: 'Habits of a fan',
          says: () => '',
          fields: [aTick('hasClock', 'It has a clock')],
        },
      ],
      schema: fanFamily.wire.behaviours,
      start: {},
      finish: (read) => ({ family: 'fan', ...read }),
    }),
  },
};
