import {
  doseAtFlow_mgl,
  passesThroughZero,
  strength_gpl,
  transmitterCurrent_mA,
  type BandBreach,
} from '../../dosing';
import { THRESHOLDS, type Finding } from '../../findings';
import { valueAt } from '../../signal';
import { fig } from '../../units';
import { addressesOf } from './address';
import type { CheckInput } from './checks';
import { productAge_days, strengthToday_gpl } from './context';
import { dosePicture, needed_lph, type DosePicture } from './dose';
import { finding } from './finding';
import type { MeteringTextId } from './texts';

/** A line within this many strokes of zero at no flow counts as passing through it: less than one stroke. */
const THROUGH_ZERO_spm = 0.75;

/**
 * MET-08, MET-24 and the mixed-up half of MET-27: the dose leaves its band, and which slip it looks like. One slip,
 * one finding: the most specific explanation that fits the figures.
 */
export function checkDose(input: CheckInput): Finding[] {
  const picture = dosePicture(input.context, input.settings);
  if (!picture || picture.breaches.length === 0) return [];
  const worst = worstOf(picture.breaches, input.context.duty.dose.wanted_mgl);
  const manual = input.settings.mode === 'manual';
  if (picture.path.kind === 'pulses') return pulseDose(input, picture, worst);
  if (!manual && passesThroughZero(picture.path, THROUGH_ZERO_spm)) {
    const explained =
      faded(input, picture) ?? fullRateForGreatestFlow(input, picture) ?? mixedPercent(input, picture);
    if (explained) return [explained];
    const right = Math.abs(slopeRatio(input, picture) - 1) <= THRESHOLDS.ratioMatch;
    return [breach(input, right ? 'MET-08.steps' : 'MET-08.slope', worst)];
  }
  return [breach(input, manual ? 'MET-08.manual' : 'MET-08.offset', worst)];
}

/** MET-05 where the dose is off by the square of the factor; short above the ceiling is MET-03 and told there. */
function pulseDose(input: CheckInput, picture: DosePicture, worst: BandBreach): Finding[] {
  const { context, subject, settings } = input;
  const ratio = slopeRatio(input, picture);
  const { pulses } = settings;
  if (pulses && pulses.factor > 1) {
    const swapped = pulses.way === 'multiply' ? pulses.factor ** 2 : 1 / pulses.factor ** 2;
    if (Math.abs(ratio / swapped - 1) <= THRESHOLDS.ratioMatch) {
      return [
        finding(
          'MET-05',
          subject,
          {
            sign: pulses.way === 'multiply' ? '×' : '÷',
            other: pulses.way === 'multiply' ? '÷' : '×',
            factor: String(pulses.factor),
            square: String(pulses.factor ** 2),
            more: pulses.way === 'multiply' ? 'times too much' : 'times too little',
            dose: fig('dose', doseAtFlow_mgl(picture.path, context.duty.water.least_m3h)),
            wanted: fig('dose', context.duty.dose.wanted_mgl),
          },
          addressesOf(context, 'mode', 'pulse.factor'),
        ),
      ];
    }
  }
  if (Math.abs(ratio - 1) <= THRESHOLDS.ratioMatch && worst.side === 'under') return [];
  return [faded(input, picture) ?? mixedPercent(input, picture) ?? breach(input, 'MET-08.pulses', worst)];
}

function breach({ context, subject }: CheckInput, text: MeteringTextId, worst: BandBreach): Finding {
  const { dose } = context.duty;
  return finding(
    text,
    subject,
    {
      low: fig('dose', dose.low_mgl),
      high: fig('dose', dose.high_mgl),
      water: fig('waterFlow', worst.worstAt_m3h),
      dose: fig('dose', worst.worst_mgl),
      side: worst.side === 'over' ? 'above the band' : 'below the band',
      from: fig('waterFlow', worst.from_m3h),
      to: fig('waterFlow', worst.to_m3h),
    },
    addressesOf(context, 'signal.range', 'signal.y1', 'signal.y2', 'stroke.length', 'rate.manual'),
  );
}

function worstOf(breaches: readonly BandBreach[], wanted: number): BandBreach {
  const farness = (b: BandBreach) =>
    b.worst_mgl === 0 ? Infinity : Math.abs(Math.log(b.worst_mgl / wanted));
  return breaches.reduce((worst, b) => (farness(b) > farness(worst) ? b : worst));
}

