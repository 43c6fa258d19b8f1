import { factorRole } from '../settings/factor-role';
import {
  doseAtFlow_mgl,
  passesThroughZero,
  strength_gpl,
  transmitterCurrent_mA,
  type BandBreach,
} from '../../../dosing';
import { THRESHOLDS, type Finding } from '../../../findings';
import { valueAt } from '../../../signal';
import { fig } from '../../../units';
import { addressesOf } from '../settings/address';
import { doseGrade } from '../effect/dose-grade';
import type { CheckInput } from './input';
import { productAge_days, strengthToday_gpl } from '../settings/context';
import { dosePicture, needed_lph, type DosePicture } from '../effect/dose';
import { usageOfDay } from '../effect/day';
import { finding } from '../texts/finding';

/** A line within this many strokes of zero at no flow counts as passing through it: less than one stroke. */
const THROUGH_ZERO_spm = 0.75;

/**
 * MET-08, MET-24 and the mixed-up half of MET-27: the dose leaves its band, and which slip it looks like. One slip,
 * one finding: the most specific explanation that fits the figures. How bad it is follows the dose.
 */
export function checkDose(input: CheckInput): Finding[] {
  if (isStated(input)) return statedDose(input);
  if (input.settings.mode === 'timer') return timerDose(input);
  const picture = dosePicture(input.context, input.settings);
  if (!picture || picture.breaches.length === 0) return [];
  const worst = worstOf(picture.breaches, input.context.duty.dose.wanted_mgl);
  const manual = input.settings.mode === 'manual';
  if (picture.path.kind === 'pulses') return pulseDose(input, picture, worst);
  const flat = picture.path.kind === 'analog' && picture.path.map.y1 === picture.path.map.y2;
  if (!manual && !flat && passesThroughZero(picture.path, THROUGH_ZERO_spm)) {
    const explained =
      faded(input, picture) ?? fullRateForGreatestFlow(input, picture) ?? mixedPercent(input, picture);
    if (explained) return [explained];
    const right = Math.abs(slopeRatio(input, picture) - 1) <= THRESHOLDS.ratioMatch;
    return [breach(input, right ? 'MET-08.steps' : 'MET-08.slope', worst)];
  }
  return [breach(input, manual ? 'MET-08.manual' : 'MET-08.offset', worst)];
}

/** Where the site states the pump flow, the dose is what comes of it: said, and not held against the settings. */
function isStated({ context: { duty }, settings }: CheckInput): boolean {
  return duty.feed_lph !== undefined && (settings.mode === 'manual' || settings.mode === 'timer');
}

function statedDose({ context, subject }: CheckInput): Finding[] {
  const { feed_lph = 0, water, dose, product } = context.duty;
  const given = (feed_lph * strengthToday_gpl(product, context.today)) / water.usual_m3h;
  if (given >= dose.low_mgl * (1 - 1e-9) && given <= dose.high_mgl * (1 + 1e-9)) return [];
  return [
    finding('MET-08.stated', subject, {
      feed: fig('pumpFlow', feed_lph),
      water: fig('waterFlow', water.usual_m3h),
      dose: fig('dose', given),
      low: fig('dose', dose.low_mgl),
      high: fig('dose', dose.high_mgl),
    }),
  ];
}

/** MET-05 where the dose is off by the square of the factor; short above the ceiling is MET-03 and told there. */
function pulseDose(input: CheckInput, picture: DosePicture, worst: BandBreach): Finding[] {
  const { context, subject, settings } = input;
  const ratio = slopeRatio(input, picture);
  const { pulses } = settings;
  const grade = doseGrade(context, subject, worst.worst_mgl);
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
            grade: grade.words,
          },
          addressesOf(context, 'mode', factorRole(context.profile, pulses.way)),
          grade.severity,
        ),
      ];
    }
  }
  if (Math.abs(ratio - 1) <= THRESHOLDS.ratioMatch && worst.side === 'under') return [];
  return [faded(input, picture) ?? mixedPercent(input, picture) ?? breach(input, 'MET-08.pulses', worst)];
}

/** What is said of a plan's own finding: the plan is the best that there is. */
const NO_BETTER =
  'No setting of this pump keeps the band over the whole range: change band, product, pump or meter, or accept it in writing.';

