import { circulatorFamily, type CirculatorBehaviours } from '@barythm/core/families/circulator';
import { aChoice, aFigure, aSwitch, aTick, beside, ifAny, ticks } from '../../../form/fields';
import { makeForm, type Part } from '../../../form/form';
import { percent } from '../../../form/places';
import { CLOCK_FIELDS, PROTOCOL_FIELDS } from '../../behaviour-fields';
import { AFTER_WAYS, CHOOSE_WORDS } from '../../behaviour-words';
import { CONTROLLER } from '../../controller-part';

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
    PROTOCOL_FIELDS,
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
  fields: [aChoice('afterPowerCut', 'After a power cut', AFTER_WAYS), ...CLOCK_FIELDS],
};

/** What a circulator's controller does by itself. */
export const BEHAVIOURS_FORM = makeForm<CirculatorBehaviours>({
  parts: [MODES, WIRING, POWER, CONTROLLER],
  schema: circulatorFamily.wire.behaviours,
  start: { modes: ['fixed'], protocols: [], proportional: null },
  finish: (read) => ({ family: 'circulator', ...read }),
  words: CHOOSE_WORDS,
});
