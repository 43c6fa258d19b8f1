import type { PoolBehaviours } from '@barythm/core/families/pool';
import {
  figure,
  flag,
  group,
  maybe,
  numbers,
  optional,
  someOf,
  switched,
  word,
  type Texts,
} from '../../../form/tree';

/** How a pool controller behaves, as it is typed and chosen: the shape of the profile’s own part. */
const TREE = group({
  kind: word,
  speed: group({ least_rpm: figure('speed'), greatest_rpm: figure('speed'), step_rpm: figure('speed') }),
  programs: group({
    overlap: word,
    resumes: flag,
    startEqualsStop: word,
    keyed: numbers,
    timed: numbers,
    needsAutomatic: flag,
    editedRunning: flag,
  }),
  limitClamps: someOf,
  priming: group({
    kind: word,
    notPrimed: word,
    speed_rpm: maybe(figure('speed')),
    time_min: maybe(figure('minutes')),
  }),
  frost: switched({ protects: word, speed: word, hours: maybe(figure('hours')) }),
  holds: group({ service: flag, timed: flag, handRunDuring: flag }),
  handRun: word,
  clock: group({ summer: word, keeps_h: figure('hours'), lost: word }),
  clockShows: optional(word),
  commands: someOf,
  afterPowerCut: word,
  addresses: switched({ least: figure('plain'), greatest: figure('plain') }),
  resetShows: word,
  setUpEnd: optional(word),
});

/** A controller that nobody has described yet: what cannot be known stays open. */
export const BLANK_POOL_BEHAVIOURS: Texts = TREE.write({
  speed: {},
  programs: { keyed: [], timed: [] },
  limitClamps: ['programs'],
  priming: {},
  frost: null,
  holds: {},
  clock: {},
  commands: ['own'],
  addresses: null,
});

/** Behaviours as texts to go on from. */
export function poolBehaviourTexts(behaviours: PoolBehaviours): Texts {
  return TREE.write(behaviours);
}

/** Reads the texts; what is no figure is said at its place, under `behaviours`. */
export function readPoolBehaviours(texts: Texts, errors: Record<string, string>): unknown {
  const read = TREE.read(texts, '', (path, words) => {
    errors[`behaviours.${path}`] ??= words;
  }) as object;
  return { family: 'pool', hasClock: true, ...read };
}
