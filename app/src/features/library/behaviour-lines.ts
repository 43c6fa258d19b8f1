import type { PoolProfile } from '@barythm/core/families/pool';
import type { MeteringProfile, MeteringBehaviours } from '@barythm/core/families/metering';
import { clockShows } from '@barythm/core/profile';
import type { AnyProfile } from '@barythm/core/families';

type Lines = readonly (readonly [string, string])[];

/** What a controller does by itself, in lines to read. */
export function behaviourLines(profile: AnyProfile): Lines {
  return profile.family === 'pool' ? poolLines(profile) : meteringLines(profile);
}

const CLOCK_WORDS = {
  none: 'none',
  time: 'shows the time',
  weekday: 'shows weekday and time',
  date: 'shows date and time',
} as const;

function meteringLines(profile: MeteringProfile): Lines {
  const { behaviours } = profile;
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
    ['Clock', CLOCK_WORDS[clockShows(profile) ?? 'none']],
    ...(behaviours.setUpEnd ? [['End of set-up', behaviours.setUpEnd] as const] : []),
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

const RULES = {
  'latest-start': 'the latest start wins',
  'highest-speed': 'the highest speed wins',
  'first-slot': 'the first slot wins',
  'last-slot': 'the last slot wins',
  refused: 'refused',
} as const;

function poolLines(profile: PoolProfile): Lines {
  const { kind, speed, programs, limitClamps, priming, frost, holds, handRun, clock, ...more } =
    profile.behaviours;
  const numbers = (slots: readonly number[]) => (slots.length === 0 ? 'none' : slots.join(', '));
  return [
    ['Kind', kind === 'panel' ? 'panel that switches circuits' : 'drive of one pump'],
    ['Speed', `${speed.least_rpm} to ${speed.greatest_rpm} rev/min in steps of ${speed.step_rpm}`],
    [
      kind === 'panel' ? 'Circuits that coincide' : 'Programs that overlap',
      `${RULES[programs.overlap]}; the earlier one ${programs.resumes ? 'goes on afterwards' : 'stays stopped'}`,
    ],
    ['Start = stop', programs.startEqualsStop],
    ['Slots that are keys', numbers(programs.keyed)],
    ['Keys for timed runs', numbers(programs.timed)],
    ['Programs need automatic', programs.needsAutomatic ? 'yes' : 'no'],
    ['The limit caps', limitClamps.join(', ')],
    [
      'Priming',
      `${{ sense: 'senses a full prime', fixed: 'a fixed time', none: 'none' }[priming.kind]}; not primed: ${priming.notPrimed === 'dry-alarm' ? 'stops with a dry alarm' : 'runs on'}`,
    ],
    [
      'Frost guard',
      frost
        ? `protects the ${frost.protects === 'water' ? 'water in pipes' : 'drive alone'}, at ${frost.speed === 'set' ? 'a set speed' : 'full speed'}${frost.hours === null ? '' : ` for ${frost.hours} h`}`
        : 'none',
    ],
    [
      'Holds',
      [holds.service && 'until released', holds.timed && 'for a time'].filter(Boolean).join(', ') || 'none',
    ],
    [
      'Run by hand',
      {
        'until-stopped': 'until stopped',
        'until-next-program': 'until the next program',
        'own-stop': 'until the slot’s own stop',
      }[handRun],
    ],
    [
      'Clock',
      `${CLOCK_WORDS[clockShows(profile) ?? 'none']}; ${{ follows: 'follows summer time', 'by-hand': 'summer time by hand', set: 'summer time as set' }[clock.summer]}; keeps ${clock.keeps_h} h without power, then ${clock.lost === 'stands' ? 'stands' : 'runs from 0:00'}`,
    ],
    ['Commanded by', more.commands.join(', ')],
    ['After a power cut', more.afterPowerCut === 'set' ? SET : more.afterPowerCut],
    ['A reset shows', more.resetShows],
    ...(more.setUpEnd ? [['End of set-up', more.setUpEnd] as const] : []),
  ];
}
