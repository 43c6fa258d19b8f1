import fc from 'fast-check';
import { bareContext } from '../../job';
import { InputError } from '../../input';
import { faultOf, parameterAt, type SettingValues } from '../../profile';
import { fill } from '../../findings/render';
import { keyOf } from '../../sheet';
import { METRIC } from '../../units';
import { TODAY } from '../../job/testing/walk.fixtures';
import { familyOf, type Duty } from '../index';
import { at, changed, EVERY_SAMPLE, expectInWords, figuresOf, HOLE } from './odd.fixtures';

/**
 * Duties that nobody thought of: figures of a sound one made larger, smaller or nil, as far as its schema takes them. Whatever comes
 * of it is said in words at a field, or is a plan that the controller takes and a judgement without holes.
 */

const FACTORS = [0, 0.1, 0.5, 0.8, 1.25, 2, 3, 10, -1] as const;
const RUNS = 40;

/** What is computed, or the words of what could not be computed with; anything else that is thrown is a fault of ours. */
function attempt<T>(compute: () => T): T | null {
  try {
    return compute();
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    expect(error.field).not.toBe('');
    expect(error.message).toMatch(/^\p{Lu}.*[.:?]$/su);
    expect(error.message).not.toMatch(HOLE);
    return null;
  }
}

describe.each(EVERY_SAMPLE)('%s', (_, sample) => {
  const { profile, duty, plate, found } = sample;
  const family = familyOf(profile.family);
  const places = figuresOf(duty);
  const odd = fc
    .array(fc.tuple(fc.constantFrom(...places), fc.constantFrom(...FACTORS)), { minLength: 1, maxLength: 3 })
    .map((changes) =>
      changes.reduce<Duty>(
        (so, [path, factor]) => changed(so, path, (at(so, path) as number) * factor),
        duty,
      ),
    )
    .filter((one) => family.wire.duty.safeParse(one).success);

  test('plans what its controller takes, or says at which figure it cannot', () => {
    fc.assert(
      fc.property(odd, (one) => {
        const context = attempt(() =>
          bareContext({
            duty: one,
            profile,
            plate,
            today: TODAY,
            zone: 'Atlantic/Faroe',
            inForce: found as SettingValues,
          }),
        );
        const plan = context && attempt(() => family.plan(context));
        if (!context || !plan) return;
        const values: SettingValues = {
          ...found,
          ...Object.fromEntries(plan.targets.map(({ address, value }) => [keyOf(address), value])),
        };
        for (const { address, value, reason } of plan.targets) {
          const parameter = parameterAt(profile, address)!;
          expect([address, value, faultOf(parameter, value, values)]).toEqual([address, value, null]);
          expect(fill(family.reasons[reason.text], reason.values, METRIC)).not.toMatch(HOLE);
        }
        expectInWords(attempt(() => family.checkPlan(context, plan)) ?? []);
      }),
      { numRuns: RUNS, seed: 5 },
    );
  });

  test('judges what was found and its own plan without a hole, and says what it shows of them', () => {
    fc.assert(
      fc.property(odd, (one) => {
        const context = attempt(() =>
          bareContext({
            duty: one,
            profile,
            plate,
            today: TODAY,
            zone: 'Atlantic/Faroe',
            inForce: found as SettingValues,
          }),
        );
        if (!context) return;
        expectInWords(attempt(() => family.check(context, 'found', found as SettingValues)) ?? []);
        expectInWords(attempt(() => family.check(context, 'found', {})) ?? []);
        const settings = family.understand(profile, plate, found as SettingValues);
        for (const check of attempt(() => family.proof.checks(context, settings)) ?? [])
          expect(`${check.title} ${check.method} ${check.expected} ${check.tolerance}`).not.toMatch(HOLE);
      }),
      { numRuns: RUNS, seed: 6 },
    );
  });
});
