import { gateOfHandover, gateOfSet, offeredChecks } from '../../job';
import { Walk } from '../../job/testing/walk.fixtures';
import { applies, faultOf, inOrderOfWork, movesByItself, parameterAt } from '../../profile';
import { openRows } from '../../sheet';
import { familyOf } from '../index';
import { delivered } from './delivered.fixtures';
import { SHIPPED } from './shipped.fixtures';

/**
 * Every controller that ships, on every usual pump of its family: found as it is delivered, planned, set, proved and handed over. What is
 * fixed in it, only looked at, behind a link or a code, or settled two at a time must not stand in the way of that.
 */

const VISITS = SHIPPED.flatMap((profile) =>
  familyOf(profile.family)
    .examples(profile)
    .map((example) => ({ name: `${profile.id} ${profile.version}, ${example.title}`, profile, ...example })),
);

test.each(VISITS)('$name', ({ profile, duty, plate }) => {
  const walk = new Walk({ profile, duty, plate });
  walk.arrive();
  walk.found(delivered(profile));
  walk.plan();
  walk.acceptStops();
  expect(gateOfSet(walk.view)).toEqual([]);
  walk.set();
  expect(openRows(walk.view.rows)).toEqual([]);
  for (const { address, target, left } of walk.view.rows.filter((row) => row.target)) {
    const parameter = parameterAt(profile, address)!;
    // nobody is sent to set what is fixed, or only looked at
    expect([address, parameter.fixed, parameter.seen]).toEqual([address, undefined, undefined]);
    expect([address, faultOf(parameter, (left ?? target)!.value!, walk.view.values.force)]).toEqual([
      address,
      null,
    ]);
  }
  walk.prove();
  const seen = offeredChecks(walk.view).filter(({ about }) => about?.kind === 'seen');
  const looks = walk.view.checks.filter(({ check }) => check.about?.kind === 'seen');
  expect(looks.every(({ verdict }) => verdict.ok)).toBe(true);
  expect(looks).toHaveLength(seen.length);
  walk.leave();
  expect(gateOfHandover(walk.view)).toEqual([]);
  expect(walk.document.handover).not.toBeNull();
  // what applies and was read is known to whoever comes next
  const last = walk.view.values.force;
  for (const parameter of inOrderOfWork(profile).filter((one) => applies(one, last)))
    expect([parameter.key, last[parameter.key]]).toEqual([
      parameter.key,
      // but for what goes on by itself
      movesByItself(parameter) ? undefined : expect.anything(),
    ]);
});
