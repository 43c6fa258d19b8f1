import { meteringBehavioursSchema, type MeteringBehaviours } from '../wire/behaviours';
import {
  aChoice,
  aFigure,
  aSwitch,
  aTick,
  aWord,
  figures,
  flagOrNothing,
  ifAny,
  makeForm,
  onlyIf,
  optional,
  type Part,
  type Place,
  shownIf,
  someWords,
  ticks,
  together,
  unless,
  word,
} from '../../../describe';
import { CHOOSE_WORDS, CLOCK_SHOWS } from '../../parts/controller/words';
import { CONTROLLER } from '../../parts/controller/controller-part';
import { broughtUp } from './earlier-behaviours';
import { ratesPlace } from '../wire/rates-place';

const nothing = () => '';
const SET = { value: 'set', label: 'As set' } as const;
const NONE = { value: 'none', label: 'None' } as const;
const NOT_KNOWN = { value: 'not-known', label: 'Not said' } as const;
const UNKNOWN = { value: 'unknown', label: 'Not known' } as const;
const COME_BACK = [
  { value: 'resume', label: 'Carries on' },
  { value: 'wait', label: 'Waits' },
] as const;
const HOLD_STOP = [
  { value: 'hold', label: 'Holds' },
  { value: 'stop', label: 'Stops' },
] as const;

/** Figures that are left out where none is typed. */
const orLeftOut = (place: Place): Place => ({
  ...place,
  read: (texts, path, tell) => {
    const read = place.read(texts, path, tell);
    return Array.isArray(read) && read.length === 0 ? undefined : read;
  },
});

const DRIVE: Part = {
  name: 'drive',
  title: 'How it behaves',
  says: nothing,
  fields: [
    ticks('modes', 'Modes', [
      { value: 'manual', label: 'Manual' },
      { value: 'analog', label: 'Current signal' },
      { value: 'multiply', label: 'Pulses multiplied' },
      { value: 'divide', label: 'Pulses divided' },
      { value: 'contact', label: 'Single contacts' },
      { value: 'batch', label: 'Batches' },
      { value: 'timer', label: 'Timer' },
    ]),
    aWord('greatestRate_spm', 'Greatest rate', {
      unit: 'strokes/min',
      place: ratesPlace,
      hint: '180, or by gear: A=48, B=96',
    }),
    aFigure('leastRate_spm', 'Least rate', 'strokeRate', { unit: 'strokes/min' }),
    ifAny(
      'smooth',
      [
        aFigure('nominal_mL', 'Set in flow: volume of one turn', 'strokeVolume', {
          unit: 'mL',
          hint: 'Empty for a stroke pump',
        }),
      ],
      'left-out',
    ),
  ],
};

const SIGNAL: Part = {
  name: 'signal',
  title: 'Current and pulses',
  says: nothing,
  fields: [
    together('analog', [
      aChoice('kind', 'Current input', [
        NONE,
        { value: 'plain', label: 'Plain ranges' },
        { value: 'free-points', label: 'Two free points' },
      ]),
      onlyIf(
        (here) => here('kind') === 'plain',
        [
          ticks(
            'ranges',
            'Ranges, mA',
            ['0-20', '4-20', '20-0', '20-4'].map((value) => ({ value, label: `${value} mA` })),
          ),
        ],
      ),
    ]),
    shownIf(
      (look) => look.at('analog.kind') !== 'none',
      aChoice('below', 'Below the first point', [...HOLD_STOP, SET]),
      together(
        'brokenWire',
        [
          aChoice('reaction', 'On a broken wire', [
            { value: 'none', label: 'Not watched' },
            ...HOLD_STOP,
            SET,
          ]),
          shownIf(
            (look) => look.here('reaction') !== 'none',
            aFigure('low_mA', 'Broken at or below', 'current', { unit: 'mA', blank: 'null' }),
            aFigure('high_mA', 'Broken at or above', 'current', { unit: 'mA', blank: 'null' }),
          ),
        ],
        {
          when: (here) => here('reaction') === 'none',
          value: null,
          texts: { reaction: 'none', low_mA: '3.6', high_mA: '21' },
        },
      ),
    ),
    aWord('proofPoints_mA', 'Currents that the maker wants it proved at', {
      unit: 'mA',
      place: orLeftOut(figures()),
      hint: 'Such as 4 12 20; empty for the usual ones',
    }),
    aSwitch(
      'pulses',
      'Takes pulses of a meter',
      [
        aFigure('multiplyMost', 'Multiplies by at most', 'plain'),
        aFigure('divideMost', 'Divides by at most', 'plain'),
        aChoice('memory', 'Pulses it cannot answer in time', [
          { value: 'lost', label: 'Lost' },
          { value: 'kept', label: 'Stored' },
          SET,
        ]),
        aFigure('memoryMost', 'Stores at most', 'strokes', {
          unit: 'strokes',
          blank: 'null',
          hint: 'Empty when it stores none',
        }),
        aChoice('whileStopped', 'Pulses while it is stopped', [
          { value: 'lost', label: 'Lost' },
          { value: 'stored', label: 'Stored' },
        ]),
        aWord('recognition_ms', 'Recognition times', {
          unit: 'ms',
          place: figures(),
          hint: 'With spaces between them',
        }),
      ],
      'left-out',
    ),
    together(
      'batch',
      [
        aChoice('whileRunning', 'Triggers while a batch runs', [
          { value: 'none', label: 'No batches' },
          { value: 'queued', label: 'Queued' },
          { value: 'lost', label: 'Lost' },
        ]),
      ],
      {
        when: (here) => here('whileRunning') === 'none',
        value: undefined,
        texts: { whileRunning: 'none' },
      },
    ),
  ],
};

