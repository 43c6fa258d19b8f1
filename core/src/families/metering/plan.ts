import {
  fullRate,
  lengthsForFullRate,
  pumpFlow_lph,
  strokeRate_spm,
  strokeVolume_mL,
  STROKE_LENGTH_GREATEST_PCT,
  STROKE_LENGTH_LEAST_PCT,
  type FullRateAnswer,
} from '../../dosing';
import {
  addressOf,
  limitFor,
  optionWithRole,
  parameterWithRole,
  type Parameter,
  type SettingValue,
  type SettingValues,
} from '../../profile';
import { fig, roundToStep } from '../../units';
import type { MeteringContext } from './context';
import { dosePicture, needed_lph } from './dose';
import { gearsOf } from './pump';
import type { Reason } from './reasons';
import type { MeteringOptionRole, MeteringRole } from './roles';
import { understand, type MeteringSettings } from './settings';

export interface Target {
  readonly address: string;
  readonly key: string;
  readonly role: MeteringRole;
  readonly value: SettingValue;
  readonly reason: Reason;
}

export type PlanProblem =
  | { readonly kind: 'missing-role'; readonly role: MeteringRole | MeteringOptionRole }
  | { readonly kind: 'too-small'; readonly needed_lph: number; readonly capacity_lph: number }
  /** only a shorter transmitter span brings the full rate within the plain range's reach */
  | { readonly kind: 'change-span'; readonly span_m3h: number };

export interface MeteringPlan {
  readonly targets: readonly Target[];
  readonly problems: readonly PlanProblem[];
  /** targets over what is in force: what the controller will hold */
  readonly values: SettingValues;
  readonly settings: MeteringSettings;
}

/**
 * Target settings of a metering pump from its duty, each with its reason. The duty must have passed its schema.
 * What this controller has no parameter for, or this pump cannot give, comes back as a problem and not as a guess.
 */
export function planMetering(context: MeteringContext): MeteringPlan {
  const draft = new Draft(context);
  const { duty } = context;
  draft.choose('mode', `mode.${duty.mode}`, {
    text:
      duty.mode === 'manual'
        ? 'mode.manual'
        : duty.signal.source === 'flow'
          ? 'mode.analog'
          : 'mode.analog.controller',
    values: {},
  });
  if (duty.mode === 'manual') planManual(draft);
  else if (context.profile.behaviours.analog.kind === 'plain') planPlainRange(draft);
  else planFreePoints(draft);
  planAfterPowerCut(draft);
  return draft.finish();
}

/** Collects targets; knows what the profile has and rounds to what it takes. */
class Draft {
  readonly targets: Target[] = [];
  readonly problems: PlanProblem[] = [];

  constructor(readonly context: MeteringContext) {}

  values(): SettingValues {
    const planned = Object.fromEntries(this.targets.map((target) => [target.key, target.value]));
    return { ...this.context.inForce, ...planned };
  }

  settings(): MeteringSettings {
    return understand(this.context.profile, this.context.plate, this.values());
  }

  /** A figure, rounded to the parameter's step and kept within its limits. */
  set(role: MeteringRole, value: number, reason: Reason): void {
    const parameter = this.parameter(role);
    if (parameter) this.add(parameter, role, this.taken(parameter, value), reason);
  }

  /** An option by its role. */
  choose(role: MeteringRole, option: MeteringOptionRole, reason: Reason): void {
    const parameter = this.parameter(role);
    if (!parameter) return;
    const value = optionWithRole(parameter, option);
    if (value === undefined) this.problems.push({ kind: 'missing-role', role: option });
    else this.add(parameter, role, value, reason);
  }

  has(role: MeteringRole): boolean {
    return parameterWithRole(this.context.profile, role) !== undefined;
  }

  stepOf(role: MeteringRole): number {
    return parameterWithRole(this.context.profile, role)?.step ?? 1;
  }

