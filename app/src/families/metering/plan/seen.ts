import type { MeteringView, SeenOfDuty } from '@barythm/core/families/metering';
import { lastRecord } from '@barythm/core/visit';

/** What was seen at the pump that its duty need not be asked again: the mode it was found in, and what its cable comes from. */
export function seenOf({ settings, document }: MeteringView): SeenOfDuty {
  const { mode } = settings;
  return {
    mode: mode === 'multiply' || mode === 'divide' ? 'pulse' : mode,
    signalFrom: lastRecord(document, 'identify')?.body.signalFrom ?? document.pump.signalFrom,
  };
}
