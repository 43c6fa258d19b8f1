import type { MeteringDuty, MeteringView } from '@barythm/core/families/metering';

/** The mode of a duty that the controller was found in; null while it was not read. */
export function modeFound({ settings }: MeteringView): MeteringDuty['mode'] | null {
  const { mode } = settings;
  return mode === 'multiply' || mode === 'divide' ? 'pulse' : mode;
}
