import type { Finding, Severity, Subject, TextValues } from '../../findings';
import { DEFAULT_SEVERITY, type MeteringTextId } from './texts';

/** Makes a finding of this family: its code is the part of the text's name before the dot. */
export function finding(
  text: MeteringTextId,
  subject: Subject,
  values: TextValues,
  addresses: readonly (string | undefined)[] = [],
  severity?: Severity,
): Finding {
  return {
    code: text.split('.')[0],
    text,
    severity: severity ?? DEFAULT_SEVERITY[text] ?? 'warn',
    subject,
    values,
    addresses: addresses.filter((address) => address !== undefined),
  };
}
