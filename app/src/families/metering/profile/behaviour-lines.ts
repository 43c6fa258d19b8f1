import type { MeteringBehaviours, MeteringProfile } from '@barythm/core/families/metering';
import type { Lines } from '../../family-screens';

/** What a metering pump’s controller does by itself, in lines to read. */
export function behaviourLines({ behaviours }: MeteringProfile): Lines {
  const rates = Object.entries(behaviours.greatestRate_spm);
  const set = 'as set';
  return [
    [
      'Signal',
      behaviours.analog.kind === 'plain'
        ? `${behaviours.analog.ranges.join(' or ')} mA`
        : behaviours.analog.kind === 'none'
          ? 'no current input'
          : 'two free set points',
    ],
    ['Below the first point', behaviours.below === 'set' ? set : behaviours.below],
    [
      'Broken wire',
      behaviours.brokenWire
        ? `watched at ${behaviours.brokenWire.low_mA ?? '–'} and ${behaviours.brokenWire.high_mA ?? '–'} mA, reaction ${behaviours.brokenWire.reaction === 'set' ? set : behaviours.brokenWire.reaction}`
        : 'not watched',
    ],
    [
      'Greatest rate',
      rates.length === 1
        ? `${rates[0][1]} strokes/min`
        : rates.map(([gear, rate]) => `gear ${gear} ${rate} strokes/min`).join(', '),
    ],
    ['Least rate', `${behaviours.leastRate_spm} strokes/min; below that it stands`],
    ['After a power cut', behaviours.afterPowerCut === 'set' ? set : behaviours.afterPowerCut],
    ['Priming', behaviours.priming],
    ['Shows its signal', behaviours.showsSignal ? 'yes, in mA' : 'no'],
    ...widerLines(behaviours),
  ];
}

const SET = 'as set';

function widerLines(behaviours: MeteringBehaviours): (readonly [string, string])[] {
  const { pulses, batch, smooth, slowSuction } = behaviours;
  const lines: (readonly [string, string])[] = [];
  if (smooth) lines.push(['Drive', `smooth, set in flow; ${smooth.nominal_mL} mL a turn taken for granted`]);
  if (pulses) {
    const store = pulses.memory === 'set' ? SET : pulses.memory === 'kept' ? 'stored' : 'lost';
    lines.push([
      'Pulses',
      `up to × ${pulses.multiplyMost} and ÷ ${pulses.divideMost}; those it cannot answer are ${store}, those while stopped ${pulses.whileStopped}; recognised after ${pulses.recognition_ms.join(', ')} ms`,
    ]);
  }
  if (batch) lines.push(['Triggers while a batch runs', batch.whileRunning]);
  const named = [
    [
      'Stop input',
      { stops: 'stops when closed', permits: 'permits when closed', set: SET },
      behaviours.stopInput,
    ],
    ['Running dry', { none: 'nothing happens', stop: 'stops', warn: 'warns', set: SET }, behaviours.dry],
    [
      'When a fault has gone',
      { resume: 'carries on', wait: 'waits', set: SET, unknown: 'not known' },
      behaviours.afterFault,
    ],
  ] as const;
  for (const [name, words, value] of named) {
    if (value) lines.push([name, (words as Record<string, string>)[value]]);
  }
  if (slowSuction) {
    lines.push([
      'Slow suction',
      `leaves ${slowSuction.map((share) => `${Math.round(share * 100)} %`).join(', ')}`,
    ]);
  }
  const has = [
    behaviours.deaerates && 'deaeration',
    behaviours.compensates && 'pressure compensation',
    behaviours.locks && 'key lock',
  ].filter(Boolean);
  if (has.length > 0) lines.push(['Also', has.join(', ')]);
  return lines;
}
