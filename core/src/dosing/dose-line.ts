import {
  currentForShare,
  currentFor,
  NE43,
  type BrokenWireWatch,
  type RangeLow_mA,
  type TwoPointMap,
} from '../signal';
import { responseAt, type StrokeLimits } from '../strokes';
import { InputError, requirePositive } from '../input';
import { pulseRate_ppm } from './pulses/pulse-ratio';

/** A flow transmitter: its current at no flow and the water flow (m³/h) at 20 mA. */
export interface FlowTransmitter {
  readonly low_mA: RangeLow_mA;
  readonly span_m3h: number;
}

/** The current a transmitter sends at a water flow, up to the end of its measuring range. */
export function transmitterCurrent_mA(transmitter: FlowTransmitter, water_m3h: number): number {
  requirePositive('span_m3h', transmitter.span_m3h, 'The transmitter’s span');
  const current = currentForShare(transmitter.low_mA, water_m3h / transmitter.span_m3h);
  return Math.min(NE43.measureHigh_mA, current);
}

interface PumpAndProduct {
  readonly limits: StrokeLimits;
  /** mL a stroke, at the set stroke length */
  readonly stroke_mL: number;
  readonly strength_gpl: number;
}

/** Water paces the pump through a transmitter's current. */
export interface AnalogPath extends PumpAndProduct {
  readonly kind: 'analog';
  readonly transmitter: FlowTransmitter;
  readonly map: TwoPointMap;
  readonly watch: BrokenWireWatch | null;
}

/** Water paces the pump through a meter's pulses. */
export interface PulsePath extends PumpAndProduct {
  readonly kind: 'pulses';
  readonly litresPerPulse: number;
  /** n when multiplying, 1/n when dividing */
  readonly strokesPerPulse: number;
  readonly ceiling_spm: number;
}

/** Everything between the water and the dose. */
export type DosePath = AnalogPath | PulsePath;

/**
 * A stretch of water flow over which the pump keeps one stroke rate, so that the dose falls as 1/Q; or over which the
 * strokes follow the water, so that the dose stays.
 */
export interface DosePiece {
  readonly from_m3h: number;
  readonly to_m3h: number;
  readonly keeps: 'rate' | 'dose';
  /** strokes/min, where it keeps its rate; at the end of the stretch otherwise */
  readonly rate_spm: number;
  readonly doseFrom_mgl: number;
  readonly doseTo_mgl: number;
}

/** mg/L given by one stroke/min into one m³/h. */
function doseUnit(path: DosePath): number {
  return path.stroke_mL * 0.06 * path.strength_gpl;
}

/** Strokes/min, on the mean, at a water flow. */
export function rateAtFlow_spm(path: DosePath, water_m3h: number): number {
  if (path.kind === 'pulses') {
    const asked = pulseRate_ppm(water_m3h, path.litresPerPulse) * path.strokesPerPulse;
    return Math.min(asked, path.ceiling_spm, path.limits.greatest_spm);
  }
  const current = transmitterCurrent_mA(path.transmitter, water_m3h);
  return responseAt(path.map, path.watch, path.limits, current).rate_spm;
}

/** Dose in mg/L at a water flow above zero: D = q·C/Q with q from the whole strokes the pump makes. */
export function doseAtFlow_mgl(path: DosePath, water_m3h: number): number {
  requirePositive('water_m3h', water_m3h, 'The water flow');
  return (doseUnit(path) * rateAtFlow_spm(path, water_m3h)) / water_m3h;
}

/**
 * The dose over a range of water flow, exactly: cut where the stroke rate steps, so that no spike between sampled
 * flows is missed. Source: D = q·C/Q for the chosen line.
 */
export function dosePieces(path: DosePath, least_m3h: number, greatest_m3h: number): DosePiece[] {
  requirePositive('least_m3h', least_m3h, 'The minimum water flow');
  if (greatest_m3h < least_m3h) {
    throw new InputError('greatest_m3h', 'The maximum water flow must not be less than the minimum.');
  }
  if (path.kind === 'pulses') return pulsePieces(path, least_m3h, greatest_m3h);
  const cuts = flowCuts(path, least_m3h, greatest_m3h);
  const unit = doseUnit(path);
  const pieces: DosePiece[] = [];
  for (let i = 0; i + 1 < cuts.length; i++) {
    const from = cuts[i];
    const to = cuts[i + 1];
    const rate = rateAtFlow_spm(path, (from + to) / 2);
    const before = pieces[pieces.length - 1];
    if (before && before.rate_spm === rate) {
      pieces[pieces.length - 1] = { ...before, to_m3h: to, doseTo_mgl: (unit * rate) / to };
    } else {
      pieces.push({
        from_m3h: from,
        to_m3h: to,
        keeps: 'rate',
        rate_spm: rate,
        doseFrom_mgl: (unit * rate) / from,
        doseTo_mgl: (unit * rate) / to,
      });
    }
  }
  if (pieces.length === 0) {
    const rate = rateAtFlow_spm(path, least_m3h);
    const dose = (unit * rate) / least_m3h;
    pieces.push({
      from_m3h: least_m3h,
      to_m3h: least_m3h,
      keeps: 'rate',
      rate_spm: rate,
      doseFrom_mgl: dose,
      doseTo_mgl: dose,
    });
  }
  return pieces;
}

