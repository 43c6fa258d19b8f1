import { driveFamily, type DriveBehaviours } from '@barythm/core/families/drive';
import { aChoice, aFigure, aTick, ticks } from '../../../form/fields';
import { makeForm, type Part } from '../../../form/form';
import { maybe, word } from '../../../form/places';
import { CLOCK_FIELDS, PROTOCOL_FIELDS } from '../../behaviour-fields';
import { AFTER_WAYS, CHOOSE_WORDS } from '../../behaviour-words';
import { CONTROLLER } from '../../controller-part';

const nothing = () => '';

const HOLDING: Part = {
  name: 'holding',
  title: 'How it behaves',
  says: nothing,
  fields: [
    ticks('holds', 'It can hold', [
      { value: 'pressure', label: 'Pressure' },
      { value: 'difference', label: 'Difference' },
      { value: 'speed', label: 'Speed' },
      { value: 'signal', label: 'Outside signal' },
    ]),
    aChoice(
      'guided',
      'Its guided set-up asks first for',
      [
        { value: '', label: 'There is none' },
        { value: 'plant', label: 'The plant' },
        { value: 'motor', label: 'The motor' },
      ],
      { place: maybe(word) },
    ),
    aTick('stopsByFrequency', 'It stops for no demand below a frequency'),
    aTick('closedValveTest', 'It has a test with the discharge shut'),
    aTick('frontKeys', 'Its set value can be turned at its front'),
    aFigure('retryAfter_s', 'Dry, it tries again after', 'seconds', {
      blank: 'null',
      hint: 'Empty: it does not',
    }),
    aFigure('discharge_min', 'Stated discharge time', 'minutes', { blank: 'null', hint: 'From its plate' }),
  ],
};

const SEVERAL: Part = {
  name: 'several',
  title: 'Several pumps and links',
  says: nothing,
  fields: [
    aFigure('units', 'Units that it can command', 'plain'),
    ticks('sharing', 'They can share a draw', [
      { value: 'one-varies', label: 'One varies, others full' },
      { value: 'all-vary', label: 'All vary together' },
    ]),
    aChoice('leadFails', 'When the lead fails', [
      { value: 'next-leads', label: 'The next leads' },
      { value: 'all-stop', label: 'All stop' },
      { value: 'unknown', label: 'Not known' },
    ]),
    PROTOCOL_FIELDS,
  ],
};

const POWER: Part = {
  name: 'power',
  title: 'Faults, power and clock',
  says: nothing,
  fields: [
    aChoice('sensorFails', 'When its sensor fails', [
      { value: 'stop', label: 'It stops' },
      { value: 'full-speed', label: 'Full speed' },
      { value: 'unknown', label: 'Not known' },
    ]),
    aChoice('afterPowerCut', 'After a power cut', AFTER_WAYS),
    aChoice('afterFault', 'After a fault', AFTER_WAYS),
    ...CLOCK_FIELDS,
  ],
};

/** What a drive's controller does by itself. */
export const BEHAVIOURS_FORM = makeForm<DriveBehaviours>({
  parts: [HOLDING, SEVERAL, POWER, CONTROLLER],
  schema: driveFamily.wire.behaviours,
  start: {
    holds: ['pressure'],
    units: 1,
    sharing: [],
    protocols: [],
    leadFails: 'unknown',
    sensorFails: 'unknown',
  },
  finish: (read) => ({ family: 'drive', ...read }),
  words: CHOOSE_WORDS,
});
