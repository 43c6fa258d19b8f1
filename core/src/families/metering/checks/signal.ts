import { THRESHOLDS, type Finding } from '../../../findings';
import { inOrder, isFalling, rangeMismatch, type TwoPointMap } from '../../../signal';
import { responseAt } from '../../../strokes';
import { pumpFlow_lph, strokeVolume_mL } from '../../../dosing';
import { fig } from '../../../units';
import { addressesOf } from '../settings/address';
import type { CheckInput } from './input';
import { currentSignal } from '../wire/duty';
import { statesLine } from '../wire/signal-source';
import { finding } from '../texts/finding';
import { LOOP_ERROR_mA } from '../proof/readings';
import { readLow_mA, type MeteringSettings } from '../settings/understand';

/** MET-07 the two points, MET-01 the range, MET-06 live zero and broken wire. Only in analog mode. */
export function checkSignal(input: CheckInput): Finding[] {
  // what comes from a meter is no current: nothing to hold a range against
  if (input.settings.mode !== 'analog' || input.context.duty.signal.source === 'meter') return [];
  const points = pointsFindings(input);
  return [...points, ...(points.length === 0 ? mismatch(input) : []), ...wire(input)];
}

function pointsFindings({ context, subject, settings }: CheckInput): Finding[] {
  const { x1_mA, y1_spm, x2_mA, y2_spm } = settings.points;
  if (x1_mA === null || x2_mA === null || y1_spm === null || y2_spm === null) return [];
  const addresses = addressesOf(context, 'signal.range', 'signal.x1', 'signal.y1', 'signal.x2', 'signal.y2');
  const x1 = fig('current', x1_mA);
  const x2 = fig('current', x2_mA);
  const apart = Math.abs(x2_mA - x1_mA);
  if (apart === 0) return [finding('MET-07.equal', subject, { x1 }, addresses)];
  if (apart < THRESHOLDS.pointsApart_mA) {
    const values = { apart: fig('current', apart), x1, x2, limit: fig('current', THRESHOLDS.pointsApart_mA) };
    return [finding('MET-07.close', subject, values, addresses)];
  }
  const { signal } = context.duty;
  const wantsFalling = signal.source === 'controller' && signal.action === 'falling';
  const falls = x1_mA < x2_mA ? y1_spm > y2_spm : y2_spm > y1_spm;
  if (context.duty.mode === 'analog' && y1_spm !== y2_spm && falls !== wantsFalling) {
    const values = { x1, x2, y1: fig('strokeRate', y1_spm), y2: fig('strokeRate', y2_spm) };
    return [finding('MET-07.swapped', subject, values, addresses)];
  }
  return [];
}

function mismatch({ context, subject, settings }: CheckInput): Finding[] {
  const { duty } = context;
  const signal = currentSignal(duty);
  // a line that the site states is held against its own two points
  if (signal.source === 'controller' && statesLine(signal)) return [];
  const read = readLow_mA(settings);
  if (read === null || !settings.map || isFalling(settings.map)) return [];
  const figures = rangeMismatch(signal.low_mA, read);
  if (!figures) return [];
  const addresses = addressesOf(context, 'signal.range', 'signal.x1');
  if (signal.low_mA === 0) {
    const span = signal.source === 'flow' ? signal.span_m3h : duty.water.greatest_m3h;
    return [
      finding(
        'MET-01.dead-read-live',
        subject,
        { water: fig('waterFlow', figures.stoppedUpTo * span) },
        addresses,
      ),
    ];
  }
  const { rate_spm } = responseAt(settings.map, settings.watch, settings.limits, 4);
  const stroke = strokeVolume_mL(duty.strokeVolume.full_mL, settings.length_pct ?? 100);
  return [
    finding(
      'MET-01.live-read-dead',
      subject,
      {
        share: fig('percent', figures.atZeroFlow * 100),
        rate: fig('strokeRate', rate_spm),
        flow: fig('pumpFlow', pumpFlow_lph(stroke, rate_spm)),
      },
      addresses,
    ),
  ];
}

function wire({ context, subject, settings }: CheckInput): Finding[] {
  const { duty, profile } = context;
  const { map, watch, limits } = settings;
  if (!map) return [];
  const address = addressesOf(context, 'signal.below', 'signal.broken-wire');
  const atBroken = responseAt(map, watch, limits, 0).rate_spm;
  if (isFalling(map) && atBroken > 0) {
    const stroke = strokeVolume_mL(duty.strokeVolume.full_mL, settings.length_pct ?? 100);
    const values = {
      rate: fig('strokeRate', atBroken),
      flow: fig('pumpFlow', pumpFlow_lph(stroke, atBroken)),
    };
    return [finding('MET-06.falling-hold', subject, values, address)];
  }
  const edge = fallingEdge({ map, watch, limits });
  if (edge) {
    return [
      finding(
        'MET-06.falling-edge',
        subject,
        {
          x1: fig('current', edge.x1_mA),
          rate: fig('strokeRate', edge.rate_spm),
          loop: fig('current', LOOP_ERROR_mA),
        },
        [...address, ...addressesOf(context, 'signal.x1')],
      ),
    ];
  }
  if (currentSignal(duty).low_mA === 0) return [finding('MET-06.dead-zero', subject, {}, address)];
  if (!watch && profile.behaviours.brokenWire?.reaction === 'set') {
    return [finding('MET-06.unwatched', subject, {}, address)];
  }
  return [];
}

/** A falling line that stops just under the current at which its signal asks for most; null where it does not. */
function fallingEdge({
  map,
  watch,
  limits,
}: Pick<MeteringSettings, 'watch' | 'limits'> & { readonly map: TwoPointMap }) {
  if (!isFalling(map)) return null;
  const { x1_mA } = inOrder(map);
  // only where the signal's own low end meets the point
  const meets = Math.min(Math.abs(x1_mA - 4), Math.abs(x1_mA)) <= LOOP_ERROR_mA;
  const at = (x_mA: number) => responseAt(map, watch, limits, x_mA).rate_spm;
  if (!meets || x1_mA < LOOP_ERROR_mA || at(x1_mA) === 0 || at(x1_mA - LOOP_ERROR_mA) > 0) return null;
  return { x1_mA, rate_spm: at(x1_mA) };
}
