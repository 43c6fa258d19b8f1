import type { MeteringRole } from '../settings/roles';
import type { MeteringDuty } from '../wire/duty';

/** What stands by pump, cable and liquid, and what a person chose: no repair of a plan moves it. */
export function heldRoles({ mode, choices }: MeteringDuty): ReadonlySet<string> {
  const chosen: readonly (MeteringRole | null)[] = [
    choices.stopContact ? 'stop.kind' : null,
    choices.dry ? 'dry.reaction' : null,
    choices.afterFault ? 'fault.after' : null,
    choices.memory ? 'pulse.memory' : null,
  ];
  const paced = mode === 'pulse' || mode === 'contact';
  return new Set([...BY_PLANT, ...(paced ? [] : BY_RATE), ...chosen.filter((role) => role !== null)]);
}

const BY_PLANT: readonly MeteringRole[] = [
  'mode',
  'gear',
  'signal.range',
  'signal.below',
  'power.after-cut',
  'calibration.factor',
];

/** A rate and its line are worked out for a length: neither moves without the other. */
const BY_RATE: readonly MeteringRole[] = ['stroke.length', 'signal.x1', 'signal.y1'];
