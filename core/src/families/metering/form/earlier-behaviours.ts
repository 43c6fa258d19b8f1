import { textAt, type Texts, withText } from '../../../describe';

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

/** A description that was being typed when its form was flat, or when a word of a choice stood for nothing said: every answer goes on. */
export function broughtUp(kept: Texts): Texts {
  const grouped = 'brokenReaction' in (kept as object) ? grouping(kept) : kept;
  return typeof textAt(grouped, 'clock') === 'string' ? opened(grouped) : grouped;
}

/** Every answer at its own place. */
function grouping(flat: Texts): Texts {
  let texts: Texts = {};
  for (const [name, answer] of Object.entries(flat)) {
    const path = PATH_OF[name];
    if (path !== undefined) texts = withText(texts, path, asText(answer));
  }
  return texts;
}

/** What stood for nothing said, by its path. */
const NOTHING_SAID: Readonly<Record<string, string>> = {
  'batch.whileRunning': 'none',
  stopInput: 'none',
  dry: 'not-known',
  afterFault: 'not-known',
};

/** What is not there is switched off, and what nobody said is left open. */
function opened(texts: Texts): Texts {
  const { clock, ...rest } = texts as Readonly<Record<string, Texts>>;
  const watched = textAt(rest, 'brokenWire.reaction') !== 'none';
  let open = watched
    ? withText(rest, 'brokenWire.on', 'yes')
    : withText(rest, 'brokenWire', { on: 'no', reaction: '', low_mA: '', high_mA: '' });
  for (const [path, nothing] of Object.entries(NOTHING_SAID))
    if (textAt(open, path) === nothing) open = withText(open, path, '');
  open = withText(open, 'hasClock', clock === 'none' ? 'no' : 'yes');
  return clock === 'none' ? open : withText(open, 'clockShows', String(clock));
}

function asText(answer: unknown): string {
  if (typeof answer === 'boolean') return answer ? 'yes' : 'no';
  return Array.isArray(answer) ? answer.join(',') : String(answer);
}
