import { offeredChecks } from '../../job';
import { Walk } from '../../job/testing/walk.fixtures';
import { askedFigures } from '../../proof';
import { FAMILY_NAMES } from '../all';
import { samplesOf } from './samples.fixtures';

const SAMPLES = FAMILY_NAMES.flatMap((name) =>
  samplesOf(name).map((sample) => [`${name}: ${sample.profile.id}`, sample] as const),
);
const checksOn = (sample: (typeof SAMPLES)[number][1]) => {
  const walk = new Walk(sample);
  walk.arrive();
  walk.found(sample.found);
  walk.plan();
  walk.set();
  return offeredChecks(walk.view);
};

test.each(SAMPLES)(
  '%s: what is timed lasts a known time, says what harm is, and goes where it is asked',
  (_, sample) => {
    for (const { key, wait, caution, ask } of checksOn(sample)) {
      if (!wait) continue;
      expect([key, Number.isFinite(wait.lasts_s) && wait.lasts_s > 0]).toEqual([key, true]);
      expect([key, wait.words]).toEqual([key, expect.stringMatching(/^\p{Lu}.*[^.]$/u)]);
      // a limit that does harm has its caution at the check too
      if (wait.harm !== undefined)
        expect([key, wait.harm, caution]).toEqual([key, expect.stringMatching(/\.$/), expect.any(String)]);
      if (wait.takes && ask.kind !== 'state')
        expect(askedFigures(ask)).toContainEqual(
          expect.objectContaining({ key: wait.takes.figure, quantity: wait.takes.in }),
        );
      expect([key, wait.takes !== undefined && ask.kind === 'state']).toEqual([key, false]);
    }
  },
);

test('a limit of harm and a plain wait are among them', () => {
  const all = SAMPLES.flatMap(([, sample]) => checksOn(sample)).flatMap(({ key, wait }) =>
    wait ? [{ key, wait }] : [],
  );
  expect(all.filter(({ wait }) => wait.harm).map(({ key }) => key)).toEqual(
    expect.arrayContaining(['dry', 'prime']),
  );
  expect(all.filter(({ wait }) => !wait.harm).map(({ key }) => key)).toEqual(
    expect.arrayContaining(['stops', 'empties', 'warms', 'timer']),
  );
});
