import {
  fullRate,
  pumpFlow_lph,
  strokeVolume_mL,
  STROKE_LENGTH_GREATEST_PCT,
  type FullRateAnswer,
} from '../../../dosing';
import { parameterWithRole, roleOfOption, type SettingValue, type SettingValues } from '../../../profile';
import { fig } from '../../../units';
import { needed_lph } from '../effect/dose';
import { currentSignal } from '../wire/duty';
import { demandLine, statesLine, type SignalSource } from '../wire/signal-source';
import type { Draft } from './draft';
import { fastestToTry_spm, takeGear } from './gear';
import { chooseLength, outsideWith, setLength } from './length';
import { rateToSetting } from '../settings/rates';
import type { Reason } from '../texts/reasons';
import { RATE_ROLES, type MeteringRole } from '../settings/roles';

type Points = Exclude<FullRateAnswer, { kind: 'too-small' }>;

/** Free set points: by the transmitter's span where the pump can, else ending at the greatest flow. */
export function planFreePoints(draft: Draft): void {
  const { context } = draft;
  const { duty } = context;
  const signal = currentSignal(duty);
  const span_m3h = signal.source === 'flow' ? signal.span_m3h : duty.water.greatest_m3h;
  const atSpan = needed_lph(context, span_m3h);
  const atGreatest = needed_lph(context, duty.water.greatest_m3h);
  const full = duty.strokeVolume.full_mL;
  const answerAt = (length_pct: number, greatest_spm: number): FullRateAnswer =>
    fullRate({
      low_mA: signal.low_mA,
      span_m3h,
      greatest_m3h: duty.water.greatest_m3h,
      neededAtSpan_lph: atSpan,
      neededAtGreatest_lph: atGreatest,
      stroke_mL: strokeVolume_mL(full, length_pct),
      greatest_spm,
    });
  const rateAtSpan = atSpan / (0.06 * full);
  // the gear for the whole span, else the one that reaches the greatest flow at least
  const geared = takeGear(draft, rateAtSpan) ?? takeGear(draft, atGreatest / (0.06 * full));
  if (geared === null) {
    draft.tooSmall(atGreatest, fastestToTry_spm(draft));
    return;
  }
  const longest = answerAt(STROKE_LENGTH_GREATEST_PCT, geared);
  const length = chooseLength(draft, (candidate) => {
    const answer = answerAt(candidate, geared);
    // a length that reaches the span is better than one that has to end the line early
    if (answer.kind === 'too-small' || (longest.kind === 'at-span' && answer.kind !== 'at-span')) return null;
    return pointValues(draft, answer);
  });
  const answer = answerAt(length.length_pct, geared) as Points;
  setLength(draft, length.length_pct, length.reason);
  planPoints(draft, steadied(draft, answer, geared), strokeVolume_mL(full, length.length_pct));
  planLimits(draft);
}

/** The two points of a controller's demand, with the rate of its greatest feed. */
function demandPoints(signal: Extract<SignalSource, { source: 'controller' }>, rate_spm: number) {
  const { from_mA, to_mA, atFrom_lph, atTo_lph } = demandLine(signal);
  const each = rate_spm / signal.greatestFeed_lph;
  return { x1_mA: from_mA, y1_spm: atFrom_lph * each, x2_mA: to_mA, y2_spm: atTo_lph * each };
}

/** The four point values an answer means on this controller, for trying it out. */
function pointValues(draft: Draft, answer: Points): SettingValues {
  const { profile, duty } = draft.context;
  const signal = currentSignal(duty);
  const demand = signal.source === 'controller' ? demandPoints(signal, answer.rate_spm) : null;
  const wanted: [MeteringRole, number][] = [
    ['signal.x1', demand?.x1_mA ?? signal.low_mA],
    ['signal.y1', demand?.y1_spm ?? 0],
    ['signal.x2', demand?.x2_mA ?? answer.x2_mA],
    ['signal.y2', demand?.y2_spm ?? answer.rate_spm],
  ];
  const values: Record<string, SettingValue> = {};
  for (const [role, value] of wanted) {
    const parameter = parameterWithRole(profile, role);
    if (!parameter) continue;
    const shown = RATE_ROLES.includes(role)
      ? rateToSetting(profile, parameter, value, draft.values())
      : value;
    values[parameter.key] = draft.taken(parameter, shown);
  }
  return values;
}

/**
 * The points with a rate that the controller can take exactly, where rounding it moved the dose out of its band: the current of
 * the upper point moves along the line instead, as far as the greatest flow lets it.
 */