const CURES = {
  'MET-08.offset': 'Set the points so that the line passes through zero, as in the plan.',
  'MET-08.slope': 'Set the rate at full signal and the stroke length as in the plan.',
  'MET-08.steps': 'Shorten the stroke, so that the rate is higher.',
  'MET-08.manual': 'Pace the pump by the flow signal, or accept the dose in writing.',
  'MET-08.pulses': 'Set factor and stroke length as in the plan.',
  'MET-08.timer': 'Set rate and length of the runs as in the plan.',
} as const;
type BreachText = Exclude<keyof typeof CURES, 'MET-08.timer'>;

/** Timed runs give one mean dose at the usual flow. */
function timerDose({ context, subject, settings }: CheckInput): Finding[] {
  const { timer } = settings;
  const { dose, water, signal, mode } = context.duty;
  const used = usageOfDay(context, settings);
  if (!timer || !used || (mode === 'analog' && signal.source === 'controller')) return [];
  const given_lph = used.hourly_L[0];
  const given = (given_lph * strengthToday_gpl(context.duty.product, context.today)) / water.usual_m3h;
  if (given <= dose.high_mgl * (1 + 1e-9) && given >= dose.low_mgl * (1 - 1e-9)) return [];
  const grade = doseGrade(context, subject, given);
  return [
    finding(
      'MET-08.timer',
      subject,
      {
        run: fig('seconds', timer.run_s),
        every: fig('minutes', timer.every_min),
        dose: fig('dose', given),
        low: fig('dose', dose.low_mgl),
        high: fig('dose', dose.high_mgl),
        side: given > dose.high_mgl ? 'overdosed' : 'underdosed',
        cure: subject === 'target' ? NO_BETTER : CURES['MET-08.timer'],
        grade: grade.words,
      },
      addressesOf(context, 'timer.every', 'timer.run', 'rate.manual', 'stroke.length'),
      grade.severity,
    ),
  ];
}

function breach({ context, subject }: CheckInput, text: BreachText, worst: BandBreach): Finding {
  const { dose } = context.duty;
  const grade = doseGrade(context, subject, worst.worst_mgl);
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
      cure: subject === 'target' ? NO_BETTER : CURES[text],
      grade: grade.words,
    },
    addressesOf(context, 'signal.range', 'signal.y1', 'signal.y2', 'stroke.length', 'rate.manual'),
    grade.severity,
  );
}

/** The grade of the worst dose of a picture. */
function gradeOf({ context, subject }: CheckInput, { breaches }: DosePicture) {
  return doseGrade(context, subject, worstOf(breaches, context.duty.dose.wanted_mgl).worst_mgl);
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
  const grade = gradeOf(input, picture);
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
      grade: grade.words,
    },
    addressesOf(context, 'signal.y2', 'stroke.length', 'gear'),
    grade.severity,
  );
}

/** The settings fit the strength as it was measured; the product has lost since, and the dose with it. */
function faded(input: CheckInput, picture: DosePicture): Finding | null {
  const { context, subject } = input;
  const grade = gradeOf(input, picture);
  const { product, water, dose } = context.duty;
  const fresh = strength_gpl(product.strength);
  const today = strengthToday_gpl(product, context.today);
  if (today / fresh > 1 - THRESHOLDS.ratioMatch) return null;
  if (Math.abs((slopeRatio(input, picture) * fresh) / today - 1) > THRESHOLDS.ratioMatch) return null;
  return finding(
    'MET-27.faded',
    subject,
    {
      product: product.name,
      age: fig('days', productAge_days(product, context.today)),
      loss: fig('percent', (1 - today / fresh) * 100),
      dose: fig('dose', doseAtFlow_mgl(picture.path, water.usual_m3h)),
      low: fig('dose', dose.low_mgl),
      high: fig('dose', dose.high_mgl),
      grade: grade.words,
    },
    [],
    grade.severity,
  );
}

/**
 * The dose is off by just the density, which is what taking one kind of per cent for the other does: a pump set for
 * the stronger reading gives too little by that share, and the other way round.
 */
function mixedPercent(input: CheckInput, picture: DosePicture): Finding | null {
  const { context, subject } = input;
  const grade = gradeOf(input, picture);
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
      grade: grade.words,
    },
    addressesOf(context, 'signal.y2', 'stroke.length'),
    grade.severity,
  );
}
