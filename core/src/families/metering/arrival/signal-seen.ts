import { type AnyJob, lastRecord, type SignalFrom } from '../../../visit';

/** What a pump's signal cable comes from: as it was followed on this visit, else as the register has it; null while nobody followed it. */
export function signalSeen(document: AnyJob): SignalFrom | null {
  return lastRecord(document, 'identify')?.body.signalFrom ?? document.pump.signalFrom;
}
