import { stateCheck, type ProofCheck } from '../../../proof';
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
      { all: 'Each answers', fewer: 'One does not answer', wrong: 'Another starts' },
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
      { changes: 'The next leads', same: 'The same starts again', dips: 'Pressure falls in between' },
      'changes',
    ),
    oneOut(duty.pump.oneOut),
  ];
}

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
        { holds: 'The others hold it', short: 'They run, with too little', stops: 'All stop' },
        'holds',
      )
    : stateCheck(
        { ...words, expected: 'the others run on; with much drawn the pressure may fall' },
        { holds: 'The others run on', stops: 'All stop' },
        'holds',
      );
}