/** Pulses keep the dose up to the flow at which the ceiling is reached; from there the rate stays. */
function pulsePieces(path: PulsePath, least_m3h: number, greatest_m3h: number): DosePiece[] {
  const top = Math.min(path.ceiling_spm, path.limits.greatest_spm);
  const onset = (top / path.strokesPerPulse) * 0.06 * path.litresPerPulse;
  const piece = (from: number, to: number, keeps: DosePiece['keeps']): DosePiece => ({
    from_m3h: from,
    to_m3h: to,
    keeps,
    rate_spm: rateAtFlow_spm(path, to),
    doseFrom_mgl: doseAtFlow_mgl(path, from),
    doseTo_mgl: doseAtFlow_mgl(path, to),
  });
  if (onset >= greatest_m3h) return [piece(least_m3h, greatest_m3h, 'dose')];
  if (onset <= least_m3h) return [piece(least_m3h, greatest_m3h, 'rate')];
  return [piece(least_m3h, onset, 'dose'), piece(onset, greatest_m3h, 'rate')];
}

/** Water flows at which the stroke rate can change, with both ends of the range. */
function flowCuts(path: AnalogPath, least_m3h: number, greatest_m3h: number): number[] {
  const { transmitter, map, watch } = path;
  const flowFor = (x_mA: number) =>
    ((x_mA - transmitter.low_mA) / (20 - transmitter.low_mA)) * transmitter.span_m3h;
  const cuts = [
    least_m3h,
    greatest_m3h,
    flowFor(map.x1_mA),
    flowFor(map.x2_mA),
    flowFor(NE43.measureHigh_mA),
  ];
  if (watch?.low_mA != null) cuts.push(flowFor(watch.low_mA));
  if (watch?.high_mA != null) cuts.push(flowFor(watch.high_mA));
  const step = path.limits.step_spm ?? 1;
  const bottom = Math.floor(Math.min(map.y1, map.y2) / step);
  const top = Math.ceil(Math.min(Math.max(map.y1, map.y2), path.limits.greatest_spm) / step);
  for (let whole = bottom; whole <= top; whole++) {
    const x = currentFor(map, (whole + 0.5) * step);
    if (x !== null) cuts.push(flowFor(x));
  }
  return [...new Set(cuts)]
    .filter((flow) => flow >= least_m3h && flow <= greatest_m3h)
    .sort((a, b) => a - b)
    .filter((flow, i, all) => i === 0 || flow - all[i - 1] > 1e-9);
}

export interface BandBreach {
  readonly side: 'over' | 'under';
  readonly from_m3h: number;
  readonly to_m3h: number;
  /** the dose furthest from the band, and the flow where it stands */
  readonly worst_mgl: number;
  readonly worstAt_m3h: number;
}

/** Where a dose leaves its wanted band, joined into as few stretches as there are. */
export function bandBreaches(pieces: readonly DosePiece[], low_mgl: number, high_mgl: number): BandBreach[] {
  const breaches: BandBreach[] = [];
  const add = (next: BandBreach) => {
    const last = breaches[breaches.length - 1];
    if (last && last.side === next.side && next.from_m3h - last.to_m3h < JOIN_GAP * next.from_m3h) {
      const worse = next.side === 'over' ? next.worst_mgl > last.worst_mgl : next.worst_mgl < last.worst_mgl;
      breaches[breaches.length - 1] = {
        ...last,
        to_m3h: next.to_m3h,
        worst_mgl: worse ? next.worst_mgl : last.worst_mgl,
        worstAt_m3h: worse ? next.worstAt_m3h : last.worstAt_m3h,
      };
    } else breaches.push(next);
  };
  const slack = 1 + 1e-9;
  for (const piece of pieces) {
    const { from_m3h, to_m3h, doseFrom_mgl, doseTo_mgl } = piece;
    if (doseFrom_mgl > high_mgl * slack) {
      // where the rate stays the dose falls as 1/Q: it is back at the band where Q = from·dose/high
      const end = piece.keeps === 'dose' ? to_m3h : Math.min(to_m3h, (from_m3h * doseFrom_mgl) / high_mgl);
      add({ side: 'over', from_m3h, to_m3h: end, worst_mgl: doseFrom_mgl, worstAt_m3h: from_m3h });
    }
    if (doseTo_mgl * slack < low_mgl) {
      const start =
        doseFrom_mgl === 0 || piece.keeps === 'dose'
          ? from_m3h
          : Math.max(from_m3h, (from_m3h * doseFrom_mgl) / low_mgl);
      add({ side: 'under', from_m3h: start, to_m3h, worst_mgl: doseTo_mgl, worstAt_m3h: to_m3h });
    }
  }
  return breaches;
}

/** Stretches this close (as a share of the flow) are one: the saw-tooth of whole strokes parts them. */
const JOIN_GAP = 0.12;

/**
 * True when dose is proportional to flow: the unrounded line asks for zero strokes at zero flow.
 * `tolerance_spm` is how far from zero still counts.
 */
export function passesThroughZero(path: AnalogPath, tolerance_spm: number): boolean {
  const { map, transmitter } = path;
  const gradient = (map.y2 - map.y1) / (map.x2_mA - map.x1_mA);
  const atZeroFlow = map.y1 + (transmitter.low_mA - map.x1_mA) * gradient;
  return Math.abs(atZeroFlow) <= tolerance_spm;
}