  taken(parameter: Parameter, value: number): number {
    const values = this.values();
    const least = limitFor(parameter.least, values);
    const greatest = limitFor(parameter.greatest, values);
    const rounded = parameter.step ? roundToStep(value, parameter.step, least ?? 0) : value;
    return Math.min(greatest ?? Infinity, Math.max(least ?? -Infinity, rounded));
  }

  private parameter(role: MeteringRole): Parameter | undefined {
    const parameter = parameterWithRole(this.context.profile, role);
    if (!parameter) this.problems.push({ kind: 'missing-role', role });
    return parameter;
  }

  private add(parameter: Parameter, role: MeteringRole, value: SettingValue, reason: Reason): void {
    this.targets.push({ address: addressOf(parameter), key: parameter.key, role, value, reason });
  }

  finish(): MeteringPlan {
    const order = this.context.profile.groups.flatMap((group) =>
      this.context.profile.parameters.filter((p) => p.group === group.key).map((p) => p.key),
    );
    const targets = [...this.targets].sort((a, b) => order.indexOf(a.key) - order.indexOf(b.key));
    return { targets, problems: this.problems, values: this.values(), settings: this.settings() };
  }
}

function planManual(draft: Draft): void {
  const { duty } = draft.context;
  const wanted = needed_lph(draft.context, duty.water.usual_m3h);
  const found = draft.settings();
  const full = duty.strokeVolume.full_mL;
  const least = strokeRate_spm(wanted, strokeVolume_mL(full, STROKE_LENGTH_GREATEST_PCT));
  if (least > found.geared_spm) {
    tooSmall(draft, wanted, found.geared_spm);
    return;
  }
  const length = chooseLength(draft, (candidate) => {
    const rate = Math.round(strokeRate_spm(wanted, strokeVolume_mL(full, candidate)));
    return rate >= 1 && rate <= found.geared_spm ? {} : null;
  });
  const stroke = strokeVolume_mL(full, length.length_pct);
  draft.set('stroke.length', length.length_pct, length.reason);
  draft.set('rate.manual', strokeRate_spm(wanted, stroke), {
    text: 'rate.manual',
    values: {
      flow: fig('pumpFlow', wanted),
      water: fig('waterFlow', duty.water.usual_m3h),
      dose: fig('dose', duty.dose.wanted_mgl),
      stroke: fig('strokeVolume', stroke),
    },
  });
}

function planPlainRange(draft: Draft): void {
  const { context } = draft;
  const { duty, profile } = context;
  const gears = gearsOf(profile);
  const fitted = draft.settings().gear;
  const atFull = duty.signal.source === 'flow' ? duty.signal.span_m3h : duty.water.greatest_m3h;
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
      duty.signal.source === 'flow'
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
  const fastest = Math.max(...gearsOf(draft.context.profile).map((gear) => gear.greatest_spm));
  const most = pumpFlow_lph(duty.strokeVolume.full_mL, fastest);
  if (wanted <= most) {
    // below 30 % in every gear: the pump is too large for a good stroke; its slowest gear at 30 % is the nearest
    draft.set('stroke.length', STROKE_LENGTH_LEAST_PCT, { text: 'length.even', values: {} });
    return;
  }
  const atGreatest = needed_lph(draft.context, duty.water.greatest_m3h);
  if (duty.signal.source === 'flow' && atGreatest <= most) {
    draft.problems.push({ kind: 'change-span', span_m3h: (duty.signal.span_m3h * most) / wanted });
  } else tooSmall(draft, atGreatest, fastest);
}

function planRange(draft: Draft): void {
  const { signal } = draft.context.duty;
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
  const { signal } = duty;
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
    tooSmall(draft, atGreatest, geared);
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
  draft.set('stroke.length', length.length_pct, length.reason);
  planPoints(draft, answer, strokeVolume_mL(full, length.length_pct));
  planLimits(draft);
  planBelowAndWire(draft);
}

