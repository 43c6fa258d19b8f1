import { wordsFor, type Parameter, type SettingValue } from '@barythm/core/profile';
import type { SheetEntry } from '@barythm/core/sheet';

/** A value with its unit, as it is read aloud. */
export function valueWords(parameter: Parameter, value: SettingValue): string {
  const unit = parameter.unit && parameter.unit !== '-' ? `\u00a0${parameter.unit}` : '';
  return `${wordsFor(parameter, value)}${unit}`;
}

/** A line of the sheet in words. */
export function entryWords(parameter: Parameter, entry: SheetEntry | null): string {
  if (!entry) return '–';
  if (entry.value === null) return `could not be read: ${entry.reason}`;
  return `${valueWords(parameter, entry.value)}${entry.confirmed ? ', confirmed and not read' : ''}`;
}
