import { words } from '../../parts/proof-checks';
import { slip, stateCheck, wrong, type ProofCheck } from '../../../proof';
import type { PoolContext } from '../settings/context';
import { type PoolSettings } from '../settings/understand';

/** A prime that must fail: the dry alarm is the one thing that keeps the seal from running dry. */
export function dryPrime({ profile }: PoolContext, { prime: set }: PoolSettings): ProofCheck[] {
  if (set.way === null || set.way === 'off' || set.time_min === null) return [];
  const alarms = profile.behaviours.priming.notPrimed === 'dry-alarm';
  if (!alarms) return [];
  return [
    stateCheck(
      {
        key: 'dry-prime',
        title: 'A prime that finds no water',
        method: `Close the suction, start it, and let its prime time of ${words('minutes', set.time_min)} run out. Open the suction again.`,
        expected: 'it stops with its dry alarm',
        caution: 'Once, and no longer than its prime time: the seal runs dry meanwhile.',
        wait: { words: 'Time its prime', lasts_s: set.time_min * 60, harm: 'Past this the seal is damaged.' },
      },
      {
        alarms: 'Stops, dry alarm',
        'runs-on': wrong(
          'Keeps running',
          'POO-10',
          'standing',
          'Nothing stops it when it runs dry',
          'Do not leave it so: a blocked suction ruins the seal. Look for a prime time and a sensing that are set.',
        ),
      },
      'alarms',
    ),
  ];
}

export function frostStart({ profile }: PoolContext, { frost }: PoolSettings): ProofCheck[] {
  if (!frost.on || frost.below_C === null || profile.behaviours.frost === null) return [];
  const speed = frost.speed_rpm === null ? '' : ` at ${words('speed', frost.speed_rpm)}`;
  return [
    stateCheck(
      {
        key: 'frost-start',
        title: 'Frost guard starts by itself',
        method: `With the pump at rest, set its temperature above that of the air, wait, and set it back to ${words('temperature', frost.below_C)}.`,
        expected: `it starts${speed}, and stops once it is set back`,
        off: slip(
          'POO-11',
          'standing',
          'Frost guard does not do as it is set',
          'Compare its air sensor with a thermometer, and read the set temperature again.',
        ),
        caution: 'The pump starts by itself: keep hands out.',
      },
      { starts: 'Starts, and stops again', stands: 'It stands', 'runs-on': 'Does not stop' },
      'starts',
    ),
  ];
}

export function lockedStop({ password }: PoolSettings): ProofCheck[] {
  if (password === null || password === 'none') return [];
  return [
    stateCheck(
      {
        key: 'locked-stop',
        title: 'Stop works while it is locked',
        method: 'Lock it with its password, let it run, and press stop without the password.',
        expected: 'it stops',
      },
      {
        stops: 'Stops',
        asks: wrong(
          'It asks for the password',
          'ANY-11',
          'manual',
          'Stop is locked too',
          'A bather held at the suction cannot wait for a password: leave it unlocked, and say so to the operator.',
        ),
      },
      'stops',
    ),
  ];
}

export function powerCut({ afterPowerCut }: PoolSettings): ProofCheck[] {
  if (afterPowerCut === null) return [];
  const resumes = afterPowerCut === 'resume';
  return [
    stateCheck(
      {
        key: 'supply-cut',
        title: 'Supply off and on',
        method:
          'While a program runs, switch its supply off and on at its own switch, and look at the clock.',
        expected: resumes ? 'it goes on with the program of this hour' : 'it waits for a person',
        off: slip(
          'ANY-12',
          'standing',
          'Acts otherwise after a power cut',
          'Read the setting again; a pump that starts when nobody expects it hurts people.',
        ),
        caution: 'At the switch that is meant for it; nothing live is opened.',
      },
      {
        resumes: 'Carries on',
        waits: 'Waits',
        'clock-lost': wrong(
          'The clock is lost',
          'ANY-12',
          'clock',
          'The clock does not outlast a power cut',
          'Set it again, and tell the customer to look at it after every cut.',
        ),
      },
      resumes ? 'resumes' : 'waits',
    ),
  ];
}
