import { familyOf, type RecordKind } from '../../families';
import { addressOf, applies, parameterAt, parameterWithRole, roleOfOption, rolesIn } from '../../profile';
import { keyOf } from '../../sheet';
import { isSmall, lastRecord } from '../../visit';
import { isMadeSafe } from '../safe';
import { rewrittenNext } from '../sheet/rewritten-next';
import { offeredChecks } from './offered-checks';
import type { JobView } from '../view';

/** Settings that are not recorded as found yet, and what else of the arrival nobody has written down. */
export function leftAsFound(view: JobView): number {
  const { document } = view;
  if (isSmall(document)) return leftOfSmall(view);
  const found = new Set(view.rows.filter((row) => row.found).map(({ address }) => address));
  const settings = view.parameters.filter(
    (parameter) =>
      !parameter.fixed && !found.has(addressOf(parameter)) && applies(parameter, view.values.found),
  );
  const family = familyOf(view.family);
  const records: RecordKind[] = [
    'make-safe',
    'identify',
    family.arrival.readings.record,
    ...(document.profile.behaviours.hasClock ? (['clock'] as const) : []),
    'messages',
    ...(family.arrival.first === null ? [] : [family.arrival.first.kind]),
  ];
  const written = (kind: RecordKind) =>
    kind === 'make-safe' ? isMadeSafe(document) : lastRecord(document, kind) !== null;
  return settings.length + records.filter((kind) => !written(kind)).length;
}

/** In a job of a few settings: those that nobody has read yet, with what their change puts back, made safe and the plate. */
function leftOfSmall({ document, profile, rows }: JobView): number {
  const rewritten = rewrittenNext(profile, rows);
  const unread = rows.filter(
    ({ found, chosen, address }) => !found && (chosen !== undefined || rewritten.has(keyOf(address))),
  );
  return unread.length + (isMadeSafe(document) ? 0 : 1) + (lastRecord(document, 'identify') ? 0 : 1);
}

/** Signal points that nothing proves as things stand now, and checks that are offered and were not tried, or are void. */
export function leftToProve(view: JobView): number {
  const tried = new Set(view.checks.filter(({ voided }) => !voided).map(({ check }) => check.key));
  const checks = offeredChecks(view).filter(({ key }) => !tried.has(key));
  const points = pointsAsked(view);
  const automatic = lastRecord(view.document, 'automatic') ? 0 : 1;
  return points.length + checks.length + automatic;
}

/** Signal points that nothing proves; in a job of a few settings where one of them belongs to the mode that is set. */
export function pointsAsked(view: JobView): readonly string[] {
  const family = familyOf(view.family);
  const points = family.proof.pointsLeft(view);
  if (points.length === 0 || !isSmall(view.document)) return points;
  const { profile, values, rows } = view;
  const mode = parameterWithRole(profile, family.modeRole ?? 'mode');
  const option = mode ? roleOfOption(mode, values.planned[mode.key], mode.role) : undefined;
  const roles = new Set(option ? family.rolesOfMode(option) : []);
  const touched = rows.some(({ chosen, address }) => {
    const parameter = chosen && parameterAt(profile, address);
    return parameter && rolesIn(parameter).some((role) => roles.has(role));
  });
  return touched ? points : [];
}
