import {
  capacityMargin,
  LENGTH_WISH,
  STROKE_LENGTH_GREATEST_PCT,
  STROKE_LENGTH_LEAST_PCT,
} from '../../../dosing';
import { parameterWithRole, type SettingValues } from '../../../profile';
import { THRESHOLDS } from '../../../findings';
import { capacity_lph, mostAsked, outsideBand } from '../effect/dose';
import type { Draft } from './draft';
import type { Reason } from '../texts/reasons';
import { understand } from '../settings/understand';

/** Lengths whose dose is this near to one another in their worst are alike: then the school decides. */
const ALIKE = 1e-9;

/** Stroke lengths that the knob can be set to within the working range. */
export function workingLengths(draft: Draft): number[] {
  if (!draft.has('stroke.length')) return [STROKE_LENGTH_GREATEST_PCT];
  const step = draft.stepOf('stroke.length');
  const lengths: number[] = [];
  for (let i = 0; STROKE_LENGTH_LEAST_PCT + i * step <= STROKE_LENGTH_GREATEST_PCT + 1e-9; i++) {
    lengths.push(Number((STROKE_LENGTH_LEAST_PCT + i * step).toPrecision(12)));
  }
  return lengths;
}

/** How far the dose leaves its band with some settings on top of the plan so far; 0 inside it, or where no dose can be told. */
export function outsideWith(draft: Draft, values: SettingValues): number {
  const { context } = draft;
  const settings = understand(context.profile, context.plate, { ...draft.values(), ...values });
  return outsideBand(context, settings) ?? 0;
}

/** True where the pump has the capacity to spare that is wanted of it. */
function hasSpare(draft: Draft, values: SettingValues): boolean {
  const { context } = draft;
  const { flow_lph, water_m3h } = mostAsked(context);
  const capacity = capacity_lph(
    context,
    understand(context.profile, context.plate, { ...draft.values(), ...values }),
  );
  if (capacity === null || water_m3h === null || context.duty.signal.source !== 'flow') return true;
  return capacityMargin(capacity, flow_lph) >= THRESHOLDS.capacityMargin - 1e-9;
}

/**
 * The stroke length where the controller leaves it free. Every length that works is tried, whole strokes counted: of those
 * that keep the dose in its band (or leave it least) the one that was measured at wins, then the school's choice.
 */
export function chooseLength(
  draft: Draft,
  tryOut: (length_pct: number) => SettingValues | null,
  wrongBy?: (values: SettingValues, length_pct: number) => number,
): { length_pct: number; reason: Reason } {
  const { strokeVolume, choices } = draft.context.duty;
  if (!draft.has('stroke.length')) {
    return { length_pct: STROKE_LENGTH_GREATEST_PCT, reason: { text: 'length.middle', values: {} } };
  }
  const measured = strokeVolume.basis === 'measured' ? strokeVolume.atLength_pct : undefined;
  const lengthKey = parameterWithRole(draft.context.profile, 'stroke.length')?.key ?? '';
  const lengths = workingLengths(draft);
  if (measured !== undefined && !lengths.includes(measured)) lengths.push(measured);
  const works = lengths.flatMap((length) => {
    const values = tryOut(length);
    if (!values) return [];
    const outside = wrongBy
      ? wrongBy(values, length)
      : outsideWith(draft, { ...values, [lengthKey]: length });
    return [{ length, outside, values }];
  });
  const least = Math.min(...works.map((work) => work.outside));
  const good = works.filter((work) => work.outside <= least + ALIKE);
  if (good.some((work) => work.length === measured)) {
    return { length_pct: measured!, reason: { text: 'length.measured', values: {} } };
  }
  const wish = LENGTH_WISH[choices.stroke];
  const roomy = good.filter(({ length, values }) => hasSpare(draft, { ...values, [lengthKey]: length }));
  const best = (roomy.length > 0 ? roomy : good).sort((a, b) => wish(a.length) - wish(b.length))[0];
  return {
    length_pct: best?.length ?? STROKE_LENGTH_GREATEST_PCT,
    reason: { text: `length.${choices.stroke}`, values: {} },
  };
}

/** Sets a stroke length, on a pump that has one to set. */
export function setLength(draft: Draft, length_pct: number, reason: Reason): void {
  if (draft.has('stroke.length')) draft.set('stroke.length', length_pct, reason);
}
