import { rateAtFlow_spm } from '../../../dosing';
import type { MeteringContext } from '../settings/context';
import { dosePath } from './dose';
import type { MeteringSettings } from '../settings/understand';

/** Mean water flow of each hour; the usual flow all day where no hours are known. */
export function hoursOfDay_m3h(context: MeteringContext): readonly number[] {
  const { hourly_m3h, usual_m3h } = context.duty.water;
  return hourly_m3h ?? Array.from({ length: 24 }, () => usual_m3h);
}

/** Strokes/min of each hour of the real day, or null where the settings are not fully known. */
export function ratesOfDay_spm(context: MeteringContext, settings: MeteringSettings): number[] | null {
  const path = dosePath(context, settings);
  if (path) return hoursOfDay_m3h(context).map((water) => rateAtFlow_spm(path, water));
  const steady = meanRate_spm(context, settings) ?? mostUnderController_spm(context, settings);
  return steady === null ? null : Array.from({ length: 24 }, () => steady);
}

/** Mean rate of the modes that do not follow the water: batches at their least spacing, timed runs. */
function meanRate_spm({ duty }: MeteringContext, settings: MeteringSettings): number | null {
  if (settings.mode === 'timer' && settings.timer && settings.manual_spm !== null) {
    return (settings.manual_spm * settings.timer.run_s) / (settings.timer.every_min * 60);
  }
  const strokes = batchStrokes(settings, duty.strokeVolume.full_mL);
  if (settings.mode === 'batch' && duty.batch && strokes !== null) {
    return (strokes * 60) / duty.batch.spacing_s;
  }
  return null;
}

/** Flow in the mean of one rate or of timed runs, L/h; null where it is not known, or the pump is driven another way. */
export function meanFeed_lph({ duty }: MeteringContext, settings: MeteringSettings): number | null {
  const { mode, length_pct, manual_spm, limits } = settings;
  if (!length_pct || manual_spm === null) return null;
  const stroke_mL = (duty.strokeVolume.full_mL * length_pct) / 100;
  const rate = Math.min(manual_spm, limits.greatest_spm);
  if (mode === 'manual') return rate * 0.06 * stroke_mL;
  if (mode !== 'timer' || !settings.timer) return null;
  const { run_s, every_min } = settings.timer;
  return rate * 0.06 * stroke_mL * Math.min(1, run_s / (every_min * 60));
}

/** True where nothing but the controller's greatest feed bounds what the pump gives: sums of such a day are at most. */
export function fedByController({ duty }: MeteringContext, settings: MeteringSettings): boolean {
  return settings.mode === 'analog' && duty.signal.source === 'controller';
}

/** Under a controller nobody knows the demand: the greatest useful feed, as far as these settings reach. */
function mostUnderController_spm(context: MeteringContext, settings: MeteringSettings): number | null {
  const { signal, strokeVolume } = context.duty;
  if (!fedByController(context, settings) || signal.source !== 'controller') return null;
  if (!settings.map || !settings.length_pct) return null;
  const stroke_mL = (strokeVolume.full_mL * settings.length_pct) / 100;
  const top = Math.min(Math.max(settings.map.y1, settings.map.y2), settings.limits.greatest_spm);
  return Math.min(top, signal.greatestFeed_lph / (0.06 * stroke_mL));
}

/** Strokes of a batch, however the controller is told them; null when not known. */
export function batchStrokes(settings: MeteringSettings, full_mL: number): number | null {
  if (settings.batchStrokes !== null) return settings.batchStrokes;
  if (settings.batchVolume_mL === null || !settings.length_pct) return null;
  return Math.max(1, Math.round(settings.batchVolume_mL / ((full_mL * settings.length_pct) / 100)));
}

/** Strokes and product of a real day, or null where the settings are not fully known. */
export function usageOfDay(
  context: MeteringContext,
  settings: MeteringSettings,
): { readonly strokes: number; readonly hourly_L: readonly number[] } | null {
  const rates = ratesOfDay_spm(context, settings);
  if (!rates || !settings.length_pct) return null;
  const stroke_mL = (context.duty.strokeVolume.full_mL * settings.length_pct) / 100;
  return {
    strokes: rates.reduce((sum, rate) => sum + rate * 60, 0),
    hourly_L: rates.map((rate) => (rate * 60 * stroke_mL) / 1000),
  };
}

/** The longest time without a stroke in the real day, minutes: gaps between strokes, and hours that stand still. */
export function longestPause_min(context: MeteringContext, settings: MeteringSettings): number | null {
  if (settings.mode === 'timer' && settings.timer) {
    return settings.timer.every_min - settings.timer.run_s / 60;
  }
  if (settings.mode === 'batch') return batchPause_min(context, settings);
  // what a controller asks for is not known, and it may ask for nothing
  const rates = fedByController(context, settings) ? null : ratesOfDay_spm(context, settings);
  if (!rates) return null;
  const running = rates.filter((rate) => rate > 0);
  if (running.length === 0) return 24 * 60;
  const gap = 1 / Math.min(...running);
  // hours that stand still, in a row, over midnight too
  let still = 0;
  let longest = 0;
  for (const rate of [...rates, ...rates]) {
    still = rate > 0 ? 0 : still + 1;
    longest = Math.max(longest, Math.min(still, 24));
  }
  return Math.max(gap, longest * 60);
}

/** Between batches it stands for what its strokes leave of the spacing, at least: triggers may be further apart. */
function batchPause_min({ duty }: MeteringContext, settings: MeteringSettings): number | null {
  const strokes = batchStrokes(settings, duty.strokeVolume.full_mL);
  const rate = Math.min(settings.manual_spm ?? settings.limits.greatest_spm, settings.limits.greatest_spm);
  if (!duty.batch || strokes === null || rate <= 0) return null;
  return Math.max(0, duty.batch.spacing_s / 60 - strokes / rate);
}