/** Unrounded flow at 20 mA as a share of what the transmitter's span needs. */
function slopeRatio({ context }: CheckInput, { path }: DosePicture): number {
  const { duty } = context;
  if (path.kind === 'pulses') {
    const water = path.litresPerPulse / 1000;
    const each_mL = path.strokesPerPulse * path.stroke_mL;
    return each_mL / (1000 * needed_lph(context, water));
  }
  if (duty.signal.source !== 'flow') return 1;
  const map = path.map;
  const gradient = (map.y2 - map.y1) / (map.x2_mA - map.x1_mA);
  const at20 = map.y1 + (20 - map.x1_mA) * gradient;
  return (at20 * path.stroke_mL * 0.06) / needed_lph(context, duty.signal.span_m3h);
}

function fullRateForGreatestFlow(input: CheckInput, picture: DosePicture): Finding | null {
  const { context, subject } = input;
  const { signal, water, dose } = context.duty;
  if (signal.source !== 'flow' || picture.path.kind !== 'analog') return null;
  const share = water.greatest_m3h / signal.span_m3h;
  if (share > 1 - THRESHOLDS.ratioMatch) return null;
  if (Math.abs(slopeRatio(input, picture) / share - 1) > THRESHOLDS.ratioMatch) return null;
  const rate = valueAt(picture.path.map, 20);
  return finding(
    'MET-24',
    subject,
    {
      rate: fig('strokeRate', rate),
      greatest: fig('waterFlow', water.greatest_m3h),
      span: fig('waterFlow', signal.span_m3h),
      current: fig('current', transmitterCurrent_mA(signal, water.greatest_m3h)),
      dose: fig('dose', doseAtFlow_mgl(picture.path, water.greatest_m3h)),
      wanted: fig('dose', dose.wanted_mgl),
      right: fig('pumpFlow', needed_lph(context, signal.span_m3h)),
    },
    addressesOf(context, 'signal.y2', 'stroke.length', 'gear'),
  );
}

/** The settings fit the strength as it was measured; the product has lost since, and the dose with it. */
function faded(input: CheckInput, picture: DosePicture): Finding | null {
  const { context, subject } = input;
  const { product, water, dose } = context.duty;
  const fresh = strength_gpl(product.strength);
  const today = strengthToday_gpl(product, context.today);
  if (today / fresh > 1 - THRESHOLDS.ratioMatch) return null;
  if (Math.abs((slopeRatio(input, picture) * fresh) / today - 1) > THRESHOLDS.ratioMatch) return null;
  return finding('MET-27.faded', subject, {
    product: product.name,
    age: fig('days', productAge_days(product, context.today)),
    loss: fig('percent', (1 - today / fresh) * 100),
    dose: fig('dose', doseAtFlow_mgl(picture.path, water.usual_m3h)),
    low: fig('dose', dose.low_mgl),
    high: fig('dose', dose.high_mgl),
  });
}

/**
 * The dose is off by just the density, which is what taking one kind of per cent for the other does: a pump set for
 * the stronger reading gives too little by that share, and the other way round.
 */
function mixedPercent(input: CheckInput, picture: DosePicture): Finding | null {
  const { context, subject } = input;
  const { product, water } = context.duty;
  if (product.strength.stated === 'mass') return null;
  const ratio = slopeRatio(input, picture);
  // stated by weight but set as if by volume: set for a weaker product than it is, so too much is given
  const expected =
    product.strength.stated === 'weight' ? product.strength.density_kgl : 1 / product.density_kgl;
  if (Math.abs(expected - 1) <= THRESHOLDS.ratioMatch) return null;
  if (Math.abs(ratio / expected - 1) > THRESHOLDS.ratioMatch) return null;
  return finding(
    'MET-27.mixed',
    subject,
    {
      dose: fig('dose', doseAtFlow_mgl(picture.path, water.usual_m3h)),
      water: fig('waterFlow', water.usual_m3h),
      ratio: fig('percent', ratio * 100),
      percent: fig('percent', product.strength.percent),
      stated: product.strength.stated,
      other: product.strength.stated === 'weight' ? 'volume' : 'weight',
    },
    addressesOf(context, 'signal.y2', 'stroke.length'),
  );
}
