import fc from 'fast-check';
import { InputError } from '../../input';
import { bareContext } from '../../job';
import { TODAY, type Sample } from '../../job/testing/walk.fixtures';
import type { SettingValues } from '../../profile';
import { familyOf, type Duty, type FamilyContext, type FamilyName } from '../index';
import { at, changed, figuresOf } from './odd.fixtures';
import { samplesOf } from './samples.fixtures';
import { variedOf } from './varied.fixtures';
import type { AnyPlan } from '../family';

/** For tests only: figures of a duty made somewhat larger or smaller, on every shipped controller and its neighbours. */
const FACTORS = [0, 0.5, 0.7, 0.8, 0.9, 0.95, 1.05, 1.1, 1.25, 1.5, 2] as const;

const changes = fc.record({
  varied: fc.nat(),
  figures: fc.array(fc.tuple(fc.nat(), fc.constantFrom(...FACTORS)), { minLength: 1, maxLength: 3 }),
});

export interface Planned {
  readonly sample: Sample;
  /** how the controller differs from the shipped one */
  readonly how: string;
  readonly duty: Duty;
  readonly context: FamilyContext;
  readonly plan: AnyPlan;
}

/** So many seeded duties of a family, each planned; those that its schema or its figures refuse are passed over. */
export function* plannedDuties(name: FamilyName, count: number, seed = 11): Generator<Planned> {
  const family = familyOf(name);
  const varied = samplesOf(name).flatMap(variedOf);
  let planned = 0;
  for (const one of fc.sample(changes, { numRuns: count * 2, seed })) {
    if (planned === count) return;
    const { name: how, sample } = varied[one.varied % varied.length];
    const places = figuresOf(sample.duty);
    const duty = one.figures.reduce<Duty>((so, [i, factor]) => {
      const place = places[i % places.length];
      return changed(so, place, Number(((at(so, place) as number) * factor).toPrecision(6)));
    }, sample.duty);
    if (!family.wire.duty.safeParse(duty).success) continue;
    const { profile, plate, found } = sample;
    try {
      const inForce = found as SettingValues;
      const context = bareContext({ duty, profile, plate, today: TODAY, zone: 'Atlantic/Faroe', inForce });
      const plan = family.plan(context);
      planned += 1;
      yield { sample, how, duty, context, plan };
    } catch (error) {
      // a duty that cannot be computed with is refused in words, and no plan stands on it
      if (!(error instanceof InputError)) throw error;
    }
  }
}
