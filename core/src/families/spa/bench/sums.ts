import type { SpaContext } from '../settings/context';
import type { SumsShown } from '../../../bench';

/** The sums that tell most about a tub, and what it costs. */
export function sumsOf({ duty }: SpaContext): SumsShown {
  const { currency } = duty;
  const any = { onlyIfAny: true } as const;
  return {
    rows: [
      { key: 'cost', label: 'Cost', unit: currency, decimals: 2, of: (s) => s.cost },
      { key: 'energy', label: 'Energy', unit: 'kWh', decimals: 1, of: (s) => s.kWh },
      { key: 'heater', label: 'of it the heater', unit: 'kWh', decimals: 1, of: (s) => s.heater_kWh },
      { key: 'jets', label: 'of it jets', unit: 'kWh', decimals: 1, of: (s) => s.jets_kWh },
      { key: 'filter', label: 'of it filtering', unit: 'kWh', decimals: 1, of: (s) => s.filter_kWh },
      { key: 'cool', label: 'Bathed too cool', unit: 'h', decimals: 1, of: (s) => s.cool_h },
      { key: 'current', label: 'Maximum current', unit: 'A', decimals: 1, of: (s) => s.greatest_A },
      { key: 'turnovers', label: 'Turnovers', unit: '', decimals: 1, of: (s) => s.turnovers },
      { key: 'stand', label: 'Longest stand', unit: 'h', decimals: 1, of: (s) => s.longest_h },
      { key: 'trips', label: 'Breaker tripped', unit: '', decimals: 0, of: (s) => s.trips, ...any },
      { key: 'frost', label: 'Stood in the frost', unit: 'h', decimals: 1, of: (s) => s.frost_h, ...any },
    ],
    headline: { of: (s) => s.cool_h, decimals: 1, unit: 'h', words: 'bathed too cool', moreIsBetter: false },
  };
}
