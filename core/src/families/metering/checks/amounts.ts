import { eachOf } from '../../parts/check-input';
import { factorRole } from '../settings/factor-role';
import { aged_gpl, rateAtFlow_spm, strokeVolume_mL } from '../../../dosing';
import { THRESHOLDS, type Finding } from '../../../findings';
import { fig } from '../../../units';
import { addressesOf } from '../settings/address';
import type { CheckInput } from './input';
import { strengthToday_gpl } from '../settings/context';
import { batchStrokes } from '../effect/day';
import { dosePath } from '../effect/dose';
import { doseGrade } from '../effect/dose-grade';
import { finding } from '../texts/finding';
import { stockOf } from '../effect/stock';

/** MET-18 slugs at low flow, MET-19 batches, MET-20 tank and ageing until the next visit. */
export function checkAmounts(input: CheckInput): Finding[] {
  return eachOf(input, slugs, batch, batchVolume, tank, ageing);
}

function slugs({ context, subject, settings }: CheckInput): Finding[] {
  const residence = context.duty.place.residence_s;
  const path = dosePath(context, settings);
  // a drive that is set in flow has no gaps
  if (!residence || !path || context.profile.behaviours.smooth) return [];
  const least = context.duty.water.least_m3h;
  const rate = rateAtFlow_spm(path, least);
  if (rate <= 0 || 60 / rate <= residence) return [];
  return [
    finding(
      'MET-18',
      subject,
      {
        gap: fig('seconds', 60 / rate),
        residence: fig('seconds', residence),
        water: fig('waterFlow', least),
      },
      addressesOf(context, 'stroke.length', factorRole(context.profile, settings.pulses?.way ?? 'multiply')),
    ),
  ];
}

function batch({ context, subject, settings }: CheckInput): Finding[] {
  const { duty, profile } = context;
  const strokes = batchStrokes(settings, duty.strokeVolume.full_mL);
  if (settings.mode !== 'batch' || !duty.batch || strokes === null) return [];
  const rate = Math.min(settings.manual_spm ?? settings.limits.greatest_spm, settings.limits.greatest_spm);
  const spacing = duty.batch.spacing_s;
  const time = rate > 0 ? (strokes * 60) / rate : Infinity;
  if (time <= spacing) return [];
  return [
    finding(
      'MET-19',
      subject,
      {
        strokes: fig('strokes', strokes),
        time: rate > 0 ? fig('seconds', time) : 'for ever',
        spacing: fig('seconds', spacing),
        fate: profile.behaviours.batch?.whileRunning === 'queued' ? 'pile up' : 'are lost',
      },
      addressesOf(context, 'batch.strokes', 'batch.volume', 'rate.manual'),
    ),
  ];
}

/** MET-08 of a batch: another volume than is wanted for each trigger. */
function batchVolume({ context, subject, settings }: CheckInput): Finding[] {
  const { duty } = context;
  const strokes = batchStrokes(settings, duty.strokeVolume.full_mL);
  if (settings.mode !== 'batch' || !duty.batch || strokes === null || !settings.length_pct) return [];
  const given_mL = strokes * strokeVolume_mL(duty.strokeVolume.full_mL, settings.length_pct);
  const share = given_mL / duty.batch.volume_mL;
  const { low_mgl, wanted_mgl, high_mgl } = duty.dose;
  const dose = wanted_mgl * share;
  if (dose <= high_mgl * (1 + 1e-9) && dose >= low_mgl * (1 - 1e-9)) return [];
  const grade = doseGrade(context, subject, dose);
  return [
    finding(
      'MET-08.batch',
      subject,
      {
        given: fig('strokeVolume', given_mL),
        volume: fig('strokeVolume', duty.batch.volume_mL),
        share: fig('percent', (share - 1) * 100),
        cure:
          subject === 'target'
            ? 'No stroke of this pump gives it in whole strokes: make batches larger, or accept it in writing.'
            : 'Set the strokes of a batch and the stroke length as in the plan.',
        grade: grade.words,
      },
      addressesOf(context, 'batch.strokes', 'batch.volume', 'stroke.length'),
      grade.severity,
    ),
  ];
}

function tank({ context, subject, settings }: CheckInput): Finding[] {
  const { tank: level, nextVisit_days } = context.duty;
  const stock = stockOf(context, settings);
  if (!level || !nextVisit_days || stock?.stop_days == null || stock.stop_days >= nextVisit_days) return [];
  return [
    finding(stock.atMost ? 'MET-20.most' : 'MET-20.tank', subject, {
      volume: fig('volume', level.now_L),
      daily: fig('volume', stock.daily_L),
      days: fig('days', stock.stop_days),
      visit: fig('days', nextVisit_days),
    }),
  ];
}

function ageing({ context, subject }: CheckInput): Finding[] {
  const { product, nextVisit_days } = context.duty;
  if (subject === 'found' || !nextVisit_days || product.halfLife_days === null) return [];
  const now = strengthToday_gpl(product, context.today);
  const then = aged_gpl(now, nextVisit_days, product.halfLife_days);
  if (1 - then / now <= THRESHOLDS.strengthLoss) return [];
  return [
    finding('MET-20.aged', subject, {
      product: product.name,
      visit: fig('days', nextVisit_days),
      loss: fig('percent', (1 - then / now) * 100),
      then: fig('strength', then),
    }),
  ];
}
