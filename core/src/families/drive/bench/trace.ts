import { Timeline, type Scenario } from '../../../bench';
import type { SettingValues } from '../../../profile';
import type { DriveContext } from '../settings/context';
import { understand } from '../settings/understand';
import { driveModel } from './model';
import { drivePlant } from './plant';

/** A closer look: a tap opens and shuts again, or the discharge is shut as for the drive's own test. */
export const SCENES = ['start', 'stop', 'shut'] as const;
export type Scene = (typeof SCENES)[number];

/** Pressure and frequency of the lead, second by second. */
export interface PressureTrace {
  readonly seconds: readonly number[];
  readonly pressure_bar: readonly number[];
  readonly frequency_hz: readonly number[];
  /** what happened, and when */
  readonly marks: readonly { readonly at_s: number; readonly words: string }[];
}

/** It settles for this long before anything is looked at. */
const SETTLES_s = 240;

/** With its discharge shut it is tried by itself: its vessel is behind the valve, and it does not stop. */
const TESTED = { vessel_L: 0, stop_hz: NaN, seepsBack: true };

/** The usual draw before, and what is done with it. */
const DONE: Readonly<Record<Scene, { readonly lasts_s: number; readonly marks: PressureTrace['marks'] }>> = {
  start: { lasts_s: 60, marks: [{ at_s: 10, words: 'tap opens' }] },
  stop: { lasts_s: 90, marks: [{ at_s: 10, words: 'every tap shut' }] },
  shut: {
    lasts_s: 60,
    marks: [
      { at_s: 10, words: 'discharge shut' },
      { at_s: 35, words: 'open again' },
    ],
  },
};

/** What the pressure does when a tap opens, when all are shut, or in a closed-valve test. */
export function pressureTrace(context: DriveContext, values: SettingValues, scene: Scene): PressureTrace {
  const settings = understand(context.profile, context.plate, values);
  const plant = drivePlant(context, settings);
  const model = driveModel(scene === 'shut' ? { ...plant, ...TESTED } : plant);
  const { lasts_s, marks } = DONE[scene];
  const usual = context.duty.draw.usual_m3h;
  const begin = SETTLES_s + 10;
  const flows = Array.from({ length: SETTLES_s + lasts_s }, (_, second) => {
    if (scene === 'start') return second < 60 || second >= begin ? usual : 0;
    return scene === 'stop' && second >= begin ? 0 : usual;
  });
  const scenario: Scenario = {
    days: 1,
    water: { every_s: 1, flows_m3h: flows },
    wobble: 0,
    seed: 1,
    events:
      scene === 'shut' ? [{ kind: 'discharge-shut', at_s: begin, until_s: begin + 25, amount: null }] : [],
  };
  const timeline = new Timeline(scenario, 0, Object.keys(model.events));
  const state = model.init();
  const read = new Float64Array(model.channels.length);
  const lead = model.channels.findIndex(({ key }) => key === 'f1');
  const [pressure_bar, frequency_hz]: [number[], number[]] = [[], []];
  for (let second = 0; second < SETTLES_s + lasts_s; second++) {
    const inputs = timeline.at(second);
    model.step(state, inputs);
    if (second < SETTLES_s) continue;
    model.read(state, inputs, read);
    pressure_bar.push(read[0]);
    frequency_hz.push(read[lead]);
  }
  return { seconds: pressure_bar.map((_, i) => i), pressure_bar, frequency_hz, marks };
}
