import { pumpFlow_lph, strokeVolume_mL } from '../../../dosing';
import { THRESHOLDS, type Finding } from '../../../findings';
import { responseAt } from '../../../strokes';
import { fig } from '../../../units';
import { addressesOf } from '../settings/address';
import { meanFeed_lph } from '../effect/day';
import { demandLine, statesLine } from '../wire/signal-source';
import { finding } from '../texts/finding';
import type { CheckInput } from './input';

/** Off by no more than this share of the greatest feed nobody tells the difference, nor by half a stroke each minute. */
const NEAR_SHARE = THRESHOLDS.capacityMargin;
const HALF_STROKE = 0.5;

/** MET-08: the pump flow that the site states, as one figure or at two currents, against what these settings give. */
export function checkFeed(input: CheckInput): Finding[] {
  const { mode } = input.context.duty;
  if (mode === 'analog') return atTwoCurrents(input);
  return mode === 'manual' || mode === 'timer' ? asOneFigure(input) : [];
}

function strokeOf({ context, settings }: CheckInput): number {
  return strokeVolume_mL(context.duty.strokeVolume.full_mL, settings.length_pct ?? 100);
}

function atTwoCurrents(input: CheckInput): Finding[] {
  const { context, subject, settings } = input;
  const { signal } = context.duty;
  if (signal.source !== 'controller' || !statesLine(signal)) return [];
  const { map, watch, limits, length_pct } = settings;
  if (settings.mode !== 'analog' || !map || !length_pct) return [];
  const stroke = strokeOf(input);
  const { from_mA, to_mA, atFrom_lph, atTo_lph } = demandLine(signal);
  const near = Math.max(signal.greatestFeed_lph * NEAR_SHARE, pumpFlow_lph(stroke, HALF_STROKE));
  const off = (
    [
      [from_mA, atFrom_lph],
      [to_mA, atTo_lph],
    ] as const
  ).flatMap(([at_mA, wanted]) => {
    const gives = pumpFlow_lph(stroke, responseAt(map, watch, limits, at_mA).rate_spm);
    return Math.abs(gives - wanted) > near + 1e-9 ? [{ at_mA, wanted, gives }] : [];
  });
  if (off.length === 0) return [];
  const worst = off.reduce((a, b) => (Math.abs(b.gives - b.wanted) > Math.abs(a.gives - a.wanted) ? b : a));
  const values = {
    at: fig('current', worst.at_mA),
    gives: fig('pumpFlow', worst.gives),
    wanted: fig('pumpFlow', worst.wanted),
    side: worst.gives > worst.wanted ? 'too much' : 'too little',
  };
  return [
    finding(
      'MET-08.line',
      subject,
      values,
      addressesOf(context, 'signal.x1', 'signal.y1', 'signal.x2', 'signal.y2', 'stroke.length'),
    ),
  ];
}

function asOneFigure(input: CheckInput): Finding[] {
  const { context, subject, settings } = input;
  const wanted = context.duty.feed_lph;
  const gives = wanted === undefined ? null : meanFeed_lph(context, settings);
  if (wanted === undefined || gives === null) return [];
  const step = settings.mode === 'manual' ? pumpFlow_lph(strokeOf(input), HALF_STROKE) : 0;
  if (Math.abs(gives - wanted) <= Math.max(wanted * NEAR_SHARE, step) + 1e-9) return [];
  const values = {
    gives: fig('pumpFlow', gives),
    wanted: fig('pumpFlow', wanted),
    side: gives > wanted ? 'too much' : 'too little',
  };
  return [
    finding(
      'MET-08.feed',
      subject,
      values,
      addressesOf(context, 'rate.manual', 'timer.every', 'timer.run', 'stroke.length'),
    ),
  ];
}
