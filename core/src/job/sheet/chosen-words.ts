import { wordsFor, type Parameter, type SettingValue } from '../../profile';
import type { SheetEntry } from '../../sheet';

/** What was chosen in place of a plan's target, and what the plan says. */
interface Chosen {
  readonly chosen?: Pick<SheetEntry, 'by' | 'reason'>;
  readonly planned?: Pick<SheetEntry, 'value'>;
}

/** Why a target is what a technician chose, with the plan's own figure beside it: as the sheet, the card and the paper say it. */
export function chosenWords(parameter: Parameter, { chosen, planned }: Chosen): string {
  const why = chosen?.reason?.trim() ?? '';
  const said = chosen?.by === 'hand' ? 'By hand' : 'Left as found';
  const plan = planned && planned.value !== null ? [`Plan: ${withUnit(parameter, planned.value)}.`] : [];
  return [why === '' ? `${said}.` : `${said}: ${ended(why)}`, ...plan].join(' ');
}

const ended = (words: string) => (/[.!?…]$/.test(words) ? words : `${words}.`);

function withUnit(parameter: Parameter, value: SettingValue): string {
  const words = wordsFor(parameter, value);
  return parameter.unit && parameter.unit !== '-' && typeof value === 'number'
    ? `${words} ${parameter.unit}`
    : words;
}
