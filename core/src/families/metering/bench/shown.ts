import type { BenchInputs, Channel, Flag } from '../../../bench';
import type { MeteringEvent } from './events';
import type { MeteringState } from './model-state';
import type { MeteringPlant } from './plant';

/** What is drawn over time, in the order in which `read` fills it in. */
export const CHANNELS: readonly Channel[] = [
  { key: 'water', label: 'Water', unit: 'm³/h' },
  { key: 'signal', label: 'Signal', unit: 'mA' },
  { key: 'pulses', label: 'Pulses', unit: '1/s' },
  { key: 'rate', label: 'Strokes', unit: 'strokes/min' },
  { key: 'flow', label: 'Product', unit: 'L/h' },
  { key: 'dose', label: 'Dose', unit: 'mg/L' },
  { key: 'backlog', label: 'Strokes owed', unit: '' },
  // last, so that it can be left out where nobody knows the tank
  { key: 'tank', label: 'Tank', unit: 'L' },
];

/** What is told of when it begins and ends, in the order of `flagsOf`. */
export const FLAGS: readonly (Flag & { readonly state: keyof MeteringState })[] = [
  { state: 'waiting', begins: 'The pump waits after the power cut.', ends: null },
  { state: 'stopped', begins: 'The pump is stopped by its contact.', ends: 'The pump may run again.' },
  {
    state: 'wireStop',
    begins: 'The watch takes the wire for broken: it stops the pump and shows it.',
    ends: 'The signal is back: the pump follows it again.',
  },
  { state: 'dry', begins: 'The tank is empty: the pump runs dry.', ends: 'There is liquid again.' },
  { state: 'levelStop', begins: 'The level switch stops the pump.', ends: 'The level lets it run again.' },
  { state: 'locked', begins: 'Gas lock: it strokes and nothing flows.', ends: 'The head pumps again.' },
  {
    state: 'ceiling',
    begins: 'The ceiling is reached: strokes are owed or lost.',
    ends: 'The ceiling is clear.',
  },
];

/** A dose outside its band is told of when it has lasted this long. */
const OUTSIDE_TOLD_s = 600;

export function read(s: MeteringState, inputs: BenchInputs<MeteringEvent>, into: Float64Array): void {
  into[0] = inputs.water_m3h;
  into[1] = s.current_mA;
  into[2] = s.pulses;
  into[3] = s.rate_spm;
  into[4] = s.flow_mL * 3.6;
  into[5] = s.dose_mgl;
  into[6] = s.queue;
  into[7] = s.tank_L;
}

/** The flags that hold, as bits. */
export function flagsOf(s: MeteringState): number {
  return (
    s.waiting +
    s.stopped * 2 +
    s.wireStop * 4 +
    s.dry * 8 +
    s.levelStop * 16 +
    s.locked * 32 +
    s.ceiling * 64 +
    (s.outside_s >= OUTSIDE_TOLD_s ? 128 : 0)
  );
}

/** What a run came to. */
export function sums(plant: MeteringPlant, s: MeteringState): Record<string, number> {
  return {
    ...(plant.tankKnown ? { tank_L: s.tank_L } : {}),
    given_L: s.given_mL / 1000,
    wanted_L: s.wanted_mL / 1000,
    inBand: s.flowing_s === 0 ? 0 : s.inBand_s / s.flowing_s,
    flowing_s: s.flowing_s,
    strokes: s.strokes,
    pulses: s.pulsesSeen,
    strokesLost: s.strokesLost,
    backlogMost: s.backlogMost,
    backlogLeft: s.queue,
    dry_s: s.dry_s,
    locked_s: s.locked_s,
  };
}
