import type { HandoverSetting, HandoverSummary } from '../../visit';

type Line = NonNullable<HandoverSummary['changed']>[number];

/** Parts of one place (`Program 3: start`, `Program 3: stop`) are one line: a program is read as a whole. */
const placeOf = ({ label }: HandoverSetting) => (label.includes(': ') ? label.split(': ')[0] : null);

/** What was changed on the visit, a line each, with units: the first thing that a customer asks. */
export function changedLines(settings: readonly HandoverSetting[]): Line[] {
  const changed = settings.filter((setting) => setting.changed);
  const done = new Set<string>();
  return changed.flatMap((setting): Line[] => {
    const place = placeOf(setting);
    const parts = place === null ? [setting] : changed.filter((other) => placeOf(other) === place);
    if (place === null || parts.length === 1)
      return [
        { what: setting.label, from: shown(setting, 'found'), to: shown(setting, 'left') ?? 'unknown' },
      ];
    if (done.has(place)) return [];
    done.add(place);
    const all = (column: 'found' | 'left') =>
      parts
        .map((part) => `${part.label.slice(place.length + 2)} ${shown(part, column) ?? 'unknown'}`)
        .join(', ');
    return [{ what: place, from: all('found'), to: all('left') }];
  });
}

function shown({ unit, ...setting }: HandoverSetting, column: 'found' | 'left'): string | null {
  const value = setting[column];
  if (value === null) return null;
  return unit && unit !== '-' && /^-?\d/.test(value) ? `${value} ${unit}` : value;
}

/** How many of the proofs that were offered were tried, and what was not; null where none was offered. */
export function offeredLine({ proof, checks, notTried }: HandoverSummary): string | null {
  const standing = checks.filter((check) => !check.voided && !check.superseded).length;
  const tried = standing + (proof.points > 0 ? 1 : 0);
  if (tried + notTried.length === 0) return null;
  return notTried.length === 0
    ? `All ${tried} proofs that were offered were tried.`
    : `${tried} of ${tried + notTried.length} proofs offered were tried. Not tried: ${notTried.map(within).join('; ')}.`;
}

/** A title within a sentence. */
function within(title: string): string {
  return title.charAt(0).toLowerCase() + title.slice(1);
}