const GUARDS: Part = {
  name: 'guards',
  title: 'Guards, power, clock',
  says: nothing,
  fields: [
    aChoice(
      'stopInput',
      'Stop input',
      [
        NONE,
        { value: 'stops', label: 'Stops when closed' },
        { value: 'permits', label: 'Permits when closed' },
        SET,
      ],
      { place: unless('none') },
    ),
    aChoice(
      'dry',
      'When it runs dry',
      [NOT_KNOWN, NONE, { value: 'stop', label: 'Stops' }, { value: 'warn', label: 'Warns' }, SET],
      { place: unless('not-known') },
    ),
    aChoice('afterPowerCut', 'After a power cut', [...COME_BACK, SET, UNKNOWN]),
    aChoice('afterFault', 'When a fault has gone', [NOT_KNOWN, ...COME_BACK, SET, UNKNOWN], {
      place: unless('not-known'),
    }),
    aWord('slowSuction', 'Slow suction: share that each step leaves', {
      unit: '%',
      place: orLeftOut(figures(100)),
      hint: 'Such as 100 60 35; empty without',
    }),
    aTick('deaerates', 'Works gas out in pauses', flagOrNothing),
    aTick('compensates', 'Makes up for back pressure', flagOrNothing),
    aTick('locks', 'Its keys can be locked'),
    aTick('showsSignal', 'Shows its incoming signal'),
    aChoice('clock', 'Clock', [NONE, ...CLOCK_SHOWS]),
    someWords('priming', 'What priming does', 'Say what priming does, or that there is none.'),
    aWord('resetShows', 'A factory reset shows', { place: optional(word) }),
    aWord('setUpEnd', 'How set-up is marked complete', {
      place: optional(word),
      hint: 'Or which test switch goes off again; empty when nothing is needed',
    }),
  ],
};

/** What a metering pump's controller does by itself. */
export const BEHAVIOURS_FORM = makeForm<MeteringBehaviours>({
  parts: [DRIVE, SIGNAL, GUARDS, CONTROLLER],
  schema: meteringBehavioursSchema,
  start: {
    modes: ['manual'],
    analog: { kind: 'none', ranges: ['4-20'] },
    below: 'stop',
    leastRate_spm: 0,
    afterPowerCut: 'unknown',
    pulses: undefined,
    clock: 'none',
  },
  finish: ({ clock, ...read }) => ({
    family: 'metering',
    ...read,
    hasClock: clock !== 'none',
    // a clock that shows the time alone is the usual one
    ...(clock === 'none' || clock === 'time' ? {} : { clockShows: clock }),
  }),
  begin: ({ hasClock, clockShows, ...kept }) => ({
    ...kept,
    clock: hasClock ? (clockShows ?? 'time') : 'none',
  }),
  typedAt: (path) => (path === 'clockShows' ? 'clock' : path),
  words: CHOOSE_WORDS,
  broughtUp,
});
