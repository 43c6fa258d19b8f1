import type { Example } from '../parts/example';
import { CONTACT_DUTY, DUTY, PULSE_DUTY, TIMER_DUTY } from './example-duties';
import type { MeteringKind } from './kind';
import type { MeteringMode } from './settings/roles';
import type { MeteringDuty } from './wire/duty';
import type { MeteringProfile } from './wire/job';

const EXAMPLES: readonly { title: string; modes: readonly MeteringMode[]; duty: MeteringDuty }[] = [
  { title: 'by a current signal', modes: ['analog'], duty: DUTY },
  { title: 'by the pulses of a meter', modes: ['multiply', 'divide'], duty: PULSE_DUTY },
  { title: 'by contacts', modes: ['contact'], duty: CONTACT_DUTY },
  { title: 'by its timer', modes: ['timer'], duty: TIMER_DUTY },
  {
    title: 'in batches',
    modes: ['batch'],
    duty: { ...PULSE_DUTY, mode: 'batch', batch: { volume_mL: 20, spacing_s: 600 } },
  },
  { title: 'in manual', modes: ['manual'], duty: { ...PULSE_DUTY, mode: 'manual' } },
];

/** One for each mode that the controller has, at its own rate and in its last gear. */
export function examplesFor({ behaviours }: MeteringProfile): readonly Example<MeteringKind>[] {
  const [gear, greatest_spm] = Object.entries(behaviours.greatestRate_spm).at(-1) ?? ['-', 100];
  const plate = { gear: gear === '-' ? null : gear, greatest_spm, rated_bar: 10 };
  return EXAMPLES.filter(({ modes }) => modes.some((mode) => behaviours.modes.includes(mode))).map(
    ({ title, duty }) => ({ title, duty, plate }),
  );
}
