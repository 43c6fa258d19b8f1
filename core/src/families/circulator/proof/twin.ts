import { slip, stateCheck, wrong, type ProofCheck } from '../../../proof';
import { STARTS } from '../../parts/proof-checks';
import type { CirculatorContext } from '../settings/context';
import type { CirculatorSettings } from '../settings/understand';

/** The flap is tried both ways round. */
export const FLAPS = ['flap-1', 'flap-2'] as const;

const NOT_AS_SET = slip(
  'CIR-09',
  'standing',
  'The twin does not work as set',
  'Exactly one leads? The cable between the heads? The way, set on the lead?',
);
const LEAKS = slip(
  'CIR-14',
  'standing',
  'The flap valve leaks',
  'Water runs back through the resting head: clean or change the flap valve, and try it both ways round again.',
);

/** CIR-09, CIR-14: change-over when the lead is stopped, and the flap with each of them off. */
export function twin({ duty }: CirculatorContext, { twin: { way } }: CirculatorSettings): ProofCheck[] {
  if (!duty.twin) return [];
  const both = way === 'always';
  return [
    stateCheck(
      {
        key: 'twin-runs',
        title: 'Which of the twin runs',
        method: 'Look at both heads at low demand.',
        expected: both ? 'both run' : 'one runs, the other waits: that is no fault',
        off: NOT_AS_SET,
      },
      {
        one: 'One runs, one waits',
        both: 'Both run',
        none: 'Neither runs',
        fault: wrong(
          'The waiting one shows a fault',
          'CIR-09',
          'standing',
          'A waiting pump is no fault',
          'Read what its display says: “waits” is as it should be. A real fault has a number; look it up in the maker’s manual.',
        ),
      },
      both ? 'both' : 'one',
    ),
    stateCheck(
      {
        key: 'twin-change',
        title: 'Change-over when the lead is stopped',
        method: 'Switch the lead’s head off at its own switch.',
        expected: 'the other takes over within half a minute, and the flow goes on',
        caution: STARTS,
        off: NOT_AS_SET,
      },
      { takes: 'The other takes over', stands: 'Both stand', late: 'Only after minutes' },
      'takes',
    ),
    ...FLAPS.map((key, i) =>
      stateCheck(
        {
          key,
          title: `Flap valve with head ${i + 1} off`,
          method: `Head ${i + 1} off: read head and power of the other, and look whether the resting rotor turns.`,
          expected: 'head and power stay on the curve; the resting rotor stands',
          off: LEAKS,
        },
        { shuts: 'Stays, rotor stands', turns: 'The resting rotor turns', falls: 'Its head falls' },
        'shuts',
      ),
    ),
  ];
}
