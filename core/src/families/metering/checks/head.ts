import { eachOf } from '../../parts/check-input';
import {
  gasPicture,
  NPSH_MARGIN_m,
  NPSH_NEEDED_UNKNOWN_m,
  STROKE_LENGTH_LEAST_PCT,
  strokeVolume_mL,
  suctionHead,
  suctionVelocity_ms,
} from '../../../dosing';
import { THRESHOLDS, type Finding } from '../../../findings';
import { fig } from '../../../units';
import { addressesOf } from '../settings/address';
import type { CheckInput } from './input';
import type { MeteringContext } from '../settings/context';
import { longestPause_min } from '../effect/day';
import { capacity_lph, mostAsked } from '../effect/dose';
import { finding } from '../texts/finding';
import type { MeteringSettings } from '../settings/understand';
import { assumedWords, atSuctionValve_bar, dischargeSpan_bar, suctionSide } from '../effect/suction-side';

/** MET-13 slow suction, MET-14 pauses, MET-15 gas lock, MET-17 short stroke, MET-22 suction head. */
export function checkHead(input: CheckInput): Finding[] {
  return eachOf(input, slowSuction, pauses, gasLock, shortStroke, suction);
}

function slowSuction({ context, subject, settings }: CheckInput): Finding[] {
  if (settings.suctionShare >= 1) return [];
  const capacity = capacity_lph(context, settings);
  if (capacity === null) return [];
  const { flow_lph: needed, water_m3h } = mostAsked(context);
  if (capacity >= needed * (1 + THRESHOLDS.capacityMargin) * (1 - 1e-9)) return [];
  return [
    finding(
      'MET-13',
      subject,
      {
        share: fig('percent', settings.suctionShare * 100),
        capacity: fig('pumpFlow', capacity),
        needed: fig('pumpFlow', needed),
        when: water_m3h === null ? 'at most' : fig('waterFlow', water_m3h),
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

/**
 * What gas does in the head with these settings, at the greatest discharge pressure, or null where head, pressure or length are
 * not known. The suction pressure is that at the valve: what a lift takes from the tank's is missing for the squeeze.
 */
export function gasInHead(context: MeteringContext, settings: MeteringSettings) {
  const { head, place, product, strokeVolume } = context.duty;
  const span = dischargeSpan_bar(context.duty);
  if (!head || !span || !settings.length_pct) return null;
  const stroke_mL = strokeVolume_mL(strokeVolume.full_mL, settings.length_pct);
  const side = suctionSide(context.duty);
  const suction_bar = atSuctionValve_bar(side.tank_bar, place.suctionHead_m ?? 0, product.density_kgl);
  const discharge_bar = side.air_bar + span.greatest + head.injection_bar;
  return {
    ...gasPicture(suction_bar, stroke_mL, head.dead_mL, discharge_bar),
    discharge_bar,
    suction_bar,
    assumed: [
      ...side.assumed.filter((words) => words.includes('tank')),
      ...(place.suctionHead_m === null ? ['the liquid level with the pump'] : []),
    ],
  };
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
        suction: fig('pressure', picture.suction_bar),
        discharge: fig('pressure', picture.discharge_bar),
        length: fig('percent', settings.length_pct ?? 0),
      },
      addressesOf(context, 'stroke.length'),
      undefined,
      assumedWords(picture.assumed),
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
  const side = suctionSide(context.duty);
  return {
    ...suctionHead({
      tank_bar: side.tank_bar,
      vapour_bar: changed.vapour_bar ?? side.vapour_bar,
      density_kgm3: product.density_kgl * 1000,
      level_m: changed.level_m ?? place.suctionHead_m,
      friction_m: side.friction_m,
      pipe_m: changed.pipe_m ?? suction.pipe_m,
      velocity_ms: suctionVelocity_ms(stroke_mL, rate_spm, changed.bore_mm ?? suction.bore_mm),
      rate_spm,
      slowShare: changed.share ?? settings.suctionShare,
    }),
    wanted_m: (suction.needed_m ?? NPSH_NEEDED_UNKNOWN_m) + NPSH_MARGIN_m,
    assumed: side.assumed,
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
      undefined,
      assumedWords(head.assumed),
    ),
  ];
}
