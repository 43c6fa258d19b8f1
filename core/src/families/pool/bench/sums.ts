import type { PoolContext } from '../settings/context';
import type { SumRow, SumsShown } from '../../../bench';

function rowsIn(currency: string): readonly SumRow[] {
  const any = { onlyIfAny: true } as const;
  return [
    { key: 'cost', label: 'Cost', unit: currency, decimals: 2, of: (s) => s.cost },
    { key: 'volume', label: 'Moved', unit: 'm³', decimals: 0, of: (s) => s.volume_m3 },
    { key: 'needed', label: 'Needed', unit: 'm³', decimals: 0, of: (s) => s.needed_m3 },
    { key: 'energy', label: 'Energy', unit: 'kWh', decimals: 1, of: (s) => s.energy_kWh },
    { key: 'run', label: 'Runs', unit: 'h', decimals: 1, of: (s) => s.run_h },
    { key: 'pause', label: 'Longest pause', unit: 'min', decimals: 0, of: (s) => s.pause_min },
    { key: 'prime', label: 'Priming', unit: 'min', decimals: 0, of: (s) => s.prime_min, ...any },
    { key: 'dry', label: 'Running dry', unit: 'min', decimals: 0, of: (s) => s.dry_min, ...any },
    { key: 'off', label: 'Other than programmed', unit: 'h', decimals: 1, of: (s) => s.offProgram_h, ...any },
    { key: 'frost', label: 'Frost guard', unit: 'h', decimals: 1, of: (s) => s.frost_h, ...any },
    {
      key: 'frozen',
      label: 'Still pipes below freezing',
      unit: 'h',
      decimals: 1,
      of: (s) => s.frozen_h,
      ...any,
    },
    { key: 'heater', label: 'Heater starts', unit: '', decimals: 0, of: (s) => s.heaterStarts, ...any },
    { key: 'hot', label: 'Stops with a hot heater', unit: '', decimals: 0, of: (s) => s.hotStops, ...any },
    { key: 'solar', label: 'Roof starts', unit: '', decimals: 0, of: (s) => s.solarStarts, ...any },
    {
      key: 'cleanerDry',
      label: 'Cleaner without water',
      unit: 'min',
      decimals: 1,
      of: (s) => s.cleanerDry_min,
      ...any,
    },
    { key: 'chlorine', label: 'Chlorine made', unit: 'g', decimals: 0, of: (s) => s.chlorine_g, ...any },
    {
      key: 'cold',
      label: 'Cell worked in cold water',
      unit: 'h',
      decimals: 1,
      of: (s) => s.coldChlorine_h,
      ...any,
    },
    { key: 'water', label: 'Water at the end', unit: '°C', decimals: 1, of: (s) => s.water_C },
  ];
}

/** The sums that tell most about a pool, and what it costs. */
export function sumsOf({ duty }: PoolContext): SumsShown {
  const { currency } = duty.tariff;
  return {
    rows: rowsIn(currency),
    headline: { of: (s) => s.cost, decimals: 2, unit: currency, moreIsBetter: false },
  };
}
