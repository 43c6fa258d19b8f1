import { z } from 'zod';
import { choice, described, figure, group, numbers, several, text, tick, whole } from '../../../describe';
import { controllerShape } from '../../../profile';
import { after } from '../../parts/behaviours';

const speed = (label: string, hint?: string) =>
  figure(label, 'speed', { max: Infinity, unit: 'rev/min', hint });
const slots = (label: string, hint: string) =>
  described(z.array(z.int().min(1)), { label, place: numbers, hint });

/** What a pool pump's drive or a circuit panel does by itself: not set, but planned and proved against. */
export const poolBehavioursSchema = group({
  family: z.literal('pool'),
  ...controllerShape,
  /** a drive turns one pump; a panel switches circuits and gives the pump its speed */
  kind: choice('Kind', { drive: 'a drive of one pump', panel: 'a panel that switches circuits' }),
  speed: group({
    least_rpm: speed('Minimum speed'),
    greatest_rpm: speed('Maximum speed'),
    step_rpm: speed('In steps of'),
  }),
  programs: group({
    /** whose turn it is when two want the pump; on a panel, whose speed counts when circuits coincide */
    overlap: choice(
      'Where two want the pump',
      {
        'latest-start': 'latest start wins',
        'highest-speed': 'highest speed wins',
        'first-slot': 'first slot wins',
        'last-slot': 'last slot wins',
        refused: 'it refuses them',
      },
      { hint: 'On a panel: whose speed counts when circuits coincide' },
    ),
    resumes: tick('The earlier one goes on when the other ends'),
    startEqualsStop: choice('Start = stop means', {
      off: 'off',
      'all-day': 'all day',
      refused: 'it refuses it',
    }),
    keyed: slots('Slots that are front keys too', 'e.g. 1, 2, 3, 4; empty when none'),
    /** keyed slots that start a timed run by hand, and no schedule at all */
    timed: slots(
      'Slots that are keys for timed runs',
      'No schedule runs in them; their stop is how long they run',
    ),
    needsAutomatic: tick('Programs run in automatic only'),
    editedRunning: tick('Slots are edited while they run, and up and down change the stored speed at once'),
  }),
  /** what the greatest speed caps on this controller */
  limitClamps: several('Its maximum speed also caps', {
    programs: 'programs',
    prime: 'the prime',
    boost: 'runs by hand and boost',
    frost: 'frost guard',
  }),
  priming: group({
    kind: choice('Priming', {
      sense: 'senses a full prime',
      fixed: 'runs a fixed time',
      none: 'has none',
    }),
    notPrimed: choice('Not primed in its time', {
      'dry-alarm': 'stops with a dry alarm',
      'runs-on': 'runs on',
    }),
    speed_rpm: speed('Prime speed', 'Empty where it can be set').nullable(),
    time_min: figure('Prime time', 'minutes', {
      max: Infinity,
      unit: 'min',
      hint: 'Empty where it can be set',
    }).nullable(),
  }),
  /** null: it has no frost guard at all */
  frost: group(
    {
      protects: choice('It protects', {
        water: 'water in pipes',
        drive: 'the drive’s electronics alone',
      }),
      speed: choice('At', { set: 'a speed that is set', greatest: 'its maximum speed' }),
      hours: figure('Each time for', 'hours', {
        max: Infinity,
        unit: 'h',
        hint: 'Empty: as long as it is cold',
        none: 'as long as it is cold',
      }).nullable(),
    },
    { on: 'Has a frost guard' },
  ).nullable(),
  holds: group(
    {
      service: tick('Programs can be held until released'),
      timed: tick('Programs can be held for a time'),
      timed_min: figure('A timed hold lasts', 'minutes', {
        max: 1440,
        hint: 'Empty where that is set, or not known',
      }).optional(),
      handRunDuring: tick('Can be run by hand while held'),
    },
    { order: ['service', 'timed', 'handRunDuring', 'timed_min'] },
  ),
  handRun: choice('A run by hand lasts', {
    'until-stopped': 'until stopped',
    'until-next-program': 'until the next program',
    'own-stop': 'until the slot’s own stop',
  }),
  clock: group({
    summer: choice('Summer time', {
      follows: 'follows by itself',
      'by-hand': 'set by hand',
      set: 'as set',
    }),
    keeps_h: figure('Clock outlasts a power cut of', 'hours', { min: 0, max: Infinity, unit: 'h' }),
    lost: choice('Once the clock is lost, it', {
      stands: 'stands',
      'runs-from-midnight': 'runs from 0:00',
    }),
  }),
  hasClock: z.literal(true),
  chlorinatorBoost_h: figure('A boost of its chlorinator lasts', 'hours', {
    max: 168,
    unit: 'h',
    hint: 'Empty without one',
  }).optional(),
  commands: several(
    'Can be commanded by',
    { own: 'its own programs', relay: 'relay contacts', link: 'a data link' },
    { tooFew: 'A controller is commanded by one thing or more.' },
  ),
  afterPowerCut: after('After a power cut'),
  /** addresses on its link, least and greatest; null without a link */
  addresses: group(
    {
      least: whole('From', { max: Infinity }),
      greatest: described(z.int().max(255), { label: 'to', quantity: 'plain' }),
    },
    { on: 'Has an address on a link' },
  ).nullable(),
  resetShows: text('A factory reset shows', { hint: 'e.g. the clock flashes 0:00' }),
});
export type PoolBehaviours = z.infer<typeof poolBehavioursSchema>;
