import { familyOf, type RecordKind } from '../../families';
import { addressOf, applies } from '../../profile';
import { lastRecord } from '../../visit';
import { isMadeSafe } from '../safe';
import { offeredChecks } from './offered-checks';
import type { JobView } from '../view';

/** Settings that are not recorded as found yet, and what else of the arrival nobody has written down. */
export function leftAsFound(view: JobView): number {
  const { document } = view;
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

/** Signal points that nothing proves as things stand now, and checks that are offered and were not tried, or are void. */
export function leftToProve(view: JobView): number {
  const tried = new Set(view.checks.filter(({ voided }) => !voided).map(({ check }) => check.key));
  const checks = offeredChecks(view).filter(({ key }) => !tried.has(key));
  const automatic = lastRecord(view.document, 'automatic') ? 0 : 1;
  return familyOf(view.family).proof.pointsLeft(view).length + checks.length + automatic;
}
