import { type Texts, withText } from '../../../describe';
import type { MeteringView } from '../kind';
import { signalSeen } from '../arrival/signal-seen';
import { DUTY_FORM } from './duty-form';

/** Pulses and contacts come from a meter. */
const METERED: readonly string[] = ['pulse', 'contact'];

/**
 * A form that nobody has filled in yet: it begins in the mode that the controller was found in, which may be the wrong one, and with what
 * its signal cable comes from.
 *
 * @returns texts of the form, and the paths of what need not be asked because it was seen at the pump
 */
export function blankDuty({ settings, document }: Pick<MeteringView, 'settings' | 'document'>): {
  readonly texts: Texts;
  readonly seen: readonly string[];
} {
  const mode = settings.mode === 'multiply' || settings.mode === 'divide' ? 'pulse' : settings.mode;
  const from = signalSeen(document);
  const inMode = mode === null ? DUTY_FORM.blank : withText(DUTY_FORM.blank, 'mode', mode);
  if (mode !== null && METERED.includes(mode))
    return { texts: withText(inMode, 'signal.source', 'meter'), seen: [] };
  // a meter sends no current: behind one the mode will be another
  if (from === null || from === 'meter') return { texts: inMode, seen: [] };
  return { texts: withText(inMode, 'signal.source', from), seen: ['signal.source'] };
}
