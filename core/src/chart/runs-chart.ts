import { SPREAD_MOST } from '../dosing';
import { frame, type Box, type Frame } from './frame';

export interface RunsChart {
  readonly frame: Frame;
  readonly runs: readonly { readonly x: number; readonly y: number; readonly inside: boolean }[];
  /** the spread that is allowed, laid around the mean */
  readonly band: { readonly top: number; readonly bottom: number; readonly mean: number };
  readonly text: string;
}

/** Geometry of the runs of a drawdown, with the band that their spread must stay within. */
export function runsChart(box: Box, volumes_mL: readonly number[]): RunsChart {
  const mean = volumes_mL.reduce((sum, volume) => sum + volume, 0) / volumes_mL.length;
  const half = (mean * SPREAD_MOST) / 2;
  const low = Math.min(mean - 2 * half, ...volumes_mL);
  const high = Math.max(mean + 2 * half, ...volumes_mL);
  const count = Math.max(3, volumes_mL.length);
  const drawn = frame(
    box,
    {
      domain: [0.5, count + 0.5],
      title: 'Run',
      ticks: count,
      at: Array.from({ length: count }, (_, i) => i + 1),
    },
    { domain: [low - half, high + half], title: 'Volume, mL', ticks: 4 },
  );
  return {
    frame: drawn,
    runs: volumes_mL.map((volume, i) => ({
      x: drawn.x.scale(i + 1),
      y: drawn.y.scale(volume),
      inside: Math.abs(volume - mean) <= half * (1 + 1e-9),
    })),
    band: {
      top: drawn.y.scale(mean + half),
      bottom: drawn.y.scale(mean - half),
      mean: drawn.y.scale(mean),
    },
    text: `Drawdown, ${volumes_mL.length} runs: ${volumes_mL.join(', ')} mL, mean ${mean.toFixed(2)} mL.`,
  };
}
