import {
  bandBreaches,
  dosePieces,
  neededPumpFlow_lph,
  pumpFlow_lph,
  strokesPerPulse,
  strokeVolume_mL,
  type BandBreach,
  type DosePath,
  type DosePiece,
} from '../../../dosing';
import type { TwoPointMap } from '../../../signal';
import { strengthToday_gpl, type MeteringContext } from '../settings/context';
import type { MeteringSettings } from '../settings/understand';

/** Currents between which a pump in manual mode keeps its rate: any that a loop can carry. */
const ANY_CURRENT = { from_mA: 0, to_mA: 24 };

/** The line a pump follows: its analog line, or one rate whatever the signal in manual mode. */
export function lineInForce(settings: MeteringSettings): TwoPointMap | null {
  if (settings.mode === 'analog') return settings.map;
  if (settings.mode !== 'manual' || settings.manual_spm === null) return null;
  const { from_mA, to_mA } = ANY_CURRENT;
  return { x1_mA: from_mA, y1: settings.manual_spm, x2_mA: to_mA, y2: settings.manual_spm, below: 'hold' };
}

/** The way from water flow to dose with these settings, or null when they or a flow signal are not known. */
export function dosePath(context: MeteringContext, settings: MeteringSettings): DosePath | null {
  const { duty, today } = context;
  if (!settings.length_pct) return null;
  const pump = {
    limits: settings.limits,
    stroke_mL: strokeVolume_mL(duty.strokeVolume.full_mL, settings.length_pct),
    strength_gpl: strengthToday_gpl(duty.product, today),
  };
  if (settings.pulses) {
    if (duty.signal.source !== 'meter' || settings.ceiling_spm === null) return null;
    return {
      ...pump,
      kind: 'pulses',
      litresPerPulse: duty.signal.litresPerPulse,
      strokesPerPulse: strokesPerPulse(settings.pulses.way, settings.pulses.factor),
      ceiling_spm: settings.ceiling_spm,
    };
  }
  const map = lineInForce(settings);
  if (!map) return null;
  // one rate for every flow needs no transmitter: any will do
  const transmitter =
    duty.signal.source === 'flow'
      ? duty.signal
      : duty.signal.source === 'meter' && settings.mode === 'manual'
        ? { low_mA: 4 as const, span_m3h: duty.water.greatest_m3h }
        : null;
  if (!transmitter) return null;
  return {
    ...pump,
    kind: 'analog',
    transmitter,
    map,
    watch: settings.mode === 'analog' ? settings.watch : null,
  };
}

export interface DosePicture {
  readonly path: DosePath;
  readonly pieces: DosePiece[];
  readonly breaches: BandBreach[];
}

/** Dose over the water flow from least to greatest, and where it leaves the wanted band. */
export function dosePicture(context: MeteringContext, settings: MeteringSettings): DosePicture | null {
  const path = dosePath(context, settings);
  if (!path) return null;
  const { water, dose } = context.duty;
  const pieces = dosePieces(path, water.least_m3h, water.greatest_m3h);
  return { path, pieces, breaches: bandBreaches(pieces, dose.low_mgl, dose.high_mgl) };
}

/** Pump flow the duty needs at a water flow; for a controller's signal, its greatest useful feed; where the site states a pump flow, that. */
export function needed_lph(context: MeteringContext, water_m3h: number): number {
  const { duty, today } = context;
  if (duty.signal.source === 'controller' && duty.mode === 'analog') return duty.signal.greatestFeed_lph;
  if (duty.feed_lph !== undefined && (duty.mode === 'manual' || duty.mode === 'timer')) return duty.feed_lph;
  return neededPumpFlow_lph(water_m3h, duty.dose.wanted_mgl, strengthToday_gpl(duty.product, today));
}

/** The greatest pump flow that the duty asks for, and the water at which it does; null water where no water sets it. */
export interface MostAsked {
  readonly flow_lph: number;
  readonly water_m3h: number | null;
}

/**
 * What a pump with this duty must be able to give: at the greatest water flow where the water paces it, the greatest useful feed
 * under a controller, at the usual flow where one rate or a timer gives it, and a batch within its spacing.
 */
export function mostAsked(context: MeteringContext): MostAsked {
  const { duty } = context;
  const { greatest_m3h, usual_m3h } = duty.water;
  if (duty.mode === 'analog' && duty.signal.source === 'controller') {
    return { flow_lph: duty.signal.greatestFeed_lph, water_m3h: null };
  }
  if (duty.mode === 'batch' && duty.batch) {
    return { flow_lph: (duty.batch.volume_mL * 3.6) / duty.batch.spacing_s, water_m3h: null };
  }
  const water_m3h = duty.mode === 'manual' || duty.mode === 'timer' ? usual_m3h : greatest_m3h;
  return { flow_lph: needed_lph(context, water_m3h), water_m3h };
}

/** Greatest flow the pump can give with these settings: its greatest rate (or ceiling) at its stroke length. */
export function capacity_lph(context: MeteringContext, settings: MeteringSettings): number | null {
  if (!settings.length_pct) return null;
  const stroke = strokeVolume_mL(context.duty.strokeVolume.full_mL, settings.length_pct);
  return pumpFlow_lph(stroke, settings.limits.greatest_spm);
}

/** A dose of nothing counts as this far under its band. */
const NOTHING = 10;

/**
 * How far the dose leaves its band at the worst flow between least and greatest, as |ln(dose/limit)|; 0 inside, null where no
 * dose can be told.
 */
export function outsideBand(context: MeteringContext, settings: MeteringSettings): number | null {
  const picture = dosePicture(context, settings);
  if (!picture) return null;
  const { low_mgl, high_mgl } = context.duty.dose;
  return picture.breaches.reduce((worst, { side, worst_mgl }) => {
    const far = side === 'over' ? Math.log(worst_mgl / high_mgl) : Math.log(low_mgl / worst_mgl);
    return Math.max(worst, Math.min(NOTHING, far));
  }, 0);
}
