import { transferFamily, type TransferBehaviours } from '@barythm/core/families/transfer';
import { aChoice, aFigure, aTick, ticks } from '../../../form/fields';
import { makeForm, type Part } from '../../../form/form';
import { CLOCK_FIELDS } from '../../behaviour-fields';
import { AFTER_WAYS, CHOOSE_WORDS } from '../../behaviour-words';
import { CONTROLLER } from '../../controller-part';

const WAYS: Part = {
  name: 'ways',
  title: 'How it behaves',
  says: () => '',
  fields: [
    ticks('controls', 'It can', [
      { value: 'even', label: 'Send evenly' },
      { value: 'level', label: 'Follow the level' },
    ]),
    aTick('backDrops', 'Going back in its set-up drops the entry'),
    aFigure('averages_min', 'It reckons the mean over', 'minutes', {
      blank: 'null',
      hint: 'Empty where that is set, or not needed',
    }),
    aFigure('discharge_min', 'Stated discharge time', 'minutes', { blank: 'null', hint: 'From its plate' }),
    aChoice('afterPowerCut', 'After a power cut', AFTER_WAYS),
    ...CLOCK_FIELDS,
  ],
};

/** What such a controller does by itself. */
export const BEHAVIOURS_FORM = makeForm<TransferBehaviours>({
  parts: [WAYS, CONTROLLER],
  schema: transferFamily.wire.behaviours,
  start: { controls: ['level'] },
  finish: (read) => ({ family: 'transfer', ...read }),
  words: CHOOSE_WORDS,
});
