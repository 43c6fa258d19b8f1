import fc from 'fast-check';
import { bareContext, benchSheet, summarise, viewJob } from '../../job';
import { fill } from '../../findings/render';
import { InputError, orElse } from '../../input';
import { judged } from '../../job/judged';
import {
  addressOf,
  faultOf,
  inOrderOfWork,
  keyAt,
  limitFor,
  parameterAt,
  type Parameter,
  type SettingValue,
  type SettingValues,
} from '../../profile';
import { keyOf } from '../../sheet';
import { METRIC } from '../../units';
import { TODAY, Walk, type Sample } from '../../job/testing/walk.fixtures';
import { familyOf } from '../index';
import { EVERY_SAMPLE, expectInWords, HOLE } from './odd.fixtures';

/**
 * Settings that nobody would make, and that are found all the same: at their limits, beyond them, or not read at all. They are taken as
 * they are, judged without a hole, run on the bench to figures, and planned away from.
 */

/** What may stand in a parameter: its choices, its limits and about them; now and then nothing that was read. */
function valueOf(parameter: Parameter): fc.Arbitrary<SettingValue | undefined> {
  const options = (parameter.options ?? []).map(({ value }) => value);
  const choices = options.length > 0 ? [fc.constantFrom(...options)] : [];
  const least = limitFor(parameter.least, {}) ?? 0;
  const greatest = limitFor(parameter.greatest, {}) ?? Math.max(10, least * 4);
  const [unread, span] = [fc.constant(undefined), greatest - least];
  switch (parameter.type) {
    case 'choice':
      return fc.oneof({ weight: 8, arbitrary: choices[0] ?? unread }, unread);
    case 'text':
      return fc.oneof(fc.constantFrom('', 'Return line', 'ÄÖÜ ½'), unread);
    case 'days':
      return fc.oneof(fc.constantFrom('1234567', '12345', '67', '3'), unread);
    case 'time':
      return fc.oneof(...choices, fc.integer({ min: 0, max: 1439 }), fc.constantFrom(0, 1439), unread);
    case 'number':
      return fc.oneof(
        ...choices,
        fc.constantFrom(0, least, greatest, least + span / 2, greatest * 1.5, least - span / 10),
        fc.double({ min: least, max: greatest, noNaN: true }),
        unread,
      );
  }
}

/** Settings of a pump: those that were found on the sample, some or all of them otherwise. */
function sheetsOf({ profile, found }: Sample): fc.Arbitrary<SettingValues> {
  const places = inOrderOfWork(profile).map((one) => ({ key: keyOf(addressOf(one)), parameter: one }));
  return fc
    .tuple(
      fc.constantFrom(0.15, 0.5, 1),
      fc.tuple(
        ...places.map(({ parameter }) =>
          fc.tuple(fc.double({ min: 0, max: 1, noNaN: true }), valueOf(parameter)),
        ),
      ),
    )
    .map(([share, drawn]): SettingValues => {
      const values: Record<string, SettingValue | undefined> = { ...found };
      places.forEach(({ key }, i) => {
        const [chance, value] = drawn[i];
        if (chance <= share) values[key] = value;
      });
      return values;
    });
}

describe.each(EVERY_SAMPLE)('%s', (_, sample) => {
  const { profile, duty, plate } = sample;
  const family = familyOf(profile.family);
  const sheets = sheetsOf(sample);
  const contextOf = (inForce: SettingValues) =>
    bareContext({ duty, profile, plate, today: TODAY, zone: 'Atlantic/Faroe', inForce });

  test('they are judged without a hole, as found and as left', () => {
    fc.assert(
      fc.property(sheets, (values) => {
        const context = contextOf(values);
        expectInWords(judged(family, context, 'found', values));
        expectInWords(judged(family, context, 'left', values));
        const settings = family.understand(profile, plate, values);
        for (const check of orElse(() => family.proof.checks(context, settings), []))
          expect(`${check.title} ${check.method} ${check.expected} ${check.tolerance}`).not.toMatch(HOLE);
      }),
      { numRuns: 30, seed: 3 },
    );
  });

  test('the plan that follows is one that the controller takes, whatever it held', () => {
    fc.assert(
      fc.property(sheets, (inForce) => {
        const context = contextOf(inForce);
        const plan = family.plan(context);
        const values: SettingValues = {
          ...inForce,
          ...Object.fromEntries(plan.targets.map(({ address, value }) => [keyOf(address), value])),
        };
        for (const { address, value, reason } of plan.targets) {
          const parameter = parameterAt(profile, address)!;
          expect([address, value, faultOf(parameter, value, values)]).toEqual([address, value, null]);
          expect(fill(family.reasons[reason.text], reason.values, METRIC)).not.toMatch(HOLE);
        }
        expectInWords(family.checkPlan(context, plan));
      }),
      { numRuns: 25, seed: 4 },
    );
  });

  test('a job that found them is looked at, and its hand-over says what is known and no more', () => {
    fc.assert(
      fc.property(sheets, (values) => {
        const walk = new Walk(sample);
        walk.arrive();
        walk.found(values);
        const view = viewJob(walk.document, TODAY);
        expectInWords(Object.values(view.findings).flat());
        expect(JSON.stringify(summarise(view))).not.toMatch(/undefined|NaN|Infinity/);
        for (const due of family.due(view, TODAY)) expect(due.words).not.toMatch(HOLE);
      }),
      { numRuns: 6, seed: 8 },
    );
  });
});

/** One pump of each family: a day takes a second or more. */
const ONE_OF_EACH = EVERY_SAMPLE.filter(
  ([, { profile }], i) => EVERY_SAMPLE.findIndex(([, one]) => one.profile.family === profile.family) === i,
);

test.each(ONE_OF_EACH)('%s: the bench runs them to figures, or says why nobody can tell', (_, sample) => {
  const { profile, duty, plate } = sample;
  const { plain } = familyOf(profile.family).bench;
  fc.assert(
    fc.property(sheetsOf(sample), (values) => {
      const context = bareContext({
        duty,
        profile,
        plate,
        today: TODAY,
        zone: 'Atlantic/Faroe',
        inForce: values,
      });
      try {
        const { sums, unknown = [] } = benchSheet(context, values, { ...plain(context), days: 1 });
        for (const [name, sum] of Object.entries(sums))
          expect([name, Number.isFinite(sum)]).toEqual([name, true]);
        for (const words of unknown) expect(words).toMatch(/^\p{Lu}.*\.$/u);
      } catch (error) {
        if (!(error instanceof InputError)) throw error;
        expect(error.message).toMatch(/^\p{Lu}.*[.:?]$/su);
      }
    }),
    { numRuns: 2, seed: 9 },
  );
});

test('a key of a repeated parameter and its address lead to each other', () => {
  for (const [, { profile }] of EVERY_SAMPLE)
    for (const parameter of inOrderOfWork(profile)) {
      const address = addressOf(parameter);
      const place = Number(address.split('/')[1]);
      expect(keyAt(parameter.key.split('/')[0], place)).toBe(keyOf(address));
    }
});
