import type { Gear } from '../../../dosing';
import { addressOf, parameterWithRole, type SettingValues } from '../../../profile';
import type { Draft } from './draft';
import { gearsOf, type MeteringPlate } from '../wire/plate';
import type { MeteringProfile } from '../wire/job';

/** The gear that the sheet or else the plate names; null where neither does, or on a pump of one gear alone. */
export function namedGear(
  profile: MeteringProfile,
  plate: MeteringPlate,
  values: SettingValues,
): string | null {
  const gears = gearsOf(profile);
  if (gears.length === 1) return gears[0].name;
  const parameter = parameterWithRole(profile, 'gear');
  const named = (parameter ? values[parameter.key] : undefined) ?? plate.gear;
  return gears.some(({ name }) => name === named) ? String(named) : null;
}

/** Gears in the order in which a plan tries them: what is fitted needs no work on the machine, and stays where a person says so; else the slowest first. */
export function gearsToTry(draft: Draft): Gear[] {
  const { profile, plate, duty } = draft.context;
  const fitted = namedGear(profile, plate, draft.values());
  const kept = duty.choices.gear === 'fitted' && fitted !== null;
  const gears = gearsOf(profile).filter(({ name }) => !kept || name === fitted);
  return gears.sort(
    (a, b) => Number(b.name === fitted) - Number(a.name === fitted) || a.greatest_spm - b.greatest_spm,
  );
}

/** The greatest rate of the gears that a plan may take, strokes/min. */
export function fastestToTry_spm(draft: Draft): number {
  return Math.max(...gearsToTry(draft).map(({ greatest_spm }) => greatest_spm));
}

/** Puts a gear into the plan, on a pump that has several. */
export function setGear(draft: Draft, gear: Gear): void {
  const { profile, plate } = draft.context;
  if (gearsOf(profile).length === 1) return;
  const parameter = parameterWithRole(profile, 'gear');
  if (!parameter) {
    draft.problems.push({ kind: 'missing-role', role: 'gear' });
    return;
  }
  const fitted = namedGear(profile, plate, draft.values());
  draft.targets.push({
    address: addressOf(parameter),
    key: parameter.key,
    role: 'gear',
    value: gear.name,
    reason:
      gear.name === fitted
        ? { text: draft.context.duty.choices.gear === 'fitted' ? 'gear.kept' : 'gear.fitted', values: {} }
        : { text: fitted === null ? 'gear.unread' : 'gear.change', values: { gear: gear.name } },
  });
}

/**
 * The first gear in order of trial whose greatest rate, less what slow suction takes, reaches a rate; null where none does.
 * A plan in which the gear that stays matters puts it in.
 */
export function gearReaching(draft: Draft, rate_spm: number): Gear | null {
  const share = draft.settings().suctionShare;
  return gearsToTry(draft).find((gear) => gear.greatest_spm * share >= rate_spm * (1 - 1e-9)) ?? null;
}

/** Takes the gear that reaches a rate into the plan, unless the fitted one does. Answers its greatest rate as it can be used. */
export function takeGear(draft: Draft, rate_spm: number): number | null {
  const gear = gearReaching(draft, rate_spm);
  if (!gear) return null;
  const { profile, plate } = draft.context;
  if (gear.name !== namedGear(profile, plate, draft.values())) setGear(draft, gear);
  return gear.greatest_spm * draft.settings().suctionShare;
}
