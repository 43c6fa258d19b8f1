import { OUTPUT_WORDS, type SpaProfile } from '@barythm/core/families/spa';
import type { Lines } from '../../family-screens';

export const READ_AT_WORDS = {
  'power-up': 'when the supply comes on',
  message: 'while its start-up message stands',
  live: 'live, whenever it is moved',
} as const;

const AFTER = { resume: 'goes on', wait: 'waits', set: 'as set', unknown: 'not known' } as const;

/** What a pack does by itself, in lines to read. */
export function behaviourLines({ behaviours }: SpaProfile): Lines {
  const { rows, bank, keys, ranges, frost, limits, board_A } = behaviours;
  const opens = bank.flatMap(({ setUp }, i) => (setUp ? [String(i + 1)] : []));
  const outputs = (all: readonly (keyof typeof OUTPUT_WORDS)[]) =>
    all.map((one) => OUTPUT_WORDS[one]).join(', ');
  return [
    ['Rows of its table', String(rows.length)],
    [
      'Bank',
      bank.length === 0 ? 'none' : `${bank.length} switches; ${opens.join(', ') || 'none'} opens set-up`,
    ],
    ['Set-up switch is read', READ_AT_WORDS[behaviours.readAt]],
    [
      'Keys',
      keys.map(({ name, drives }) => `${name}: ${drives ? OUTPUT_WORDS[drives] : 'nothing'}`).join('; '),
    ],
    ['Board carries', board_A === null ? 'see its plate' : `${board_A} A on a phase`],
    [
      'Outputs carry',
      limits.map(({ output, most_A }) => `${OUTPUT_WORDS[output]} ${most_A} A`).join('; ') || 'not stated',
    ],
    [
      'Ranges',
      ranges ? `low ${ranges.low.join(' to ')} °C, high ${ranges.high.join(' to ')} °C` : 'one alone',
    ],
    ['Standing low', behaviours.standsLow_C === null ? 'it cannot' : `${behaviours.standsLow_C} °C`],
    ['Circulation pump', behaviours.circulatesAlways ? 'never stands' : 'runs in cycles and while it heats'],
    ['Frost guard', frost ? `below ${frost.below_C} °C: ${outputs(frost.runs)}` : 'none'],
    ['Clock through a power cut', behaviours.clockAfterCut],
    ['After a power cut', AFTER[behaviours.afterPowerCut]],
  ];
}
