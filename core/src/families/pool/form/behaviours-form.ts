import { formOf } from '../../../describe';
import { CONTROLLER } from '../../parts/controller/controller-part';
import { CHOOSE_WORDS } from '../../parts/controller/words';
import { poolBehavioursSchema } from '../wire/behaviours';

const says = () => '';

/** What a pool controller does by itself: nothing of it is set, and every plan and proof goes by it. */
export const BEHAVIOURS_FORM = formOf(poolBehavioursSchema, {
  parts: [
    { name: 'kind', title: 'How it behaves', says, asks: ['kind', 'speed', 'commands', 'addresses'] },
    { name: 'programs', title: 'Programs', says, asks: ['programs', 'handRun'] },
    {
      name: 'running',
      title: 'Limit, priming, frost',
      says,
      asks: ['limitClamps', 'priming', 'frost'],
    },
    {
      name: 'stopping',
      title: 'Holds, clock, power',
      says,
      asks: ['holds', 'chlorinatorBoost_h', 'clockShows', 'clock', 'afterPowerCut', 'resetShows', 'setUpEnd'],
    },
    CONTROLLER,
  ],
  // a controller that nobody has described yet: what cannot be known stays open
  start: { limitClamps: ['programs'], commands: ['own'], programs: { keyed: [], timed: [] } },
  words: CHOOSE_WORDS,
});