/** The four point values a full-rate answer means on this controller, for trying a stroke length out. */
function pointValues(draft: Draft, answer: Exclude<FullRateAnswer, { kind: 'too-small' }>): SettingValues {
  const { signal } = draft.context.duty;
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
    if (parameter) values[parameter.key] = draft.taken(parameter, value);
  }
  return values;
}

function planPoints(
  draft: Draft,
  answer: Exclude<FullRateAnswer, { kind: 'too-small' }>,
  stroke_mL: number,
): void {
  const { duty } = draft.context;
  const { signal } = duty;
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

/** Limits that are set and would cut the planned line short are opened; others are left as they are. */
function planLimits(draft: Draft): void {
  const settings = draft.settings();
  const most = Math.max(settings.points.y1_spm ?? 0, settings.points.y2_spm ?? 0);
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
  if (profile.behaviours.below === 'set') {
    const below = duty.choices.belowFirstPoint;
    draft.choose('signal.below', `below.${below}`, { text: `below.${below}`, values: {} });
  }
  if (profile.behaviours.brokenWire?.reaction === 'set') {
    if (duty.signal.low_mA === 0) {
      draft.choose('signal.broken-wire', 'broken-wire.off', { text: 'wire.off', values: {} });
    } else {
      const lost = duty.signal.source === 'controller' ? duty.signal.onLostSignal : 'stop';
      draft.choose('signal.broken-wire', `broken-wire.${lost}`, { text: `wire.${lost}`, values: {} });
    }
  }
}

function planAfterPowerCut(draft: Draft): void {
  if (draft.context.profile.behaviours.afterPowerCut !== 'set') return;
  const { choices, place } = draft.context.duty;
  const open = choices.afterPowerCut === 'resume' && !place.interlocked;
  draft.choose('power.after-cut', `after-cut.${choices.afterPowerCut}`, {
    text: open ? 'after-cut.resume.open' : `after-cut.${choices.afterPowerCut}`,
    values: {},
  });
}

/**
 * The stroke length where the controller leaves it free: one that was measured at, if it works; else the school's
 * choice among those that keep the dose in its band (whole strokes counted), else among all that work.
 */
function chooseLength(
  draft: Draft,
  tryOut: (length_pct: number) => SettingValues | null,
): { length_pct: number; reason: Reason } {
  const { context } = draft;
  const { strokeVolume, choices } = context.duty;
  const measured = strokeVolume.basis === 'measured' ? strokeVolume.atLength_pct : undefined;
  if (measured !== undefined && tryOut(measured)) {
    return { length_pct: measured, reason: { text: 'length.measured', values: {} } };
  }
  const lengthKey = parameterWithRole(context.profile, 'stroke.length')?.key ?? '';
  const step = draft.stepOf('stroke.length');
  const works: { length: number; breaches: number }[] = [];
  for (let length = STROKE_LENGTH_LEAST_PCT; length <= STROKE_LENGTH_GREATEST_PCT; length += step) {
    const values = tryOut(length);
    if (!values) continue;
    const settings = understand(context.profile, context.plate, {
      ...draft.values(),
      ...values,
      [lengthKey]: length,
    });
    works.push({ length, breaches: dosePicture(context, settings)?.breaches.length ?? 0 });
  }
  const fewest = Math.min(...works.map((work) => work.breaches));
  const distance: Record<typeof choices.stroke, (length: number) => number> = {
    long: (length) => -length,
    middle: (length) => Math.abs(length - 80),
    even: (length) => length,
  };
  const best = works
    .filter((work) => work.breaches === fewest)
    .sort((a, b) => distance[choices.stroke](a.length) - distance[choices.stroke](b.length))[0];
  return {
    length_pct: best?.length ?? STROKE_LENGTH_GREATEST_PCT,
    reason: { text: `length.${choices.stroke}`, values: {} },
  };
}

function tooSmall(draft: Draft, needed: number, greatest_spm: number): void {
  draft.problems.push({
    kind: 'too-small',
    needed_lph: needed,
    capacity_lph: pumpFlow_lph(draft.context.duty.strokeVolume.full_mL, greatest_spm),
  });
}
