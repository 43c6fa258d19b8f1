import type { TransferContext } from '../settings/context';
import type { Headline, SumsShown } from '../../../bench';

/** The sums that tell most about such a pump. */
export function sumsOf({ duty }: TransferContext): SumsShown {
  const any = { onlyIfAny: true } as const;
  const headline: Headline = duty.cooler
    ? { of: (s) => s.delivered_C, decimals: 1, unit: '°C', words: 'delivered', moreIsBetter: false }
    : { of: (s) => s.floods, decimals: 0, unit: '', words: 'floods', moreIsBetter: false };
  return {
    rows: [
      ...(duty.cooler
        ? [
            {
              key: 'delivered',
              label: 'Delivered',
              unit: '°C',
              decimals: 1,
              of: (s: Readonly<Record<string, number>>) => s.delivered_C,
            },
          ]
        : []),
      { key: 'floods', label: 'Floods', unit: '', decimals: 0, of: (s) => s.floods },
      { key: 'greatest', label: 'Maximum level', unit: 'mm', decimals: 0, of: (s) => s.greatest_mm },
      { key: 'stand', label: 'Longest stand', unit: 'min', decimals: 0, of: (s) => s.longest_min },
      { key: 'air', label: 'Sent air', unit: 'min', decimals: 1, of: (s) => s.air_min },
      { key: 'cavitates', label: 'Cavitated', unit: 'min', decimals: 0, of: (s) => s.cavitates_min, ...any },
      { key: 'warm', label: 'Delivered too warm', unit: 'min', decimals: 0, of: (s) => s.warm_min, ...any },
      { key: 'sent', label: 'Sent', unit: 'm³', decimals: 2, of: (s) => s.sent_m3 },
      { key: 'flooded', label: 'Flooded', unit: 'L', decimals: 0, of: (s) => s.flooded_L, ...any },
      { key: 'energy', label: 'Energy', unit: 'kWh', decimals: 2, of: (s) => s.kWh },
      { key: 'cost', label: 'Cost', unit: duty.currency, decimals: 2, of: (s) => s.cost },
      { key: 'starts', label: 'Starts', unit: '', decimals: 0, of: (s) => s.starts },
    ],
    headline,
  };
}
