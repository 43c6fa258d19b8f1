import { type Texts, withText } from '../../../describe';

/** Where each answer of the flat form stands now that was kept on a device when habits had names of their own. */
const PATH_OF: Readonly<Record<string, string>> = {
  analog: 'analog.kind',
  below: 'below',
  brokenReaction: 'brokenWire.reaction',
  brokenLow: 'brokenWire.low_mA',
  brokenHigh: 'brokenWire.high_mA',
  leastRate: 'leastRate_spm',
  greatestRate: 'greatestRate_spm',
  afterPowerCut: 'afterPowerCut',
  priming: 'priming',
  setUpEnd: 'setUpEnd',
  showsSignal: 'showsSignal',
  clock: 'clock',
  nominal: 'smooth.nominal_mL',
  takesPulses: 'pulses.on',
  multiplyMost: 'pulses.multiplyMost',
  divideMost: 'pulses.divideMost',
  memory: 'pulses.memory',
  memoryMost: 'pulses.memoryMost',
  whileStopped: 'pulses.whileStopped',
  recognition: 'pulses.recognition_ms',
  batch: 'batch.whileRunning',
  stopInput: 'stopInput',
  dry: 'dry',
  afterFault: 'afterFault',
  slowSuction: 'slowSuction',
  deaerates: 'deaerates',
  compensates: 'compensates',
  locks: 'locks',
  modes: 'modes',
  ranges: 'analog.ranges',
};

/** A description that was being typed when its form was flat: every answer goes on at its own place. */
export function broughtUp(kept: Texts): Texts {
  const flat = kept as Readonly<Record<string, unknown>>;
  if (!('brokenReaction' in flat)) return kept;
  let texts: Texts = {};
  for (const [name, answer] of Object.entries(flat)) {
    const path = PATH_OF[name];
    if (path !== undefined) texts = withText(texts, path, asText(answer));
  }
  return texts;
}

function asText(answer: unknown): string {
  if (typeof answer === 'boolean') return answer ? 'yes' : 'no';
  return Array.isArray(answer) ? answer.join(',') : String(answer);
}
