import { circulatorFamily, type CirculatorBehaviours } from '@barythm/core/families/circulator';
import {
  aChoice,
  aFigure,
  aSwitch,
  aTick,
  aWord,
  beside,
  ifAny,
  rowsOf,
  someWords,
  ticks,
} from '../../../form/fields';
import { makeForm, type Part } from '../../../form/form';
import { optional, percent, word } from '../../../form/places';
import { CHOOSE_WORDS, CLOCK_SHOWS } from '../../behaviour-words';

const nothing = () => '';

const MODES: Part = {
  name: 'modes',
  title: 'How it behaves',
  says: nothing,
  fields: [
    ticks('modes', 'Modes', [
      { value: 'fixed', label: 'Fixed speed' },
      { value: 'constant', label: 'Constant head' },
      { value: 'proportional', label: 'Proportional head' },
      { value: 'self', label: 'Self-adjusting' },
      { value: 'temperature', label: 'Return temperature' },
      { value: 'clock', label: 'Clock' },
    ]),
    aSwitch('proportional', 'Its proportional line is known', [
      beside(
        aFigure('zeroShare', 'Left at no flow', 'percent', { unit: '%', place: percent }),
        aFigure('refersTo_m3h', 'The set head holds at', 'waterFlow', {
          blank: 'null',
          hint: 'Empty: at the flow of the duty',
        }),
      ),
    ]),
    ifAny('self', [
      beside(
        aFigure('lowest_m', 'Self-adjusting, lowest line', 'length'),
        aFigure('highest_m', 'Highest line', 'length'),
      ),
    ]),
  ],
};

const WIRING: Part = {
  name: 'wiring',
  title: 'Inputs and links',
  says: nothing,
  fields: [
    aChoice('contact', 'Start contact', [
      { value: 'none', label: 'None' },
      { value: 'optional', label: 'Used when set' },
      { value: 'link', label: 'Delivered with a link' },
    ]),
    aTick('wiringChangesMode', 'A wired signal or sensor changes the mode by itself'),
    rowsOf('protocols', 'Add a protocol', [
      someWords('value', 'Value of its option'),
      beside(aFigure('least', 'Addresses from', 'plain'), aFigure('greatest', 'to', 'plain')),
    ]),
    ifAny('faultContact', [
      beside(
        aFigure('most_V', 'Fault contact, at most', 'voltage'),
        aFigure('most_A', 'and', 'plain', { unit: 'A' }),
      ),
    ]),
  ],
};

const POWER: Part = {
  name: 'power',
  title: 'Power and clock',
  says: nothing,
  fields: [
    aChoice('afterPowerCut', 'After a power cut', [
      { value: 'resume', label: 'Carries on' },
      { value: 'wait', label: 'Waits' },
      { value: 'set', label: 'As set' },
      { value: 'unknown', label: 'Not known' },
    ]),
    aTick('hasClock', 'It has a clock'),
    aChoice('clockShows', 'The clock shows', CLOCK_SHOWS, { place: optional(word) }),
    aWord('resetShows', 'A factory reset shows', { place: optional(word) }),
    aWord('setUpEnd', 'How set-up is marked complete', { place: optional(word) }),
  ],
};

/** What a circulator's controller does by itself. */
export const BEHAVIOURS_FORM = makeForm<CirculatorBehaviours>({
  parts: [MODES, WIRING, POWER],
  schema: circulatorFamily.wire.behaviours,
  start: { modes: ['fixed'], protocols: [], proportional: null },
  finish: (read) => ({ family: 'circulator', ...read }),
  words: CHOOSE_WORDS,
});
