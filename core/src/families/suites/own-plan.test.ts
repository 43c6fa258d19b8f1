import { readIn, parameterAt, stepIn, type SettingValues } from '../../profile';
import type { Claim, Claims } from './claims.fixtures';
import { FAMILY_NAMES, familyOf } from '../index';
import { plannedDuties, type Planned } from './own-duties.fixtures';
import { faultKey, faultsIn, MOST_JUDGED, movesFor } from '../parts/repair';

/**
 * Over every shipped controller and its neighbours (other units, coarser steps, tighter limits, a meaning that it lacks): a plan never
 * faults itself, and its reasons are true of what is set. `DUTIES=20000` tries so many for each family.
 */
const DUTIES = Number(process.env.DUTIES ?? 200);

/** A cure of a fault that the planner left: one setting that the finding names, moved by at most three steps. */
function cureOf({ sample: { profile }, duty, context, plan }: Planned): string | undefined {
  const family = familyOf(profile.family);
  const judge = (values: SettingValues) => family.check(context, 'target', values);
  const all = judge(plan.values);
  const known = new Set(all.map(faultKey));
  const moves = faultsIn(all)
    .flatMap((fault) =>
      movesFor({ profile, held: family.held(duty) }, fault, plan.values).map((move) => ({ ...move, fault })),
    )
    .slice(0, MOST_JUDGED);
  const cure = moves.find(({ parameter, value, fault }) =>
    judge({ ...plan.values, [parameter.key]: value }).every(
      (one) => known.has(faultKey(one)) && faultKey(one) !== faultKey(fault),
    ),
  );
  return (
    cure &&
    `${cure.fault.text}: ${cure.parameter.key} ${String(plan.values[cure.parameter.key])} → ${String(cure.value)}`
  );
}

/** Reasons whose claim is not true of what is set. */
function untrueOf(claims: Claims<string, unknown, unknown>, { sample, context, plan }: Planned): string[] {
  const { profile } = sample;
  const { quantities } = familyOf(profile.family);
  return plan.targets.flatMap(({ address, role, value, reason }) => {
    const claim = (claims as Record<string, Claim<unknown, unknown> | null | undefined>)[reason.text];
    const parameter = parameterAt(profile, address)!;
    const q = quantities[role];
    const set = q ? (readIn(parameter, q, value) ?? NaN) : typeof value === 'number' ? value : NaN;
    const given = (name: string) => {
      const figure = reason.values[name];
      if (typeof figure !== 'object') throw new Error(`“${reason.text}” has no figure ${name}.`);
      return figure.v;
    };
    const said = (name: string) => String(reason.values[name]);
    const step = (q ? stepIn(parameter, q) : parameter.step) ?? 0;
    const holds = claim?.({ set, value, role, step, context, settings: plan.settings, given, said }) ?? true;
    return holds ? [] : [`${reason.text} at ${role} ${String(value)}: ${JSON.stringify(reason.values)}`];
  });
}

test.each(FAMILY_NAMES)('%s', (name) => {
  const { CLAIMS } = jest.requireActual<{ CLAIMS: Claims<string, unknown, unknown> }>(
    `../${name}/texts/claims.fixtures`,
  );
  const cures: string[] = [];
  const untrue: string[] = [];
  let plans = 0;
  for (const planned of plannedDuties(name, DUTIES)) {
    plans += 1;
    const where = `${planned.sample.profile.id}, ${planned.how}: `;
    const cure = cureOf(planned);
    if (cure) cures.push(where + cure);
    untrue.push(...untrueOf(CLAIMS, planned).map((words) => where + words));
  }
  if (process.env.DUTIES) console.info(name, { plans, curable: cures.length, untrue: untrue.length });
  expect(plans).toBeGreaterThan(DUTIES / 2);
  expect({ cures, untrue }).toEqual({ cures: [], untrue: [] });
});
