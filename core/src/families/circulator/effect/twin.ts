import { flowOfPumps_m3h } from '../../../hydraulics';
import type { CirculatorDuty, TwinWay } from '../wire/duty';
import { pumpOf, spare_m } from './pump';

/** What the second of a twin really adds with every valve open, at full speed: the pipes take most of it. */
export interface TwinGain {
  readonly one_m3h: number;
  readonly two_m3h: number;
  /** share of what one moves */
  readonly gain: number;
}

export function twinGain(duty: CirculatorDuty): TwinGain {
  const { alone, loss } = pumpOf(duty);
  const [one_m3h, two_m3h] = [1, 2].map((pumps) => flowOfPumps_m3h(alone.curve, loss, pumps));
  return { one_m3h, two_m3h, gain: one_m3h <= 0 ? 0 : two_m3h / one_m3h - 1 };
}

/** The way that is proposed: they take turns, so that both stay free and are worn alike; together where one does not carry the duty. */
export function proposedWay(duty: CirculatorDuty): TwinWay {
  return spare_m(pumpOf(duty), duty) >= -1e-9 ? 'alternate' : 'on-demand';
}

export const WAY_WORDS: Readonly<Record<TwinWay, string>> = {
  standby: 'one runs, the other waits',
  alternate: 'they take turns',
  'on-demand': 'the second joins on demand',
  always: 'both always',
};
