import { LENGTH_WISH, STROKE_LENGTH_GREATEST_PCT, STROKE_LENGTH_LEAST_PCT } from '../../dosing';
import { parameterWithRole, type SettingValues } from '../../profile';
import { dosePicture } from './dose';
import type { Draft } from './plan-draft';
import type { Reason } from './reasons';
import { understand } from './settings';

/**
 * The stroke length where the controller leaves it free: one that was measured at, if it works; else the school's
 * choice among those that keep the dose in its band (whole strokes counted), else among all that work.
 */
export function chooseLength(
  draft: Draft,
  tryOut: (length_pct: number) => SettingValues | null,
): { length_pct: number; reason: Reason } {
  const { context } = draft;
  const { strokeVolume, choices } = context.duty;
  if (!draft.has('stroke.length')) {
    return { length_pct: STROKE_LENGTH_GREATEST_PCT, reason: { text: 'length.middle', values: {} } };
  }
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
  const wish = LENGTH_WISH[choices.stroke];
  const best = works
    .filter((work) => work.breaches === fewest)
    .sort((a, b) => wish(a.length) - wish(b.length))[0];
  return {
    length_pct: best?.length ?? STROKE_LENGTH_GREATEST_PCT,
    reason: { text: `length.${choices.stroke}`, values: {} },
  };
}

/** Sets a stroke length, on a pump that has one to set. */
export function setLength(draft: Draft, length_pct: number, reason: Reason): void {
  if (draft.has('stroke.length')) draft.set('stroke.length', length_pct, reason);
}
