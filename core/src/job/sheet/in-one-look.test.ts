import { FAMILY_NAMES, familyOf } from '../../families';
import { shipped } from '../../families/suites/shipped.fixtures';
import type { SheetEntry } from '../../sheet';
import { samplesOf } from '../../families/suites/samples.fixtures';
import { addressOf, inOrderOfWork, parameterAt, type Parameter } from '../../profile';
import { Walk, type Sample } from '../testing/walk.fixtures';
import { inOneLook, MOST_IN_A_LOOK } from './in-one-look';
import { toEnter } from './to-enter';

function planned(sample: Sample): Walk {
  const walk = new Walk(sample);
  walk.arrive();
  walk.found(sample.found);
  walk.plan();
  return walk;
}

/** Every look that the settings still to enter are worked through in. */
function looksOf({ view }: Walk) {
  const looks: (readonly { address: string }[])[] = [];
  for (let open = toEnter(view); open.length > 0;) {
    const look = inOneLook(view, open);
    looks.push(look);
    open = open.slice(look.length);
  }
  return looks;
}

const ALL = FAMILY_NAMES.flatMap((name) =>
  samplesOf(name).map((sample) => [sample.profile.id, sample] as const),
);

test.each(ALL)(
  '%s: each setting is looked at once, in its order, with none of another menu or place',
  (_, sample) => {
    const walk = planned(sample);
    const { view } = walk;
    const looks = looksOf(walk);
    expect(looks.flat()).toEqual(toEnter(view));
    const stops = view.findings.found.filter(({ severity }) => severity === 'stop');
    const hurts = new Set(stops.flatMap(({ addresses }) => addresses));
    for (const look of looks) {
      expect(look.length).toBeGreaterThan(0);
      expect(look.length).toBeLessThanOrEqual(MOST_IN_A_LOOK);
      const places = look.map(({ address }) => address.replace(/\/[^/]+$/, ''));
      expect(new Set(places).size).toBe(1);
      if (look.length === 1) continue;
      for (const { address } of look) {
        const parameter = parameterAt(view.document.profile, address);
        expect([
          address,
          hurts.has(address),
          parameter?.caution,
          parameter?.rewrites,
          parameter?.needsRestart,
        ]).toEqual([address, false, undefined, undefined, false]);
      }
    }
  },
);

test('what a link or a word opens, what learns anew, and what is at another panel each stay by themselves', () => {
  const profile = shipped('circulator-module-browser');
  const { duty, plate } = familyOf(profile.family).examples(profile)[0];
  const walk = new Walk({ profile, duty, plate });
  walk.arrive();
  walk.found({});
  const rows = inOrderOfWork(profile)
    .filter(({ seen, fixed, group }) => !seen && !fixed && group !== 'shown')
    .map((parameter) => {
      const target = {
        id: parameter.key,
        address: addressOf(parameter),
        kind: 'target',
        value: 'x',
      } as SheetEntry;
      return { address: target.address, found: null, target, left: null };
    });
  const looks: Parameter[][] = [];
  for (let open = rows; open.length > 0;) {
    const look = inOneLook(walk.view, open);
    looks.push(look.flatMap(({ address }) => parameterAt(profile, address) ?? []));
    open = open.slice(look.length);
  }
  expect(looks.flat()).toHaveLength(rows.length);
  for (const look of looks) {
    expect(new Set(look.map(({ panel }) => panel)).size).toBe(1);
    if (look.length > 1)
      for (const { key, opensBy, relearns } of look)
        expect([key, opensBy, relearns]).toEqual([key, undefined, undefined]);
  }
  const alone = looks.filter(({ length }) => length === 1).map(([{ key }]) => key);
  expect(alone).toEqual(expect.arrayContaining(['name', 'mode', 'sensorKind', 'range']));
});

test('a program is one look, with its own switch last; what showed something else is by itself', () => {
  const walk = planned(samplesOf('pool')[0]);
  const keys = () =>
    looksOf(walk).map((look) => look.map(({ address }) => address.replace('programs/', '')).join(' '));
  expect(keys()).toContain('5/stop 5/speed 5/enable');
  walk.write({
    kind: 'sheet.enter',
    jobId: 'job-1',
    entryId: 'other',
    address: 'programs/5/stop',
    column: 'left',
    raw: '1',
    unit: '',
    value: 1,
    reason: null,
  });
  expect(keys()).toContain('5/stop');
  expect(keys()).toContain('5/speed 5/enable');
});

test('what was found to be a stop is read back by itself', () => {
  const tub = planned(samplesOf('spa')[0]);
  // 41 °C over the local limit
  expect(looksOf(tub).map((look) => look.map(({ address }) => address))).toContainEqual(['heat/1/set']);
});