function steadied(draft: Draft, answer: Points, geared_spm: number): Points {
  const { duty } = draft.context;
  const signal = currentSignal(duty);
  const outside = (points: Points) => outsideWith(draft, pointValues(draft, points));
  let best = answer;
  let least = outside(answer);
  if (least === 0 || signal.source !== 'flow') return answer;
  const { low_mA } = signal;
  const atGreatest_mA = low_mA + ((20 - low_mA) * duty.water.greatest_m3h) / signal.span_m3h;
  const perCurrent = answer.rate_spm / (answer.x2_mA - low_mA);
  const whole = Math.floor(answer.rate_spm);
  for (const rate_spm of [whole + 1, whole, whole - 1, whole - 2]) {
    if (rate_spm < 1 || rate_spm > geared_spm) continue;
    const x2_mA = low_mA + rate_spm / perCurrent;
    const bent = Math.min(20, Math.max(x2_mA, atGreatest_mA));
    const candidate: Points =
      bent >= 20 - 1e-9
        ? { kind: 'at-span', x2_mA: 20, rate_spm }
        : { kind: 'second-point', x2_mA: bent, rate_spm };
    const there = outside(candidate);
    if (there < least - 1e-9) {
      best = candidate;
      least = there;
    }
  }
  return best;
}

function planPoints(draft: Draft, answer: Points, stroke_mL: number): void {
  const { duty } = draft.context;
  const signal = currentSignal(duty);
  const flow = fig('pumpFlow', pumpFlow_lph(stroke_mL, answer.rate_spm));
  const stroke = fig('strokeVolume', stroke_mL);
  if (signal.source === 'controller') {
    const falling = signal.action === 'falling';
    const { x1_mA, y1_spm, x2_mA, y2_spm } = demandPoints(signal, answer.rate_spm);
    const stated = statesLine(signal);
    const lowest = fig('pumpFlow', pumpFlow_lph(stroke_mL, Math.min(y1_spm, y2_spm)));
    const least: Reason = stated
      ? { text: 'y.low', values: { flow: lowest, stroke } }
      : { text: 'y.none', values: {} };
    const most: Reason = { text: 'y.feed', values: { flow, stroke } };
    const at: Reason = { text: stated ? 'x.stated' : 'x.controller', values: {} };
    // a line that stops below its first point must not stop where most is asked for
    const edge = falling && stopsBelow(draft) ? EDGE_mA : 0;
    draft.set('signal.x1', x1_mA - edge, edge ? { text: 'x1.edge', values: {} } : at);
    draft.set('signal.y1', y1_spm, falling ? most : least);
    draft.set('signal.x2', x2_mA, at);
    draft.set('signal.y2', y2_spm, falling ? least : most);
    return;
  }
  const span = fig('waterFlow', signal.span_m3h);
  const end_m3h = ((answer.x2_mA - signal.low_mA) / (20 - signal.low_mA)) * signal.span_m3h;
  const water = fig('waterFlow', answer.kind === 'at-span' ? signal.span_m3h : end_m3h);
  draft.set('signal.x1', signal.low_mA, { text: 'x1.zero', values: {} });
  draft.set('signal.y1', 0, { text: 'y1.zero', values: {} });
  const early = answer.kind === 'second-point';
  const exact = early && end_m3h > duty.water.greatest_m3h * (1 + 1e-6);
  draft.set('signal.x2', answer.x2_mA, {
    text: exact ? 'x2.whole' : early ? 'x2.greatest' : 'x2.span',
    values: early ? { span, water } : { span },
  });
  draft.set('signal.y2', answer.rate_spm, {
    text: early ? 'y2.greatest' : 'y2.span',
    values: early ? { flow, water, stroke } : { flow, span, stroke },
  });
}

/** Room under the low end of a falling line that stops below its first point: as far as a live-zero loop still measures. */
const EDGE_mA = 0.2;

function stopsBelow(draft: Draft): boolean {
  const { profile } = draft.context;
  if (profile.behaviours.below !== 'set') return profile.behaviours.below === 'stop';
  const parameter = parameterWithRole(profile, 'signal.below');
  return (
    !!parameter && roleOfOption(parameter, draft.values()[parameter.key], 'signal.below') === 'below.stop'
  );
}

function planLimits(draft: Draft): void {
  const { points } = draft.settings();
  openLimits(draft, Math.max(points.y1_spm ?? 0, points.y2_spm ?? 0));
}

/** Limits that are set and would cut the plan short are opened; others are left as they are. */
export function openLimits(draft: Draft, most: number): void {
  const settings = draft.settings();
  if (draft.has('rate.greatest') && (settings.setGreatest_spm === null || settings.setGreatest_spm < most)) {
    draft.set('rate.greatest', settings.geared_spm, {
      text: 'rate.greatest',
      values: { rate: fig('strokeRate', most) },
    });
  }
  if (draft.has('rate.least') && (settings.setLeast_spm ?? 0) > 0) {
    draft.set('rate.least', 0, { text: 'rate.least', values: {} });
  }
}
