import { textAt } from '../describe';
import { FAMILY_NAMES, familyOf } from '../families';
import { DUTY, PLATE, SET, WHEEL } from '../families/drive/fixtures';
import { TEN_SLOTS } from '../families/pool/fixtures';
import { addressOf, inOrderOfWork, isSettable } from '../profile';
import { SHIPPED } from '../families/suites/shipped.fixtures';
import { another, delivered } from '../families/suites/delivered.fixtures';
import { refusalOf, sameAgain } from './index';
import { plannedDrive as planned } from './testing/drive-walk.fixtures';
import { TODAY, Walk } from './testing/walk.fixtures';

test('onto a like pump: the duty and each target by hand, with its why and where it comes from', () => {
  const walk = planned();
  walk.choose('press/1/P20', 3.9, 'Asked by the site');
  const same = sameAgain(walk.document, SET)!;
  expect(same.duty).toEqual(DUTY);
  expect(same.targets).toEqual([
    { address: 'press/1/P20', value: 3.9, unit: 'bar', reason: 'Asked by the site (as on A-1)' },
  ]);
  expect(same.left).toEqual([]);
  // from there to the next: the first of the row is not named again
  const next = new Walk({ profile: SET, duty: DUTY, plate: PLATE, small: true });
  next.choose('press/1/P20', 3.9, 'Asked by the site (as on B-7)');
  expect(sameAgain(next.document, SET)!.targets[0].reason).toBe('Asked by the site (as on B-7)');
  // a why as long as one may be stays one that is taken
  next.choose('press/1/P20', 3.9, 'w'.repeat(2000));
  const [{ reason }] = sameAgain(next.document, SET)!.targets;
  expect([reason.length, reason.endsWith(' (as on A-1)')]).toEqual([2000, true]);
});

test('what is of each unit stays behind, and says so; what was left as found is no target', () => {
  const walk = planned();
  walk.choose('units/1/addr', 3);
  walk.choose('set/1/P02', 5);
  walk.choose('press/1/P21', 10);
  walk.choose('press/1/P24', null);
  const same = sameAgain(walk.document, SET)!;
  expect(same.targets).toEqual([]);
  expect(same.left).toEqual(
    ['Current of each motor', 'Pump 1: address', 'Sensor range'].map((label) => ({
      label,
      why: 'it is of each unit',
    })),
  );
});

test('onto another controller by meaning, within its limits and in its unit; what it has not stays behind', () => {
  const walk = planned();
  walk.choose('press/1/P20', 3.9);
  walk.choose('guard/1/P41', 120);
  const same = sameAgain(walk.document, WHEEL)!;
  expect(same.targets.map(({ address, value }) => [address, value])).toEqual([
    ['set/1/p1', 3.9],
    ['guard/1/tlow', 120],
  ]);
  // near miss: a controller of another kind takes nothing
  expect(sameAgain(walk.document, TEN_SLOTS)).toBeNull();
});

test('of a job of a few settings no duty goes along', () => {
  const walk = new Walk({ profile: SET, duty: DUTY, plate: PLATE, small: true });
  walk.choose('press/1/P20', 3.9);
  expect(sameAgain(walk.document, SET)).toMatchObject({ duty: null, targets: [{ value: 3.9 }] });
});

/** Parts of a duty that no usual pump has. */
const WHOLE: Readonly<Record<string, object>> = {
  metering: {
    tank: { now_L: 20, warn_L: 10, stop_L: 5 },
    service: { what: 'Diaphragm', everyStrokes: 3e6, madeStrokes: 1000 },
  },
};

test.each(FAMILY_NAMES)(
  '%s: what is of each unit is a path of its form that some usual pump fills',
  (name) => {
    const family = familyOf(name);
    const duties = SHIPPED.filter((profile) => profile.family === name).flatMap((profile) =>
      family
        .examples(profile)
        .map(({ duty }) => family.forms.duty.write({ ...duty, ...WHOLE[name] } as never)),
    );
    for (const path of family.ofUnit)
      expect([path, duties.some((texts) => textAt(texts, path) !== '')]).toEqual([path, true]);
  },
);

test.each(SHIPPED.map((profile) => [`${profile.id} ${profile.version}`, profile] as const))(
  '%s: every setting by hand goes onto the next of its kind, or says why not; what goes is taken there',
  (_name, profile) => {
    const [{ duty, plate }] = familyOf(profile.family).examples(profile);
    const walk = new Walk({ profile, duty, plate, small: true });
    const found = delivered(profile);
    const chosen = inOrderOfWork(profile).filter((parameter) => {
      const value = isSettable(parameter) ? another(parameter, walk.view.values.planned) : null;
      if (value === null || another(parameter, found) === null) return false;
      walk.choose(addressOf(parameter), value);
      return true;
    });
    const same = sameAgain(walk.document, profile)!;
    expect(same.targets.length + same.left.length).toBe(chosen.length);
    const next = new Walk({ profile, duty, plate, small: true });
    for (const target of same.targets) {
      const body = { kind: 'target.choose', jobId: 'job-1', entryId: 'e', by: 'hand', ...target } as const;
      expect([target.address, refusalOf(next.document, body, TODAY)]).toEqual([target.address, null]);
      next.choose(target.address, target.value, target.reason);
    }
  },
);
