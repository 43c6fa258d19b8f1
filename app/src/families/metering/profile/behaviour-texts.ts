import type { MeteringBehaviours } from '@barythm/core/families/metering';
import type { ClockShows } from '@barythm/core/profile';

type Mode = MeteringBehaviours['modes'][number];
type Range = '0-20' | '4-20' | '20-0' | '20-4';

/** How a controller behaves, as it is typed and chosen. */
export interface BehaviourTexts {
  readonly modes: readonly Mode[];
  readonly analog: 'plain' | 'free-points' | 'none';
  readonly ranges: readonly Range[];
  readonly below: 'hold' | 'stop' | 'set';
  readonly brokenReaction: 'none' | 'stop' | 'hold' | 'set';
  readonly brokenLow: string;
  readonly brokenHigh: string;
  readonly leastRate: string;
  /** “180”, or by gear: “A=48, B=96” */
  readonly greatestRate: string;
  readonly afterPowerCut: 'resume' | 'wait' | 'set' | 'unknown';
  readonly priming: string;
  /** how set-up is marked complete; empty when nothing is needed */
  readonly setUpEnd: string;
  readonly showsSignal: boolean;
  readonly clock: 'none' | ClockShows;
  /** mL of one turn or stroke of a drive that is set in flow; empty for a stroke pump */
  readonly nominal: string;
  readonly takesPulses: boolean;
  readonly multiplyMost: string;
  readonly divideMost: string;
  readonly memory: 'lost' | 'kept' | 'set';
  readonly memoryMost: string;
  readonly whileStopped: 'lost' | 'stored';
  readonly recognition: string;
  readonly batch: 'none' | 'queued' | 'lost';
  readonly stopInput: 'none' | 'stops' | 'permits' | 'set';
  readonly dry: 'not-known' | 'none' | 'stop' | 'warn' | 'set';
  readonly afterFault: 'not-known' | 'resume' | 'wait' | 'set' | 'unknown';
  /** per cent of capacity that each step leaves: “100 60 35”; empty without slow suction */
  readonly slowSuction: string;
  readonly deaerates: boolean;
  readonly compensates: boolean;
  readonly locks: boolean;
}

export const BLANK_BEHAVIOURS: BehaviourTexts = {
  modes: ['manual'],
  analog: 'none',
  ranges: ['4-20'],
  below: 'stop',
  brokenReaction: 'none',
  brokenLow: '3.6',
  brokenHigh: '21',
  leastRate: '0',
  greatestRate: '',
  afterPowerCut: 'unknown',
  priming: '',
  setUpEnd: '',
  showsSignal: false,
  clock: 'none',
  nominal: '',
  takesPulses: false,
  multiplyMost: '1',
  divideMost: '1',
  memory: 'lost',
  memoryMost: '',
  whileStopped: 'lost',
  recognition: '20',
  batch: 'none',
  stopInput: 'none',
  dry: 'not-known',
  afterFault: 'not-known',
  slowSuction: '',
  deaerates: false,
  compensates: false,
  locks: false,
};

const text = (value: number | null | undefined) =>
  value === null || value === undefined ? '' : String(value);

/** Behaviours as texts to go on from. */
export function behaviourTexts(behaviours: MeteringBehaviours): BehaviourTexts {
  const { analog, brokenWire, pulses, greatestRate_spm } = behaviours;
  const gears = Object.entries(greatestRate_spm);
  return {
    ...BLANK_BEHAVIOURS,
    modes: behaviours.modes,
    analog: analog.kind,
    ranges: analog.kind === 'plain' ? analog.ranges : BLANK_BEHAVIOURS.ranges,
    below: behaviours.below,
    brokenReaction: brokenWire?.reaction ?? 'none',
    brokenLow: brokenWire ? text(brokenWire.low_mA) : BLANK_BEHAVIOURS.brokenLow,
    brokenHigh: brokenWire ? text(brokenWire.high_mA) : BLANK_BEHAVIOURS.brokenHigh,
    leastRate: text(behaviours.leastRate_spm),
    greatestRate:
      gears.length === 1 && gears[0][0] === '-'
        ? text(gears[0][1])
        : gears.map(([gear, rate]) => `${gear}=${rate}`).join(', '),
    afterPowerCut: behaviours.afterPowerCut,
    priming: behaviours.priming,
    setUpEnd: behaviours.setUpEnd ?? '',
    showsSignal: behaviours.showsSignal,
    clock: behaviours.hasClock ? (behaviours.clockShows ?? 'time') : 'none',
    nominal: text(behaviours.smooth?.nominal_mL),
    takesPulses: pulses !== undefined,
    ...(pulses
      ? {
          multiplyMost: text(pulses.multiplyMost),
          divideMost: text(pulses.divideMost),
          memory: pulses.memory,
          memoryMost: text(pulses.memoryMost),
          whileStopped: pulses.whileStopped,
          recognition: pulses.recognition_ms.join(' '),
        }
      : {}),
    batch: behaviours.batch?.whileRunning ?? 'none',
    stopInput: behaviours.stopInput ?? 'none',
    dry: behaviours.dry ?? 'not-known',
    afterFault: behaviours.afterFault ?? 'not-known',
    slowSuction: (behaviours.slowSuction ?? [])
      .map((share) => Number((share * 100).toPrecision(6)))
      .join(' '),
    deaerates: behaviours.deaerates ?? false,
    compensates: behaviours.compensates ?? false,
    locks: behaviours.locks ?? false,
  };
}

