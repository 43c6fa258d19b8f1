import { poolBehavioursSchema, type PoolBehaviours } from '../wire/behaviours';
import {
  aChoice,
  aFigure,
  aSwitch,
  aTick,
  aWord,
  beside,
  makeForm,
  numbers,
  optional,
  type Part,
  someWords,
  ticks,
  together,
  word,
} from '../../../describe';
import { CHOOSE_WORDS, CLOCK_SHOWS } from '../../parts/controller/words';
import { CONTROLLER } from '../../parts/controller/controller-part';

const nothing = () => '';
const RPM = { unit: 'rev/min' } as const;

const KIND: Part = {
  name: 'kind',
  title: 'How it behaves',
  says: nothing,
  fields: [
    aChoice('kind', 'It is', [
      { value: 'drive', label: 'A drive of one pump' },
      { value: 'panel', label: 'A panel that switches circuits' },
    ]),
    together('speed', [
      beside(
        aFigure('least_rpm', 'Least speed', 'speed', RPM),
        aFigure('greatest_rpm', 'Greatest speed', 'speed', RPM),
        aFigure('step_rpm', 'In steps of', 'speed', RPM),
      ),
    ]),
    ticks('commands', 'It can be commanded by', [
      { value: 'own', label: 'Its own programs' },
      { value: 'relay', label: 'Relay contacts' },
      { value: 'link', label: 'A data link' },
    ]),
    aSwitch('addresses', 'It has an address on a link', [
      beside(aFigure('least', 'From', 'plain'), aFigure('greatest', 'to', 'plain')),
    ]),
  ],
};

const PROGRAMS: Part = {
  name: 'programs',
  title: 'Programs',
  says: nothing,
  fields: [
    together('programs', [
      aChoice(
        'overlap',
        'Where two want the pump',
        [
          { value: 'latest-start', label: 'Latest start wins' },
          { value: 'highest-speed', label: 'Highest speed wins' },
          { value: 'first-slot', label: 'First slot wins' },
          { value: 'last-slot', label: 'Last slot wins' },
          { value: 'refused', label: 'It refuses them' },
        ],
        { hint: 'On a panel: whose speed counts when circuits coincide' },
      ),
      aTick('resumes', 'The earlier one goes on when the other ends'),
      aChoice('startEqualsStop', 'Start = stop means', [
        { value: 'off', label: 'Off' },
        { value: 'all-day', label: 'All day' },
        { value: 'refused', label: 'It refuses it' },
      ]),
      aWord('keyed', 'Slots that are front keys too', {
        place: numbers,
        hint: 'Such as 1, 2, 3, 4; empty when none',
      }),
      aWord('timed', 'Slots that are keys for timed runs', {
        place: numbers,
        hint: 'No schedule runs in them; their stop is how long they run',
      }),
      aTick('needsAutomatic', 'Programs run in automatic only'),
      aTick(
        'editedRunning',
        'Slots are edited while they run, and up and down change the stored speed at once',
      ),
    ]),
    aChoice('handRun', 'A run by hand lasts', [
      { value: 'until-stopped', label: 'Until stopped' },
      { value: 'until-next-program', label: 'Until the next program' },
      { value: 'own-stop', label: 'Until the slot’s own stop' },
    ]),
  ],
};

const RUNNING: Part = {
  name: 'running',
  title: 'Limit, priming, frost',
  says: nothing,
  fields: [
    ticks('limitClamps', 'Its greatest speed also caps', [
      { value: 'programs', label: 'Programs' },
      { value: 'prime', label: 'The prime' },
      { value: 'boost', label: 'Runs by hand and boost' },
      { value: 'frost', label: 'Frost guard' },
    ]),
    together('priming', [
      aChoice('kind', 'Priming', [
        { value: 'sense', label: 'Senses a full prime' },
        { value: 'fixed', label: 'Runs a fixed time' },
        { value: 'none', label: 'Has none' },
      ]),
      aChoice('notPrimed', 'Not primed in its time', [
        { value: 'dry-alarm', label: 'Stops with a dry alarm' },
        { value: 'runs-on', label: 'Runs on' },
      ]),
      beside(
        aFigure('speed_rpm', 'Prime speed', 'speed', {
          ...RPM,
          blank: 'null',
          hint: 'Empty where it can be set',
        }),
        aFigure('time_min', 'Prime time', 'minutes', {
          unit: 'min',
          blank: 'null',
          hint: 'Empty where it can be set',
        }),
      ),
    ]),
    aSwitch('frost', 'It has a frost guard', [
      aChoice('protects', 'It protects', [
        { value: 'water', label: 'Water in pipes' },
        { value: 'drive', label: 'The drive’s electronics alone' },
      ]),
      aChoice('speed', 'At', [
        { value: 'set', label: 'A speed that is set' },
        { value: 'greatest', label: 'Its greatest speed' },
      ]),
      aFigure('hours', 'Each time for', 'hours', {
        unit: 'h',
        blank: 'null',
        hint: 'Empty: as long as it is cold',
      }),
    ]),
  ],
};

const STOPPING: Part = {
  name: 'stopping',
  title: 'Holds, clock, power',
  says: nothing,
  fields: [
    together('holds', [
      aTick('service', 'Programs can be held until released'),
      aTick('timed', 'Programs can be held for a time'),
      aTick('handRunDuring', 'It can be run by hand while held'),
      aFigure('timed_min', 'A timed hold lasts', 'minutes', {
        blank: 'left-out',
        hint: 'Empty where that is set, or not known',
      }),
    ]),
    aFigure('chlorinatorBoost_h', 'A boost of its chlorinator lasts', 'hours', {
      unit: 'h',
      blank: 'left-out',
      hint: 'Empty without one',
    }),
    aChoice('clockShows', 'The clock shows', CLOCK_SHOWS, { place: optional(word) }),
    together('clock', [
      aChoice('summer', 'Summer time', [
        { value: 'follows', label: 'Follows by itself' },
        { value: 'by-hand', label: 'Set by hand' },
        { value: 'set', label: 'As set' },
      ]),
      aFigure('keeps_h', 'Clock outlasts a power cut of', 'hours', { unit: 'h' }),
      aChoice('lost', 'Once the clock is lost, it', [
        { value: 'stands', label: 'Stands' },
        { value: 'runs-from-midnight', label: 'Runs from 0:00' },
      ]),
    ]),
    aChoice('afterPowerCut', 'After a power cut', [
      { value: 'resume', label: 'Carries on' },
      { value: 'wait', label: 'Waits' },
      { value: 'set', label: 'As set' },
      { value: 'unknown', label: 'Not known' },
    ]),
    someWords('resetShows', 'A factory reset shows', undefined, { hint: 'Such as: the clock flashes 0:00' }),
    aWord('setUpEnd', 'How set-up is marked complete', {
      place: optional(word),
      hint: 'Or which test switch goes off again; empty when nothing is needed',
    }),
  ],
};

/** What a pool controller does by itself: nothing of it is set, and every plan and proof goes by it. */
export const BEHAVIOURS_FORM = makeForm<PoolBehaviours>({
  parts: [KIND, PROGRAMS, RUNNING, STOPPING, CONTROLLER],
  schema: poolBehavioursSchema,
  // a controller that nobody has described yet: what cannot be known stays open
  start: { limitClamps: ['programs'], commands: ['own'], programs: { keyed: [], timed: [] } },
  finish: (read) => ({ family: 'pool', hasClock: true, ...read }),
  words: CHOOSE_WORDS,
});
