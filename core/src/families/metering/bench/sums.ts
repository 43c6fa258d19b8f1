import type { Headline, SumRow } from '../../../bench';

const ROWS: readonly SumRow[] = [
  { key: 'inBand', label: 'Time in the required band', unit: '%', decimals: 1, of: (s) => s.inBand * 100 },
  { key: 'given', label: 'Product given', unit: 'L', decimals: 3, of: (s) => s.given_L },
  { key: 'wanted', label: 'Product wanted', unit: 'L', decimals: 3, of: (s) => s.wanted_L },
  { key: 'strokes', label: 'Strokes', unit: '', decimals: 0, of: (s) => s.strokes },
  { key: 'lost', label: 'Strokes lost', unit: '', decimals: 0, of: (s) => s.strokesLost, onlyIfAny: true },
  {
    key: 'backlog',
    label: 'Strokes owed at most',
    unit: '',
    decimals: 0,
    of: (s) => (s.backlogMost < 2 ? 0 : s.backlogMost),
    onlyIfAny: true,
  },
  {
    key: 'locked',
    label: 'Locked by gas',
    unit: 'min',
    decimals: 0,
    of: (s) => s.locked_s / 60,
    onlyIfAny: true,
  },
  { key: 'dry', label: 'Running dry', unit: 'min', decimals: 0, of: (s) => s.dry_s / 60, onlyIfAny: true },
  { key: 'tank', label: 'Left in the tank', unit: 'L', decimals: 1, of: (s): number | undefined => s.tank_L },
];

const HEADLINE: Headline = {
  of: (s) => s.inBand * 100,
  decimals: 1,
  unit: '%',
  words: 'in the band',
  moreIsBetter: true,
};

/** The sums that tell most about a metering pump, and the time in its band. */
export const SUMS = { rows: ROWS, headline: HEADLINE } as const;
