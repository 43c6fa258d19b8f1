import type { PoolProfile } from '@barythm/core/families/pool';
import type { Lines } from '../../family-screens';

const SET = 'as set';

const RULES = {
  'latest-start': 'the latest start wins',
  'highest-speed': 'the highest speed wins',
  'first-slot': 'the first slot wins',
  'last-slot': 'the last slot wins',
  refused: 'refused',
} as const;

/** What a pool pump’s controller does by itself, in lines to read. */
export function behaviourLines(profile: PoolProfile): Lines {
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
      [holds.service && 'until released', holds.timed && timedHold(holds.timed_min)]
        .filter(Boolean)
        .join(', ') || 'none',
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
      'Its clock',
      `${{ follows: 'follows summer time', 'by-hand': 'summer time by hand', set: 'summer time as set' }[clock.summer]}; keeps ${clock.keeps_h} h without power, then ${clock.lost === 'stands' ? 'stands' : 'runs from 0:00'}`,
    ],
    ...(more.chlorinatorBoost_h === undefined
      ? []
      : [['Chlorinator boost', `${more.chlorinatorBoost_h} h, then as set again`] as const]),
    ['Commanded by', more.commands.join(', ')],
    ['After a power cut', more.afterPowerCut === 'set' ? SET : more.afterPowerCut],
  ];
}

function timedHold(minutes: number | undefined): string {
  return minutes === undefined ? 'for a time' : `for ${minutes} min`;
}
