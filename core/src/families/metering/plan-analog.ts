import {
  fullRate,
  lengthsForFullRate,
  pumpFlow_lph,
  strokeVolume_mL,
  STROKE_LENGTH_GREATEST_PCT,
  STROKE_LENGTH_LEAST_PCT,
  type FullRateAnswer,
} from '../../dosing';
import { addressOf, parameterWithRole, type SettingValue, type SettingValues } from '../../profile';
import { fig } from '../../units';
import { needed_lph } from './dose';
import { currentSignal } from './duty';
import type { Draft } from './plan-draft';
import { chooseLength, setLength } from './plan-length';
import { gearsOf } from './pump';
import { rateToSetting } from './rates';
import type { Reason } from './reasons';
import { RATE_ROLES, type MeteringRole } from './roles';

/** Analog mode: range or points, full rate from the transmitter's span, and what a lost signal does. */
export function planAnalog(draft: Draft): void {
  const { kind } = draft.context.profile.behaviours.analog;
  if (kind === 'none') {
    draft.problems.push({ kind: 'no-mode', mode: 'analog' });
    return;
  }
  if (kind === 'plain') planPlainRange(draft);
  else planFreePoints(draft);
}

function planPlainRange(draft: Draft): void {
  const { context } = draft;
  const { duty, profile } = context;
  const signal = currentSignal(duty);
  const gears = gearsOf(profile);
  const fitted = draft.settings().gear;
  const atFull = signal.source === 'flow' ? signal.span_m3h : duty.water.greatest_m3h;
  const wanted = needed_lph(context, atFull);
  const [best] = lengthsForFullRate(
    gears,
    fitted,
    duty.strokeVolume.full_mL,
    wanted,
    draft.stepOf('stroke.length'),
  );
  if (best) {
    if (gears.length > 1) {
      const parameter = parameterWithRole(profile, 'gear');
      if (!parameter) draft.problems.push({ kind: 'missing-role', role: 'gear' });
      else {
        draft.targets.push({
          address: addressOf(parameter),
          key: parameter.key,
          role: 'gear',
          value: best.gear.name,
          reason:
            best.gear.name === fitted
              ? { text: 'gear.fitted', values: {} }
              : { text: 'gear.change', values: { gear: best.gear.name } },
        });
      }
    }
    const rate = fig('strokeRate', best.gear.greatest_spm);
    const flow = fig('pumpFlow', wanted);
    draft.set(
      'stroke.length',
      best.length_pct,
      signal.source === 'flow'
        ? {
            text: 'length.full-rate',
            values: {
              rate,
              flow,
              span: fig('waterFlow', atFull),
              dose: fig('dose', duty.dose.wanted_mgl),
              error: fig('percent', best.error * 100),
            },
          }
        : { text: 'length.feed', values: { rate, flow } },
    );
  } else noLengthFits(draft, wanted);
  planRange(draft);
  planBelowAndWire(draft);
}

/** No gear and length give full rate at the span: say whether a shorter span would do, or the pump is too small. */
function noLengthFits(draft: Draft, wanted: number): void {
  const { duty } = draft.context;
  const signal = currentSignal(duty);
  const fastest = Math.max(...gearsOf(draft.context.profile).map((gear) => gear.greatest_spm));
  const most = pumpFlow_lph(duty.strokeVolume.full_mL, fastest);
  if (wanted <= most) {
    // below 30 % in every gear: the pump is too large for a good stroke; its slowest gear at 30 % is the nearest
    draft.set('stroke.length', STROKE_LENGTH_LEAST_PCT, { text: 'length.even', values: {} });
    return;
  }
  const atGreatest = needed_lph(draft.context, duty.water.greatest_m3h);
  if (signal.source === 'flow' && atGreatest <= most) {
    draft.problems.push({ kind: 'change-span', span_m3h: (signal.span_m3h * most) / wanted });
  } else draft.tooSmall(atGreatest, fastest);
}

function planRange(draft: Draft): void {
  const signal = currentSignal(draft.context.duty);
  const live = signal.low_mA === 4;
  if (signal.source === 'controller' && signal.action === 'falling') {
    draft.choose('signal.range', live ? 'range.20-4' : 'range.20-0', { text: 'range.falling', values: {} });
    return;
  }
  draft.choose('signal.range', live ? 'range.4-20' : 'range.0-20', {
    text: live ? 'range.live' : 'range.dead',
    values: {},
  });
}

