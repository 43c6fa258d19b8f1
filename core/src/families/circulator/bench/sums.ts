import type { CirculatorContext } from '../settings/context';
import type { SumsShown } from '../../../bench';

/** The sums that tell most about a circulator, and what it costs. */
export function sumsOf({ duty }: CirculatorContext): SumsShown {
  const { currency } = duty;
  const any = { onlyIfAny: true } as const;
  return {
    rows: [
      { key: 'cost', label: 'Cost', unit: currency, decimals: 2, of: (s) => s.cost },
      { key: 'energy', label: 'Energy', unit: 'kWh', decimals: 2, of: (s) => s.kWh },
      { key: 'short', label: 'Short of flow', unit: 'h', decimals: 1, of: (s) => s.short_h },
      { key: 'noisy', label: 'Valves whistle', unit: 'h', decimals: 1, of: (s) => s.noisy_h },
      { key: 'moved', label: 'Moved', unit: 'm³', decimals: 1, of: (s) => s.moved_m3 },
      { key: 'wanted', label: 'Wanted', unit: 'm³', decimals: 1, of: (s) => s.wanted_m3 },
      { key: 'cool', label: 'Return too cool', unit: 'h', decimals: 1, of: (s) => s.cool_h, ...any },
      { key: 'both', label: 'Both of the twin ran', unit: 'h', decimals: 1, of: (s) => s.both_h, ...any },
      { key: 'starts', label: 'Starts', unit: '', decimals: 0, of: (s) => s.starts, ...any },
    ],
    headline: { of: (s) => s.cost, decimals: 2, unit: currency, moreIsBetter: false },
  };
}
