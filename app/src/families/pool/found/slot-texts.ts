import { capital } from '@barythm/core/words';
import type { PoolProfile } from '@barythm/core/families/pool';
import { wordsFor, type Parameter, type SettingValue } from '@barythm/core/profile';
import { parseForParameter, valueWords } from '../../../kit/value';

/** What is typed of one program, by the parameter's plain key. */
export type SlotTexts = Readonly<Record<string, string>>;

/** A setting as it was read, ready to be recorded. */
export interface ReadSetting {
  readonly parameter: Parameter;
  readonly value: SettingValue;
  readonly raw: string;
}

/** “start” of “start/3”. */
export function plain(parameter: Parameter): string {
  return parameter.key.split('/')[0];
}

/** A recorded value as the text that one would have typed. */
export function textFor(parameter: Parameter, value: SettingValue): string {
  return parameter.type === 'days' || parameter.type === 'choice'
    ? String(value)
    : wordsFor(parameter, value);
}

/** The settings of a slot out of what is typed of it, or the first that cannot be read, in words. */
export function readSlot(
  parameters: readonly Parameter[],
  texts: SlotTexts,
): { readonly settings: readonly ReadSetting[] } | { readonly wrong: string } {
  const settings: ReadSetting[] = [];
  for (const parameter of parameters) {
    const raw = texts[plain(parameter)] ?? '';
    const parsed = parseForParameter('pool', parameter, raw);
    if (!parsed.ok) return { wrong: `${parameter.label}: ${parsed.words}` };
    settings.push({ parameter, raw, value: parsed.value });
  }
  return { settings };
}

/** What a slot is besides a place for a schedule; null where it is no more. */
export function keyWords({ behaviours }: PoolProfile, slot: number): string | null {
  const { keyed, timed } = behaviours.programs;
  if (timed.includes(slot))
    return 'A key for a timed run: no schedule runs in it. Its stop is how long it runs.';
  return keyed.includes(slot) ? 'This program is a front key too.' : null;
}

/** “Program 3” of “Program 3: start”. */
export function placeName(parameter: Parameter): string {
  return parameter.label.split(':')[0];
}

/** “Start” of “Program 3: start”. */
export function shortLabel(parameter: Parameter): string {
  return capital(parameter.label.slice(parameter.label.indexOf(':') + 1).trim());
}

/** A slot in a line: what was read of it, place by place. */
export function rowWords(
  parameters: readonly Parameter[],
  foundOf: (parameter: Parameter) => { readonly value: SettingValue | null } | null,
): string {
  const parts = parameters.map((parameter) => {
    const found = foundOf(parameter);
    if (!found) return null;
    return found.value === null ? '?' : valueWords(parameter, found.value);
  });
  return parts.every((part) => part === null) ? 'not read yet' : parts.map((part) => part ?? '–').join(' · ');
}