/** Reads the texts; what is no figure is said at its place. */
export function readBehaviours(texts: BehaviourTexts, errors: Record<string, string>): unknown {
  const fail = (field: keyof BehaviourTexts, words: string) => {
    errors[`behaviours.${field}`] ??= words;
  };
  const number = (field: keyof BehaviourTexts, typed: string): number => {
    const value = Number(typed.trim().replace(',', '.'));
    if (typed.trim() === '' || !Number.isFinite(value)) {
      fail(field, typed.trim() === '' ? 'This is needed.' : `“${typed}” is not a figure.`);
    }
    return value;
  };
  const orNull = (field: keyof BehaviourTexts, typed: string) =>
    typed.trim() === '' ? null : number(field, typed);
  const list = (field: keyof BehaviourTexts, typed: string) =>
    typed
      .split(/[\s;]+/)
      .filter(Boolean)
      .map((word) => number(field, word));
  if (texts.priming.trim() === '') fail('priming', 'Say what priming does, or that there is none.');
  return {
    family: 'metering',
    modes: texts.modes,
    analog: texts.analog === 'plain' ? { kind: 'plain', ranges: texts.ranges } : { kind: texts.analog },
    below: texts.below,
    brokenWire:
      texts.brokenReaction === 'none'
        ? null
        : {
            low_mA: orNull('brokenLow', texts.brokenLow),
            high_mA: orNull('brokenHigh', texts.brokenHigh),
            reaction: texts.brokenReaction,
          },
    leastRate_spm: number('leastRate', texts.leastRate),
    greatestRate_spm: readRates(texts.greatestRate, number),
    afterPowerCut: texts.afterPowerCut,
    priming: texts.priming.trim(),
    ...(texts.setUpEnd.trim() === '' ? {} : { setUpEnd: texts.setUpEnd.trim() }),
    showsSignal: texts.showsSignal,
    hasClock: texts.clock !== 'none',
    ...(texts.clock === 'none' || texts.clock === 'time' ? {} : { clockShows: texts.clock }),
    ...(texts.nominal.trim() === '' ? {} : { smooth: { nominal_mL: number('nominal', texts.nominal) } }),
    ...(texts.takesPulses
      ? {
          pulses: {
            multiplyMost: number('multiplyMost', texts.multiplyMost),
            divideMost: number('divideMost', texts.divideMost),
            memory: texts.memory,
            memoryMost: orNull('memoryMost', texts.memoryMost),
            whileStopped: texts.whileStopped,
            recognition_ms: list('recognition', texts.recognition),
          },
        }
      : {}),
    ...(texts.batch === 'none' ? {} : { batch: { whileRunning: texts.batch } }),
    ...(texts.stopInput === 'none' ? {} : { stopInput: texts.stopInput }),
    ...(texts.dry === 'not-known' ? {} : { dry: texts.dry }),
    ...(texts.afterFault === 'not-known' ? {} : { afterFault: texts.afterFault }),
    ...(texts.slowSuction.trim() === ''
      ? {}
      : { slowSuction: list('slowSuction', texts.slowSuction).map((percent) => percent / 100) }),
    ...(texts.deaerates ? { deaerates: true } : {}),
    ...(texts.compensates ? { compensates: true } : {}),
    locks: texts.locks,
  };
}

function readRates(
  typed: string,
  number: (field: keyof BehaviourTexts, typed: string) => number,
): Record<string, number> {
  if (!typed.includes('=')) return { '-': number('greatestRate', typed) };
  return Object.fromEntries(
    typed.split(',').map((pair) => {
      const [gear, rate] = pair.split('=').map((part) => part.trim());
      return [gear, number('greatestRate', rate ?? '')];
    }),
  );
}