function planFreePoints(draft: Draft): void {
  const { context } = draft;
  const { duty } = context;
  const signal = currentSignal(duty);
  const atSpan = needed_lph(context, signal.source === 'flow' ? signal.span_m3h : duty.water.greatest_m3h);
  const atGreatest = needed_lph(context, duty.water.greatest_m3h);
  const geared = draft.settings().geared_spm;
  const full = duty.strokeVolume.full_mL;
  const answerAt = (length_pct: number): FullRateAnswer =>
    fullRate({
      low_mA: signal.low_mA,
      span_m3h: signal.source === 'flow' ? signal.span_m3h : duty.water.greatest_m3h,
      greatest_m3h: duty.water.greatest_m3h,
      neededAtSpan_lph: atSpan,
      neededAtGreatest_lph: atGreatest,
      stroke_mL: strokeVolume_mL(full, length_pct),
      greatest_spm: geared,
    });
  const longest = answerAt(STROKE_LENGTH_GREATEST_PCT);
  if (longest.kind === 'too-small') {
    draft.tooSmall(atGreatest, geared);
    planBelowAndWire(draft);
    return;
  }
  const length = chooseLength(draft, (candidate) => {
    const answer = answerAt(candidate);
    // a length that reaches the span is better than one that has to end the line early
    if (answer.kind === 'too-small' || (longest.kind === 'at-span' && answer.kind !== 'at-span')) return null;
    return pointValues(draft, answer);
  });
  const answer = answerAt(length.length_pct) as Exclude<FullRateAnswer, { kind: 'too-small' }>;
  setLength(draft, length.length_pct, length.reason);
  planPoints(draft, answer, strokeVolume_mL(full, length.length_pct));
  planLimits(draft);
  planBelowAndWire(draft);
}

/** The four point values a full-rate answer means on this controller, for trying a stroke length out. */
function pointValues(draft: Draft, answer: Exclude<FullRateAnswer, { kind: 'too-small' }>): SettingValues {
  const signal = currentSignal(draft.context.duty);
  const falling = signal.source === 'controller' && signal.action === 'falling';
  const wanted: [MeteringRole, number][] = [
    ['signal.x1', signal.low_mA],
    ['signal.y1', falling ? answer.rate_spm : 0],
    ['signal.x2', answer.x2_mA],
    ['signal.y2', falling ? 0 : answer.rate_spm],
  ];
  const values: Record<string, SettingValue> = {};
  for (const [role, value] of wanted) {
    const parameter = parameterWithRole(draft.context.profile, role);
    if (!parameter) continue;
    const { profile } = draft.context;
    const shown = RATE_ROLES.includes(role)
      ? rateToSetting(profile, parameter, value, draft.values())
      : value;
    values[parameter.key] = draft.taken(parameter, shown);
  }
  return values;
}

function planPoints(
  draft: Draft,
  answer: Exclude<FullRateAnswer, { kind: 'too-small' }>,
  stroke_mL: number,
): void {
  const { duty } = draft.context;
  const signal = currentSignal(duty);
  const flow = fig('pumpFlow', pumpFlow_lph(stroke_mL, answer.rate_spm));
  const stroke = fig('strokeVolume', stroke_mL);
  if (signal.source === 'controller') {
    const falling = signal.action === 'falling';
    const least: Reason = { text: 'y.none', values: {} };
    const most: Reason = { text: 'y.feed', values: { flow, stroke } };
    draft.set('signal.x1', signal.low_mA, { text: 'x.controller', values: {} });
    draft.set('signal.y1', falling ? answer.rate_spm : 0, falling ? most : least);
    draft.set('signal.x2', 20, { text: 'x.controller', values: {} });
    draft.set('signal.y2', falling ? 0 : answer.rate_spm, falling ? least : most);
    return;
  }
  const span = fig('waterFlow', signal.span_m3h);
  const water = fig('waterFlow', duty.water.greatest_m3h);
  draft.set('signal.x1', signal.low_mA, { text: 'x1.zero', values: {} });
  draft.set('signal.y1', 0, { text: 'y1.zero', values: {} });
  const early = answer.kind === 'second-point';
  draft.set('signal.x2', answer.x2_mA, {
    text: early ? 'x2.greatest' : 'x2.span',
    values: early ? { span, water } : { span },
  });
  draft.set('signal.y2', answer.rate_spm, {
    text: early ? 'y2.greatest' : 'y2.span',
    values: early ? { flow, water, stroke } : { flow, span, stroke },
  });
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

function planBelowAndWire(draft: Draft): void {
  const { duty, profile } = draft.context;
  const signal = currentSignal(duty);
  if (profile.behaviours.below === 'set') {
    const below = duty.choices.belowFirstPoint;
    draft.choose('signal.below', `below.${below}`, { text: `below.${below}`, values: {} });
  }
  if (profile.behaviours.brokenWire?.reaction === 'set') {
    if (signal.low_mA === 0) {
      draft.choose('signal.broken-wire', 'broken-wire.off', { text: 'wire.off', values: {} });
    } else {
      const lost = signal.source === 'controller' ? signal.onLostSignal : 'stop';
      draft.choose('signal.broken-wire', `broken-wire.${lost}`, { text: `wire.${lost}`, values: {} });
    }
  }
}
