import type { DriveContext } from '../settings/context';
import type { SumsShown } from '../../../bench';

/** The sums that tell most about a drive, and what it costs. */
export function sumsOf({ duty }: DriveContext): SumsShown {
  const { currency } = duty;
  const any = { onlyIfAny: true } as const;
  return {
    rows: [
      { key: 'cost', label: 'Cost', unit: currency, decimals: 2, of: (s) => s.cost },
      { key: 'energy', label: 'Energy', unit: 'kWh', decimals: 2, of: (s) => s.kWh },
      { key: 'low', label: 'Too little pressure', unit: 'min', decimals: 0, of: (s) => s.low_min },
      { key: 'starts', label: 'Starts', unit: '', decimals: 0, of: (s) => s.starts },
      { key: 'starts-hour', label: 'Most in one hour', unit: '', decimals: 0, of: (s) => s.starts_h },
      { key: 'greatest', label: 'Maximum pressure', unit: 'bar', decimals: 2, of: (s) => s.greatest_bar },
      { key: 'moved', label: 'Moved', unit: 'm³', decimals: 1, of: (s) => s.moved_m3 },
      { key: 'dry', label: 'Turned dry', unit: 's', decimals: 0, of: (s) => s.dry_s, ...any },
      { key: 'hunts', label: 'Pressure hunted', unit: 'min', decimals: 0, of: (s) => s.hunts_min, ...any },
    ],
    headline: { of: (s) => s.cost, decimals: 2, unit: currency, moreIsBetter: false },
  };
}
