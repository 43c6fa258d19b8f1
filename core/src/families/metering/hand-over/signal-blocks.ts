import { signalBlockAxes, signalLineOf, type SignalLine } from '../../../chart';
import { siteTime } from '../../../time';
import { fig, figureWithUnit, formatNumber, presentReader } from '../../../units';
import type { Block, BlockOf } from '../../../visit';
import type { MeteringView } from '../kind';
import { understand } from '../settings/understand';

/** One reading of a signal as it was judged. */
export interface SeenReading {
  readonly injected_mA: number;
  readonly shown_mA: number | null;
  readonly measured_spm: number | null;
  readonly flow_lph: number | null;
  readonly expected_spm: number;
  readonly tolerance_spm: number | null;
  readonly ok: boolean;
  readonly voided: boolean;
  readonly superseded: boolean;
  readonly recordedAt: string;
  readonly instrument: string | null;
}

/** The lines of each column that follows a signal. */
export function linesOf({ context, values }: MeteringView): SignalLine[] {
  if (!context) return [];
  const columns = [
    ['found', values.found],
    ['target', values.planned],
    ['left', values.force],
  ] as const;
  return columns.flatMap(([column, held]) => {
    const settings = understand(context.profile, context.plate, held);
    if (settings.mode !== 'analog' || !settings.map) return [];
    return [{ column, map: settings.map, watch: settings.watch, limits: settings.limits }];
  });
}

/** The lines with the readings on them, then the readings as a table; nothing on a pump that is given no signal. */
export function signalBlocks(
  lines: readonly SignalLine[],
  readings: readonly SeenReading[],
  zone: string,
): Block[] {
  if (lines.length === 0 && readings.length === 0) return [];
  const chart = lines.length > 0 ? [chartOf(lines, readings)] : [];
  return [...chart, readings.length > 0 ? tableOf(readings, zone) : NONE_TRIED];
}

const NONE_TRIED: BlockOf<'rows'> = {
  kind: 'rows',
  key: 'no-readings',
  title: null,
  rows: [{ words: 'No signal points were tried on this visit.', note: null, bad: false }],
};

function chartOf(lines: readonly SignalLine[], readings: readonly SeenReading[]): BlockOf<'chart'> {
  const dots = readings.flatMap(({ voided, superseded, measured_spm, injected_mA, ok }) =>
    voided || superseded || measured_spm === null ? [] : [{ x: injected_mA, y: measured_spm, ok }],
  );
  return {
    kind: 'chart',
    key: 'signal',
    title: 'Stroke rate over signal',
    ...signalBlockAxes(lines, dots),
    lines: lines.map(signalLineOf),
    dots,
  };
}

const COLUMNS = [
  { name: 'Time', share: 44 },
  { name: 'Injected mA', share: 62 },
  { name: 'Shown mA', share: 56 },
  { name: 'Expected, strokes/min', share: 70 },
  { name: 'Counted, strokes/min', share: 66 },
  { name: 'Flow', share: 70 },
  { name: 'Verdict', share: 131 },
] as const;

function tableOf(readings: readonly SeenReading[], zone: string): BlockOf<'table'> {
  const instruments = [...new Set(readings.flatMap(({ instrument }) => instrument ?? []))];
  return {
    kind: 'table',
    key: 'readings',
    title: 'Readings',
    columns: COLUMNS,
    rows: readings.map((reading) => ({
      cells: cellsOf(reading, zone),
      tone: reading.voided ? 'quiet' : reading.ok ? 'good' : 'bad',
    })),
    note: instruments.length > 0 ? `Instrument: ${instruments.join('; ')}` : null,
  };
}

function cellsOf(reading: SeenReading, zone: string): string[] {
  const number = (value: number | null, decimals: number) =>
    value === null ? '–' : formatNumber(value, decimals, '.');
  const tolerance = reading.tolerance_spm ? ` ± ${formatNumber(reading.tolerance_spm, 1, '.')}` : '';
  return [
    siteTime(reading.recordedAt, zone),
    number(reading.injected_mA, 2),
    number(reading.shown_mA, 2),
    `${number(reading.expected_spm, 0)}${tolerance}`,
    number(reading.measured_spm, 1),
    // one unit only: the column is narrow
    reading.flow_lph === null
      ? '–'
      : figureWithUnit(fig('pumpFlow', reading.flow_lph), { ...presentReader(), also: undefined }),
    verdictOf(reading),
  ];
}

function verdictOf({ voided, superseded, ok }: SeenReading): string {
  if (voided) return 'void: set again after it';
  return `${ok ? 'as expected' : 'not as expected'}${superseded ? '; read again later' : ''}`;
}
