import { line } from 'd3-shape';
import type { DosePiece } from '../dosing';
import { displayUnit, toDisplay, type UnitSystem } from '../units';
import { frame, withAir, type Box, type Frame } from './frame';

export interface DoseLine {
  readonly column: 'found' | 'target' | 'left';
  readonly pieces: readonly DosePiece[];
}

export interface DoseChart {
  readonly frame: Frame;
  readonly lines: readonly { readonly column: DoseLine['column']; readonly path: string }[];
  /** the wanted band, top edge first */
  readonly band: { readonly top: number; readonly bottom: number; readonly wanted: number };
  /** true when a line leaves the chart at the top */
  readonly cut: boolean;
  readonly text: string;
}

/** A dose this many times the band's top is drawn at the edge: what matters is that it is outside. */
const TALLEST = 2.5;

/** Geometry of dose over water flow for each column, with the wanted band. */
export function doseChart(
  box: Box,
  lines: readonly DoseLine[],
  band: { low_mgl: number; wanted_mgl: number; high_mgl: number },
  water: { least_m3h: number; greatest_m3h: number },
  system: UnitSystem = 'metric',
): DoseChart {
  const most = Math.max(band.high_mgl, ...lines.flatMap((l) => l.pieces.map((p) => p.doseFrom_mgl)));
  const limit = band.high_mgl * TALLEST;
  const flow = (m3h: number) => toDisplay('waterFlow', m3h, system);
  const drawn = frame(
    box,
    {
      domain: [flow(0), flow(water.greatest_m3h * 1.04)],
      title: `Water flow, ${displayUnit('waterFlow', system)}`,
      ticks: 6,
    },
    { domain: [0, withAir(Math.min(most, limit))], title: 'Dose, mg/L', ticks: 5 },
  );
  const top = drawn.y.scale.domain()[1];
  const draw = line<readonly [number, number]>()
    .x((p) => drawn.x.scale(flow(p[0])))
    .y((p) => drawn.y.scale(Math.min(p[1], top)));
  return {
    frame: drawn,
    lines: lines.map((l) => ({ column: l.column, path: draw(curve(l.pieces)) ?? '' })),
    band: {
      top: drawn.y.scale(band.high_mgl),
      bottom: drawn.y.scale(band.low_mgl),
      wanted: drawn.y.scale(band.wanted_mgl),
    },
    cut: most > top,
    text: lines.map((l) => inWords(l, band)).join(' '),
  };
}

/** Points along each piece, close enough that 1/Q looks like a curve; where the dose stays two are enough. */
function curve(pieces: readonly DosePiece[]): (readonly [number, number])[] {
  return pieces.flatMap((piece) => {
    const width = piece.to_m3h - piece.from_m3h;
    if (piece.keeps === 'dose') {
      return [
        [piece.from_m3h, piece.doseFrom_mgl],
        [piece.to_m3h, piece.doseTo_mgl],
      ];
    }
    const cuts = Math.max(1, Math.min(12, Math.ceil((width / piece.from_m3h) * 20)));
    return Array.from({ length: cuts + 1 }, (_, i) => {
      const q = piece.from_m3h + (width * i) / cuts;
      return [q, (piece.doseFrom_mgl * piece.from_m3h) / q] as const;
    });
  });
}

const NAMES = { found: 'As found', target: 'Target', left: 'As left' } as const;

function inWords({ column, pieces }: DoseLine, band: { low_mgl: number; high_mgl: number }): string {
  if (pieces.length === 0) return '';
  const doses = pieces.flatMap((p) => [p.doseFrom_mgl, p.doseTo_mgl]);
  const least = Math.min(...doses);
  const most = Math.max(...doses);
  const inside = least >= band.low_mgl - 1e-9 && most <= band.high_mgl + 1e-9;
  const verdict = inside ? 'within the band throughout' : 'leaves the band';
  return `${NAMES[column]}: ${least.toFixed(2)} to ${most.toFixed(2)} mg/L, ${verdict}.`;
}
