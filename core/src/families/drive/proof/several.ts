import { stateCheck, wrong, type ProofCheck } from '../../../proof';
import { STARTS } from '../../parts/proof-checks';
import type { DriveContext } from '../settings/context';
import type { DriveSettings } from '../settings/understand';

/** Each unit at its address, change-over, and one out. */
export function several({ duty }: DriveContext, { addresses }: DriveSettings): ProofCheck[] {
  const { count } = duty.pump;
  if (count === 1) return [];
  const at = addresses.length > 0 ? ` (${addresses.join(', ')})` : '';
  return [
    stateCheck(
      {
        key: 'each-answers',
        title: 'Each unit at its address',
        method: `Call each at its address${at}, and see that one start.`,
        expected: `${count} answer, each for itself`,
        caution: STARTS,
      },
      {
        all: 'Each answers',
        fewer: wrong(
          'One does not answer',
          'DRV-06',
          'wiring',
          'One does not answer',
          'Two with one address, a cable or its end: count the units seen again.',
        ),
        wrong: wrong(
          'Another starts',
          'DRV-06',
          'swapped',
          'Another one starts',
          'Addresses are swapped: mark each drive with the one that it has.',
        ),
      },
      'all',
    ),
    stateCheck(
      {
        key: 'change-over',
        title: 'The lead changes',
        method: 'Call for the change of lead, or stop the lead at no demand and open a tap.',
        expected: 'the next one leads, and the pressure stands',
        caution: STARTS,
      },
      {
        changes: 'The next leads',
        same: 'The same starts again',
        dips: wrong(
          'Pressure falls in between',
          'DRV-13',
          'pressure',
          'Pressure falls at the change',
          'A longer overlap, or a slower ramp down of the one that leaves.',
        ),
      },
      'changes',
    ),
    oneOut(duty.pump.oneOut),
  ];
}

const ALL_STOP = wrong(
  'All stop',
  'DRV-13',
  'standing',
  'One out takes all with it',
  'The others must go on by themselves: sensor on each, or the lead’s place taken over.',
);

/** One out: the pressure is asked for only where the duty asks for it with one out. */
function oneOut(holds: boolean): ProofCheck {
  const words = {
    key: 'one-out',
    title: 'One out',
    method: 'Switch the lead off at its own switch with water drawn.',
    caution: 'Not with a switch between a running drive and its motor.',
  };
  return holds
    ? stateCheck(
        { ...words, expected: 'the others run on, and hold the pressure' },
        {
          holds: 'The others hold it',
          short: wrong(
            'They run, with too little',
            'DRV-13',
            'pressure',
            'With one out it is short',
            'Agree with the operator what is shut off then, or fit more.',
          ),
          stops: ALL_STOP,
        },
        'holds',
      )
    : stateCheck(
        { ...words, expected: 'the others run on; with much drawn the pressure may fall' },
        { holds: 'The others run on', stops: ALL_STOP },
        'holds',
      );
}
