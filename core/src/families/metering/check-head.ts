import {
  AIR_bar,
  gasPicture,
  NPSH_MARGIN_m,
  NPSH_NEEDED_UNKNOWN_m,
  STROKE_LENGTH_LEAST_PCT,
  strokeVolume_mL,
  suctionHead,
  suctionVelocity_ms,
} from '../../dosing';
import { THRESHOLDS, type Finding } from '../../findings';
import { fig } from '../../units';
import { addressesOf } from './address';
import type { CheckInput } from './checks';
import type { MeteringContext } from './context';
import { longestPause_min } from './day';
import { capacity_lph, needed_lph } from './dose';
import { finding } from './finding';
import type { MeteringSettings } from './settings';

/** MET-13 slow suction, MET-14 pauses, MET-15 gas lock, MET-17 short stroke, MET-22 suction head. */
export function checkHead(input: CheckInput): Finding[] {
  return [
    ...slowSuction(input),
    ...pauses(input),
    ...gasLock(input),
    ...shortStroke(input),
    ...suction(input),
  ];
}

function slowSuction({ context, subject, settings }: CheckInput): Finding[] {
  if (settings.suctionShare >= 1) return [];
  const capacity = capacity_lph(context, settings);
  if (capacity === null) return [];
  const water = context.duty.water.greatest_m3h;
  const needed = needed_lph(context, water);
  if (capacity >= needed * (1 + THRESHOLDS.capacityMargin) * (1 - 1e-9)) return [];
  return [
    finding(
      'MET-13',
      subject,
      {
        share: fig('percent', settings.suctionShare * 100),
        capacity: fig('pumpFlow', capacity),
        needed: fig('pumpFlow', needed),
        water: fig('waterFlow', water),
        limit: fig('percent', THRESHOLDS.capacityMargin * 100),
      },
      addressesOf(context, 'suction.share'),
    ),
  ];
}

function pauses({ context, subject, settings }: CheckInput): Finding[] {
  if (!context.duty.product.gassing || settings.deaeration === 'on') return [];
  const pause = longestPause_min(context, settings);
  if (pause === null || pause <= THRESHOLDS.gassingPause_min) return [];
  const values = {
    product: context.duty.product.name,
    pause: fig('minutes', pause),
    limit: fig('minutes', THRESHOLDS.gassingPause_min),
  };
  return [
    context.profile.behaviours.deaerates
      ? finding('MET-14.off', subject, values, addressesOf(context, 'deaeration'))
      : finding('MET-14.none', subject, values),
  ];
}

/** What gas does in the head with these settings, or null where head, pressure or length are not known. */
export function gasInHead(context: MeteringContext, settings: MeteringSettings) {
  const { head, place, strokeVolume, suction } = context.duty;
  if (!head || place.dischargePressure_bar === null || !settings.length_pct) return null;
  const stroke_mL = strokeVolume_mL(strokeVolume.full_mL, settings.length_pct);
  const suction_bar = suction?.tank_bar ?? AIR_bar;
  const discharge_bar = AIR_bar + place.dischargePressure_bar + head.injection_bar;
  return { ...gasPicture(suction_bar, stroke_mL, head.dead_mL, discharge_bar), discharge_bar, suction_bar };
}

function gasLock({ context, subject, settings }: CheckInput): Finding[] {
  if (!context.duty.product.gassing) return [];
  const picture = gasInHead(context, settings);
  if (!picture || picture.clears) return [];
  return [
    finding(
      'MET-15',
      subject,
      {
        reach: fig('pressure', picture.reach_bar),
        discharge: fig('pressure', picture.discharge_bar),
        length: fig('percent', settings.length_pct ?? 0),
      },
      addressesOf(context, 'stroke.length'),
    ),
  ];
}

function shortStroke({ context, subject, settings }: CheckInput): Finding[] {
  const length = settings.length_pct;
  if (length === null || length <= 0 || length >= STROKE_LENGTH_LEAST_PCT) return [];
  return [
    finding(
      'MET-17',
      subject,
      { length: fig('percent', length), least: fig('percent', STROKE_LENGTH_LEAST_PCT) },
      addressesOf(context, 'stroke.length'),
    ),
  ];
}

/** Head at the suction valve with these settings, or null where the suction side is not known. */
export function headAtSuction(
  context: MeteringContext,
  settings: MeteringSettings,
  changed: Partial<{
    pipe_m: number;
    bore_mm: number;
    level_m: number;
    share: number;
    vapour_bar: number;
  }> = {},
) {
  const { suction, place, product, strokeVolume } = context.duty;
  if (!suction || place.suctionHead_m === null || !settings.length_pct) return null;
  const stroke_mL = strokeVolume_mL(strokeVolume.full_mL, settings.length_pct);
  // the suction stroke's own speed is the gear's, however slowly strokes are asked for
  const rate_spm = settings.geared_spm;
  return {
    ...suctionHead({
      tank_bar: suction.tank_bar,
      vapour_bar: changed.vapour_bar ?? suction.vapour_bar,
      density_kgm3: product.density_kgl * 1000,
      level_m: changed.level_m ?? place.suctionHead_m,
      friction_m: suction.friction_m,
      pipe_m: changed.pipe_m ?? suction.pipe_m,
      velocity_ms: suctionVelocity_ms(stroke_mL, rate_spm, changed.bore_mm ?? suction.bore_mm),
      rate_spm,
      slowShare: changed.share ?? settings.suctionShare,
    }),
    wanted_m: (suction.needed_m ?? NPSH_NEEDED_UNKNOWN_m) + NPSH_MARGIN_m,
  };
}

function suction({ context, subject, settings }: CheckInput): Finding[] {
  const head = headAtSuction(context, settings);
  if (!head || head.available_m >= head.wanted_m - 1e-9) return [];
  const known = context.duty.suction?.needed_m ?? null;
  return [
    finding(
      'MET-22',
      subject,
      {
        available: fig('length', head.available_m),
        needed: fig('length', known ?? NPSH_NEEDED_UNKNOWN_m),
        from: known === null ? 'taken, since the manual’s figure is not known' : 'from the manual',
        margin: fig('length', NPSH_MARGIN_m),
        acceleration: fig('length', head.acceleration_m),
      },
      addressesOf(context, 'suction.share'),
    ),
  ];
}
